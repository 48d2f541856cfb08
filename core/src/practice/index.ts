export { BATTERY, SEEN, TELLS } from './constants.js';
export * from './probe.js';
export * from './truth.js';
export * from './hands.js';
export * from './review.js';
export * from './sight.js';
