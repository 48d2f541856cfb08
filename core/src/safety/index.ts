export * from './cautions.js';
export * from './minimum.js';
