export * from './allergens.js';
export * from './diets.js';
export * from './mixture.js';
export * from './pantry.js';
export * from './types.js';
export * from './label.js';
export * from './substitute.js';
