export * from './cook.js';
export * from './fryer.js';
export * from './ready.js';
export * from './types.js';
export * from './made.js';
export * from './planId.js';
export * from './eaten.js';
export * from './whole.js';
