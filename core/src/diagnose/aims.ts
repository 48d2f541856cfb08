import { foodOf } from '../foods/index.js';
import { GOLDEN } from '../heat/index.js';
import { BANDS, CRISP, RICH_FROM } from '../outcome/index.js';
import { safeMinimum } from '../safety/index.js';
import { SEEN_FIELDS, type Put, type SeenField } from './put.js';
import type { ValueOf } from './values.js';

/** What nobody minds, whatever was meant. */
const AMOUNT_UNMINDED = 0.1;

/** What is aimed at: what the plan comes to, and what is good enough where that is not. */
export type Aims = Readonly<Partial<Record<SeenField, number>>>;

/** As brown as the plan comes to, and golden at least where the pot's is. */
const aimedColour = (meantB: number, potB: number): number =>
  Math.min(GOLDEN.to, Math.max(meantB, Math.min(GOLDEN.from, potB)));

/** What a cook aims at with this plan. */
export function aimsOf({ lying, pot }: Put, values: ValueOf): Aims {
  const { food } = foodOf(lying.pantry, lying.dish.foodId);
  const safe = safeMinimum(food.safety)?.tempC;
  const aim = (field: SeenField, value: number): number => {
    if (field === 'colourTop' || field === 'colourUnder') return aimedColour(value, pot.colour);
    // What is hotter than it need be is no aim: a cook of fewer minutes may be as good.
    if (field === 'centreC') return safe ?? Math.min(value, food.eatAtC);
    if (field === 'crunchNow' || field === 'crunchLater') return Math.max(value, CRISP.fair);
    if (field === 'firmness' || field === 'juice') return value;
    if (field === 'bite') return Math.min(value, RICH_FROM);
    if (field === 'chew') return Math.max(value, BANDS.chew.good);
    if (field === 'soggyUnder') return Math.min(value, 1 - CRISP.good);
    return Math.min(value, AMOUNT_UNMINDED);
  };
  return Object.fromEntries(
    SEEN_FIELDS.flatMap((field) => {
      const value = values({ field });
      return value === undefined ? [] : [[field, aim(field, value)]];
    }),
  );
}
