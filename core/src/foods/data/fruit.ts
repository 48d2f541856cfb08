import { food } from '../build.js';

/** Ripe, soft and sweet: what all fruit under a batter has in common. */
const FRUIT = { ways: ['frozen'], fruit: true, eatAtC: 65 } as const;

/** Fruit under a coat. Porosity and softening: common practice, no source. */
export const FRUIT_FOODS = [
  food('banana', 'Banana', [74.9, 1.1, 0.3, 20.2, 2.6, 0.9], { ...FRUIT, firmness: 0.3, softeningRate: 2 }),
  food('apple', 'Apple', [85.6, 0.3, 0.2, 11.4, 2.4, 0.1], {
    ...FRUIT,
    firmness: 0.7,
    softeningRate: 2.5,
    porosity: 0.2,
  }),
  food('pineapple', 'Pineapple', [86.0, 0.5, 0.1, 11.7, 1.4, 0.3], {
    ...FRUIT,
    ways: ['pressed', 'frozen'],
    comesWet: true,
    firmness: 0.5,
    softeningRate: 1.6,
  }),
  food('mango', 'Mango', [83.5, 0.8, 0.4, 13.4, 1.6, 0.3], {
    ...FRUIT,
    comesWet: true,
    skin: 'smooth',
    firmness: 0.4,
    softeningRate: 2,
  }),
  food('pear', 'Pear', [84.0, 0.4, 0.1, 12.1, 3.1, 0.3], {
    ...FRUIT,
    firmness: 0.6,
    softeningRate: 2.2,
    porosity: 0.05,
  }),
  food('peach', 'Peach', [88.3, 0.9, 0.3, 8.5, 1.5, 0.5], {
    ...FRUIT,
    comesWet: true,
    skin: 'smooth',
    firmness: 0.4,
    softeningRate: 2.5,
  }),
  food('plantain', 'Plantain', [65.2, 1.3, 0.2, 30.0, 2.2, 1.1], {
    ways: ['soaked', 'pre-cooked', 'frozen'],
    firmness: 0.8,
    softeningRate: 1,
    eatAtC: 75,
  }),
];
