import { bowlsFor, PLAIN_STATION, type CoatLayer } from '../coat/index.js';
import { clockOfCook, stateOf } from '../counter/index.js';
import { batchOfDish, type LoggedCook } from '../diagnose/index.js';
import { dishAs, readyPiece, wholeOf, type Dish, type Hands } from '../dish/index.js';
import { coatShare, PACES } from '../evening/index.js';
import { inverse, solve, studentWeight } from '../evidence/index.js';
import type { Pantry } from '../foods/index.js';
import { counted, listed, NEXT_TO_NOTHING, text, type Text } from '../units/index.js';
import {
  AT_ONCE_S,
  HAND_SPREADS,
  HAND_WITHIN,
  SAID_FROM,
  TIMED_WITHIN,
  TOLD_TAILS,
  WEIGHED_OFF,
  WEIGHED_ROUNDS,
} from './constants.js';
import { believedLog, fadedBy, type BelievedLog, type ToldLog } from './scalar.js';

/** What was weighed of a dish's coating, g: all pieces bare and coated; what was left in the last bowl. */
export interface WeighedDish {
  rawG?: number;
  coatedG?: number;
  leftG?: number;
}

/** A cook as hands are learned from it. */
export interface HandCook extends LoggedCook {
  id: string;
  daysAgo: number;
  weighed?: WeighedDish;
}

/** What was weighed of one cook, beside what usual hands would have picked up. */
export interface WeighedCoat {
  daysAgo: number;
  /** g of wet and of dry layers that usual hands put on, and what was told to be on. */
  wetG: number;
  dryG: number;
  toldG: number;
  spread: number;
}

/** What was learned of the hands of a kitchen. */
export interface LearnedHands {
  dips: BelievedLog;
  crumbs: BelievedLog;
  /** Seconds of one piece through three bowls. */
  coatPieceS: { is: number; off: number };
  /** Cooks that were weighed, and that were timed. */
  weighed: number;
  timed: number;
}

const gramsOf = (layers: readonly CoatLayer[], areaM2: number, wet: boolean): number =>
  layers.filter((l) => l.wet === wet && !l.sheet).reduce((sum, l) => sum + l.pickUpGm2 * areaM2, 0);

/** A dish as usual hands coat it. */
const byUsualHands = ({ hand: _, ...dish }: Dish): Dish => dish;

/** What the weights of one cook say of its coat. @throws Refusal for an unknown food or ingredient */
export function weighedCoats(pantry: Pantry, cook: HandCook): WeighedCoat[] {
  const { programme, weighed = {}, daysAgo } = cook;
  const batch = batchOfDish(programme, cook.dish, stateOf(programme, cook.pace, cook.events));
  const own = programme.dishes.find((d) => d.id === cook.dish);
  if (!batch || !own) return [];
  const { plan } = batch;
  const made = dishAs(own.dish, plan);
  const { layers } = readyPiece(pantry, byUsualHands(made), plan.layers, plan.second);
  const { areaM2 } = wholeOf(pantry, made);
  const found: WeighedCoat[] = [];
  const { rawG, coatedG, leftG } = weighed;
  if (rawG !== undefined && coatedG !== undefined && coatedG > rawG)
    found.push({
      daysAgo,
      wetG: gramsOf(layers, areaM2, true),
      dryG: gramsOf(layers, areaM2, false),
      toldG: coatedG - rawG,
      spread: WEIGHED_OFF.coat,
    });
  const last = layers.at(-1);
  if (leftG !== undefined && last && !last.wet) {
    // The bowl was measured out for the hands that were known then.
    const then = readyPiece(pantry, made, plan.layers, plan.second).layers;
    const bowl = bowlsFor(then, areaM2, made.count, plan.station).find((b) => b.visits.includes(layers.length - 1))!;
    const usual = bowlsFor(layers, areaM2, made.count, plan.station).find((b) => b.visits.includes(layers.length - 1))!;
    const toldG = bowl.totalG - leftG;
    if (toldG > 0) found.push({ daysAgo, wetG: 0, dryG: usual.onFoodG + usual.lostG, toldG, spread: WEIGHED_OFF.bowl });
  }
  return found.filter((w) => w.wetG + w.dryG > NEXT_TO_NOTHING);
}

/**
 * Seconds in which a dish was coated, by a cook's own taps, against usual hands: from the tap before of the same pair.
 * Where the plan has that pair wait before it coats, nobody knows when it began, and nothing is told.
 */
export function timedCoats({ programme, dish, pace, events, daysAgo }: HandCook): ToldLog[] {
  const clock = clockOfCook(pace, events);
  const done = events.flatMap((e) => {
    const step = e.what === 'done' && e.by === 'cook' && programme.steps.find((s) => s.id === e.step);
    return step ? [{ step, atS: clock(e.atMs) }] : [];
  });
  const usualS = PACES.find(({ id }) => id === 'coatPieceS')!.value;
  return done.flatMap(({ step, atS }) => {
    const batch = programme.batches.find((b) => b.key === step.batch);
    if (step.kind !== 'coat' || step.dishId !== dish || !batch) return [];
    const before = done
      .filter((d) => d.step.cook === step.cook && d.atS < atS)
      .reduce<(typeof done)[number] | null>((last, d) => (last && last.atS > d.atS ? last : d), null);
    if (!before || before.step.toS < step.fromS - AT_ONCE_S) return [];
    const share = coatShare(batch.plan.layers.length, batch.plan.station ?? PLAIN_STATION);
    const log = Math.log((atS - before.atS) / (usualS * share * batch.pieces));
    return Math.abs(log) > Math.log(TIMED_WITHIN) ? [] : [{ log, spread: WEIGHED_OFF.timed, daysAgo }];
  });
}

/** Dips and crumbs by all that was weighed: both at once, since a coated piece is both. */
function pickUps(weighed: readonly WeighedCoat[]): { dips: BelievedLog; crumbs: BelievedLog } {
  const usual = [HAND_SPREADS.dips ** -2, HAND_SPREADS.crumbs ** -2];
  let at = [0, 0];
  let precision = [
    [usual[0], 0],
    [0, usual[1]],
  ];
  for (let round = 0; round < WEIGHED_ROUNDS; round++) {
    const pull = [-usual[0] * at[0], -usual[1] * at[1]];
    precision = [
      [usual[0], 0],
      [0, usual[1]],
    ];
    for (const { wetG, dryG, toldG, spread, daysAgo } of weighed) {
      const parts = [wetG * Math.exp(at[0]), dryG * Math.exp(at[1])];
      const shown = parts[0] + parts[1];
      const off = Math.log(toldG / shown);
      const slope = parts.map((part) => part / shown);
      const weight = (studentWeight(off / spread, TOLD_TAILS) * fadedBy(daysAgo)) / spread ** 2;
      slope.forEach((s, i) => {
        pull[i] += weight * s * off;
        slope.forEach((t, j) => (precision[i][j] += weight * s * t));
      });
    }
    const by = solve(precision, pull);
    at = at.map((v, i) => v + by[i]);
  }
  const covariance = inverse(precision);
  const of = (i: number): BelievedLog => ({ log: at[i], off: Math.sqrt(covariance[i][i]) });
  return { dips: of(0), crumbs: of(1) };
}

/** What was learned of the hands of a kitchen from all that was weighed and timed in it. */
export function learnHands(weighed: readonly WeighedCoat[], timed: readonly ToldLog[]): LearnedHands {
  const { log, off } = believedLog(HAND_SPREADS.pace, timed);
  const usualS = PACES.find(({ id }) => id === 'coatPieceS')!.value;
  return {
    ...pickUps(weighed),
    coatPieceS: { is: usualS * Math.exp(log), off: usualS * Math.exp(log) * off },
    weighed: weighed.length,
    timed: timed.length,
  };
}

const stepped = (log: number): number => {
  const { min, max, step } = HAND_WITHIN;
  return Number((Math.round(Math.min(max, Math.max(min, Math.exp(log))) / step) * step).toFixed(2));
};

/** The hands as dishes take them: nothing where nothing was weighed, or where they are as usual. */
export function handOf({ dips, crumbs, weighed }: LearnedHands): Hands | null {
  const hand = { dips: stepped(dips.log), crumbs: stepped(crumbs.log) };
  return weighed === 0 || (hand.dips === 1 && hand.crumbs === 1) ? null : hand;
}

/** Seconds of a piece through three bowls as evenings take it; null where nothing was timed. */
export const coatPaceOf = ({ coatPieceS, timed }: LearnedHands): number | null => {
  const { min, max } = PACES.find(({ id }) => id === 'coatPieceS')!;
  return timed === 0 ? null : Math.round(Math.min(max, Math.max(min, coatPieceS.is)));
};

const percent = (log: number): number => Math.round(100 * (Math.exp(log) - 1));

/** "These hands put 12 ± 8 % more crumbs on than usual, by 3 weighings." Empty where nothing was weighed or timed. */
export function saidOfHands({ dips, crumbs, coatPieceS, weighed, timed }: LearnedHands): Text {
  const parts = (
    [
      [dips, 'batter, egg and dip'],
      [crumbs, 'flour and crumbs'],
    ] as const
  ).map(([{ log, off }, name]) => {
    const by = percent(log);
    return Math.abs(by) < SAID_FROM.percent
      ? `as much ${name} as usual (± ${Math.round(100 * off)} %)`
      : `${Math.abs(by)} ± ${Math.round(100 * off)} % ${by > 0 ? 'more' : 'less'} ${name}`;
  });
  const sticks = weighed === 0 ? '' : `Here ${listed(parts)} stick, by ${counted(weighed, 'weighing')}.`;
  const pace =
    timed === 0
      ? ''
      : `A piece takes ${Math.round(coatPieceS.is)} ± ${Math.round(coatPieceS.off)} s through three bowls, by ${counted(timed, 'batch', 'batches')}.`;
  return text`${[sticks, pace].filter(Boolean).join(' ')}`;
}
