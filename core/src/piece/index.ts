export * from './geometry.js';
export * from './types.js';
