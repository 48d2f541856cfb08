export * from './card.js';
export * from './jsonld.js';
export * from './types.js';
export * from './words.js';
