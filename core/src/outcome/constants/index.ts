export * from './judging.js';
export * from './weighing.js';
