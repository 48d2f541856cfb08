import {
  throughMm,
  type AirResult,
  type ConvertRequest,
  type CookSeries,
  type FriedResult,
  type Outcomes,
} from '@yellowmist/core';

/** What a computed answer may not be, whatever was asked: the bounds of the kitchen, not of one dish. */

/** Words that a number becomes when it has no sense. */
const NO_NUMBER = /NaN|Infinity|undefined|null|\d[eE][+-]?\d|-0\b/;

/** Room above what heats it and below what cools it, K: faces and edges are extrapolated. */
const NEAR_K = 5;
/** Coldest place of a kitchen, °C. */
const COLDEST_C = -40;
/** Hottest that anything is which no medium heats: the room in summer, boiling water, a roasting oven. */
const HOTTEST_BEFORE_C = 210;
/** Thickest coat of one layer, mm; most water on a piece or gone from it, g per m² of its bare skin: eight coats of
 * 2.5 mm round a ball of 3 mm are a thousand times the ball. */
const THICKEST_MM = 20;
const MOST_WATER_GM2 = 1_500_000;
/** Most steam from a piece through its coat, g/(m² s): some five times what hot oil brings about where it boils hardest. */
const MOST_PUSH_GM2S = 200;
/** Times its own water that dried food may take up from a wet coat. */
const MOST_TIMES = 1e4;
/** Blackest, B. */
const BLACKEST = 20.001;

const SHARES = ['firmness', 'flouryUp', 'flouryDown', 'setFootUp', 'setFootDown', 'setSkinUp', 'setSkinDown'] as const;
const TEMPERATURES = ['centreC', 'airC', 'surfaceUpC', 'surfaceDownC', 'footUpC', 'footDownC', 'hottestMeanC'] as const;
const COLOURS = ['colourUp', 'colourDown', 'charUp', 'charDown'] as const;
const HEIGHTS = ['shellUpMm', 'shellDownMm', 'crunchUpMm', 'crunchDownMm'] as const;

/** A number that lies outside of what it may be. */
type Tell = (what: string) => void;

const within = (values: ArrayLike<number>, min: number, max: number, what: string, tell: Tell): void => {
  for (let k = 0; k < values.length; k++) {
    if (!(values[k] >= min && values[k] <= max)) {
      tell(`${what} is ${values[k]}, not ${min} to ${max}`);
      return;
    }
  }
};

/** What surrounds the piece at its hottest, °C, and how far its middle lies under its skin, mm. */
interface Most {
  hottestC: number;
  middleMm: number;
}

function ofSeries(
  { columns, energyError, waterError, waiting }: CookSeries,
  { hottestC, middleMm }: Most,
  name: string,
  tell: Tell,
) {
  const is = (keys: readonly (keyof typeof columns)[], min: number, max: number): void => {
    for (const key of keys) within(columns[key], min, max, `${name} ${key}`, tell);
  };
  is(SHARES, -1e-3, 1.001);
  is(['filmShare'], -1e-3, 1.001);
  is(TEMPERATURES, COLDEST_C, Math.max(hottestC, HOTTEST_BEFORE_C) + NEAR_K);
  is(COLOURS, 0, BLACKEST);
  // A piece may dry out to its middle.
  is(HEIGHTS, 0, middleMm + THICKEST_MM);
  is(['coatWaterGm2', 'drippedGm2'], 0, MOST_WATER_GM2);
  is(['steamGm2'], -MOST_WATER_GM2, MOST_WATER_GM2);
  // Dry food takes water from a wet coat, and may end with more than it began with.
  is(['foodWaterLost'], -MOST_TIMES, 1.001);
  is(['pushGm2S'], 0, MOST_PUSH_GM2S);
  within([energyError, waterError], -0.05, 0.05, `${name} balance`, tell);
  for (const wait of waiting) ofSeries(wait.series, { hottestC, middleMm }, `${name} waiting`, tell);
}

function ofOutcomes(outcomes: Outcomes, name: string, tell: Tell): void {
  for (const [key, { unit, value }] of Object.entries(outcomes)) {
    const what = `${name} ${key}`;
    if (unit === 'share') within([value], -1e-9, 1 + 1e-9, what, tell);
    else if (unit === '°C') within([value], COLDEST_C, 300, what, tell);
    else if (unit === 'min') {
      // A coat that never sets has no minute: the contract answers null.
      if (value !== Infinity) within([value], 0, 240, what, tell);
    } else within([value], 0, 1e5, what, tell);
  }
}

/** Every number and word of an answer, but for the long series, with the way to it. */
function walk(value: unknown, path: string, meet: (value: number | string, path: string) => void): void {
  if (typeof value === 'number' || typeof value === 'string') meet(value, path);
  else if (Array.isArray(value)) value.forEach((item) => walk(item, path, meet));
  else if (value !== null && typeof value === 'object' && !ArrayBuffer.isView(value))
    for (const [key, item] of Object.entries(value)) if (!PASSED_OVER.has(key)) walk(item, `${path}.${key}`, meet);
}

/** What was asked, what ofSeries and ofOutcomes look at, and the digits that only name a plan. */
const PASSED_OVER = new Set(['plan', 'series', 'portions', 'value', 'id']);

/** What has no sense in a dish's answers, in words; nothing where all of it has. */
export function nonsense({ dish, fryer, fried: pot }: ConvertRequest, fried: FriedResult, air: AirResult): string[] {
  const found = new Set<string>();
  const tell: Tell = (what) => found.add(what);
  const { settings, second } = air.plan;
  const set = Math.max(settings.tempC, settings.preheatC ?? 0, second?.tempC ?? 0);
  const middleMm = throughMm(dish.shape) / 2;
  ofSeries(fried.series, { hottestC: pot.tempC, middleMm }, 'pot', tell);
  ofSeries(air.series, { hottestC: set + Math.max(0, fryer.offsetC), middleMm }, 'air', tell);
  ofOutcomes(fried.outcomes, 'pot', tell);
  ofOutcomes(air.outcomes, 'air', tell);
  for (const layer of [...fried.layers, ...air.layers]) {
    within([layer.thicknessM * 1000], 0, THICKEST_MM, `layer ${layer.name} mm`, tell);
    within([layer.pickUpGm2], 0, MOST_WATER_GM2, `layer ${layer.name} g/m²`, tell);
  }
  within([air.likeness], 0, 1.001, 'likeness', tell);
  walk({ fried, air }, '', (value, path) => {
    if (typeof value === 'number') {
      if (!Number.isFinite(value) && !/hydration/.test(path)) tell(`${path} is ${value}`);
    } else if (NO_NUMBER.test(value)) tell(`${path} says “${value}”`);
  });
  return [...found];
}
