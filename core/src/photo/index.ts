export * from './browning.js';
export { type Pixel, type Reference } from './light.js';
export { spotOf } from './spot.js';
