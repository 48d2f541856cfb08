import {
  lyingOf,
  stateOf,
  wentOn,
  type CookEvent,
  type CookPace,
  type CounterBatch,
  type Programme,
  type Saw,
} from '../counter/index.js';
import { asPlanned } from '../dish/index.js';
import {
  centreAtS,
  colourUnder,
  meant,
  seriesUnder,
  valueAt,
  NOTHING_KNOWN,
  wantedCentre,
  type Face,
} from '../evidence/index.js';
import type { Pantry } from '../foods/index.js';
import { colourWord } from '../outcome/index.js';
import { celsius, text, type Text } from '../units/index.js';
import { SEEN } from './constants.js';
import { followedS, showing, sightAt } from './sight.js';
import { trueSeries, type Surprise, type Truth } from './truth.js';

/** How a batch of a rehearsal came out, by what it really was. */
export interface BatchReview {
  batch: string;
  name: string;
  number: number;
  of: number;
  fryer: string;
  /** s in its fryer: by the plan, and as it was. */
  plannedS: number;
  tookS: number;
  /** °C of the centre when it came out, and wanted; null where nothing is wanted. */
  centreC: number;
  wantedC: number;
  unsafe: boolean;
  /** Colour of the paler face in a word: meant, as it came out, and as it would have been by the plan's minutes. */
  meant: string;
  came: string;
  byPlan: string;
  /** B of the same. */
  meantB: number;
  cameB: number;
  byPlanB: number;
  /** What showed and was said, and what showed and was not. */
  seen: Saw[];
  missed: Saw[];
  /** What that cost, or what was saved by it. */
  cost: Text;
}

/** What a surprise is: what it looks like, and what to do. Common practice, no source. */
export const ABOUT_SURPRISE: Record<Surprise, { name: string; looks: string; does: string }> = {
  'runs-hot': {
    name: 'The fryer runs hot',
    looks: 'The air reads above its setting from the first minutes, and the crust is ahead at half time.',
    does: 'Take it out sooner, set the next batch lower, and let the thermometer decide about the centre.',
  },
  'opened-often': {
    name: 'It was opened too often',
    looks: 'The air falls with every look, and centre and colour lag behind the plan.',
    does: 'Look at half time and at the end; add the minutes that the looks have cost.',
  },
  'no-oil': {
    name: 'The oil was forgotten',
    looks: 'White, dry spots at half time that do not brown.',
    does: 'Oil them outside the fryer at half time; before the next batch, oil on the tray.',
  },
  'thin-batter': {
    name: 'The batter was too thin',
    looks: 'It runs before it sets, and the coat is thin and dark at its edges.',
    does: 'A little more flour, and let each piece drip; crumbs over it hold what is left.',
  },
  crowded: {
    name: 'The basket was crowded',
    looks: 'The air is cooler than its setting, everything stays pale, and the sides that touch stay soft.',
    does: 'Part them, cook in two batches, and give this one its minutes.',
  },
};

const palerAt = (series: ReturnType<typeof trueSeries>, atS: number, browningLog: number): number =>
  Math.min(...(['up', 'down'] as Face[]).map((face) => colourUnder(series, face, atS, browningLog)));

function reviewed(
  pantry: Pantry,
  programme: Programme,
  batch: CounterBatch,
  truth: Truth,
  state: ReturnType<typeof stateOf>,
  atEndS: number,
): BatchReview | null {
  const own = state.batches.get(batch.key)!;
  if (own.inS === null) return null;
  const lying = lyingOf(pantry, programme, batch);
  const planned = meant(lying);
  const plannedS = Math.round(planned.minutes * 60);
  const tookS = (own.outS ?? atEndS) - own.inS;
  const series = trueSeries(lying, truth, wentOn(lying, own)(followedS(lying)));
  const asMeant = seriesUnder(lying, NOTHING_KNOWN, planned);
  const browning = truth.unknowns.browningLog;
  const meantB = palerAt(asMeant, plannedS, 0);
  const cameB = palerAt(series, tookS, browning);
  const byPlanB = palerAt(series, plannedS, browning);
  const centreC = valueAt(series, series.columns.centreC, tookS);
  const wantedC = wantedCentre(lying, asMeant);
  const unsafe = batch.safeC !== null && centreC < batch.safeC;
  const halfS = (asPlanned(batch.plan).turnAtMin ?? planned.minutes / 2) * 60;
  // As it lay just before it was turned.
  const half = sightAt(series, truth, null, halfS);
  const showed = showing(half, colourUnder(asMeant, 'up', halfS, 0));
  const said = [...new Set(own.seen.map((s) => s.saw))];
  const missed = showed.filter((saw) => !said.includes(saw));
  const { name } = programme.dishes.find((d) => d.id === batch.dishId)!;
  const common = { batch: batch.key, name, number: batch.number, of: batch.of, fryer: batch.fryer.name };
  const words = { meant: colourWord(meantB), came: colourWord(cameB), byPlan: colourWord(byPlanB) };
  const safeAtS = centreAtS(series, wantedC);
  return {
    ...common,
    ...words,
    plannedS,
    tookS,
    centreC,
    wantedC,
    unsafe,
    meantB,
    cameB,
    byPlanB,
    seen: said,
    missed,
    cost: costOf({ ...words, unsafe, centreC, wantedC, meantB, cameB, byPlanB }, safeAtS, tookS),
  };
}

/** How far a colour is from what was meant, as a logarithm of B. */
const awayFrom = (b: number, meantB: number): number =>
  Math.abs(Math.log(Math.max(SEEN.least, b) / Math.max(SEEN.least, meantB)));

function costOf(
  {
    meant: wanted,
    came,
    byPlan,
    unsafe,
    centreC,
    wantedC,
    meantB,
    cameB,
    byPlanB,
  }: Pick<BatchReview, 'meant' | 'came' | 'byPlan' | 'unsafe' | 'centreC' | 'wantedC' | 'meantB' | 'cameB' | 'byPlanB'>,
  safeAtS: number | null,
  tookS: number,
): Text {
  if (unsafe) {
    const more =
      safeAtS === null
        ? 'it never gets there in this setting'
        : `it needed ${Math.max(1, Math.round((safeAtS - tookS) / 60))} min more`;
    return text`Not safe: its centre came out at ${celsius(centreC)}, and must reach ${celsius(wantedC)}; ${more}.`;
  }
  const [now, plan] = [awayFrom(cameB, meantB), awayFrom(byPlanB, meantB)];
  if (now < SEEN.step * 2) {
    return plan > SEEN.step * 2
      ? text`Came out ${came}, as it was meant; by the plan’s minutes it would have been ${byPlan === came ? (byPlanB > cameB ? 'darker' : 'paler') : byPlan}.`
      : text`Came out ${came}, as it was meant.`;
  }
  const shade = came === wanted ? `a little ${cameB > meantB ? 'darker' : 'paler'} than meant` : `not ${wanted}`;
  return now < plan
    ? text`Came out ${came}, ${shade}; by the plan’s minutes it would have been ${byPlan === came ? 'further off' : byPlan}.`
    : text`Came out ${came}, ${shade}.`;
}

/**
 * The end of a rehearsal: what each batch really was, what showed, what was said of it, and what the rest cost.
 * @param truthOf what was really so of a batch
 * @param nowS s of the cook's clock, for what is still in its fryer
 */
export function reviewOf(
  pantry: Pantry,
  programme: Programme,
  pace: CookPace,
  events: readonly CookEvent[],
  truthOf: (batch: CounterBatch) => Truth,
  nowS: number,
): BatchReview[] {
  const state = stateOf(programme, pace, events);
  return programme.batches.flatMap((batch) => reviewed(pantry, programme, batch, truthOf(batch), state, nowS) ?? []);
}
