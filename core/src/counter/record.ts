import { celsius, text, type Text } from '../units/index.js';
import { clockOfCook, inOrder, type Pace } from './clock.js';
import { batchName, halfMinutes, sawWords } from './says.js';
import type { CookEvent, Programme } from './types.js';

/** One line of a cook's record. */
export interface RecordLine {
  eventId: string;
  /** s of the cook's clock, and ms since 1970. */
  atS: number;
  atMs: number;
  by: CookEvent['by'];
  text: Text;
}

/** Everything that happened as lines, in its order; readings of a probe are a curve, and no lines. */
export function recordOf(programme: Programme, pace: Pace, events: readonly CookEvent[]): RecordLine[] {
  const clock = clockOfCook(pace, events);
  return inOrder(events).flatMap((event) => {
    const said = lineOf(event, programme);
    return said === null
      ? []
      : [{ eventId: event.id, atS: clock(event.atMs), atMs: event.atMs, by: event.by, text: said }];
  });
}

function lineOf(event: CookEvent, programme: Programme): Text | null {
  const head = (id: string): string => programme.steps.find((s) => s.id === id)?.head ?? 'an unknown step';
  const batch = (key: string): string => {
    const found = programme.batches.find((b) => b.key === key);
    return found ? batchName(found, programme) : 'an unknown batch';
  };
  switch (event.what) {
    case 'done':
      return text`Done: ${head(event.step)}.`;
    case 'undone':
      return text`Taken back: ${head(event.step)}.`;
    case 'skipped':
      return text`Passed over: ${head(event.step)}.`;
    case 'seen':
      return text`Seen of ${batch(event.batch)}: ${sawWords(event.saw).toLowerCase()}.`;
    case 'centre':
      return text`Centre of ${batch(event.batch)}: ${celsius(event.centreC)}.`;
    case 'time':
      return text`${batch(event.batch)}: ${halfMinutes(event.byS)} ${event.byS > 0 ? 'more' : 'less'}.`;
    case 'paused':
      return text`Paused.`;
    case 'resumed':
      return text`Went on.`;
    case 'late':
      return text`Late by ${halfMinutes(event.byS)}.`;
    case 'hands':
      return text`One pair of hands more: ${event.name}.`;
    case 'ended':
      return event.how === 'served' ? text`Supper is ready.` : text`The cook was ended.`;
    case 'reading':
      return null;
  }
}
