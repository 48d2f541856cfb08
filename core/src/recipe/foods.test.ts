import { KNOWN } from '../foods/index.js';
import { readRecipe } from './door.js';

/** Which line of a recipe is the food, and as what it is bought. Recipes invented; how they are worded: common practice, no source. */

const read = (lines: readonly string[]) => readRecipe(KNOWN, { text: lines.join('\n') });
const portionsIn = (reading: ReturnType<typeof read>): string[] =>
  reading.bowls.flatMap((bowl) => bowl.portions.map((p) => p.ingredientId));

test('what the title calls a dish makes no food of the milk that it lies in', () => {
  const reading = read([
    'Buttermilk Fried Chicken',
    '8 chicken thighs, bone-in, skin-on',
    '2 cups buttermilk',
    '1 tbsp hot sauce',
    'For the dredge:',
    '2 cups plain flour',
    '1 tbsp paprika',
    'Marinate the chicken in buttermilk and hot sauce overnight.',
    'Dredge in the flour and fry at 350 °F for 12 minutes.',
  ]);
  expect(reading.dish).toMatchObject({ foodId: 'chicken-thigh-on-bone', count: 8 });
  expect(portionsIn(reading)).toEqual(['buttermilk', 'hot-sauce', 'wheat-flour', 'paprika']);
});

test('gram flour is a flour, and a handful of coriander no seed of it', () => {
  const reading = read([
    'Onion rings in spiced batter',
    '2 large onions, in rings',
    '100g gram flour',
    '1/2 tsp turmeric',
    'handful coriander, chopped',
    '130 ml water',
    'Whisk a batter of gram flour, turmeric and water. Dip the rings and fry at 180 °C for 3 minutes.',
  ]);
  expect(reading.dish!.foodId).toBe('onion');
  expect(portionsIn(reading)).toContain('chickpea-flour');
  expect(portionsIn(reading)).not.toContain('coriander-seed');
});

test('sticks that are halved are twice as many', () => {
  const reading = read([
    'Cheese sticks',
    '12 mozzarella sticks, halved',
    '1/2 cup flour',
    '2 eggs',
    '1 cup fine crumbs',
    'Dust with flour, dip in egg, roll in crumbs. Fry at 190 °C for 90 seconds.',
  ]);
  expect(reading.dish).toMatchObject({ foodId: 'mozzarella', count: 24 });
});
