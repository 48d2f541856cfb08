import {
  KNOWN,
  livePlan,
  nextByHands,
  programmeOf,
  stateOf,
  type CookEvent,
  type CookPace,
  type Corrections,
  type EveningDish,
  type Lying,
  type Programme,
} from '../src/index.js';
import { cookedDish, eveningWith, fourDishes, planned } from './evenings.js';
import { spec } from './plain.js';
import type { Cook } from '../src/index.js';

/** Cooks at the counter that several tests begin with. */

const FLOUR = spec(['wheat-flour', 60], ['salt', 3]);
const EGG = spec(['egg', 50]);
const CRUMBS = spec(['coarse-crumbs', 60]);

export const REAL: CookPace = { startedMs: 1_000_000, rate: 1 };

/** The programme of some dishes as they are planned for one evening. */
export function programmeFor(dishes: EveningDish[], cooks: Cook[] = [{ name: 'Ines' }]): Programme {
  const plan = planned(eveningWith(dishes, { cooks }));
  const evening = { plan, dishes, order: [], bowls: [], shopping: [], measuring: [] };
  const asked = dishes.map(({ id, name, dish, fryer, cooked }) => ({
    id,
    name,
    dish,
    fryer,
    fried: { layers: cooked.plan.layers, medium: 'deep-oil' as const, oilId: 'rapeseed-oil', tempC: 175, minutes: 4 },
    limits: { diets: [], avoidAllergens: [], without: [], maxTempC: 200, maxMinutes: 30, preheat: true },
    plan: cooked.plan,
  }));
  return programmeOf('Supper', evening, cooks, asked);
}

let made: Programme | null = null;

/** Chicken in the oven-type fryer and okra in four batches in the drawer, by one pair of hands. */
export const chickenAndOkra = (): Programme => (made ??= programmeFor([fourDishes().chicken, fourDishes().plants]));

let two: Programme | null = null;

/** The same by two pairs of hands. */
export const byTwo = (): Programme =>
  (two ??= programmeFor([fourDishes().chicken, fourDishes().plants], [{ name: 'Ines' }, { name: 'Tobi' }]));

const NONE: Corrections = new Map();

/** What happens when everything is done as soon as it can be, by the rehearsal's own hands, until all is over. */
export function playedThrough(
  programme: Programme,
  pace: CookPace = REAL,
  corrections: Corrections = NONE,
): CookEvent[] {
  const events: CookEvent[] = [];
  for (let nowS = 0; nowS < LONGEST_S; nowS += 5) {
    for (;;) {
      const state = stateOf(programme, pace, events);
      const live = livePlan(programme, state, corrections, nowS);
      if (live.steps.every((s) => s.state === 'over')) return events;
      const next = nextByHands(programme, state, live);
      if (!next) break;
      events.push({
        id: `done ${next.step}`,
        atMs: pace.startedMs + (next.atS / pace.rate) * 1000,
        by: 'rehearsal',
        what: 'done',
        step: next.step,
      });
    }
  }
  return events;
}
const LONGEST_S = 4 * 3600;

const slab = (thicknessMm: number) => ({ shape: { kind: 'slab' as const, lengthMm: 90, widthMm: 60, thicknessMm } });

/** Eight dishes whose centre is what they are waited for: food, mm, minutes. */
const WAITED_FOR: readonly (readonly [string, number, number])[] = [
  ['chicken-breast', 18, 14],
  ['pork-loin', 19, 12],
  ['cod', 22, 12],
  ['turkey-breast', 16, 13],
  ['salmon', 20, 11],
  ['chicken-thigh', 20, 16],
  ['halloumi', 16, 10],
  ['tofu', 18, 12],
];

let lying: Lying[] | null = null;

/** These dishes as they lie in a drawer fryer, breaded. */
export const waitedFor = (): Lying[] =>
  (lying ??= WAITED_FOR.map(([foodId, thicknessMm, minutes]) => {
    const d = cookedDish(foodId, { foodId, layers: [FLOUR, EGG, CRUMBS], dish: slab(thicknessMm), minutes });
    return { pantry: KNOWN, dish: d.dish, plan: d.cooked.plan, fryer: d.fryer, load: d.cooked.load };
  }));
