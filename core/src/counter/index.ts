export * from './types.js';
export { programmeOf, batchKey } from './programme.js';
export {
  type BatchState,
  type CookState,
  type EventNote,
  firstStretch,
  liesInFryer,
  type Sight,
  stateOf,
} from './fold.js';
export { clockOfCook, inOrder, momentOfCook, notLaterThan, type Pace as CookPace } from './clock.js';
export {
  corrected,
  lyingOf,
  plannedSeries,
  turnedAtMin,
  wentOn,
  type BatchCorrection,
  type Corrections,
} from './correct.js';
export { livePlan, type LivePlan, type LiveStep, type Timer } from './live.js';
export { isUrgent, mayBeDone, nowFor, ringing, type Now } from './now.js';
export { aboutSight, batchName, halfMinutes, leftSaid, sawWords, saysNow, type CounterSaid } from './says.js';
export { recordOf, type RecordLine } from './record.js';
export { probeSays, standsStill, type ProbeState } from './screen.js';
export { serverNow, setByServer, ticked, type SteadyClock } from './steady.js';
