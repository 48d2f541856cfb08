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
export { learnFryer, type ChangedFryer, type LearnedFryer, type Taught } from './learned.js';
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
