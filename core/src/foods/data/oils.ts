import { oil, wet } from '../build.js';

/** Oils and clear fats. Smoke points of usual grades: handbooks of fats and oils, from memory; they vary with grade and age. */
export const OILS = [
  oil(
    'rapeseed-oil',
    'Rapeseed oil',
    218,
    0.07,
    { smokeC: { from: 205, to: 230 }, flavour: 'neutral' },
    { uses: { oil: 1 } },
  ),
  oil(
    'sunflower-oil',
    'Sunflower oil',
    218,
    0.06,
    { smokeC: { from: 220, to: 232 }, flavour: 'neutral' },
    { uses: { oil: 2 } },
  ),
  oil(
    'peanut-oil',
    'Peanut oil',
    216,
    0.07,
    { smokeC: { from: 220, to: 232 }, flavour: 'mild, a little nutty' },
    { allergens: ['peanut'] },
  ),
  oil(
    'olive-oil',
    'Olive oil',
    216,
    0.08,
    { smokeC: { from: 190, to: 210 }, flavour: 'fruity, a little bitter' },
    { uses: { oil: 3 } },
  ),
  oil('avocado-oil', 'Avocado oil, refined', 218, 0.08, { smokeC: { from: 250, to: 270 }, flavour: 'mild, buttery' }),
  oil(
    'toasted-sesame-oil',
    'Toasted sesame oil',
    218,
    0.07,
    { smokeC: { from: 165, to: 180 }, flavour: 'strong, roasted: a few drops in another oil' },
    { allergens: ['sesame'], common: false },
  ),
  oil('coconut-oil', 'Coconut oil, refined', 218, 0.05, {
    smokeC: { from: 200, to: 232 },
    flavour: 'faintly sweet; solid below 24 °C, so melted and brushed',
  }),
  {
    ...wet(
      'clarified-butter',
      'Clarified butter',
      'fat',
      ['frying-oil'],
      [0.3, 0.3, 99.4, 0, 0, 0],
      { viscosityPaS: 0.04, yieldPa: 0 },
      { cupG: 205, densityKgM3: 910, allergens: ['milk'], origin: 'milk' },
    ),
    oil: { smokeC: { from: 230, to: 250 }, flavour: 'buttery and nutty; melted and brushed' },
  },
];
