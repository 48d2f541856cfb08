import { ingredient, KNOWN } from '../foods/index.js';
import { gramsOf, readAmount } from './amount.js';

const grams = (line: string, id: string): number => gramsOf(ingredient(KNOWN, id), readAmount(line))!;

describe('an amount in a line', () => {
  test.each([
    ['½ cup flour', 0.5, 'flour'],
    ['1 1/2 cups panko', 1.5, 'panko'],
    ['1½ lb thighs, bite-size', 1.5, 'thighs, bite-size'],
    ['3-4 tbsp milk', 3.5, 'milk'],
    ['a pinch of salt', 1, 'salt'],
    ['splash of water', 1, 'water'],
    ['a few tablespoons of water', 3, 'water'],
    ['half a cup of flour', 0.5, 'flour'],
    ['two and a half cups flour', 2.5, 'flour'],
    ['a dozen wings', 12, 'wings'],
    ['half a dozen eggs', 6, 'eggs'],
    ['juice of a lemon', 1, 'lemon juice'],
    ['one large onion', 1, 'large onion'],
    ['1,5 dl milk', 1.5, 'milk'],
    ['1 litre oil', 1, 'oil'],
    ['about 200 g crumbs', 200, 'crumbs'],
    ['salt', null, 'salt'],
    ['gram flour', null, 'gram flour'],
    ['100 g gram flour', 100, 'gram flour'],
    ['some chicken', null, 'chicken'],
  ])('"%s" is %s of "%s"', (line, quantity, words) => {
    expect(readAmount(line)).toMatchObject({ quantity, words });
  });

  test.each([
    ['1 cup (125 g) flour', 'wheat-flour', 125],
    ['100g/3.5oz flour', 'wheat-flour', 100],
    ['2 heaped tbsp flour', 'wheat-flour', (3 * 125) / 16],
    ['3 T flour', 'wheat-flour', (3 * 125) / 16],
    ['3 t flour', 'wheat-flour', (3 * 125) / 48],
    ['2 tbsps flour', 'wheat-flour', (2 * 125) / 16],
    ['1 scant cup flour', 'wheat-flour', 0.9 * 125],
    ['2 eggs', 'egg', 100],
    ['1 tsp salt', 'salt', 290 / 48],
    ['1 stick butter', 'butter', 113.4],
    ['1 cup milk', 'milk', 244],
    ['3 cloves garlic', 'garlic', 12],
    ['1 kilo flour', 'wheat-flour', 1000],
  ])('"%s" of %s weighs %d g', (line, id, weighs) => expect(grams(line, id)).toBeCloseTo(weighs, 0));

  test('a weight beside a count is that of one: tins, blocks', () => {
    expect(readAmount('2 x 400 g tins jackfruit')).toMatchObject({ quantity: 2, eachG: 400 });
    expect(readAmount('1 (14 oz) block tofu').eachG).toBeCloseTo(397, 0);
  });

  test('what is counted and weighs nobody knows what has no grams', () => {
    expect(gramsOf(ingredient(KNOWN, 'wheat-flour'), readAmount('3 flour'))).toBeNull();
    expect(gramsOf(ingredient(KNOWN, 'wheat-flour'), readAmount('flour'))).toBeNull();
  });
});
