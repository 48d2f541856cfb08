import { pinch } from '../build.js';

/** Salt, ground spice and leavening. */
export const PINCHES = [
  pinch('salt', 'Fine salt', 'seasoning', [0, 0, 0, 0, 0, 100], { saltG: 100, cupG: 290, densityKgM3: 2160 }),
  pinch('black-pepper', 'Black pepper, ground', 'seasoning', [12.5, 10.4, 3.3, 38.7, 30.6, 4.5], { cupG: 110 }),
  pinch('paprika', 'Paprika, ground', 'seasoning', [11.2, 14.1, 12.9, 19.1, 34.9, 7.8], { cupG: 109 }),
  pinch('chilli-powder', 'Chilli, ground', 'seasoning', [10.8, 13.5, 14.3, 14.9, 34.8, 11.7], { cupG: 115 }),
  pinch('garlic-powder', 'Garlic powder', 'seasoning', [6.5, 16.6, 0.7, 63.7, 9.0, 3.5], { cupG: 155 }),
  pinch('dried-herbs', 'Dried herbs', 'seasoning', [9.9, 9.0, 4.3, 26.4, 42.5, 7.9], { cupG: 40 }),
  pinch('sugar', 'Sugar', 'seasoning', [0, 0, 0, 100, 0, 0], { sugarG: 100, cupG: 200, densityKgM3: 1590 }),
  pinch('baking-powder', 'Baking powder', 'leavening', [4.6, 0, 0, 27.7, 0.2, 67.5], { cupG: 221 }),
  pinch('baking-soda', 'Baking soda', 'leavening', [0.2, 0, 0, 0, 0, 99.8], { cupG: 221, densityKgM3: 2200 }),
];
