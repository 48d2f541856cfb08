import type { Part } from '../foods/index.js';
import { FATTY_GRAINS_G, FORK_VISCOSITY, LACE } from './constants/index.js';
import type { CoatLayer } from './types.js';

/** Kinds of coat that a cook tells apart at a glance, by what lies outermost. */
export const COAT_KINDS = [
  'bare',
  'thin-batter',
  'thick-batter',
  'flour',
  'starch',
  'meal',
  'fine',
  'coarse',
  'flake',
  'nuts',
  'sheet',
] as const;
export type CoatKind = (typeof COAT_KINDS)[number];

const sharePicked = (portions: readonly Part[], picks: (p: Part) => boolean): number =>
  portions.filter(picks).reduce((sum, p) => sum + p.grams, 0);

/** Grains that are mostly fat: nuts, seeds, coconut. */
const isFatty = ({ ingredient: { dry, per100g } }: Part): boolean => dry !== undefined && per100g.fatG > FATTY_GRAINS_G;

/** The kind of a coat as it lies on the piece. */
export function kindOf(layers: readonly CoatLayer[]): CoatKind {
  const last = layers.at(-1);
  if (!last) return 'bare';
  if (last.sheet) return 'sheet';
  if (last.wet) return last.viscosityPaS < FORK_VISCOSITY.medium.from ? 'thin-batter' : 'thick-batter';
  // By weight among what is dry: a spoon of seeds in the crumbs leaves them crumbs.
  const dry = sharePicked(last.portions, (p) => p.ingredient.dry !== undefined);
  if (sharePicked(last.portions, isFatty) > dry / 2) return 'nuts';
  const { grain } = last;
  return grain === 'powder' || grain === null ? 'flour' : grain;
}

/** Nothing in it pours but water, with bubbles or without. */
const isWater = ({ ingredient: { wet, per100g } }: Part): boolean =>
  wet !== undefined && per100g.waterG > LACE.waterG && per100g.proteinG === 0;

/**
 * Whether a coat is lace: a thin batter of water that oil blows up and stiffens before it can run, by its bubbles, its
 * starch or its egg. A thin paste of flour and water is none, nor is a batter of beer or milk.
 */
export function isLace(layers: readonly CoatLayer[]): boolean {
  const last = layers.at(-1);
  if (!last || kindOf(layers) !== 'thin-batter' || !last.batter) return false;
  const { portions } = last;
  const pours = portions.filter((p) => p.ingredient.wet !== undefined && p.ingredient.origin !== 'egg');
  if (!pours.every(isWater)) return false;
  const flours = sharePicked(portions, (p) => p.ingredient.dry !== undefined);
  const starches = sharePicked(
    portions,
    (p) => p.ingredient.dry?.grain === 'starch' || p.ingredient.id === 'rice-flour',
  );
  return (
    portions.some((p) => p.ingredient.wet?.bubbles === true || p.ingredient.origin === 'egg') ||
    starches > LACE.starchShare * flours
  );
}

/** Whether a coat rises in the oil: a batter on its own with leavening, egg or bubbles in it. */
export function puffs(layers: readonly CoatLayer[]): boolean {
  const last = layers.at(-1);
  if (!last?.batter) return false;
  const flours = sharePicked(last.portions, (p) => p.ingredient.dry !== undefined);
  const lift = sharePicked(last.portions, (p) => p.ingredient.group === 'leavening');
  return (
    lift > LACE.liftShare * flours ||
    last.portions.some(
      ({ ingredient: { id, origin, wet } }) => id === 'self-raising-flour' || origin === 'egg' || wet?.bubbles === true,
    )
  );
}
