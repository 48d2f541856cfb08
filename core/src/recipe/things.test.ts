import { KNOWN } from '../foods/index.js';
import { thingOf } from './things.js';

const read = (text: string) => thingOf(KNOWN, { text, section: null }, 0);
const grams = (text: string) => Object.fromEntries(read(text).portions.map((p) => [p.ingredientId, p.grams]));

/** Lines as recipes write them; 1 tsp is a third of 1 tbsp (exact, US customary). */
describe('a line as a thing', () => {
  test('so much of each', () => {
    const tsp = grams('1 tsp each salt, black pepper and smoked paprika');
    const tbsp = grams('1 tbsp each: salt, black pepper, smoked paprika');
    expect(Object.keys(tsp)).toEqual(['salt', 'black-pepper', 'smoked-paprika']);
    for (const id of Object.keys(tsp)) expect(tbsp[id] / tsp[id]).toBeCloseTo(3, 1);
  });

  test.each([
    ['Flour 100 g', 'wheat-flour', 100],
    ['eggs: 2', 'egg', 100],
    ['100 g panko or dried breadcrumbs', 'coarse-crumbs', 100],
    ['1 (12 oz) bottle beer', 'beer', 340],
    ['½ bottle of lager', 'beer', 166],
    ['Salt – 5 g', 'salt', 5],
    ['100 g pretzels, blitzed to crumbs', 'pretzel-crumbs', 100],
  ])('“%s” is %s, %s g', (text, id, g) => {
    expect(read(text).item?.id).toBe(id);
    expect(Math.abs((read(text).grams ?? 0) / g - 1)).toBeLessThan(0.03);
  });

  test.each([
    ['oil, for deep-frying', 'frying'],
    ['lemon wedges, to serve', 'serving'],
    ['sweet chilli sauce for dipping', 'dipping'],
    ['2 tbsp flour for dusting', 'dusting'],
    ['1 cup flour, plus more for dusting', null],
  ])('“%s” says that it is for %s', (text, own) => {
    expect(read(text).own).toBe(own);
  });
});
