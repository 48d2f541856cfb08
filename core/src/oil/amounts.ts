import { PLAIN_OILING, touchUpMin, type AirPlan, type ReadyPiece } from '../dish/index.js';
import type { Part } from '../foods/index.js';
import { LANDS, OIL_G_PER_ML, WORTH_WEIGHING_G } from './constants.js';

export type OilPlace = 'rub' | 'crumbs' | 'spray' | 'touch-up' | 'basket';

/** Oil in one place, for all pieces together. */
export interface OilAmount {
  place: OilPlace;
  /** Minute of the cook at which it goes on; null before it. */
  atMin: number | null;
  onFoodG: number;
  /** What is used up for it, the mist beside the food among it. */
  usedG: number;
  ml: number;
}

/** Share of a layer that is oil, 0–1. */
export function oilShare(portions: readonly Part[]): number {
  const oils = portions.filter((p) => p.ingredient.roles.includes('frying-oil'));
  return oils.reduce((sum, p) => sum + p.grams, 0);
}

/** Oil mixed into the layers of a coat, g per m² of skin. */
export const mixedGm2 = ({ layers }: Pick<ReadyPiece, 'layers'>): number =>
  layers.reduce((sum, l) => sum + l.pickUpGm2 * oilShare(l.portions), 0);

/** A touch-up meets one of two faces: on the mean of the skin it is half. */
const TOUCHED = 0.5;

/** Oil that comes onto the coat in all, g per m² of skin on average: sprayed and touched up. */
export const surfaceOilGm2 = ({ oilGm2, oiling = PLAIN_OILING }: AirPlan): number =>
  oilGm2 + TOUCHED * oiling.touchUpGm2;

/** Oil that a piece gets in all, g per m² of skin: rubbed, mixed in, sprayed and touched up. */
export const allOilGm2 = (plan: AirPlan, ready: Pick<ReadyPiece, 'layers'>): number =>
  surfaceOilGm2(plan) + (plan.oiling?.rubGm2 ?? 0) + mixedGm2(ready);

const amount = (place: OilPlace, atMin: number | null, onFoodG: number, lands: number): OilAmount => {
  const usedG = onFoodG / lands;
  return { place, atMin, onFoodG, usedG, ml: usedG / OIL_G_PER_ML };
};

/**
 * Oil by place and time in the order of the work; places without any are left out.
 * @param areaM2 skin of all pieces, m²
 */
export function oilAmounts(
  plan: AirPlan,
  ready: Pick<ReadyPiece, 'layers'>,
  areaM2: number,
  batches: number,
): OilAmount[] {
  const { oiling = PLAIN_OILING, oilGm2, settings } = plan;
  const lands = LANDS[oiling.tool];
  return [
    amount('rub', null, oiling.rubGm2 * areaM2, 1),
    amount('crumbs', null, mixedGm2(ready) * areaM2, 1),
    amount('spray', null, oilGm2 * areaM2, lands),
    { ...amount('basket', null, 0, 1), usedG: oiling.basketG * batches, ml: (oiling.basketG * batches) / OIL_G_PER_ML },
    amount('touch-up', touchUpMin(settings), TOUCHED * oiling.touchUpGm2 * areaM2, lands),
  ].filter((a) => a.usedG > WORTH_WEIGHING_G);
}

/** Strokes of a pump or seconds of a can that give `usedG`; at least one where there is any. */
export const strokesFor = (usedG: number, gPerStroke: number): number =>
  usedG <= 0 ? 0 : Math.max(1, Math.round(usedG / gPerStroke));
