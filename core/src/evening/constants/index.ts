export * from './paces.js';
export * from './planning.js';
