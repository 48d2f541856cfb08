import { inverse, NOTHING_KNOWN, simulatedUnder, solve, studentWeight, type Unknowns } from '../evidence/index.js';
import { asItsPage, type Fryer } from '../dish/index.js';
import type { CookSeries } from '../heat/index.js';
import { FADES_DAYS, FOOD_SPREADS, FRYER_SPREADS, LEARNED_BY, LEARNED_FROM, TOLD_TAILS } from './constants.js';
import type { ObservedCook } from './observed.js';

/** What a fryer is off its page by. */
export const LEARNED = ['offsetK', 'airLog', 'browningLog', 'lowerLog'] as const;
export type LearnedOf = (typeof LEARNED)[number];
export type FryerOff = Readonly<Record<LearnedOf, number>>;

const FOOD = ['startK', 'sizeLog', 'coatLog'] as const;
export type FoodOff = Readonly<Record<(typeof FOOD)[number], number>>;

/** Food as it was said, and a fryer as its page has it. */
export const NO_FOOD: FoodOff = { startK: 0, sizeLog: 0, coatLog: 0 };
export const AS_ITS_PAGE: FryerOff = { offsetK: 0, airLog: 0, browningLog: 0, lowerLog: 0 };

/** What is believed of a fryer: its likeliest values, and their covariance in the order of `LEARNED`. */
export interface FryerBelief {
  mean: FryerOff;
  covariance: number[][];
}

/** What one cook says of its fryer where it is linearised: how sharply, and which way it pulls. */
export interface Word {
  id: string;
  daysAgo: number;
  precision: number[][];
  pull: number[];
  /** The farthest of what was told of it, in spreads, as it is explained by now. */
  farthest: number;
}

/** Values in the order of `LEARNED`, and back. */
export const vectorOf = (off: FryerOff): number[] => LEARNED.map((name) => off[name]);
export const offOf = (v: readonly number[]): FryerOff =>
  Object.fromEntries(LEARNED.map((name, i) => [name, v[i]])) as unknown as FryerOff;
const zeros = (n: number, m: number): number[][] => Array.from({ length: n }, () => new Array<number>(m).fill(0));

/** What fryers are usually off by, as a precision. @param share of its weight, 0–1 */
export const priorPrecision = (share: number): number[][] =>
  LEARNED.map((name, i) => LEARNED.map((_, j) => (i === j ? share * FRYER_SPREADS[name] ** -2 : 0)));

const PRIOR_PRECISION = priorPrecision(1);

const weightOf = (off: number): number => studentWeight(off, TOLD_TAILS);

/** What may be off, in one line: of the fryer first, then of this food. */
const ALL = [...LEARNED, ...FOOD] as const;
const SPREADS_OF = { ...FRYER_SPREADS, ...FOOD_SPREADS };

/** Simulates a cook in a fryer and of a food that are so much off. */
export class ShownCook {
  private readonly known = new Map<string, CookSeries>();

  constructor(
    private readonly cook: ObservedCook,
    private readonly page: Fryer,
  ) {}

  /** Simulated once for the same values; how fast it browns is not in it. */
  series(fryer: FryerOff, food: FoodOff): CookSeries {
    const { lying, happened } = this.cook;
    const { offsetK, airLog } = fryer;
    const unknowns: Unknowns = { ...NOTHING_KNOWN, offsetK, airLog, ...food, browningLog: 0 };
    const key = [unknowns.offsetK, unknowns.airLog, unknowns.startK, unknowns.sizeLog].join(' ');
    const found = this.known.get(key);
    if (found) return found;
    const lay = { ...lying, fryer: asBase(lying.fryer, this.page) };
    const made = simulatedUnder(lay, unknowns, happened, {
      level: this.cook.level,
      options: { fine: LEARNED_BY.fine },
    }).series;
    this.known.set(key, made);
    return made;
  }

  /** How much faster than simulated this coat browns where it lies, as a logarithm. */
  browning(fryer: FryerOff, food: FoodOff): number {
    return fryer.browningLog + food.coatLog + (this.cook.level === 'lower' ? fryer.lowerLog : 0);
  }

  /** How far everything told lies off, in spreads. */
  off(fryer: FryerOff, food: FoodOff): number[] {
    const series = this.series(fryer, food);
    return this.cook.observed.map((o) => o.off(series, this.browning(fryer, food)));
  }
}

/** The fryer that it was cooked in, as its page would have it if nothing had been learned or measured. */
export const asBase = (then: Fryer, page: Fryer): Fryer => ({
  ...asItsPage(then),
  offsetC: 0,
  airFactor: asItsPage(page).airFactor,
});

/** One cook among all: its food is looked for with the fryer's, and taken out again. */
class Listened {
  private readonly shown: ShownCook;
  private food: FoodOff = NO_FOOD;
  private slopes: number[][] = [];
  private off: number[] = [];

  constructor(
    readonly cook: ObservedCook,
    page: Fryer,
  ) {
    this.shown = new ShownCook(cook, page);
  }

  /** Looks at it from here; slopes are taken anew in the first two rounds. */
  look(fryer: FryerOff, round: number): void {
    this.off = this.shown.off(fryer, this.food);
    if (round > 1) return;
    this.slopes = ALL.map((name) => {
      const by = LEARNED_BY.nudge * SPREADS_OF[name];
      const [f, d] = [{ ...fryer }, { ...this.food }] as [Record<string, number>, Record<string, number>];
      const moved = name in f ? f : d;
      moved[name] += by;
      return this.shown.off(f as FryerOff, d as FoodOff).map((value, k) => (value - this.off[k]) / by);
    });
  }

  private sums() {
    const weights = this.off.map(weightOf);
    const n = LEARNED.length;
    const at = (i: number, j: number): number =>
      weights.reduce((sum, w, k) => sum + w * this.slopes[i][k] * this.slopes[j][k], 0);
    // What is told lies off by less when the values move against the slope.
    const pull = (i: number): number => -weights.reduce((sum, w, k) => sum + w * this.slopes[i][k] * this.off[k], 0);
    const own = FOOD.map((a, i) => FOOD.map((_, j) => at(n + i, n + j) + (i === j ? FOOD_SPREADS[a] ** -2 : 0)));
    return {
      fryer: LEARNED.map((_, i) => LEARNED.map((_b, j) => at(i, j))),
      cross: LEARNED.map((_, i) => FOOD.map((_b, j) => at(i, n + j))),
      own,
      pull: LEARNED.map((_, i) => pull(i)),
      ownPull: FOOD.map((a, i) => pull(n + i) - this.food[a] * FOOD_SPREADS[a] ** -2),
    };
  }

  /** What it says of the fryer, its own food taken out. */
  word(): Word {
    const { fryer, cross, own, pull, ownPull } = this.sums();
    const inner = inverse(own);
    const through = cross.map((row) => inner.map((_, j) => row.reduce((sum, c, k) => sum + c * inner[k][j], 0)));
    const fade = 0.5 ** (this.cook.daysAgo / FADES_DAYS);
    return {
      id: this.cook.id,
      daysAgo: this.cook.daysAgo,
      precision: fryer.map((row, i) =>
        row.map((v, j) => fade * (v - through[i].reduce((sum, t, k) => sum + t * cross[j][k], 0))),
      ),
      pull: pull.map((p, i) => fade * (p - through[i].reduce((sum, t, k) => sum + t * ownPull[k], 0))),
      farthest: Math.max(0, ...this.off.map(Math.abs)),
    };
  }

  /** Moves its food with the fryer's step. */
  follow(by: readonly number[]): void {
    const { cross, own, ownPull } = this.sums();
    const step = solve(
      own,
      ownPull.map((p, j) => p - by.reduce((sum, b, i) => sum + cross[i][j] * b, 0)),
    );
    this.food = Object.fromEntries(FOOD.map((name, i) => [name, this.food[name] + step[i]])) as unknown as FoodOff;
  }
}

/** What all cooks of a fryer say together, each beside the others. */
export interface SaidTogether {
  belief: FryerBelief;
  words: readonly Word[];
}

const sumOf = (words: readonly Word[], direct: { precision: number; pull: number }) => {
  const precision = zeros(LEARNED.length, LEARNED.length);
  const pull = new Array<number>(LEARNED.length).fill(0);
  for (const word of words)
    word.pull.forEach((p, i) => {
      pull[i] += p;
      word.precision[i].forEach((v, j) => (precision[i][j] += v));
    });
  precision[0][0] += direct.precision;
  pull[0] += direct.pull;
  return { precision, pull };
};

/** An oven thermometer's readings, as a word on the thermostat where it stands now. */
export function thermometerWord({ readings = [] }: Fryer, offsetK: number): { precision: number; pull: number } {
  const sharp = LEARNED_FROM.thermometerK ** -2;
  return readings.reduce(
    (sum, { setC, readC }) => {
      const off = readC - setC - offsetK;
      const weight = sharp * weightOf(off / LEARNED_FROM.thermometerK);
      return { precision: sum.precision + weight, pull: sum.pull + weight * off };
    },
    { precision: 0, pull: 0 },
  );
}

const plus = (a: readonly (readonly number[])[], b: readonly (readonly number[])[]): number[][] =>
  a.map((row, i) => row.map((v, j) => v + b[i][j]));

/**
 * What is believed of a fryer by all cooks in it: Gauss–Newton over the simulation, with what fryers are usually off by as
 * prior, each cook's own food taken out, Student's tails for what is told, older cooks counting less; the covariance by the
 * curvature. The order of the cooks does not matter.
 * @param page the fryer as its page has it; an oven thermometer's readings on it are evidence as the cooks are
 */
export function sayTogether(page: Fryer, cooks: readonly ObservedCook[]): SaidTogether {
  const inOrder = [...cooks].sort((a, b) => (a.id < b.id ? -1 : 1));
  const listened = inOrder.map((cook) => new Listened(cook, page));
  let here: FryerOff = AS_ITS_PAGE;
  for (let round = 0; round < LEARNED_BY.rounds; round++) {
    listened.forEach((one) => one.look(here, round));
    const { precision, pull } = sumOf(
      listened.map((one) => one.word()),
      thermometerWord(page, here.offsetK),
    );
    const now = vectorOf(here);
    const priorPull = pull.map((p, i) => p - PRIOR_PRECISION[i].reduce((sum, v, j) => sum + v * now[j], 0));
    const by = solve(plus(precision, PRIOR_PRECISION), priorPull);
    listened.forEach((one) => one.follow(by));
    here = offOf(now.map((v, i) => v + by[i]));
  }
  listened.forEach((one) => one.look(here, LEARNED_BY.rounds));
  const words = listened.map((one) => one.word());
  const { precision } = sumOf(words, thermometerWord(page, here.offsetK));
  return { belief: { mean: here, covariance: inverse(plus(precision, PRIOR_PRECISION)) }, words };
}
