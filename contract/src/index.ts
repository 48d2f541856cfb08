export type * from './answers.js';
export * from './check.js';
export * from './dishFile.js';
export * from './example.js';
export * from './ranges.js';
export * from './schemas/index.js';
export * from './types.js';
export * from './upgrade.js';
