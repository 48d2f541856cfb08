/** The documents that are stored, sent and exported. */
export * from './types/access.js';
export * from './types/backup.js';
export * from './types/computed.js';
export * from './types/conversion.js';
export * from './types/cook.js';
export * from './types/devices.js';
export * from './types/evening.js';
export * from './types/experiment.js';
export * from './types/files.js';
export * from './types/kitchen.js';
export * from './types/learning.js';
export * from './types/log.js';
