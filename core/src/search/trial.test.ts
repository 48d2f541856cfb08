import { BREADED, PLAIN_FRYER, spec } from '../../testing/plain.js';
import type { LayerSpec } from '../coat/index.js';
import type { Dish } from '../dish/index.js';
import { KNOWN } from '../foods/index.js';
import { evaluateFried, type Asked } from '../plan/index.js';
import { OILS_GM2, SHORTEST_MIN } from './constants.js';
import { everyWay } from './search.js';
import { bestMinute, planFor, trialOf, type Trial } from './trial.js';
import type { Candidate } from './types.js';

const slab = (thicknessMm: number): Dish['shape'] => ({ kind: 'slab', lengthMm: 90, widthMm: 55, thicknessMm });

function trialFor(foodId: string, shape: Dish['shape'], layers: LayerSpec[]): Trial {
  const request: Asked = {
    pantry: KNOWN,
    dish: { foodId, shape, count: 6, startC: 6, skin: 'damp', preparation: 'raw' },
    fried: { layers, medium: 'deep-oil', oilId: 'rapeseed-oil', tempC: 175, minutes: 4 },
    fryer: PLAIN_FRYER,
    limits: { diets: [], avoidAllergens: [], without: [], maxTempC: 205, maxMinutes: 24, preheat: true },
  };
  const fried = evaluateFried(request);
  return trialOf(request, fried, { family: 'as-it-is', variant: '', idea: '', layers, restMin: 5, under: 'basket' });
}

const TRIALS: [string, Trial][] = [
  ['breaded chicken', trialFor('chicken-breast', slab(15), BREADED)],
  ['breaded cod', trialFor('cod', slab(22), BREADED)],
  ['tofu in starch', trialFor('tofu', slab(18), [spec(['egg', 40]), spec(['potato-starch', 60])])],
  ['floured thighs', trialFor('chicken-thigh', slab(22), [spec(['buttermilk', 80]), spec(['wheat-flour', 80])])],
];

/** The best score of every whole minute, each asked for by itself: a plan no longer than that ends with it. */
function bestOfEvery(trial: Trial, tempC: number): number {
  let best = -Infinity;
  for (let minutes = SHORTEST_MIN; minutes <= trial.request.limits.maxMinutes; minutes++) {
    const found = bestMinute(trial, planFor(trial, tempC, OILS_GM2[1], null, minutes));
    best = Math.max(best, found.score);
  }
  return best;
}

/** All of a generator, and how often it yielded. */
function allOf(search: Generator<number, Candidate[], undefined>): { found: Candidate[]; cooks: number } {
  for (let cooks = 0; ; cooks++) {
    const next = search.next();
    if (next.done) return { found: next.value, cooks };
  }
}

describe.each(TRIALS)('what is left out of a search costs nothing that a cook would notice: %s', (_, trial) => {
  // A hundredth of a score is less than half a gram of oil a piece.
  const NOTICED = 0.01;

  test.each([170, 185, 200])('every other minute of one simulation finds the best minute, at %i °C', (tempC) => {
    const one = bestMinute(trial, planFor(trial, tempC, OILS_GM2[1], null));
    expect(one.score).toBeGreaterThan(bestOfEvery(trial, tempC) - NOTICED);
    expect(Number.isInteger(one.minutes)).toBe(true);
  });

  test('turning and oil one after the other find what all pairs of them would', () => {
    const first = bestMinute(trial, planFor(trial, 190, OILS_GM2[1], null));
    const { found, cooks } = allOf(everyWay(trial, [first]));
    const best = Math.max(first.score, ...found.map(({ score }) => score));
    const half = Math.max(3, Math.round(first.minutes / 2));
    const pairs = [null, half].flatMap((turn) =>
      OILS_GM2.map((oil) => bestMinute(trial, planFor(trial, 190, oil, turn)).score),
    );
    expect(best).toBeGreaterThan(Math.max(...pairs) - NOTICED);
    // The other turning with every oil, and the other oils with the first.
    expect(cooks).toBeLessThanOrEqual(2);
  });
});
