export * from './measuring.js';
export * from './sheet.js';
export * from './shopping.js';
