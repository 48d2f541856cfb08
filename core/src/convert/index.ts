export * from './convert.js';
export * from './evaluate.js';
export { substituteFor } from './families.js';
export { temperaturesFor } from './search.js';
export * from './types.js';
