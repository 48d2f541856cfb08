export * from './amounts.js';
export { LANDS, OIL_G_PER_ML, SERVED_G } from './constants.js';
export * from './coverage.js';
export * from './portion.js';
export * from './smoke.js';
export * from './weighing.js';
