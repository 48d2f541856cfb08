import { ALLERGENS, type Allergen } from '../foods/index.js';
import { STANDING_MIN } from '../heat/index.js';
import { OUTCOME_KEYS, ruleOf, type Comparison, type OutcomeKey } from '../outcome/index.js';
import type { AirResult } from '../plan/index.js';
import { counted, grams, setTo, text } from '../units/index.js';
import { WORTH_A_SENTENCE as WORTH } from './constants.js';

/** One thing in which two air cooks differ, as a sentence about the second. */
export interface Difference extends Comparison {
  about:
    | OutcomeKey
    | 'works'
    | 'minutes'
    | 'temperature'
    | 'oilKept'
    | 'bowls'
    | 'waste'
    | 'batches'
    | 'allergens'
    | 'stays';
}

type Comparer = (a: AirResult, b: AirResult) => Difference | null;

const total = ({ plan }: AirResult): number => plan.settings.minutes + (plan.second?.minutes ?? 0);
const wasted = ({ bowls }: AirResult): number => bowls.reduce((sum, w) => sum + w.leftG + w.lostG, 0);

const works: Comparer = (a, b) =>
  a.works === b.works
    ? null
    : {
        about: 'works',
        text: b.works ? text`It works; the other does not.` : text`It fails.`,
        better: b.works,
        weight: WORTH.works,
      };

const minutes: Comparer = (a, b) => {
  const gap = total(b) - total(a);
  const { least, full, most } = WORTH.minutes;
  if (Math.abs(gap) < least) return null;
  return {
    about: 'minutes',
    text: text`${counted(Math.round(Math.abs(gap)), 'minute')} ${gap > 0 ? 'longer' : 'shorter'}.`,
    better: gap < 0,
    weight: Math.min(most, Math.abs(gap) / full),
  };
};

const temperature: Comparer = (a, b) => {
  const [from, to] = [a.plan.settings.tempC, b.plan.settings.tempC];
  if (Math.round(to - from) === 0) return null;
  return {
    about: 'temperature',
    text: text`${setTo(to, b.stepC)} instead of ${setTo(from, a.stepC)}.`,
    better: null,
    weight: WORTH.hotter,
  };
};

const oilKept: Comparer = (a, b) => {
  const gap = b.oilPerPieceG - a.oilPerPieceG;
  const { least, full, most } = WORTH.oilG;
  if (Math.abs(gap) < least) return null;
  const amount = grams(Math.abs(gap), Math.abs(gap) < 1 ? 2 : 1);
  return {
    about: 'oilKept',
    text: text`About ${amount} ${gap > 0 ? 'more' : 'less'} oil a piece.`,
    better: gap < 0,
    weight: Math.min(most, Math.abs(gap) / full),
  };
};

const bowls: Comparer = (a, b) => {
  const gap = b.bowls.length - a.bowls.length;
  if (gap === 0) return null;
  return {
    about: 'bowls',
    text: text`${counted(Math.abs(gap), 'bowl')} ${gap > 0 ? 'more' : 'fewer'}.`,
    better: gap < 0,
    weight: WORTH.bowls,
  };
};

const waste: Comparer = (a, b) => {
  const gap = wasted(b) - wasted(a);
  if (Math.abs(gap) < WORTH.wasteG.least) return null;
  const where = b.plan.station?.handling === 'fork' ? 'the fork' : 'hands';
  return {
    about: 'waste',
    text: text`About ${grams(Math.abs(gap), 0)} ${gap > 0 ? 'more' : 'less'} is left over or sticks to ${where}.`,
    better: gap < 0,
    weight: WORTH.wasteG.weight,
  };
};

const batches: Comparer = (a, b) => {
  const gap = b.load.batches - a.load.batches;
  if (gap === 0) return null;
  return {
    about: 'batches',
    text: text`${counted(Math.abs(gap), 'batch', 'batches')} ${gap > 0 ? 'more' : 'fewer'}.`,
    better: gap < 0,
    weight: WORTH.batches,
  };
};

const named = (list: readonly Allergen[]): string => list.map((id) => ALLERGENS[id].name).join(', ');

const allergensGone: Comparer = (a, b) => {
  const gone = a.allergens.filter((x) => !b.allergens.includes(x));
  if (gone.length === 0) return null;
  const said = text`No ${named(gone)} any more, by the ingredients.`;
  return { about: 'allergens', text: said, better: true, weight: WORTH.allergens.gone };
};

const allergensCome: Comparer = (a, b) => {
  const come = b.allergens.filter((x) => !a.allergens.includes(x));
  if (come.length === 0) return null;
  return { about: 'allergens', text: text`Brings ${named(come)}.`, better: false, weight: WORTH.allergens.come };
};

/** How long both stay crisp on a rack, where both were followed. */
const stays: Comparer = (a, b) => {
  const on = (r: AirResult) => r.waiting.find((w) => w.place === 'rack' && !w.sauced);
  const [from, to] = [on(a), on(b)];
  if (!from || !to) return null;
  const gap = (to.crispMin ?? STANDING_MIN) - (from.crispMin ?? STANDING_MIN);
  const { least, full, most } = WORTH.crispMin;
  if (Math.abs(gap) < least) return null;
  return {
    about: 'stays',
    text: text`Stays crisp ${Math.round(Math.abs(gap))} min ${gap > 0 ? 'longer' : 'shorter'} on a rack.`,
    better: gap > 0,
    weight: Math.min(most, Math.abs(gap) / full),
  };
};

/** The outcomes' part of it, each told apart by its own rule. */
const outcomes: Comparer[] = OUTCOME_KEYS.map((about) => (a, b) => {
  const [from, to] = [a.outcomes[about], b.outcomes[about]];
  const told = from && to && ruleOf(about).compare(from, to);
  return told ? { about, ...told } : null;
});

const COMPARERS: readonly Comparer[] = [
  works,
  minutes,
  temperature,
  oilKept,
  bowls,
  waste,
  batches,
  ...outcomes,
  allergensGone,
  allergensCome,
  stays,
];

/**
 * In what the second of two air cooks of one dish differs from the first, most important first: outcomes, minutes, oil,
 * bowls, batches and allergens. Differences that nobody would notice are left out.
 */
export const differences = (a: AirResult, b: AirResult): Difference[] =>
  COMPARERS.map((compare) => compare(a, b))
    .filter((d): d is Difference => d !== null)
    .sort((x, y) => y.weight - x.weight);
