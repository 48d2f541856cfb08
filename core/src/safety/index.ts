export * from './cautions.js';
export * from './minimum.js';
export * from './general.js';
