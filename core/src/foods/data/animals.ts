import { food, LABEL } from '../build.js';

const READY = { firmness: 0, softeningRate: 0, ways: ['frozen'] } as const;
const MEAT = { ...READY, ways: ['marinated', 'frozen'] } as const;
const FISH = {
  ...READY,
  safety: 'fish',
  skin: 'smooth',
  comesWet: true,
  ways: ['salted', 'marinated', 'frozen'],
} as const;
const BRINED = { ...READY, safety: 'ready', skin: 'smooth', comesWet: true } as const;

/** Meat, fish, cheese, soy and made-up fillings under a coat. */
export const ANIMALS = [
  food(
    'chicken-breast',
    'Chicken breast',
    [74.9, 22.5, 1.6, 0, 0, 1.0],
    { ...MEAT, safety: 'poultry', eatAtC: 76 },
    { origin: 'meat', densityKgM3: 1050 },
  ),
  food(
    'chicken-thigh',
    'Chicken thigh, boned',
    [76.0, 19.0, 4.1, 0, 0, 0.9],
    { ...MEAT, safety: 'poultry', eatAtC: 80 },
    { origin: 'meat', densityKgM3: 1050 },
  ),
  food(
    'turkey-breast',
    'Turkey breast',
    [74.0, 23.7, 1.3, 0, 0, 1.0],
    { ...MEAT, safety: 'poultry', eatAtC: 76 },
    { origin: 'meat', densityKgM3: 1050 },
  ),
  food(
    'pork-loin',
    'Pork loin',
    [72.9, 21.9, 4.1, 0, 0, 1.1],
    { ...MEAT, safety: 'whole-meat', eatAtC: 66 },
    { origin: 'meat', densityKgM3: 1050 },
  ),
  food(
    'veal',
    'Veal escalope',
    [75.5, 21.2, 2.2, 0, 0, 1.1],
    { ...MEAT, safety: 'whole-meat', eatAtC: 66 },
    { origin: 'meat', densityKgM3: 1050 },
  ),
  food(
    'beef-steak',
    'Beef steak',
    [72.0, 22.0, 5.0, 0, 0, 1.0],
    { ...MEAT, safety: 'whole-meat', eatAtC: 66 },
    { origin: 'meat', densityKgM3: 1050 },
  ),
  food(
    'meatball',
    'Minced beef or pork balls',
    [64.0, 18.5, 14.5, 1.6, 0.2, 1.2],
    { ...READY, safety: 'ground-meat', eatAtC: 75 },
    { origin: 'meat', densityKgM3: 1040, source: LABEL },
  ),
  food(
    'cod',
    'White fish fillet',
    [81.2, 17.3, 0.5, 0, 0, 1.0],
    { ...FISH, eatAtC: 64 },
    { origin: 'fish', allergens: ['fish'], densityKgM3: 1040 },
  ),
  food(
    'salmon',
    'Salmon fillet',
    [67.0, 20.4, 11.4, 0, 0, 1.2],
    { ...FISH, eatAtC: 63 },
    { origin: 'fish', allergens: ['fish'], densityKgM3: 1030 },
  ),
  food(
    'prawn',
    'Prawns, peeled',
    [80.0, 17.5, 0.8, 0.4, 0, 1.3],
    { ...FISH, eatAtC: 66 },
    { origin: 'fish', allergens: ['crustaceans'], densityKgM3: 1050 },
  ),
  food(
    'squid',
    'Squid rings',
    [78.9, 15.6, 1.4, 2.7, 0, 1.4],
    { ...FISH, eatAtC: 66 },
    { origin: 'fish', allergens: ['molluscs'], densityKgM3: 1050 },
  ),
  food(
    'halloumi',
    'Halloumi',
    [47.0, 22.0, 26.0, 2.0, 0, 3.0],
    { ...BRINED, eatAtC: 68 },
    { saltG: 2.7, origin: 'milk', allergens: ['milk'], densityKgM3: 1080, source: LABEL },
  ),
  food(
    'mozzarella',
    'Mozzarella, firm',
    [48.4, 24.3, 21.6, 2.5, 0, 3.2],
    { ...BRINED, eatAtC: 60, runs: { how: 'melts', fromC: 60 } },
    { saltG: 0.7, origin: 'milk', allergens: ['milk'], densityKgM3: 1080 },
  ),
  food(
    'paneer',
    'Paneer',
    [53.0, 19.0, 23.0, 3.0, 0, 2.0],
    { ...READY, safety: 'ready', ways: ['pressed', 'soaked', 'marinated'], eatAtC: 68 },
    { origin: 'milk', allergens: ['milk'], densityKgM3: 1080, source: LABEL },
  ),
  food(
    'tofu',
    'Firm tofu',
    [76.0, 13.5, 7.5, 1.0, 1.0, 1.0],
    { ...READY, safety: 'ready', comesWet: true, ways: ['pressed', 'frozen-pressed', 'marinated'], eatAtC: 72 },
    { allergens: ['soy'], densityKgM3: 1020 },
  ),
  food(
    'tempeh',
    'Tempeh',
    [59.7, 20.3, 10.8, 3.6, 4.0, 1.6],
    { ...READY, safety: 'ready', ways: ['marinated', 'frozen'], skin: 'rough', eatAtC: 72 },
    { allergens: ['soy'], densityKgM3: 1050 },
  ),
  food(
    'croquette-filling',
    'Leek-and-ham croquette filling, set cold',
    [70.5, 7.6, 7.4, 12.1, 0.9, 1.5],
    { ...READY, safety: 'reheated', eatAtC: 74, runs: { how: 'bursts', fromC: 82 } },
    { saltG: 1.0, origin: 'meat', allergens: ['wheat', 'milk'], densityKgM3: 1070, source: LABEL },
  ),
  food(
    'mash-filling',
    'Potato mash, set cold',
    [77.0, 2.2, 4.0, 13.8, 1.6, 1.4],
    { ...READY, safety: 'reheated', eatAtC: 74, runs: { how: 'bursts', fromC: 82 } },
    { saltG: 0.7, origin: 'milk', allergens: ['milk'], densityKgM3: 1070, source: LABEL },
  ),
  food(
    'boiled-egg',
    'Boiled egg',
    [75.8, 12.6, 10.1, 0.5, 0, 1.0],
    { ...READY, safety: 'ready', skin: 'smooth', eatAtC: 60 },
    { origin: 'egg', allergens: ['egg'], densityKgM3: 1035 },
  ),
];
