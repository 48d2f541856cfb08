import { eatenIn, readyPiece } from '../dish/index.js';
import type { AirResult, Occasion } from '../plan/index.js';
import { sharedBowls, type SharedBowl } from './bowls.js';
import { fryerQueues, type FryerQueue } from './fryers.js';
import { servedBy } from './guests.js';
import { orderOf, type Turn } from './order.js';
import type { Guest, SupperDish } from './types.js';

/** An evening: the order, the bowls, the fryers, and what is missing. */
export interface Supper {
  order: Turn[];
  bowls: SharedBowl[];
  queues: FryerQueue[];
  /** Guests for whom nothing is cooked. */
  hungry: Guest[];
}

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
    batchMin: air.plan.settings.minutes + (air.plan.second ? air.plan.second.minutes + air.plan.second.coolMin : 0),
    crispMin: rack?.crispMin ?? null,
    unsafe: air.unsafe,
  };
}

/** Several dishes in one evening, by their ingredients alone: the labels of what is used decide. */
export function supperOf(dishes: readonly SupperDish[], guests: readonly Guest[]): Supper {
  const order = orderOf(dishes, guests);
  return {
    order,
    bowls: sharedBowls(
      order.map((t) => t.dish),
      guests,
    ),
    queues: fryerQueues(order),
    hungry: guests.filter((g) => dishes.every((d) => !servedBy(d, [g]).length)),
  };
}
