/** All tasks of a thread of the pool, by their names: what is computed there does not hold up other requests. */
export * from './tasks/converting.js';
export * from './tasks/cooking.js';
export * from './tasks/experiments.js';
export * from './tasks/learning.js';
export * from './tasks/logbook.js';
export type { Task, Worked } from './tasks/work.js';
