export * from './area.js';
