export * from './discs.js';
export * from './footprint.js';
export * from './ground.js';
export * from './layer.js';
export * from './load.js';
export * from './nest.js';
export * from './spots.js';
export * from './trays.js';
