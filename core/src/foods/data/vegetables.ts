import { food } from '../build.js';

/** Vegetables, fruits and mushrooms under a coat. Porosity and softening: common practice, no source. */
export const VEGETABLES = [
  food('cauliflower', 'Cauliflower florets', [92.1, 1.9, 0.3, 3.0, 2.0, 0.7], {
    porosity: 0.3,
    throughShare: 0.65,
    skin: 'rough',
  }),
  food('broccoli', 'Broccoli florets', [89.3, 2.8, 0.4, 4.0, 2.6, 0.9], {
    porosity: 0.3,
    throughShare: 0.6,
    skin: 'rough',
    softeningRate: 1.3,
  }),
  food('courgette', 'Courgette', [94.8, 1.2, 0.3, 2.1, 1.0, 0.6], {
    ways: ['salted', 'pre-cooked'],
    comesWet: true,
    softeningRate: 3,
    porosity: 0.08,
  }),
  food('onion', 'Onion', [89.1, 1.1, 0.1, 7.6, 1.7, 0.4], {
    ways: ['soaked'],
    skin: 'smooth',
    softeningRate: 1.6,
    porosity: 0.03,
  }),
  food('bell-pepper', 'Bell pepper', [92.2, 1.0, 0.3, 4.0, 2.1, 0.4], {
    ways: ['marinated'],
    skin: 'smooth',
    softeningRate: 1.6,
    porosity: 0.1,
  }),
  food('aubergine', 'Aubergine', [92.3, 1.0, 0.2, 2.9, 3.0, 0.6], {
    ways: ['salted', 'soaked', 'pre-cooked'],
    comesWet: true,
    porosity: 0.3,
    softeningRate: 1.8,
    eatAtC: 80,
  }),
  food('okra', 'Okra', [89.6, 1.9, 0.2, 4.3, 3.2, 0.8], {
    ways: ['blanched', 'frozen'],
    porosity: 0.12,
    softeningRate: 1.8,
  }),
  food('green-tomato', 'Green tomato', [93.0, 1.2, 0.2, 4.0, 1.1, 0.5], {
    ways: ['salted'],
    comesWet: true,
    skin: 'smooth',
    softeningRate: 2.0,
    porosity: 0.04,
  }),
  food('oyster-mushroom', 'Oyster mushrooms', [89.2, 3.3, 0.4, 3.8, 2.3, 1.0], {
    ways: ['marinated', 'pre-cooked'],
    porosity: 0.35,
    firmness: 0.6,
    softeningRate: 1.8,
    skin: 'rough',
  }),
  food('button-mushroom', 'Button mushrooms', [92.4, 3.1, 0.3, 2.3, 1.0, 0.9], {
    ways: ['marinated', 'pre-cooked'],
    porosity: 0.3,
    firmness: 0.6,
    softeningRate: 1.8,
    skin: 'smooth',
  }),
  food(
    'potato',
    'Potato',
    [79.3, 2.1, 0.1, 15.3, 2.1, 1.1],
    { ways: ['soaked', 'blanched', 'pre-cooked', 'frozen'], softeningRate: 0.8 },
    { densityKgM3: 1080 },
  ),
  food(
    'sweet-potato',
    'Sweet potato',
    [77.3, 1.6, 0.1, 17.1, 3.0, 1.0],
    { ways: ['soaked', 'blanched', 'pre-cooked', 'frozen'], softeningRate: 0.9 },
    { densityKgM3: 1050 },
  ),
  food('green-bean', 'Green beans', [90.3, 1.8, 0.2, 4.3, 2.7, 0.7], {
    ways: ['blanched', 'frozen'],
    skin: 'smooth',
    softeningRate: 1.1,
  }),
  food('artichoke-heart', 'Artichoke hearts, cooked', [86.5, 2.9, 0.3, 4.2, 5.1, 1.0], {
    ways: ['pressed', 'frozen'],
    comesWet: true,
    firmness: 0.3,
    porosity: 0.05,
  }),
  food('jackfruit', 'Young jackfruit, tinned', [90.5, 0.9, 0.2, 4.4, 3.2, 0.8], {
    ways: ['pressed', 'soaked', 'marinated'],
    comesWet: true,
    firmness: 0.3,
    porosity: 0.05,
    skin: 'rough',
  }),
  food('banana', 'Banana', [74.9, 1.1, 0.3, 20.2, 2.6, 0.9], {
    ways: ['frozen'],
    firmness: 0.3,
    softeningRate: 2,
    eatAtC: 65,
  }),
  food('pineapple', 'Pineapple', [86.0, 0.5, 0.1, 11.7, 1.4, 0.3], {
    ways: ['pressed', 'frozen'],
    comesWet: true,
    firmness: 0.5,
    softeningRate: 1.6,
    eatAtC: 65,
  }),
];
