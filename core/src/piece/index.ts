export * from './cuttable.js';
export * from './geometry.js';
export * from './shrink.js';
export * from './through.js';
export * from './types.js';
