export { EIGHTY_RANGE } from './constants.js';
export { asLearned } from './apply.js';
export { saidOfFryer } from './said.js';
export {
  AS_ITS_PAGE,
  LEARNED,
  sayTogether,
  type FryerBelief,
  type FryerOff,
  type LearnedOf,
  type SaidTogether,
} from './joint.js';
export { learnFryer, toldOfLower, type ChangedFryer, type LearnedFryer, type Taught } from './learned.js';
export {
  checkedOf,
  observedOf,
  toldOfCook,
  type Checked,
  type LearningCook,
  type Observed,
  type ObservedCook,
} from './observed.js';
export { honestyOf, meanOff, type Foretold, type Honesty } from './honesty.js';
export {
  coatPaceOf,
  handOf,
  learnHands,
  saidOfHands,
  timedCoats,
  weighedCoats,
  type HandCook,
  type LearnedHands,
  type WeighedDish,
  type WeighedCoat,
} from './hands.js';
export { believedLog, type BelievedLog, type ToldLog } from './scalar.js';
export { learnedStroke, type LearnedStroke, type StrokesWeighed } from './strokes.js';
