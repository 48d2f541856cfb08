export * from './convert.js';
export * from './evaluate.js';
export * from './planNotes.js';
export * from './repair.js';
export { substituteFor } from './families.js';
export { temperaturesFor } from './search.js';
export * from './types.js';
