export * from './inside.js';
export * from './judging.js';
export * from './weighing.js';
