import { eatenIn, readyPiece } from '../dish/index.js';
import type { AirResult, Occasion } from '../plan/index.js';
import type { SupperDish } from './types.js';

/** A converted dish as the evening sees it. */
export function supperDish(id: string, name: string, { pantry, dish, fryer }: Occasion, air: AirResult): SupperDish {
  const { food } = readyPiece(pantry, dish, []);
  const rack = air.waiting.find((w) => w.place === 'rack' && !w.sauced);
  return {
    id,
    name,
    fryer,
    food,
    eaten: eatenIn(pantry, dish, air.plan),
    allergens: air.allergens,
    bowls: air.bowls,
    layers: air.layers,
    load: air.load,
    crispMin: rack?.crispMin ?? null,
    unsafe: air.unsafe,
  };
}
