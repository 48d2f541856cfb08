import { food, LABEL, SOFT_AS_IT_IS } from '../build.js';

/** Made-up fillings, patties and eggs under a coat. */
export const FILLINGS = [
  food(
    'croquette-filling',
    'Leek-and-ham croquette filling, set cold',
    [70.5, 7.6, 7.4, 12.1, 0.9, 1.5],
    { ...SOFT_AS_IT_IS, safety: 'reheated', eatAtC: 74, runs: { how: 'bursts', fromC: 82 } },
    { saltG: 1.0, origin: 'meat', allergens: ['wheat', 'milk'], densityKgM3: 1070, source: LABEL },
  ),
  food(
    'roll-filling',
    'Vegetable and noodle filling, cooked',
    [78.0, 4.0, 3.0, 12.0, 2.0, 1.0],
    { ...SOFT_AS_IT_IS, safety: 'reheated', eatAtC: 74 },
    { saltG: 0.7, allergens: ['wheat', 'soy'], densityKgM3: 1050, source: LABEL },
  ),
  food(
    'mash-filling',
    'Potato mash, set cold',
    [77.0, 2.2, 4.0, 13.8, 1.6, 1.4],
    { ...SOFT_AS_IT_IS, safety: 'reheated', eatAtC: 74, runs: { how: 'bursts', fromC: 82 } },
    { saltG: 0.7, origin: 'milk', allergens: ['milk'], densityKgM3: 1070, source: LABEL },
  ),
  food(
    'boiled-egg',
    'Boiled egg',
    [75.8, 12.6, 10.1, 0.5, 0, 1.0],
    { ...SOFT_AS_IT_IS, safety: 'ready', skin: 'smooth', eatAtC: 60 },
    { origin: 'egg', allergens: ['egg'], densityKgM3: 1035 },
  ),
  food(
    'risotto-filling',
    'Risotto, set cold',
    [70.0, 4.3, 5.0, 18.6, 0.6, 1.5],
    { ...SOFT_AS_IT_IS, safety: 'reheated', eatAtC: 74 },
    { saltG: 0.9, origin: 'milk', allergens: ['milk'], densityKgM3: 1070, source: LABEL },
  ),
  food(
    'macaroni-cheese',
    'Macaroni cheese, set cold',
    [66.5, 7.5, 9.0, 14.6, 0.9, 1.5],
    { ...SOFT_AS_IT_IS, safety: 'reheated', eatAtC: 74, runs: { how: 'bursts', fromC: 85 } },
    { saltG: 0.9, origin: 'milk', allergens: ['wheat', 'milk'], densityKgM3: 1070, source: LABEL },
  ),
  food(
    'chickpea-patty',
    'Chickpea patties, shaped',
    [58.0, 8.5, 3.5, 21.5, 6.5, 2.0],
    { ...SOFT_AS_IT_IS, safety: 'ready', skin: 'rough', porosity: 0.08, eatAtC: 74 },
    { saltG: 0.9, densityKgM3: 1070, source: LABEL },
  ),
  food(
    'lentil-patty',
    'Lentil patties, shaped',
    [62.0, 8.8, 2.5, 18.0, 6.7, 2.0],
    { ...SOFT_AS_IT_IS, safety: 'ready', skin: 'rough', porosity: 0.06, eatAtC: 74 },
    { saltG: 0.9, densityKgM3: 1070, source: LABEL },
  ),
  food(
    'bean-patty',
    'Bean patties, shaped',
    [63.0, 7.2, 3.0, 18.3, 6.5, 2.0],
    { ...SOFT_AS_IT_IS, safety: 'ready', skin: 'rough', porosity: 0.05, eatAtC: 74 },
    { saltG: 0.9, densityKgM3: 1070, source: LABEL },
  ),
];
