export { colourWord, topAndUnder } from './crust.js';
export * from './colourPath.js';
export { oilPerPieceG } from './fat.js';
export { DONE_FIRMNESS } from './inside.js';
export * from './judge.js';
export * from './types.js';
export { footHotMin, inWords, minutesUntil, type Judged } from './view.js';
