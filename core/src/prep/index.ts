export { seasonedToMm } from './cold.js';
export { COLD } from './constants.js';
export * from './prepare.js';
export * from './types.js';
export * from './ways.js';
