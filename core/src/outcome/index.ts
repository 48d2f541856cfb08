export { crispMinutes } from './crisp.js';
export { colourWord, topAndUnder } from './crust.js';
export * from './colourPath.js';
export { FIRMNESS, GOLDEN, JUICE, RICH_FROM, SET_LEVEL } from './constants.js';
export { energyOf, type Energy } from './energy.js';
export { oilPerPieceG } from './fat.js';
export * from './judge.js';
export * from './types.js';
export { footHotMin, inWords, minutesUntil, type InAir, type Judged } from './view.js';
