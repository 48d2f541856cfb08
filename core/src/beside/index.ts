export * from './amounts.js';
export { BROWNS_EARLY_SUGAR_G, MARINADE_KEPT } from './constants.js';
export * from './keeping.js';
export * from './thickening.js';
