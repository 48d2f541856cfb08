export { MIX_BOWL_MIN, TO_THE_TABLE_MIN } from './constants.js';
export * from './card.js';
export * from './jsonld.js';
export * from './types.js';
export * from './words.js';
