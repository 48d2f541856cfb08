export { playLesson } from './play.js';
export * from './registry.js';
export * from './types.js';
export * from './window.js';
export { CRAFT_WORDS, craftWord, type CraftWord, type WordId } from './words.js';
