export * from './units/index.js';
export * from './foods/index.js';
export * from './piece/index.js';
export * from './coat/index.js';
export * from './safety/index.js';
export * from './heat/index.js';
