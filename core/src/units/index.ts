export * from './quantities.js';
export * from './spoons.js';
