export * from './door.js';
export * from './html.js';
export * from './jsonld.js';
export * from './page.js';
export * from './read.js';
export * from './text.js';
export * from './trouble.js';
export * from './types.js';
