import { partsTold } from '../../plan/index.js';
import { capitalised, counted, listed, lowered, mass, mlAsSpoons, spoken, text, type Text } from '../../units/index.js';
import { OIL_G_PER_ML } from '../../oil/index.js';
import type { EveningDish } from '../types.js';

/** What is measured out for one dish, bowl by bowl. */
export interface MeasuredDish {
  dishId: string;
  name: string;
  rows: { bowl: string; parts: Text }[];
}

/** Every bowl of the evening, in the order of its dish's dipping, then sauces. */
export const measuringList = (dishes: readonly EveningDish[]): MeasuredDish[] =>
  dishes.map((d) => ({
    dishId: d.id,
    name: d.name,
    rows: [
      {
        bowl: capitalised(spoken(d.food.name)),
        parts: text`${counted(d.dish.count, 'piece')}, ${mass(Math.round(d.rawG / 10) * 10)} in all`,
      },
      ...d.bowls.map((b) => ({
        bowl: capitalised(lowered(b.name)),
        parts: b.sharedFrom
          ? text`from the bowl of ${b.sharedFrom.name}`
          : b.sharedWith
            ? text`${partsTold(b.parts)}, enough for ${listed(b.sharedWith)} as well`
            : partsTold(b.parts),
      })),
      ...d.beside.map((b) => ({ bowl: capitalised(b.name), parts: partsTold(b.parts) })),
      ...(d.sprayG > 0
        ? [
            {
              bowl: 'Oil for the coat',
              parts: text`${mlAsSpoons(d.sprayG / OIL_G_PER_ML)} (${mass(Math.max(1, Math.round(d.sprayG)))}) ${d.oilName}`,
            },
          ]
        : []),
    ],
  }));
