import { BREADED, PLAIN_FRYER, spec } from '../../testing/plain.js';
import { OVEN } from '../../testing/evenings.js';
import type { LayerSpec } from '../coat/index.js';
import { PLAIN_AIR, type AirPlan, type Dish } from '../dish/index.js';
import { KNOWN } from '../foods/index.js';
import { evaluateAir, evaluateFried } from './evaluate.js';
import type { Asked } from './types.js';

/** A quick look for a hand that drags has three quarters of the cells and half the steps: when the hand rests the exact answer must not jump. */

const BATTER = spec(['wheat-flour', 120], ['beer', 130], ['salt', 3]);
const STARCH: LayerSpec[] = [spec(['egg', 40]), spec(['potato-starch', 60])];
const slab = (thicknessMm: number): Dish['shape'] => ({ kind: 'slab', lengthMm: 90, widthMm: 55, thicknessMm });

const CASES: [string, string, Dish['shape'], LayerSpec[], Asked['fryer']][] = [
  ['chicken of 14 mm in crumbs', 'chicken-breast', slab(14), BREADED, PLAIN_FRYER],
  ['chicken of 30 mm in crumbs', 'chicken-breast', slab(30), BREADED, PLAIN_FRYER],
  ['cod of 18 mm in a batter', 'cod', slab(18), [spec(['wheat-flour', 40]), BATTER], PLAIN_FRYER],
  ['tofu of 20 mm in starch', 'tofu', slab(20), STARCH, PLAIN_FRYER],
  ['pork of 8 mm on two racks', 'pork-loin', slab(8), BREADED, OVEN],
  ['balls of 35 mm', 'croquette-filling', { kind: 'ball', diameterMm: 35 }, BREADED, PLAIN_FRYER],
];

test.each(CASES)('a quick look at %s comes to what the whole one does', (_, foodId, shape, layers, fryer) => {
  const asked: Asked = {
    pantry: KNOWN,
    dish: { foodId, shape, count: 16, startC: 6, skin: 'damp', preparation: 'raw' },
    fried: { layers, medium: 'deep-oil', oilId: 'rapeseed-oil', tempC: 175, minutes: 4 },
    fryer,
    limits: { diets: [], avoidAllergens: [], without: [], maxTempC: 200, maxMinutes: 25, preheat: true },
  };
  const settings = { ...PLAIN_AIR, tempC: 190, minutes: 13, preheated: true, turnAtMin: 7, under: 'basket' as const };
  const plan: AirPlan = { layers, restMin: 5, oilGm2: 18, second: null, settings };
  const look = (fine: number) => {
    const fried = evaluateFried(asked, { fine, profiles: true });
    return [fried, evaluateAir(asked, plan, fried, { fine, profiles: true })] as const;
  };
  const [quick, whole] = [look(0.75), look(1)];
  quick.forEach((q, k) => {
    const w = whole[k];
    const end = w.series.timeS.length - 1;
    const gap = (column: 'centreC' | 'colourUp' | 'colourDown'): number =>
      Math.abs(q.series.columns[column][end] - w.series.columns[column][end]);
    expect(q.series.timeS).toEqual(w.series.timeS);
    expect(gap('centreC')).toBeLessThan(1.5);
    expect(gap('colourUp')).toBeLessThan(0.03 + 0.05 * w.series.columns.colourUp[end]);
    expect(gap('colourDown')).toBeLessThan(0.03 + 0.05 * w.series.columns.colourDown[end]);
    expect(Math.abs((q.outcomes.crispness?.value ?? 0) - (w.outcomes.crispness?.value ?? 0))).toBeLessThan(0.06);
    // Fewer cells, and as many samples.
    expect(q.series.profiles!.cells).toBeLessThan(0.85 * w.series.profiles!.cells);
  });
  expect(quick[1].load).toEqual(whole[1].load);
});
