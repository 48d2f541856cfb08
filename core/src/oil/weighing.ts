/** Weighing a sprayer on a kitchen scale before and after some strokes. */

/** One reading of a scale. */
export interface ScaleReading {
  grams: number;
  /** ms since the scale was switched on. */
  atMs: number;
}

/**
 * g of oil in one stroke, from a bottle weighed before and after.
 * @throws RangeError when there was no stroke, or the bottle did not get lighter
 */
export function gramsPerStroke(beforeG: number, afterG: number, strokes: number): number {
  if (strokes < 1) throw new RangeError('Spray at least one stroke between the two weights.');
  if (afterG >= beforeG) throw new RangeError('The bottle must weigh less after the strokes than before.');
  return (beforeG - afterG) / strokes;
}

/** What the last readings of a scale come to. */
export type Weighed =
  | { state: 'empty' }
  | { state: 'moving' }
  /** It goes up and down: a shaky table, a draught, a weak battery. */
  | { state: 'jumping'; spreadG: number }
  | { state: 'steady'; grams: number };

/** Readings of so long, ms, that agree within so much, g, are a weight. Common practice, no source. */
const STEADY_MS = 1200;
const STEADY_G = 0.2;
/** Readings that have changed direction so often in so long, ms, do not settle: a weight that is put on goes one way. */
const TURNS_OF_A_JUMP = 3;
const JUMP_MS = 2400;
const EMPTY_G = 1;

/** Whether the scale has come to rest, is on its way to a weight, or jumps. Readings in the order of time. */
export function weighed(readings: readonly ScaleReading[]): Weighed {
  const last = readings.at(-1);
  if (!last) return { state: 'empty' };
  const grams = within(readings, STEADY_MS);
  const spreadG = Math.max(...grams) - Math.min(...grams);
  const long = last.atMs - readings[0].atMs >= STEADY_MS && grams.length >= 3;
  if (spreadG <= STEADY_G) {
    if (!long) return { state: 'moving' };
    const mean = grams.reduce((sum, g) => sum + g, 0) / grams.length;
    return mean < EMPTY_G ? { state: 'empty' } : { state: 'steady', grams: Math.round(mean * 10) / 10 };
  }
  return turnsOf(within(readings, JUMP_MS)) >= TURNS_OF_A_JUMP ? { state: 'jumping', spreadG } : { state: 'moving' };
}

/** Weights of the last so many ms, g. */
function within(readings: readonly ScaleReading[], ms: number): number[] {
  const from = readings[readings.length - 1].atMs - ms;
  return readings.filter((r) => r.atMs > from).map((r) => r.grams);
}

/** How often weights change direction. */
function turnsOf(grams: readonly number[]): number {
  const steps = grams
    .slice(1)
    .map((g, i) => g - grams[i])
    .filter((d) => Math.abs(d) > STEADY_G);
  return steps.slice(1).filter((d, i) => d * steps[i] < 0).length;
}
