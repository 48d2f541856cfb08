import fc from 'fast-check';
import { convertDish, evaluateAir, evaluateFried, KNOWN, type AirPlan, type ConvertRequest } from '@yellowmist/core';
import { drawn } from '../testing/drawn.js';
import { nonsense } from '../testing/sense.js';
import { airPlanSchema, check, convertRequestSchema, exampleConversion } from './index.js';

/** Whatever the schemas allow has numbers and words that have sense: dishes, coats, fryers and cooks to the ends of every range. */

/** Dishes that are drawn; `npm run hammer` draws more, from other seeds. */
const DRAWN = Number(process.env.YELLOWMIST_HAMMER ?? 3000);
const SEED = Number(process.env.YELLOWMIST_HAMMER_SEED ?? 20261127);
/** How often the waiting afterwards is followed as well, and a whole search is made. */
const WAITS_EACH = 8;
const SEARCH_EACH = 500;
const LONG_MS = 6 * 3600_000;
/** Who waits an hour sees how far it is. */
const TOLD_EACH = 1000;

/** Tells how many dishes a hammer has drawn. */
const tellDrawn = (count: number): void => {
  if (process.env.YELLOWMIST_HAMMER) process.stderr.write(`${count} of ${DRAWN} dishes from seed ${SEED}\n`);
};

// What was bought and what a recipe wrote is for the cook's eyes: nothing is computed of it here.
const asked = fc.tuple(
  drawn<ConvertRequest>(convertRequestSchema, { without: ['bought', 'written'] }),
  drawn<AirPlan>(airPlanSchema, { without: ['laid', 'written'] }),
);

/** What goes wrong is told with its dish, short enough to read. */
const told = (wrong: readonly string[]): void => {
  if (wrong.length > 0) throw new Error(wrong.slice(0, 5).join('\n'));
};

test(
  `${DRAWN} dishes, each in its pot and by a plan`,
  () => {
    let at = 0;
    fc.assert(
      fc.property(asked, ([request, plan]) => {
        const occasion = { ...request, pantry: KNOWN };
        const fried = evaluateFried(occasion);
        const air = evaluateAir(occasion, plan, fried, { waits: at++ % WAITS_EACH === 0 });
        told(nonsense(request, fried, air));
        if (at % TOLD_EACH === 0) tellDrawn(at);
      }),
      { numRuns: DRAWN, seed: SEED, endOnFailure: true },
    );
  },
  LONG_MS,
);

test(
  'whole searches of such dishes',
  () => {
    fc.assert(
      fc.property(asked, ([request]) => {
        const found = convertDish({ ...request, pantry: KNOWN });
        for (const air of found.alternatives) told(nonsense(request, found.fried, air));
      }),
      { numRuns: Math.ceil(DRAWN / SEARCH_EACH), seed: SEED, endOnFailure: true },
    );
  },
  LONG_MS,
);

describe('what no knife cuts and no bowl holds is refused at its field, with what is allowed', () => {
  const { dish, fried, fryer, limits } = exampleConversion();
  const refusals = (change: object, coat = fried): string[] => {
    const checked = check(convertRequestSchema, { dish: { ...dish, ...change }, fried: coat, fryer, limits });
    return checked.ok ? [] : checked.errors.map((e) => `${e.field}: ${e.message}`);
  };

  test.each<[string, object, RegExp]>([
    [
      'a ring without a wall',
      { shape: { kind: 'ring', outerMm: 60, innerMm: 59.9, thicknessMm: 10 } },
      /^dish\.shape\.innerMm: .*at least 4 mm less than outerMm/,
    ],
    [
      'a needle that stands',
      { shape: { kind: 'slab', lengthMm: 3, widthMm: 3, thicknessMm: 80 } },
      /^dish\.shape\.thicknessMm: .*no more than 15 mm/,
    ],
    [
      'a coin on its edge',
      { shape: { kind: 'disc', diameterMm: 3, thicknessMm: 80 } },
      /^dish\.shape\.thicknessMm: .*no more than 15 mm/,
    ],
    [
      'a plate called a rod',
      { shape: { kind: 'rod', diameterMm: 80, lengthMm: 3 } },
      /^dish\.shape\.diameterMm: .*no more than 15 mm/,
    ],
    [
      'a pound and a half of leaf',
      { shape: { kind: 'irregular', longestMm: 100, thicknessMm: 3, massG: 1500 } },
      /^dish\.shape\.massG: .*0\.047 g to 42 g/,
    ],
    [
      'a floret that is thicker than long',
      { shape: { kind: 'irregular', longestMm: 20, thicknessMm: 40, massG: 10 } },
      /^dish\.shape\.thicknessMm: .*no more than longestMm/,
    ],
    [
      'crumbs of the smallest pieces',
      { shape: { kind: 'ball', diameterMm: 4 }, count: 9, smaller: { count: 3, scale: 0.5 } },
      /^dish\.smaller\.scale: .*3 mm on every side/,
    ],
  ])('%s', (_, change, field) => {
    expect(refusals(change)).toEqual([expect.stringMatching(field)]);
  });

  test.each<[string, number[]]>([
    ['a bowl with nothing in it that a scale shows', [5e-324]],
    ['a bowl that nobody owns', [5000, 5000, 5000]],
  ])('%s', (_, grams) => {
    const portions = grams.map((g) => ({ ingredientId: 'wheat-flour', grams: g }));
    const coat = { ...fried, layers: [{ portions }] };
    expect(refusals({}, coat)).toEqual([expect.stringMatching(/^fried\.layers\.0\.portions: .*0\.01 to 12000 g/)]);
  });
});
