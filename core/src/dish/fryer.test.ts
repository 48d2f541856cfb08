import { BREADED, PLAIN_FRYER } from '../../testing/plain.js';
import { KNOWN } from '../foods/index.js';
import type { FryerKind } from '../heat/index.js';
import { cookInAir, PLAIN_AIR, preheatsByHabit, readyPiece, type AirPlan, type Dish } from './index.js';

/** What a fryer does by its habit, and what it comes to in the first of two temperatures. */

test.each<[string, Parameters<typeof preheatsByHabit>[0], boolean | undefined]>([
  ['an oven is hot when food goes in', { kind: 'fan-oven' }, true],
  ['one without a fan as well', { kind: 'still-oven' }, true],
  ['unless its owner says otherwise', { kind: 'fan-oven', preheats: false }, false],
  ['a basket has no habit of its own', { kind: 'drawer' }, undefined],
  ['but that of its owner', { kind: 'drawer', preheats: true }, true],
])('%s', (_, fryer, habit) => expect(preheatsByHabit(fryer)).toBe(habit));

describe('a second temperature goes on from what the first had come to', () => {
  const dish: Dish = {
    foodId: 'cod',
    shape: { kind: 'slab', lengthMm: 110, widthMm: 20, thicknessMm: 20 },
    count: 8,
    startC: 8,
    skin: 'damp',
    preparation: 'raw',
  };
  const layers = BREADED;
  const ready = readyPiece(KNOWN, dish, layers);
  /** °C of the air by the minute. */
  const airOf = (kind: FryerKind, preheated: boolean, firstMin: number): ((min: number) => number) => {
    const settings = {
      ...PLAIN_AIR,
      tempC: 200,
      minutes: firstMin,
      preheated,
      turnAtMin: null,
      under: 'basket' as const,
    };
    const second = { sauce: null, sauceGm2: 0, coolMin: 0, tempC: 230, minutes: 10 };
    const plan: AirPlan = { layers, restMin: 5, oilGm2: 10, settings, second };
    const fryer = { ...PLAIN_FRYER, kind, maxTempC: 250 };
    const { timeS, columns } = cookInAir(ready, dish, plan, fryer, { coverage: 0.2, pieces: 8, level: 'only' });
    return (min) => columns.airC[timeS.findIndex((s) => s >= min * 60)];
  };

  test.each<FryerKind>(['still-oven', 'fan-oven'])(
    '%s that was put in cold is no hotter for being set higher',
    (kind) => {
      const air = airOf(kind, false, 6);
      expect(air(5.9)).toBeLessThan(130);
      // It warms on as it did before: some ten kelvins a minute, and no jump.
      expect(air(7) - air(6)).toBeLessThan(1.6 * (air(6) - air(5)));
      expect(air(7)).toBeGreaterThan(air(6));
    },
  );

  test('what is hot by then is what it was set to', () => {
    const hot = airOf('drawer', false, 10);
    expect(hot(9.9)).toBeGreaterThan(185);
    expect(hot(12)).toBeGreaterThan(210);
    expect(airOf('fan-oven', true, 10)(10.5)).toBeGreaterThan(185);
  });
});
