export * from './bowls.js';
export * from './guests.js';
export * from './order.js';
export * from './supper.js';
export * from './types.js';
