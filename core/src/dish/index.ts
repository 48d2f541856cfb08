export * from './cook.js';
export * from './ready.js';
export * from './types.js';
