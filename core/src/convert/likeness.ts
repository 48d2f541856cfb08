import type { CoatLayer } from '../coat/index.js';
import { FIRMNESS, JUICE, RICH_FROM, type Outcomes } from '../outcome/index.js';
import { tastesAlike } from './taste.js';

const value = (o: Outcomes, key: keyof Outcomes, otherwise: number): number => o[key]?.value ?? otherwise;

/** 1 where a ≥ b, falling as a falls behind b. */
const reaches = (a: number, b: number): number => Math.min(1, (a + 0.15) / (b + 0.15));

/** 1 where two brownings are alike, falling with their ratio. */
const sameColour = (a: number, b: number): number => {
  const gap = Math.abs(Math.log((a + 0.15) / (b + 0.15)));
  return Math.exp(-0.6 * Math.max(0, gap - 0.2));
};

const colourOf = (o: Outcomes): number => (value(o, 'colourTop', 1) + value(o, 'colourUnder', 1)) / 2;

/** Evenness of the two sides, 1 when alike. */
const evenness = (o: Outcomes): number => {
  const [a, b] = [value(o, 'colourTop', 1), value(o, 'colourUnder', 1)];
  return 1 - 0.35 * (Math.abs(a - b) / (a + b + 0.3));
};

/** 1 where two coats are of one thickness, falling slowly with their ratio. */
function sameCoat(air: readonly CoatLayer[], fried: readonly CoatLayer[]): number {
  const thickness = (coat: readonly CoatLayer[]): number => coat.reduce((sum, l) => sum + l.thicknessM, 0.1e-3);
  const gap = Math.abs(Math.log(thickness(air) / thickness(fried)));
  return Math.exp(-0.15 * Math.max(0, gap - 0.3));
}

/** How like a coat is to the cook's own before any heat, 0–1: as thick, and tasting of the same. */
export const coatLikeness = (air: readonly CoatLayer[], fried: readonly CoatLayer[]): number =>
  sameCoat(air, fried) * tastesAlike(air, fried);

/**
 * How like the fried original a cook comes out, 0–1: crispness and adhesion no worse, the same colour, as even, nothing
 * run off, floury or tough. A product, so that one failure is not outweighed. Weights: our judgement, no source.
 * @param coats how like the two coats are, from `coatLikeness`
 */
export function likenessOf(air: Outcomes, fried: Outcomes, coats: number): number {
  const crisp = reaches(value(air, 'crispness', 0), value(fried, 'crispness', 0)) ** 0.8;
  const hold = reaches(value(air, 'adhesion', 1), value(fried, 'adhesion', 1));
  const kept = 1 - 0.8 * value(air, 'runOff', 0);
  const floury = 1 - 0.8 * value(air, 'dryPatches', 0);
  const tough = Math.exp(-0.25 * Math.max(0, value(air, 'chew', 0) - Math.max(0.8, value(fried, 'chew', 0))));
  const rich = 1 - 2 * Math.max(0, RICH_FROM - value(air, 'bite', RICH_FROM));
  const juicy = reaches(value(air, 'juice', 1), value(fried, 'juice', 1));
  const looks = sameColour(colourOf(air), colourOf(fried)) * evenness(air);
  return crisp * hold * kept * floury * tough * rich * juicy * looks * coats;
}

/** Penalty of a cook that is not right yet: 0 when the centre is right and the colour golden, more the farther off. */
function shortfall(o: Outcomes): number {
  let sum = 0;
  const centre = o.centre;
  if (centre && centre.band !== 'good') sum += centre.band === 'poor' ? 2 : 0.6;
  const done = o.doneness;
  if (done) sum += Math.max(0, done.value - FIRMNESS.done) * 3 + Math.max(0, 0.1 - done.value) * 3;
  for (const key of ['colourTop', 'colourUnder'] as const) {
    const b = value(o, key, 1);
    sum += Math.max(0, 0.7 - b) * 1.5 + Math.max(0, b - 1.6) * 0.9;
  }
  if (o.burning && o.burning.band !== 'good') sum += 0.4;
  if (o.juice && o.juice.band !== 'good') sum += (JUICE.good - o.juice.value) * 3;
  return sum;
}

/** Starch has nothing that browns: its paleness is no failure. */
export const staysPale = (layers: readonly CoatLayer[]): boolean => layers.at(-1)?.grain === 'starch';

/** The shortfall of a cook, where a starch shell is let off its paleness. */
export const shortfallOf = (o: Outcomes, layers: readonly CoatLayer[]): number =>
  shortfall(staysPale(layers) ? { ...o, colourTop: undefined, colourUnder: undefined } : o);

/** A plan works when no outcome is poor; starch is let off its paleness. */
export const works = (o: Outcomes, pale: boolean): boolean =>
  Object.values(o).every((x) => x.band !== 'poor' || (pale && (x.key === 'colourTop' || x.key === 'colourUnder')));
