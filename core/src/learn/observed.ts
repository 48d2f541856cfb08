import { batchOfDish, FIELD_SCALES, observationsOf, type LoggedCook, type Seen } from '../diagnose/index.js';
import { stateOf, lyingOf, type CookState, type CounterBatch } from '../counter/index.js';
import type { FriedCook, Happened } from '../dish/index.js';
import {
  colourUnder,
  offBy,
  shownBy,
  thinned,
  valueAt,
  type Evidence,
  type Face,
  type Lying,
} from '../evidence/index.js';
import type { Pantry } from '../foods/index.js';
import { lyingUp, opposite, type CookSeries, type Level } from '../heat/index.js';
import { happenedIn } from '../logbook/index.js';
import { NEXT_TO_NOTHING } from '../units/index.js';
import { COLOUR_ENDS, LEARNED_FROM, READINGS_COUNT } from './constants.js';

/** A cook that something may be learned from. */
export interface LearningCook extends LoggedCook {
  id: string;
  daysAgo: number;
}

/** Something that was told of a cook, beside what a simulation of it would have shown. */
export interface Observed {
  what: 'colour' | 'centre' | 'reading';
  /** How far what was told lies off what a simulated cook shows, in what it may be off by. */
  off(series: CookSeries, browningLog: number): number;
  /** The same in numbers, where it was noted when the cook was over: a colour as a logarithm of B, a centre in °C. */
  noted?: Noted;
}

/** What was noted, what it may be off by, and what a simulated cook shows there. */
export interface Noted {
  told: number;
  spread: number;
  shown(series: CookSeries, browningLog: number): number;
}

const ofNoted = (what: 'colour' | 'centre', noted: Noted): Observed => ({
  what,
  off: (series, browningLog) => (noted.told - noted.shown(series, browningLog)) / noted.spread,
  noted,
});

/** A cook as learning takes it: how it lay, how it went, and what was told of it. */
export interface ObservedCook {
  id: string;
  fryer: string;
  daysAgo: number;
  lying: Lying;
  happened: Happened;
  /** The rack that it lay on, where that was told. */
  level?: Level;
  observed: readonly Observed[];
  /** What teaches nothing of its fryer, and shows how right its plan was. */
  checked?: Checked;
}

/** A value that was noted, and one standard deviation of it. */
export interface NotedValue {
  told: number;
  spread: number;
}

/** What was noted of a cook that shows how right its plan was, beside what its fryer is learned from. */
export interface Checked {
  /** The colour of the face that lay up, as a logarithm of B: so brown it was after the minutes that it had. */
  brown: (NotedValue & { face: Face }) | null;
  /** Share of the skin without a coat, and the dish as it is fried, against which the coat is judged. */
  bald: (NotedValue & { fried: FriedCook }) | null;
}

/** What a cook noted, as far as a fryer can be learned from it. */
export interface ToldOfCook extends Pick<Seen, 'colourTop' | 'colourUnder' | 'centreC' | 'atMin' | 'bald'> {
  overall?: string;
}

const logB = (b: number): number => Math.log(Math.max(NEXT_TO_NOTHING, b));

/** A told colour as a logarithm of B, and what it may be off by: a word has its width. */
function colourTold(told: number | string): { log: number; spread: number } {
  if (typeof told === 'number') return { log: logB(Math.max(COLOUR_ENDS.least, told)), spread: LEARNED_FROM.colour };
  const word = FIELD_SCALES.colourTop.words.find((w) => w.word === told)!;
  const [from, to] = [Math.max(COLOUR_ENDS.least, word.from), Math.min(COLOUR_ENDS.most, word.to)].map(logB);
  const half = (to - from) / 2;
  // A value that may lie anywhere in a width has a spread of its half over the root of three.
  return { log: (from + to) / 2, spread: Math.hypot(half / Math.sqrt(3), LEARNED_FROM.colour) };
}

const colourOf = (face: Face, atS: number, { log, spread }: { log: number; spread: number }): Observed =>
  ofNoted('colour', {
    told: log,
    spread,
    shown: (series, browningLog) => logB(colourUnder(series, face, atS, browningLog)),
  });

/** Colours that were told; where none were, and it was good, its golden ones. */
function coloursOf(seen: ToldOfCook, { minutes, turnAtMin }: Happened): Observed[] {
  const top = lyingUp(turnAtMin, minutes);
  const told = [
    ...(seen.colourTop === undefined ? [] : [colourOf(top, minutes * 60, colourTold(seen.colourTop))]),
    ...(seen.colourUnder === undefined ? [] : [colourOf(opposite(top), minutes * 60, colourTold(seen.colourUnder))]),
  ];
  if (told.length > 0 || !['keeper', 'good'].includes(seen.overall ?? '')) return told;
  // Nobody noted a colour: it says something of the fryer, and nothing of how right a plan was.
  const { noted: _, ...golden } = colourOf(top, minutes * 60, { log: 0, spread: LEARNED_FROM.good });
  return [golden];
}

/** The centre that was noted. */
function centreOf({ centreC, atMin }: ToldOfCook, { minutes }: Happened): Observed[] {
  const at = atMin ?? minutes;
  if (centreC === undefined || at > minutes) return [];
  return [
    ofNoted('centre', {
      told: centreC,
      spread: LEARNED_FROM.centreK,
      shown: (series) => valueAt(series, series.columns.centreC, at * 60),
    }),
  ];
}

const kindOf = (e: Evidence): 'colour' | 'hand' | 'probe' | 'air' => (e.what === 'centre' ? e.by : e.what);

/** What a reading may lie off by here. */
const SPREAD = { hand: LEARNED_FROM.centreK, probe: LEARNED_FROM.probeK, air: LEARNED_FROM.airK };

/** What was read and tapped at the counter; many readings of one sensor count as few. */
function readingsOf(given: readonly Evidence[]): Observed[] {
  const evidence = thinned(given);
  return evidence.map((one): Observed => {
    const kind = kindOf(one);
    // "Paler" beside a swatch says as much here as at the counter.
    if (kind === 'colour' || one.what === 'colour')
      return { what: 'colour', off: (series, browningLog) => offBy([one], series, browningLog)[0] };
    const many = evidence.filter((e) => kindOf(e) === kind).length;
    const counts = kind === 'hand' ? 1 : Math.sqrt(Math.min(1, READINGS_COUNT / many));
    return {
      what: 'reading',
      off: (series) => {
        const shown = shownBy(series);
        const read = one.what === 'air' ? shown.airC : one.by === 'probe' ? shown.centreC : series.columns.centreC;
        return ((one.tempC - valueAt(series, read, one.atS)) / SPREAD[kind]) * counts;
      },
    };
  });
}

/** Racks as a record tells them: 0 the lower, 1 the only one of a batch, 2 the upper. */
const TOLD_RACKS: readonly (Level | undefined)[] = ['lower', 'only', 'upper'];
const RACK_UNTOLD = -1;

/** What was told of a cook that happened so. @param evidence what was read and tapped while it cooked */
export const toldOfCook = (seen: ToldOfCook, evidence: readonly Evidence[], happened: Happened): Observed[] => [
  ...coloursOf(seen, happened),
  ...centreOf(seen, happened),
  ...readingsOf(evidence),
];

/** What was noted of a cook that shows how right its plan was. */
export function checkedOf(
  { colourTop, bald }: ToldOfCook,
  { turnAtMin, minutes }: Happened,
  fried: FriedCook,
): Checked {
  const brown = colourTop === undefined ? null : colourTold(colourTop);
  const [share] = observationsOf({ bald });
  return {
    brown: brown && { told: brown.log, spread: brown.spread, face: lyingUp(turnAtMin, minutes) },
    bald: share
      ? {
          told: (share.from + share.to) / 2,
          spread: Math.hypot((share.to - share.from) / 2 / Math.sqrt(3), LEARNED_FROM.bald),
          fried,
        }
      : null,
  };
}

/**
 * What one dish of a cook says of its fryer; null where it has no batch. Rehearsals say nothing, and are not asked.
 * @throws Refusal for a food or an ingredient that is not in the pantry
 */
export function observedOf(pantry: Pantry, cook: LearningCook): ObservedCook | null {
  const state: CookState = stateOf(cook.programme, cook.pace, cook.events);
  const batch: CounterBatch | undefined = batchOfDish(cook.programme, cook.dish, state);
  if (!batch) return null;
  const { lying, happened } = happenedIn(lyingOf(pantry, cook.programme, batch), cook, batch, state);
  const evidence = cook.recipe ? [] : (state.batches.get(batch.key)?.evidence ?? []);
  return {
    id: cook.id,
    fryer: batch.fryer.name,
    daysAgo: cook.daysAgo,
    lying,
    happened,
    level: lying.fryer.racks > 1 ? TOLD_RACKS[Number(cook.seen.did?.rack ?? RACK_UNTOLD)] : undefined,
    observed: toldOfCook(cook.seen, evidence, happened),
    checked: checkedOf(cook.seen, happened, cook.programme.dishes.find((d) => d.id === cook.dish)!.fried),
  };
}
