import { FAT_DENSITY, FAT_HEAT, type Body } from './body.js';
import { OILED_GRAINS_SLOWER, OPENNESS, WATER_M3_PER_KG, WICKING_IN_OIL } from './constants/index.js';

/** Oil that comes onto or into a piece. */

/** Puts oil on one cell, g per m² of skin: fat, and the heat that it can hold. Returns the kg. */
export function oilCell(body: Body, cell: number, oilGm2: number): number {
  const kg = (oilGm2 / 1000) * body.faceM2;
  body.fat[cell] += kg;
  body.dryHeat[cell] += kg * FAT_HEAT;
  return kg;
}

/** Puts `oilGm2` on the outermost cells of both faces, as a spray does after the coat rests. */
export function addOil(body: Body, oilGm2: number): void {
  for (const i of [body.from, body.to - 1]) oilCell(body, i, oilGm2);
}

/** Rubs oil on the bare food: it lies in its outermost cells, under the coat. */
export function rubOil(body: Body, oilGm2: number): void {
  for (const i of [body.foodFrom, body.foodTo - 1]) oilCell(body, i, oilGm2);
}

/**
 * Cells `from` … `to`−1 come to lie in hot oil: it fills the room between the grains of what was put on dry, and what
 * soaked from grain to grain there hardly does any more.
 */
export function drownInOil(body: Body, from: number, to: number): void {
  for (let i = from; i < to; i++) {
    if (body.layer[i] >= 0 && body.openness[i] === OPENNESS.dry) body.wicking[i] = WICKING_IN_OIL;
  }
}

/** Lets oil into the pores of the coat, as happens when a fried piece is lifted out and its steam draws back; fills `share` of them. */
export function soakInOil(body: Body, share: number): void {
  for (let i = body.from; i < body.to; i++) {
    if (body.layer[i] < 0) continue;
    const filled = body.water[i] * WATER_M3_PER_KG + body.fat[i] / FAT_DENSITY + body.solidsVolume[i];
    const kg = Math.max(0, body.volume[i] - filled) * share * FAT_DENSITY;
    body.fat[i] += kg;
    body.dryHeat[i] += kg * FAT_HEAT;
    body.sorptionS[i] *= OILED_GRAINS_SLOWER;
  }
}
