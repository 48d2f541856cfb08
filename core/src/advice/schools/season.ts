import { isWetLayer } from '../../coat/index.js';
import type { SaltedWhen } from '../../dish/index.js';
import { totalGrams, type Portion } from '../../foods/index.js';
import type { LayerSpec } from '../../coat/index.js';
import { withPlan, type School, type SchoolOption, type Situation } from './school.js';

/** Pantry id of fine salt. */
const TABLE_SALT = 'salt';
const isSalt = (p: Portion): boolean => p.ingredientId === TABLE_SALT;
const saltIn = (layer: LayerSpec): number => totalGrams(layer.portions.filter(isSalt));
const saltAll = (layers: readonly LayerSpec[]): number => layers.reduce((sum, l) => sum + saltIn(l), 0);

/** The only layer that holds salt; null where several do, or none. */
const onlySalted = ({ plan }: Situation): number | null => {
  const salted = plan.layers.flatMap((l, at) => (saltIn(l) > 0 ? [at] : []));
  return salted.length === 1 ? salted[0] : null;
};

/** All the salt of the coat in one of its layers; layers of nothing but salt stay as they are. */
function saltTo(now: Situation, to: number | undefined): ReturnType<SchoolOption['apply']> {
  const grams = saltAll(now.plan.layers);
  if (to === undefined || to < 0 || grams === 0) return null;
  const layers = now.plan.layers.map((layer, at): LayerSpec => {
    const rest = layer.portions.filter((p) => !isSalt(p));
    if (rest.length === 0) return layer;
    return { ...layer, portions: at === to ? [...rest, { ingredientId: TABLE_SALT, grams }] : rest };
  });
  return withPlan(now, { layers });
}

const firstDry = ({ pantry, plan }: Situation): number => {
  const at = plan.layers.findIndex((l) => !isWetLayer(pantry, l));
  return at < plan.layers.length - 1 ? at : -1;
};
const firstWet = ({ pantry, plan }: Situation): number => plan.layers.findIndex((l) => isWetLayer(pantry, l));
const finish = ({ pantry, plan }: Situation): number => {
  const last = plan.layers.length - 1;
  return last > 0 && !isWetLayer(pantry, plan.layers[last]) ? last : -1;
};

const seasonedIn = (id: string, label: string, reason: string, where: (now: Situation) => number): SchoolOption => ({
  id,
  label,
  reason,
  holds: (now) => {
    const at = where(now);
    return at >= 0 && onlySalted(now) === at;
  },
  apply: (now) => saltTo(now, where(now)),
});

export const SEASON_WHERE: School = {
  question: 'Season where?',
  options: [
    seasonedIn('flour', 'In the flour', 'It meets the food’s own water and seasons from within.', firstDry),
    seasonedIn('wash', 'In the wash or batter', 'Even, milder, and it does not burn: the wet holds it.', firstWet),
    seasonedIn('crumbs', 'In the crumbs', 'Tasted first; oil helps it stick, and spice there may burn.', finish),
  ],
};

const saltedWhen = (id: SaltedWhen, label: string, reason: string): SchoolOption => ({
  id,
  label,
  reason,
  holds: ({ plan }) => (plan.saltedWhen ?? 'at-once') === id,
  apply: (now) => withPlan(now, { saltedWhen: id }),
});

export const SALT_WHEN: School = {
  question: 'Salt when?',
  options: [
    saltedWhen('at-once', 'The moment it comes out', 'While it is hot the oil on the crust holds it.'),
    saltedWhen('after-rest', 'After the rest', 'Less of it sticks, and it is tasted before.'),
    saltedWhen('in-bowls', 'Only in the bowls', 'Nothing is scattered: what is in the coat has to do.'),
  ],
};
