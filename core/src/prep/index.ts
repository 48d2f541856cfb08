export { isFlesh, seasonedToMm } from './cold.js';
export * from './prepare.js';
export * from './types.js';
export * from './ways.js';
