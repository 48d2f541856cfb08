import { counted, listed, text, type Text } from '../units/index.js';
import { BY_CHANCE, MORE_ANSWERS, SAID_FROM_CHANCE } from './constants.js';
import { rankTest, signTest } from './exact.js';

/** What tasters are asked of all ways at once. */
export const TASTED = ['crisper', 'again', 'holds', 'taste'] as const;
export type Tasted = (typeof TASTED)[number];

/** What one tasting answered: ways by their places, the best first; null where they could not be told apart. */
export interface TastingAnswer {
  taster: string;
  order: readonly number[] | null;
}

/** What the answers come to. */
export interface ExperimentResult {
  /** Answers that told the ways apart, and that did not. */
  told: number;
  alike: number;
  /** How often each way came first, and its mean rank, 1 the best. */
  first: number[];
  meanRank: (number | null)[];
  /** The way that is ahead; null while none is. */
  ahead: number | null;
  test: 'sign' | 'ranks';
  /** How often pure chance would part them as far, 0–1. */
  chance: number;
  sure: 'nothing' | 'leaning' | 'sure';
  /** So many more answers, all for the one that is ahead, would settle it; null where it is settled, or too far off. */
  more: number | null;
  says: Text;
}

interface Counted {
  sums: number[];
  first: number[];
  told: number;
}

function countedUp(answers: readonly TastingAnswer[], ways: number): Counted {
  const sums = new Array<number>(ways).fill(0);
  const first = new Array<number>(ways).fill(0);
  const told = answers.filter((a) => a.order !== null);
  for (const { order } of told) {
    order!.forEach((way, at) => (sums[way] += at + 1));
    first[order![0]] += 1;
  }
  return { sums, first, told: told.length };
}

const chanceOf = ({ sums, first, told }: Counted): number =>
  sums.length === 2 ? signTest(first[0], told) : rankTest(sums, told);

const aheadIn = ({ sums, told }: Counted): number | null => {
  const best = Math.min(...sums);
  return told > 0 && sums.filter((s) => s === best).length === 1 ? sums.indexOf(best) : null;
};

/** How many more answers alike would settle it, each with the way that is ahead first and the others in the order they stand in. */
function moreTo(counts: Counted, ahead: number): number | null {
  const others = counts.sums.map((_, way) => way).filter((way) => way !== ahead);
  const order = [ahead, ...others.sort((a, b) => counts.sums[a] - counts.sums[b])];
  for (let more = 1; more <= MORE_ANSWERS; more++) {
    const sums = counts.sums.map((s, way) => s + more * (order.indexOf(way) + 1));
    const first = counts.first.map((f, way) => f + (way === ahead ? more : 0));
    if (chanceOf({ sums, first, told: counts.told + more }) <= BY_CHANCE.sure) return more;
  }
  return null;
}

const sureBy = (chance: number): ExperimentResult['sure'] =>
  chance <= BY_CHANCE.sure ? 'sure' : chance <= BY_CHANCE.leaning ? 'leaning' : 'nothing';

/** "one time in 14". */
const oneIn = (chance: number): string =>
  chance >= SAID_FROM_CHANCE.nearlyAll
    ? 'nearly every time'
    : chance >= SAID_FROM_CHANCE.half
      ? 'every other time'
      : `one time in ${Math.round(1 / chance)}`;

const FOUND_AS: Record<Tasted, string> = {
  crisper: 'crispest',
  again: 'best to have again',
  holds: 'to have the coat that holds best',
  taste: 'best in taste',
};

/** Tasters who answered more than once. */
const often = (answers: readonly TastingAnswer[]): string[] => [
  ...new Set(
    answers.filter((a, at) => answers.findIndex((b) => b.taster === a.taster) !== at).map(({ taster }) => taster),
  ),
];

function saidOf(
  names: readonly string[],
  asks: Tasted,
  answers: readonly TastingAnswer[],
  { told, alike, first, ahead, chance, sure, more }: Omit<ExperimentResult, 'says'>,
): Text {
  if (told + alike === 0) return text`Nobody has tasted yet.`;
  const same = alike === 0 ? '' : ` ${counted(alike, 'answer')} found them alike.`;
  if (ahead === null) return text`Nobody can say which is better: the answers fall to both sides.${same}`;
  const lead = text`${first[ahead]} of ${told} found “${names[ahead]}” ${FOUND_AS[asks]}.${same} If all were alike, chance alone would part them so far ${oneIn(chance)}`;
  const further = more === null ? '' : ` ${counted(more, 'more answer')} for it would settle it.`;
  const verdict = {
    sure: text`${lead}: that settles it, as far as this table goes.`,
    leaning: text`${lead}: it leans that way, and is not sure yet.${further}`,
    nothing: text`${lead}: nothing can be said from that.${further}`,
  }[sure];
  const repeated = often(answers);
  return repeated.length === 0
    ? verdict
    : text`${verdict} ${listed(repeated)} tasted more than once: it holds for them more than for others.`;
}

/**
 * What the answers of a tasting come to: two ways by the sign test, more by the ranks, both exact.
 * @param names of the ways
 */
export function resultOf(names: readonly string[], asks: Tasted, answers: readonly TastingAnswer[]): ExperimentResult {
  const counts = countedUp(answers, names.length);
  const { sums, first, told } = counts;
  const chance = chanceOf(counts);
  const ahead = aheadIn(counts);
  const sure = ahead === null ? 'nothing' : sureBy(chance);
  const found: Omit<ExperimentResult, 'says'> = {
    told,
    alike: answers.length - told,
    first,
    meanRank: sums.map((s) => (told === 0 ? null : s / told)),
    ahead,
    test: names.length === 2 ? 'sign' : 'ranks',
    chance,
    sure,
    more: ahead === null || sure === 'sure' ? null : moreTo(counts, ahead),
  };
  return { ...found, says: saidOf(names, asks, answers, found) };
}
