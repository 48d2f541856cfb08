export * from './constants.js';
export * from './quantities.js';
export * from './refusal.js';
export * from './remembered.js';
export * from './random.js';
export * from './solve.js';
export * from './spoons.js';
export * from './text.js';
