export { CHANGES, COST, FIRST_OIL_GM2 } from './constants.js';
export * from './convert.js';
export { firstGuess, judgedAgain } from './guess.js';
export * from './kept.js';
export * from './pareto.js';
export * from './retime.js';
export { temperaturesFor } from './search.js';
export * from './types.js';
export * from './worth.js';
