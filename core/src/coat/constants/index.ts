export * from './batter.js';
export * from './layers.js';
