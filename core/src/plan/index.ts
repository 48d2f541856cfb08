export * from './adapt.js';
export { BURNING_FINISH, SWAP_EVERY_MIN, TURN_AT_SHARE } from './constants.js';
export * from './evaluate.js';
export * from './kit.js';
export * from './likeness.js';
export * from './planNotes.js';
export * from './repair.js';
export * from './taste.js';
export * from './types.js';
