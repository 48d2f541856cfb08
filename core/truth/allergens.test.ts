import { ALLERGENS, DIETS, fitsDiets, KNOWN_INGREDIENTS, type Allergen, type Diet } from '../src/index.js';

/**
 * What each thing of the pantry carries by the EU's list (Regulation (EU) No 1169/2011, Annex II, from memory), worked
 * out from what it is and not from the pantry's own table. Whatever is not named here carries nothing of the list.
 * Sauces go by a typical label: common practice, no source.
 */
const EU: Record<string, readonly string[]> = {
  'cereals containing gluten': [
    'wheat-flour',
    'wholemeal-flour',
    'spelt-flour',
    'self-raising-flour',
    'wheat-starch',
    'oat-flour',
    'rolled-oats',
    'coarse-crumbs',
    'fine-crumbs',
    'fresh-crumbs',
    'cracker-crumbs',
    // Barley malt.
    'cornflakes',
    'beer',
    // Brewed with wheat.
    'soy-sauce',
    'soy-honey-glaze',
    'croquette-filling',
    'spring-roll-sheet',
    'roll-filling',
  ],
  crustaceans: ['prawn'],
  eggs: ['egg', 'egg-white', 'boiled-egg', 'mayonnaise'],
  fish: ['cod', 'salmon'],
  peanuts: ['peanut-oil'],
  soybeans: [
    'tofu',
    'tempeh',
    'soy-flour',
    'soy-milk',
    'soured-soy-milk',
    'soy-sauce',
    'soy-honey-glaze',
    'roll-filling',
  ],
  milk: [
    'milk',
    'buttermilk',
    'yoghurt',
    'clarified-butter',
    'halloumi',
    'mozzarella',
    'paneer',
    'hard-cheese',
    'chilli-butter-sauce',
    'croquette-filling',
    'mash-filling',
  ],
  nuts: ['almond-flour', 'chopped-hazelnuts'],
  celery: ['celeriac', 'tomato-ketchup', 'barbecue-sauce'],
  mustard: ['mustard', 'mayonnaise', 'barbecue-sauce'],
  'sesame seeds': ['sesame-seeds', 'toasted-sesame-oil'],
  'sulphur dioxide and sulphites': ['mustard'],
  lupin: [],
  molluscs: ['squid'],
};

/** The US's nine (FALCPA 2004 and the FASTER Act 2021, from memory) by the EU's names; wheat stands alone there. */
const US: Record<string, string> = {
  crustaceans: 'crustacean shellfish',
  eggs: 'eggs',
  fish: 'fish',
  peanuts: 'peanuts',
  soybeans: 'soybeans',
  milk: 'milk',
  nuts: 'tree nuts',
  'sesame seeds': 'sesame',
};
/** Gluten cereals that are no wheat. */
const NO_WHEAT = ['oat-flour', 'rolled-oats', 'cornflakes', 'beer'];

const named = (allergens: readonly Allergen[], law: 'eu' | 'us'): string[] =>
  [...new Set(allergens.map((a) => ALLERGENS[a][law]).filter((n): n is NonNullable<typeof n> => n !== null))].sort();

const ANIMALS: Record<string, readonly string[]> = {
  meat: [
    'chicken-breast',
    'chicken-thigh',
    'chicken-wing',
    'chicken-drumstick',
    'chicken-thigh-on-bone',
    'turkey-breast',
    'pork-loin',
    'veal',
    'beef-steak',
    'meatball',
    'croquette-filling',
  ],
  seafood: ['cod', 'salmon', 'prawn', 'squid'],
  honey: ['soy-honey-glaze'],
};

describe.each(KNOWN_INGREDIENTS.map((i) => [i.id, i] as const))('%s', (id, item) => {
  const eu = Object.keys(EU)
    .filter((law) => EU[law].includes(id))
    .sort();
  const carries = (law: string): boolean => eu.includes(law);

  test('carries what the EU’s list says, and no more', () => expect(named(item.allergens, 'eu')).toEqual(eu));

  test('carries what the US’s list says, and no more', () => {
    const us = eu.flatMap((law) => US[law] ?? []);
    if (carries('cereals containing gluten') && !NO_WHEAT.includes(id)) us.push('wheat');
    expect(named(item.allergens, 'us')).toEqual(us.sort());
  });

  test('fits the diets that its nature leaves, and no other', () => {
    const meat = ANIMALS.meat.includes(id) || ANIMALS.seafood.includes(id);
    const fits: Record<Diet, boolean> = {
      vegan: !meat && !carries('eggs') && !carries('milk') && !ANIMALS.honey.includes(id),
      vegetarian: !meat,
      'gluten-free': !carries('cereals containing gluten'),
      'egg-free': !carries('eggs'),
      'dairy-free': !carries('milk'),
      'nut-free': !carries('nuts') && !carries('peanuts'),
    };
    for (const diet of DIETS) expect([diet, fitsDiets(item, [diet])]).toEqual([diet, fits[diet]]);
  });
});
