import { foodOf, KNOWN } from '../foods/index.js';
import { geometryOf } from '../piece/index.js';
import { STEPS_S } from './constants/index.js';
import { deepOil, simulate } from './index.js';

/** A bare slab of chicken that fries for so many minutes, as it begins to wait on a rack. */
function fried(minutes: number) {
  const food = foodOf(KNOWN, 'chicken-breast');
  const piece = geometryOf(
    { kind: 'slab', lengthMm: 90, widthMm: 60, thicknessMm: 8 },
    food.densityKgM3 * (1 - food.food.porosity),
  );
  const series = simulate(
    {
      food,
      piece,
      layers: [],
      startC: 8,
      startFirmness: food.food.firmness,
      restMin: 0,
      oilGm2: 0,
      medium: deepOil({ tempC: 180, oilKgPerPiece: 0.5 }),
      minutes,
    },
    { waiting: [{ place: 'rack', sauce: null, minutes: 1 }] },
  );
  return series.waiting[0].series.columns;
}

describe('a cook that ends a moment after a step', () => {
  const whole = fried(8);

  test.each([1e-9, 1e-7, 1e-5, 5e-4])('boils in it no more than in a whole one: %f min longer', (moreMin) => {
    const moment = fried(8 + moreMin);
    expect(whole.pushGm2S[0]).toBeGreaterThan(1);
    expect(moment.pushGm2S[0] / whole.pushGm2S[0]).toBeCloseTo(1, 2);
    expect(moment.centreC[0]).toBeCloseTo(whole.centreC[0], 1);
  });

  // An eighth of a second, and parts of it: what an update brought up boils in that step.
  test.each([0.3, 0.52, 0.6, 0.8, 1, 1.3])(
    'shows no burst of steam in a last step, whatever part of one is left: %f',
    (steps) => {
      const part = fried(8 + (steps * STEPS_S.later) / 60);
      expect(part.pushGm2S[0] / whole.pushGm2S[0]).toBeLessThan(1.6);
      expect(part.centreC[0]).toBeCloseTo(whole.centreC[0], 1);
    },
  );
});
