export * from './amount.js';
export * from './bowls.js';
export * from './coats.js';
export * from './constants.js';
export * from './describing.js';
export * from './enter.js';
export * from './food.js';
export * from './line.js';
export { PARCEL_COAT } from './uncoated.js';
