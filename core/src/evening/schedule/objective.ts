import { COAT_WAITS_MIN, CRISP_AGAIN_WORTH, OUT_OF_COLD, WET_COSTS } from '../constants/index.js';
import type { AtTable, EveningAsked } from '../types.js';
import type { Network } from '../tasks/network.js';
import type { Compiled } from './compile.js';
import type { Schedule } from './decode.js';
import { crispLost, type BatchPlace } from './standing.js';

/**
 * What a schedule is judged by, the gravest first: each is looked at only where all before it are alike.
 * @property broken minutes by which pins and the table break what must come first
 * @property cold minutes that raw coated flesh or egg is out of the cold beyond the limit
 * @property late minutes by which it would have had to begin before now
 * @property soft pieces that are no longer crisp when they are eaten
 * @property lost crispness lost on the whole, dish by dish, 0–1 each
 * @property apart minutes by which dishes come to the table further apart than was asked for
 * @property wet minutes that coats wait beyond what they bear
 * @property span minutes from the first task to the table
 * @property standing minutes that raw and cooked pieces wait, all batches together
 */
export interface Worth {
  broken: number;
  cold: number;
  late: number;
  soft: number;
  lost: number;
  apart: number;
  wet: number;
  span: number;
  standing: number;
}

/** Differences that nobody notices count as none. */
const STEPS: Record<keyof Worth, number> = {
  broken: 1e-3,
  cold: 1e-3,
  late: 0.25,
  soft: 0.5,
  lost: 0.02,
  apart: 0.1,
  wet: 0.5,
  span: 0.25,
  standing: 0.25,
};

const WHEN_SERVED_AT: readonly (keyof Worth)[] = [
  'broken',
  'cold',
  'late',
  'soft',
  'lost',
  'apart',
  'wet',
  'span',
  'standing',
];
const AS_SOON_AS: readonly (keyof Worth)[] = ['broken', 'cold', 'span', 'soft', 'lost', 'apart', 'wet', 'standing'];

/** Negative where a is the better one. */
export function compareWorth(a: Worth, b: Worth, asSoonAs: boolean): number {
  for (const key of asSoonAs ? AS_SOON_AS : WHEN_SERVED_AT) {
    const off = Math.round(a[key] / STEPS[key]) - Math.round(b[key] / STEPS[key]);
    if (off !== 0) return off;
  }
  return 0;
}

/**
 * What each of them weighs where a search has to go through something worse to come to something better: so much more the
 * graver that the order of `compareWorth` is nearly kept. Our choice.
 */
const WEIGHTS: Record<keyof Worth, number> = {
  broken: 1e5,
  cold: 1e4,
  late: 300,
  soft: 4,
  lost: 60,
  apart: 2,
  wet: 0.3,
  span: 0.05,
  standing: 0.01,
};
/** As soon as can be, its length weighs like being late. */
const SPAN_IN_HASTE = 10;

/** A schedule's cost as one number. */
export const costOf = (worth: Worth, asSoonAs: boolean): number =>
  (Object.keys(WEIGHTS) as (keyof Worth)[]).reduce(
    (sum, key) => sum + worth[key] * (asSoonAs && key === 'span' ? SPAN_IN_HASTE : WEIGHTS[key]),
    0,
  );

/** Minutes that raw flesh and egg may be out of the cold in such a kitchen. */
export const mostOutMin = (roomC: number): number =>
  roomC >= OUT_OF_COLD.hotC ? OUT_OF_COLD.hotMin : OUT_OF_COLD.mostMin;

/** How long each batch is out of the cold, from the first knife or bowl that takes it out to the fryer; and wet on its tray. */
export function rawWaits(
  places: readonly BatchPlace[],
  { blocks }: Compiled,
  { begins }: Schedule,
): { outMin: number; wetMin: number }[] {
  return places.map(({ batch, coat, out }) => {
    const loadMin = begins[batch] + blocks[batch].loadMin;
    let firstOut = loadMin;
    for (const at of out) firstOut = Math.min(firstOut, begins[at]);
    return { outMin: loadMin - firstOut, wetMin: coat < 0 ? 0 : loadMin - begins[coat] - blocks[coat].min };
  });
}

/** Weighs a schedule. */
export function worthOf(
  asked: EveningAsked,
  { batches }: Network,
  places: readonly BatchPlace[],
  compiled: Compiled,
  schedule: Schedule,
  table: readonly AtTable[],
): Worth {
  const { begins, broken } = schedule;
  const first = begins.reduce((least, b) => Math.min(least, b), 0);
  const most = mostOutMin(asked.roomC);
  let [cold, wet, soaked, standing] = [0, 0, 0, 0];
  rawWaits(places, compiled, schedule).forEach(({ outMin, wetMin }, k) => {
    if (batches[k].raw) cold += Math.max(0, outMin - most);
    // Cooked food that is not kept hot is out of the cold as well.
    if (table[k].how !== 'held') cold += Math.max(0, table[k].eatenMin - table[k].readyMin - most);
    const over = Math.max(0, wetMin - COAT_WAITS_MIN);
    wet += over;
    soaked += (WET_COSTS * over) / batches[k].of;
    standing += wetMin + table[k].eatenMin - table[k].readyMin;
  });
  const { softPieces, lost } = crispLost(table);
  const crispedAgain = new Set(table.flatMap((b) => (b.how === 'crisped again' ? [b.dishId] : []))).size;
  return {
    broken: broken.reduce((sum, b) => sum + b.byMin, 0),
    cold,
    late: asked.tableInMin === null ? 0 : Math.max(0, -first - asked.tableInMin),
    soft: softPieces,
    lost: lost + soaked + crispedAgain * CRISP_AGAIN_WORTH,
    apart: Math.max(0, ...table.map((b) => -b.eatenMin - asked.togetherMin)),
    wet,
    span: -first,
    standing,
  };
}
