import { shrunk } from '../piece/index.js';
import { drained } from './composition.js';
import type { Cut } from './types.js';

/**
 * A piece that water has left, in the room that it still takes up: what it has lost of its weight and not of its room is
 * air in its pores. It weighs what it weighed, less that water.
 * @param waterLost share of its water that is gone, 0–1; negative where it took some up
 * @param volumeShare share of its volume that is left, 0–1
 * @param flat pressed between boards, so that only its thickness gives way
 */
export function withPores({ food, shape }: Cut, waterLost: number, volumeShare: number, flat = false): Cut {
  const massShare = 1 - (waterLost * food.per100g.waterG) / 100;
  const less = shrunk(shape, volumeShare, flat);
  const porosity = Math.max(0, 1 - ((1 - food.food.porosity) * massShare) / volumeShare);
  const dried = drained(food, waterLost);
  return {
    food: { ...dried, food: { ...dried.food, porosity } },
    shape: less.kind === 'irregular' && shape.kind === 'irregular' ? { ...less, massG: shape.massG * massShare } : less,
  };
}
