export { changesWorth, type WorthChange } from './changes/changes.js';
export * from './compare.js';
export * from './crumbOil.js';
export * from './move.js';
export * from './schoolCosts.js';
export * from './schools/registry.js';
export * from './substitutions.js';
export * from './waterWays.js';
