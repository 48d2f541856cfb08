import {
  checkedOf,
  colourUnder,
  FIELD_SCALES,
  lyingUp,
  meant,
  normal,
  opposite,
  seeded,
  simulatedUnder,
  toldOfCook,
  valueAt,
  wordIn,
  type CookSeries,
  type Evidence,
  type FriedCook,
  type FryerOff,
  type Lying,
  type ObservedCook,
  type Unknowns,
} from '../src/index.js';
import { waitedFor } from './cooks.js';
import { BREADED } from './plain.js';

/** Kitchens with a hidden truth, and cooks who tell sloppily of it. */

/** What is told of a cook lies off by so much; so often a word beside the right one is said, and so often a thing is told. */
const SLOPPY = { colour: 0.1, centreK: 2, airK: 2, neighbour: 0.1 };
const OFTEN = { top: 0.9, under: 0.7, centre: 0.6, air: 0.35 };
const FOOD = { startK: 3, sizeLog: 0.07, coatLog: 0.08 };
const TEMPERATURES = [170, 180, 190, 200];

/** How the dishes are fried where they still are. */
export const FRIED: FriedCook = { layers: BREADED, medium: 'deep-oil', oilId: 'rapeseed-oil', tempC: 175, minutes: 4 };

export interface HiddenKitchen {
  truth: FryerOff;
  random: () => number;
}

const between = (random: () => number, most: number): number => most * (2 * random() - 1);

/** Thermostat off by up to 15 K, air by up to 25 %, browning by up to 25 %. */
export function hiddenKitchen(seed: number): HiddenKitchen {
  const random = seeded(seed);
  const share = (): number => Math.log(1 + between(random, 0.25));
  return { truth: { offsetK: between(random, 15), airLog: share(), browningLog: share(), lowerLog: 0 }, random };
}

/** A dish at another temperature than its plan's. */
const at = (lying: Lying, tempC: number): Lying => ({
  ...lying,
  plan: { ...lying.plan, settings: { ...lying.plan.settings, tempC } },
});

/** A batch in a fryer that is so much off, of food that is as it was said. */
export const seriesIn = (
  lying: Lying,
  { offsetK, airLog }: Pick<FryerOff, 'offsetK' | 'airLog'>,
  minutes: number,
): CookSeries => {
  const unknowns: Unknowns = { offsetK, airLog, browningLog: 0, startK: 0, sizeLog: 0 };
  // The same grid for truth and belief: what it is off by is in both.
  return simulatedUnder(lying, unknowns, { ...meant(lying), minutes }, { options: { fine: 0.5 } }).series;
};

function toldWord(b: number, random: () => number): string {
  const { words } = FIELD_SCALES.colourTop;
  const sloppy = b * Math.exp(SLOPPY.colour * normal(random));
  const k = words.findIndex((w) => w.word === wordIn('colourTop', sloppy));
  const beside = random() < SLOPPY.neighbour ? (random() < 0.5 ? -1 : 1) : 0;
  return words[Math.min(words.length - 1, Math.max(0, k + beside))].word;
}

/** One more cook in a kitchen, as it is told. */
export function toldCook({ truth, random }: HiddenKitchen, id: string, daysAgo: number): ObservedCook {
  const dishes = waitedFor();
  const dish = dishes[Math.floor(random() * dishes.length)];
  const lying = at(dish, TEMPERATURES[Math.floor(random() * TEMPERATURES.length)]);
  const happened = meant(lying);
  const food = {
    startK: FOOD.startK * normal(random),
    sizeLog: FOOD.sizeLog * normal(random),
    coatLog: FOOD.coatLog * normal(random),
  };
  const { offsetK, airLog } = truth;
  const unknowns: Unknowns = { offsetK, airLog, ...food, browningLog: 0 };
  const { series } = simulatedUnder(lying, unknowns, happened);
  const endS = happened.minutes * 60;
  const top = lyingUp(happened.turnAtMin, happened.minutes);
  const colour = (face: 'up' | 'down'): string =>
    toldWord(colourUnder(series, face, endS, truth.browningLog + food.coatLog), random);
  const seen = {
    ...(random() < OFTEN.top ? { colourTop: colour(top) } : {}),
    ...(random() < OFTEN.under ? { colourUnder: colour(opposite(top)) } : {}),
  };
  const evidence: Evidence[] = [];
  if (random() < OFTEN.centre) {
    const atS = endS * (0.4 + 0.6 * random());
    const tempC = valueAt(series, series.columns.centreC, atS) + SLOPPY.centreK * normal(random);
    evidence.push({ what: 'centre', by: 'hand', atS, tempC });
  }
  if (random() < OFTEN.air) {
    const tempC = valueAt(series, series.columns.airC, endS - 60) + SLOPPY.airK * normal(random);
    evidence.push({ what: 'air', atS: endS - 60, tempC });
  }
  return {
    id,
    fryer: lying.fryer.name,
    daysAgo,
    lying,
    happened,
    observed: toldOfCook(seen, evidence, happened),
    checked: checkedOf(seen, happened, FRIED),
  };
}

/** So many cooks, a week apart, the first the longest ago. */
export const toldCooks = (kitchen: HiddenKitchen, many: number): ObservedCook[] =>
  Array.from({ length: many }, (_, k) => toldCook(kitchen, `cook ${k}`, 7 * (many - k)));
