export * from './geometry.js';
export * from './shrink.js';
export * from './types.js';
