export { WAYS_AT_ONCE, TASTING_MOST } from './constants.js';
export { hotPercent, laidFairly, laidInHalves, type PlaceOnRack, type WayAt } from './lay.js';
export { rankTest, signTest } from './exact.js';
export { planExperiment } from './plan.js';
export type * from './types.js';
export * from './result.js';
export * from './tasting.js';
export { comparisonsFor, type Suits, type ComparedWay } from './ways.js';
