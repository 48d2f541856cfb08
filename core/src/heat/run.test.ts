import { foodOf, KNOWN } from '../foods/index.js';
import { geometryOf } from '../piece/index.js';
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
});
