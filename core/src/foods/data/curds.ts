import { food, LABEL, SOFT_AS_IT_IS } from '../build.js';

const BRINED = { ...SOFT_AS_IT_IS, safety: 'ready', skin: 'smooth', comesWet: true } as const;

/** Cheese, soy and seitan under a coat. */
export const CURDS = [
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
    { ...SOFT_AS_IT_IS, safety: 'ready', ways: ['pressed', 'soaked', 'marinated'], eatAtC: 68 },
    { origin: 'milk', allergens: ['milk'], densityKgM3: 1080, source: LABEL },
  ),
  food(
    'tofu',
    'Firm tofu',
    [76.0, 13.5, 7.5, 1.0, 1.0, 1.0],
    { ...SOFT_AS_IT_IS, safety: 'ready', comesWet: true, ways: ['pressed', 'frozen-pressed', 'marinated'], eatAtC: 72 },
    { allergens: ['soy'], densityKgM3: 1020 },
  ),
  food(
    'tempeh',
    'Tempeh',
    [59.7, 20.3, 10.8, 3.6, 4.0, 1.6],
    { ...SOFT_AS_IT_IS, safety: 'ready', ways: ['marinated', 'frozen'], skin: 'rough', eatAtC: 72 },
    { allergens: ['soy'], densityKgM3: 1050 },
  ),
  food(
    'extra-firm-tofu',
    'Extra-firm tofu',
    [70.5, 17.0, 9.0, 1.0, 1.3, 1.2],
    { ...SOFT_AS_IT_IS, safety: 'ready', comesWet: true, ways: ['pressed', 'frozen-pressed', 'marinated'], eatAtC: 72 },
    { allergens: ['soy'], densityKgM3: 1040 },
  ),
  food(
    'silken-tofu',
    'Silken tofu',
    [88.8, 5.3, 2.7, 2.3, 0.1, 0.8],
    { ...SOFT_AS_IT_IS, safety: 'ready', skin: 'smooth', comesWet: true, ways: ['pressed'], eatAtC: 72 },
    { allergens: ['soy'], densityKgM3: 1020 },
  ),
  food(
    'smoked-tofu',
    'Smoked tofu',
    [66.0, 18.5, 11.0, 1.5, 1.2, 1.8],
    { ...SOFT_AS_IT_IS, safety: 'ready', ways: ['marinated', 'frozen'], eatAtC: 72 },
    { saltG: 1.0, allergens: ['soy'], densityKgM3: 1050, source: LABEL },
  ),
  food(
    'seitan',
    'Seitan',
    [66.0, 24.0, 1.9, 5.5, 0.8, 1.8],
    { ...SOFT_AS_IT_IS, safety: 'ready', ways: ['marinated', 'frozen'], eatAtC: 72 },
    { saltG: 1.0, allergens: ['wheat', 'soy'], densityKgM3: 1050, source: LABEL },
  ),
  food(
    'soya-chunks',
    'Soya chunks, soaked',
    [66.0, 19.0, 1.0, 7.5, 4.5, 2.0],
    { ...SOFT_AS_IT_IS, safety: 'ready', skin: 'rough', porosity: 0.15, ways: ['pressed', 'marinated'], eatAtC: 72 },
    { allergens: ['soy'], densityKgM3: 1020, source: LABEL },
  ),
  food(
    'feta',
    'Feta',
    [55.2, 14.2, 21.3, 4.1, 0, 5.2],
    { ...BRINED, eatAtC: 60 },
    { saltG: 2.8, origin: 'milk', allergens: ['milk'], densityKgM3: 1070 },
  ),
  food(
    'brie',
    'Brie',
    [48.4, 20.8, 27.7, 0.5, 0, 2.6],
    { ...SOFT_AS_IT_IS, safety: 'ready', eatAtC: 52, runs: { how: 'melts', fromC: 55 } },
    { saltG: 1.6, origin: 'milk', allergens: ['milk'], densityKgM3: 1050 },
  ),
  food(
    'camembert',
    'Camembert',
    [51.8, 19.8, 24.3, 0.5, 0, 3.6],
    { ...SOFT_AS_IT_IS, safety: 'ready', eatAtC: 52, runs: { how: 'melts', fromC: 55 } },
    { saltG: 2.1, origin: 'milk', allergens: ['milk'], densityKgM3: 1050 },
  ),
  food(
    'goats-cheese',
    'Goat’s cheese, soft roll',
    [60.8, 18.5, 19.0, 0.3, 0, 1.4],
    { ...SOFT_AS_IT_IS, safety: 'ready', eatAtC: 55, runs: { how: 'melts', fromC: 65 } },
    { saltG: 1.2, origin: 'milk', allergens: ['milk'], densityKgM3: 1040 },
  ),
  food(
    'cheese-curd',
    'Cheese curds',
    [42.0, 23.0, 30.0, 2.0, 0, 3.0],
    { ...SOFT_AS_IT_IS, safety: 'ready', skin: 'smooth', eatAtC: 58, runs: { how: 'melts', fromC: 62 } },
    { saltG: 1.6, origin: 'milk', allergens: ['milk'], densityKgM3: 1080, source: LABEL },
  ),
  food(
    'cheddar',
    'Cheddar, in the piece',
    [37.0, 24.0, 33.0, 2.0, 0, 4.0],
    { ...SOFT_AS_IT_IS, safety: 'ready', skin: 'smooth', eatAtC: 58, runs: { how: 'melts', fromC: 60 } },
    { saltG: 1.7, origin: 'milk', allergens: ['milk'], densityKgM3: 1090 },
  ),
];
