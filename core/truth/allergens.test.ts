import { ANIMALS, EU, NO_WHEAT } from './carries.js';
import { ALLERGENS, DIETS, fitsDiets, KNOWN_INGREDIENTS, type Allergen, type Diet } from '../src/index.js';

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
const named = (allergens: readonly Allergen[], law: 'eu' | 'us'): string[] =>
  [...new Set(allergens.map((a) => ALLERGENS[a][law]).filter((n): n is NonNullable<typeof n> => n !== null))].sort();

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
