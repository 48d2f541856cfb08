import type { Compiled } from './schedule/compile.js';
import type { Schedule } from './schedule/decode.js';
import { Lane } from './schedule/lane.js';

/**
 * Dull work done early: cutting, dry bowls and cold sauces move into the hands' first free minutes of the evening, so that
 * its end is quiet. Nothing else moves, and the evening begins no sooner.
 */
export function dullEarly({ blocks, demands, before, pinned, cooks }: Compiled, schedule: Schedule): Schedule {
  const begins = Float64Array.from(schedule.begins);
  const lanes = Array.from({ length: cooks }, () => new Lane());
  blocks.forEach((_, at) =>
    demands[at].forEach((d) => {
      if (d.lane === 'hands') {
        lanes[schedule.hands[at][d.part]].take(begins[at] + d.fromMin, begins[at] + d.fromMin + d.min);
      }
    }),
  );
  const start = begins.reduce((least, b) => Math.min(least, b), 0);
  const order = blocks.map((_, at) => at).sort((a, b) => begins[a] - begins[b]);
  for (const at of order) {
    const block = blocks[at];
    const placed = demands[at].some((d) => d.lane !== 'hands');
    if (!block.dull || placed || !Number.isNaN(pinned[at])) continue;
    const [cook] = schedule.hands[at];
    const lane = lanes[cook];
    lane.release(begins[at]);
    const least = before[at].reduce(
      (most, { from, leastMin }) => Math.max(most, begins[from] + blocks[from].min + leastMin),
      start,
    );
    begins[at] = firstFree(lane, least, begins[at], block.min);
    lane.take(begins[at], begins[at] + block.min);
  }
  return { ...schedule, begins };
}

/** The first begin from `least` on, no later than `latest`, at which a lane is free for so long. */
function firstFree(lane: Lane, least: number, latest: number, min: number): number {
  let begin = least;
  while (begin < latest) {
    const end = lane.clashEnd(begin, begin + min);
    if (end === null) return begin;
    begin = end;
  }
  return latest;
}
