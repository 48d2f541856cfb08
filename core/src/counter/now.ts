import { AT_HAND_S } from './constants.js';
import type { LivePlan, LiveStep, Timer } from './live.js';
import type { Step } from './types.js';

/** What a pair of hands does now, and next. */
export interface Now {
  /** What fills the screen; null while there is nothing to do. */
  step: LiveStep | null;
  /** It cannot wait: something is done, or must be turned. */
  urgent: boolean;
  /** What comes next, and after. */
  next: LiveStep[];
}

/** Kinds that wait for food that cooks: they come before all that can wait. */
const CANNOT_WAIT: readonly Step['kind'][] = ['look', 'check', 'unload', 'second'];

/** Whether a step is done on food that cooks now, or has cooked. */
export const isUrgent = ({ step, state, mayS }: LiveStep, nowS: number): boolean =>
  state === 'ready' && CANNOT_WAIT.includes(step.kind) && mayS <= nowS + AT_HAND_S;

/**
 * What one pair of hands does now. What cannot wait comes first, whosesoever it was to be; then its own work in the order of
 * the plan.
 * @param hand its number; null for everybody's work on one screen
 */
export function nowFor({ steps, nowS }: LivePlan, hand: number | null): Now {
  const open = steps.filter((s) => s.state !== 'over' && s.step.cook !== null);
  const mine = open.filter((s) => hand === null || s.hand === hand);
  const urgent = mine.filter((s) => isUrgent(s, nowS)).sort((a, b) => a.mayS - b.mayS);
  const rest = mine.filter((s) => !urgent.includes(s)).sort((a, b) => a.fromS - b.fromS || a.step.fromS - b.step.fromS);
  const [first] = urgent;
  if (first) return { step: first, urgent: true, next: [...urgent.slice(1), ...rest] };
  const at = rest.findIndex((s) => s.state === 'ready' && s.fromS <= nowS + AT_HAND_S);
  if (at < 0) return { step: null, urgent: false, next: rest };
  return { step: rest[at], urgent: false, next: rest.filter((_, k) => k !== at) };
}

/** What may be done before its time, while there is nothing that must be. */
export const mayBeDone = ({ next }: Now): LiveStep | undefined => next.find((s) => s.state === 'ready');

/** Timers that ring: their time is up and nobody has seen to them. The one that has waited longest first. */
export const ringing = ({ timers }: LivePlan): Timer[] =>
  timers.filter((t) => t.leftS <= 0 && CANNOT_WAIT_FOR.includes(t.step.kind)).sort((a, b) => a.leftS - b.leftS);

const CANNOT_WAIT_FOR: readonly Step['kind'][] = ['cook', 'second', 'preheat'];
