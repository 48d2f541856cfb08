import { fingerprint, type Happened } from '../dish/index.js';
import {
  believed,
  forecast,
  meant,
  nextBatch,
  NOTHING_KNOWN,
  priorOf,
  seriesUnder,
  spreadOf,
  valueAt,
  wholeMinutes,
  type Belief,
  type Evidence,
  type Forecast,
  type Lying,
} from '../evidence/index.js';
import type { Pantry } from '../foods/index.js';
import type { CookSeries } from '../heat/index.js';
import { Remembered } from '../units/index.js';
import { OTHER_SETTING, REPLANNED } from './constants.js';
import type { BatchState, CookState } from './fold.js';
import { standsStill, withoutProbe } from './screen.js';
import type { CounterBatch, Programme } from './types.js';

/** What was seen and read of a cook, put into the simulation: how long each batch takes after all. */
export interface BatchCorrection {
  batch: string;
  /** s that it takes in its fryer, by all that is known, with what the cook added by hand. */
  takesS: number;
  /** s that the plan gives it. */
  plannedS: number;
  /** The setting for a batch that is still to come, °C; null where the planned one stays. */
  setC: number | null;
  /** When centre and colour are there; null where nothing was read of its fryer. */
  forecast: Forecast | null;
  /** What is believed of its fryer and its food by now. */
  belief: Belief;
  /** Readings and looks that speak of it or of batches before it. */
  told: number;
  /** Its probe stands still, and is not believed. */
  still: boolean;
}

export type Corrections = ReadonlyMap<string, BatchCorrection>;

/** A batch as the simulation takes it. */
export function lyingOf(pantry: Pantry, { dishes }: Pick<Programme, 'dishes'>, batch: CounterBatch): Lying {
  const { dish } = dishes.find((d) => d.id === batch.dishId)!;
  const { plan, fryer, load } = batch;
  return { pantry, dish, plan, fryer, load };
}

/** When a batch was turned, or will be by its plan, min; null where it is not. */
export const turnedAtMin = ({ plan }: Pick<CounterBatch, 'plan'>, state: BatchState | undefined): number | null =>
  (state?.turnedS ?? null) === null ? plan.settings.turnAtMin : state!.turnedS! / 60;

/** How a batch went so far, and goes on by its plan. */
export function wentOn(lying: Lying, state: BatchState | undefined): (untilS: number) => Happened {
  const planned = meant(lying);
  const opened = (state?.openedS ?? []).map((s) => s / 60);
  const turnAtMin = turnedAtMin(lying, state);
  // What is still to come comes as planned.
  const last = Math.max(0, ...opened);
  const opensAtMin = [...opened, ...planned.opensAtMin.filter((m) => opened.length === 0 || m > last + SAME_MIN)];
  return (untilS) => ({
    minutes: untilS / 60,
    turnAtMin,
    opensAtMin,
    touchUpAtMin: planned.touchUpAtMin === null ? null : (turnAtMin ?? planned.touchUpAtMin),
  });
}
/** Openings that are nearer to each other are the same, min. */
const SAME_MIN = 1;

const within = (value: number, plannedS: number): number =>
  Math.min(REPLANNED.most * plannedS, Math.max(REPLANNED.least * plannedS, value));

/** A setting that makes up for a thermostat that is off, where that is known well enough. */
function otherSetting(batch: CounterBatch, belief: Belief): number | null {
  const { fryer, plan } = batch;
  const off = belief.mean.offsetK;
  const step = fryer.stepC * OTHER_SETTING;
  if (Math.abs(off) < step || spreadOf(belief, 'offsetK') > step / 2) return null;
  const wanted = plan.settings.tempC - Math.round(off / fryer.stepC) * fryer.stepC;
  const set = Math.min(fryer.maxTempC, Math.max(fryer.minTempC, wanted));
  return set === plan.settings.tempC ? null : set;
}

const PLANNED = new Remembered<CookSeries>(60);
const BELIEVED = new Remembered<Belief>(200);
const FORECASTS = new Remembered<Forecast>(120);

/** What a batch's simulation depends on, beside what is believed. */
const keyOf = ({ dish, plan, fryer, load }: Lying, state: BatchState | undefined): string =>
  fingerprint([dish, plan, fryer, load, Math.round(state?.turnedS ?? -1), state?.openedS.map(Math.round) ?? []]);

/** A batch as it is planned, with nothing known of it. */
export const plannedSeries = (lying: Lying): CookSeries =>
  PLANNED.get(keyOf(lying, undefined), () => seriesUnder(lying, NOTHING_KNOWN, meant(lying)));

/** The evidence of a batch that is believed, and whether its probe stands still. */
function trusted(lying: Lying, evidence: readonly Evidence[]): { evidence: Evidence[]; still: boolean } {
  if (!evidence.some((e) => e.what === 'centre' && e.by === 'probe')) return { evidence: [...evidence], still: false };
  const asMeant = plannedSeries(lying);
  const planned = (s: number): number => valueAt(asMeant, asMeant.columns.centreC, s);
  const still = standsStill(evidence, (fromS, toS) => planned(toS) - planned(fromS));
  return { evidence: still ? withoutProbe(evidence) : [...evidence], still };
}

/**
 * What all that was seen and read makes of every batch, fryer by fryer in the order in which its batches go in: what one
 * teaches of its fryer, the next ones begin with.
 */
export function corrected(pantry: Pantry, programme: Programme, state: CookState): Map<string, BatchCorrection> {
  const beliefs = new Map<string, { belief: Belief; told: number }>();
  const found = new Map<string, BatchCorrection>();
  const loads = new Map(programme.steps.filter((s) => s.kind === 'load' && s.batch).map((s) => [s.batch!, s.fromS]));
  const wentIn = ({ key }: CounterBatch): number => state.batches.get(key)?.inS ?? Infinity;
  const order = [...programme.batches].sort(
    (a, b) => wentIn(a) - wentIn(b) || (loads.get(a.key) ?? 0) - (loads.get(b.key) ?? 0),
  );
  for (const batch of order) {
    const lying = lyingOf(pantry, programme, batch);
    const own = state.batches.get(batch.key);
    const before = beliefs.get(batch.fryer.name) ?? { belief: priorOf(batch.fryer), told: 0 };
    const { evidence, still } = trusted(lying, own?.evidence ?? []);
    const went = wentOn(lying, own);
    const key = keyOf(lying, own);
    const belief =
      evidence.length > 0
        ? BELIEVED.get(fingerprint([key, before.belief, evidence]), () =>
            believed(lying, before.belief, evidence, went),
          )
        : before.belief;
    const told = before.told + evidence.length;
    const plannedS = Math.round(wholeMinutes(batch.plan) * 60);
    const setC = (own?.inS ?? null) === null && told > 0 ? otherSetting(batch, belief) : null;
    const set =
      setC === null ? lying : { ...lying, plan: { ...lying.plan, settings: { ...lying.plan.settings, tempC: setC } } };
    const seen =
      told > 0 && (own?.outS ?? null) === null
        ? FORECASTS.get(fingerprint([key, setC, belief]), () => forecastFor(lying, set, belief, went))
        : null;
    // Where nobody looks at the colour, the plan's minutes hold unless what is known speaks against them.
    const byModel = seen ? within(Math.max(seen.out.atS, centreFirst(batch, seen)), plannedS) : plannedS;
    found.set(batch.key, {
      batch: batch.key,
      takesS: tookS(own) ?? Math.max(0, Math.round(byModel + (own?.addedS ?? 0))),
      plannedS,
      setC,
      forecast: seen,
      belief,
      told,
      still,
    });
    beliefs.set(batch.fryer.name, { belief: nextBatch(belief), told });
  }
  return found;
}

/** s that a batch took that is out; null before. */
const tookS = (state: BatchState | undefined): number | null =>
  state && state.inS !== null && state.outS !== null ? Math.round(state.outS - state.inS) : null;

/** The forecast in another setting is held to what the plan comes to in its own. */
const forecastFor = (lying: Lying, set: Lying, belief: Belief, went: (untilS: number) => Happened): Forecast => {
  const planned = forecast(lying, belief, went);
  if (set === lying) return planned;
  const there = forecast(set, belief, went);
  return { ...there, asMeant: planned.asMeant };
};

/** What must be safe stays in until it is, by one spread more than the likeliest time. */
const centreFirst = ({ safeC }: CounterBatch, { centre }: Forecast): number =>
  safeC !== null && centre ? centre.atS + centre.offS : 0;
