export * from './cutUp.js';
export * from './sold.js';
export * from './types.js';
export * from './weights.js';
