export * from './batter.js';
export * from './bowls.js';
export * from './build.js';
export * from './fork.js';
export * from './grammar.js';
export * from './types.js';
