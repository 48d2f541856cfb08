import {
  airFor,
  friedMedium,
  KNOWN,
  liesIn,
  readyPiece,
  simulate,
  type AirPlan,
  type CookInput,
  type CookSeries,
  type Medium,
  type SimulateOptions,
} from '../src/index.js';
import { finer } from '../testing/finer.js';
import { currentIn } from './document.js';
import { quantile } from './everyday/proposals.js';
import { BLIND, WIDER } from './heldOut.js';
import { filling, PRACTICES, type AirPractice, type Practice } from './practice.js';
import { inAir } from './predict.js';

/** How far the steps of a cook are from many more of them: every practised cook against an eighth of its steps and updates. */

const FINER = 8;

/** What a cook depends on but its medium, which each simulation makes anew. */
type Cook = { input: Omit<CookInput, 'medium'>; medium: () => Medium };

function airCook(practice: Practice, how: AirPractice): Cook {
  const { restMin, oilGm2, settings, fryer } = how;
  const dish = filling(practice.dish, practice.layers, fryer);
  const ready = readyPiece(KNOWN, dish, practice.layers);
  const plan: AirPlan = { layers: practice.layers, restMin, oilGm2, settings, second: null };
  const { load } = inAir(practice, { ...how, second: null });
  return {
    input: { ...ready, startC: dish.startC, restMin, oilGm2, minutes: settings.minutes },
    medium: () => airFor(ready, plan, fryer, liesIn(load)),
  };
}

function potCook({ dish, layers, fried }: Practice): Cook {
  const ready = readyPiece(KNOWN, dish, layers);
  return {
    input: { ...ready, startC: dish.startC, restMin: 0, oilGm2: 0, minutes: fried.minutes },
    medium: () => friedMedium({ ...fried, layers, oilId: 'rapeseed-oil' }, ready),
  };
}

const PRACTISED = [...PRACTICES, ...WIDER, ...BLIND];
const IN_AIR = PRACTISED.flatMap((p) =>
  [p.air, p.oven].filter((how) => how !== undefined).map((how) => airCook(p, how)),
);
const IN_POT = PRACTISED.map(potCook);

const atEnd = (values: Float32Array): number => values[values.length - 1];

const run = ({ input, medium }: Cook, by: number, options: SimulateOptions): CookSeries =>
  simulate({ ...input, medium: finer(medium(), by) }, options);

/** By how much the ends of all cooks differ: their centres, K, and both faces, hundredths of golden. */
function apart(cooks: readonly Cook[], options: SimulateOptions = {}) {
  const ends = cooks.map((cook) => [run(cook, 1, options), run(cook, FINER, {})].map((s) => s.columns));
  const by = (column: 'centreC' | 'colourUp' | 'colourDown', unit: number): number[] =>
    ends.map(([usual, fine]) => Math.abs(atEnd(usual[column]) - atEnd(fine[column])) * unit);
  return { centreK: by('centreC', 1), upper: by('colourUp', 100), lower: by('colourDown', 100) };
}

const AIR = apart(IN_AIR);
const SEARCHED = apart(IN_AIR, { longSteps: true });
const POT = apart(IN_POT);
const NINE_IN_TEN = 0.9;

describe('nine in ten practised cooks end as they do in an eighth of the steps', () => {
  test.each([
    ['in air within 0.3 K and 1 % of golden', AIR, 0.3, 1],
    ['in the steps of a search within 0.4 K and 1 %', SEARCHED, 0.4, 1],
    ['in the pot within 0.2 K and 0.1 %', POT, 0.2, 0.1],
  ] as const)('%s', (_, { centreK, upper, lower }, kelvin, golden) => {
    expect(quantile(centreK, NINE_IN_TEN)).toBeLessThan(kelvin);
    expect(quantile(upper, NINE_IN_TEN)).toBeLessThan(golden);
    expect(quantile(lower, NINE_IN_TEN)).toBeLessThan(golden);
  });
});

test('the document says so', () => {
  const told = (values: number[]): string =>
    [0.5, NINE_IN_TEN, 1].map((q) => quantile(values, q).toFixed(2)).join(', ');
  const row = (what: string, cooks: readonly Cook[], { centreK, upper, lower }: typeof AIR): string =>
    `| ${what} | ${cooks.length} | ${told(centreK)} | ${told(upper)} | ${told(lower)} |`;
  const table = [
    '| steps | cooks | centre, K | upper face, % of golden | lower face, % of golden |',
    '| --- | --- | --- | --- | --- |',
    row('in air, as shown', IN_AIR, AIR),
    row('in air, in a search', IN_AIR, SEARCHED),
    row('in the pot', IN_POT, POT),
  ].join('\n');
  const { stored, current } = currentIn('steps', table);
  expect(stored).toBe(current);
});
