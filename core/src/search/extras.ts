import { isWetLayer, type LayerSpec } from '../coat/index.js';
import { allowed, ingredient, totalGrams, type Portion } from '../foods/index.js';
import { choiceOf, type Asked } from '../plan/index.js';
import { MOST_OF_EXTRAS, PLAIN_SALT_G } from './constants.js';

/**
 * What makes a coat the cook's own beside its flours and crumbs: salt and spice, and cheese, coconut, seeds and nuts. In
 * g to 100 g of the flour, batter flour or crumbs that it stands in, inside the coat and outermost.
 */
interface Extras {
  inner: Portion[];
  finish: Portion[];
}

const groupOf = (asked: Asked, { ingredientId }: Portion): string => ingredient(asked.pantry, ingredientId).group;

/** A dry finish that no search offers by itself: it is in the coat for its taste. */
const isFlavour = (asked: Asked, p: Portion): boolean => {
  const { dry, uses } = ingredient(asked.pantry, p.ingredientId);
  if (dry?.sheetGm2 !== undefined) return false;
  return dry !== undefined && groupOf(asked, p) === 'crumb' && uses === undefined && dry.grain !== 'coarse'
    ? true
    : p.ingredientId === 'desiccated-coconut';
};

const isExtra = (asked: Asked, p: Portion): boolean => groupOf(asked, p) === 'seasoning' || isFlavour(asked, p);

const isFloury = (asked: Asked, p: Portion): boolean =>
  ['flour', 'starch', 'crumb'].includes(groupOf(asked, p)) && !isFlavour(asked, p);

/** Extras of some layers, by weight of the flour among them. */
function among(asked: Asked, layers: readonly LayerSpec[]): Portion[] {
  const all = layers.flatMap((l) => l.portions);
  const flourG = totalGrams(all.filter((p) => isFloury(asked, p)));
  const grams = new Map<string, number>();
  for (const p of all) {
    if (isExtra(asked, p) && allowed(p.ingredientId, choiceOf(asked)))
      grams.set(p.ingredientId, (grams.get(p.ingredientId) ?? 0) + p.grams);
  }
  const per = (g: number): number => (flourG > 0 ? Math.min(MOST_OF_EXTRAS, (100 * g) / flourG) : MOST_OF_EXTRAS);
  return [...grams].map(([ingredientId, g]) => ({ ingredientId, grams: per(g) }));
}

/** What a cook's coat is seasoned with and holds for its taste, as far as it is eaten; salt where it holds no seasoning. */
function extrasOf(asked: Asked): Extras {
  const { layers } = asked.fried;
  const inner = among(asked, layers.slice(0, -1));
  const finish = among(asked, layers.slice(-1));
  if (inner.length > 0 || finish.length > 0) return { inner, finish };
  return { inner: [{ ingredientId: 'salt', grams: PLAIN_SALT_G }], finish: [] };
}

const rounded = (grams: number): number => Math.round(grams * 2) / 2;

function added(asked: Asked, l: LayerSpec, extras: readonly Portion[]): LayerSpec {
  const flourG = totalGrams(l.portions.filter((p) => isFloury(asked, p)));
  const more = extras
    .filter((p) => !l.portions.some((q) => q.ingredientId === p.ingredientId))
    .map((p) => ({ ...p, grams: rounded((p.grams * flourG) / 100) }))
    .filter((p) => p.grams > 0);
  return more.length > 0 ? { ...l, portions: [...l.portions, ...more] } : l;
}

/**
 * A family's coat with the cook's own taste in it: what was inside the coat in its innermost flour or batter, what was
 * outermost in its finish. What lies outermost in the new coat and was a batter before counts as inside where there is one.
 */
export function withExtras(asked: Asked, layers: readonly LayerSpec[]): LayerSpec[] {
  const { inner, finish } = extrasOf(asked);
  const floury = layers.flatMap((l, at) => (l.portions.some((p) => isFloury(asked, p)) ? [at] : []));
  const first = floury[0];
  const last = layers.length - 1;
  const wasBatter = isWetLayer(asked.pantry, asked.fried.layers.at(-1)!);
  return layers.map((l, at) => {
    let next = l;
    if (at === first) next = added(asked, next, wasBatter ? [...inner, ...finish] : inner);
    if (at === last && !wasBatter) next = added(asked, next, finish);
    return next;
  });
}
