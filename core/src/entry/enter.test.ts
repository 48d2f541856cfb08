import { foodOf, KNOWN } from '../foods/index.js';
import { coatCalled, coatsLike, NAMED_COATS } from './coats.js';
import { enter } from './enter.js';
import { USUALLY_IN } from './usualCoat.js';

describe('coats that have a name', () => {
  test('every label and every other word finds its own coat', () => {
    for (const coat of NAMED_COATS) {
      for (const name of [coat.label, ...coat.words.split(', ')])
        expect([name, coatCalled(name)?.id]).toEqual([name, coat.id]);
    }
  });

  test.each([
    ['in a Tempura batter', 'thin-batter'],
    ['Panko', 'coarse-crumbs'],
    ['southern fried', 'buttermilk-flour'],
  ])('"%s" is %s', (words, id) => expect(coatCalled(words)?.id).toBe(id));

  test('words near a coat bring it up, others none', () => {
    expect(coatsLike('crispy coconut thing')[0].id).toBe('coconut-crumbs');
    expect(coatsLike('moon')).toEqual([]);
  });
});

describe('a dish in a cook’s words', () => {
  test('keeps what the recipe says of each bowl, and for how many pieces', () => {
    const { dish, fried, name } = enter(KNOWN, {
      food: '1 large onion in 13 mm rings',
      coat: '½ cup flour, 2 eggs, 1½ cups crumbs',
    });
    expect(name).toBe('Onion in coarse crumbs');
    expect(dish).toMatchObject({
      foodId: 'onion',
      bought: { unit: 'large-onion', amount: 1, cut: 'rings', sizeMm: 13 },
    });
    expect(fried!.layers.map((l) => l.written)).toEqual([
      { portions: [{ ingredientId: 'wheat-flour', grams: 62.5 }], pieces: dish!.count },
      { portions: [{ ingredientId: 'egg', grams: 100 }], pieces: dish!.count },
      { portions: [{ ingredientId: 'coarse-crumbs', grams: 90 }], pieces: dish!.count },
    ]);
  });

  test('a coat by name is no recipe, and a guessed one neither', () => {
    for (const coat of ['panko', 'flour, egg, crumbs']) {
      const { fried } = enter(KNOWN, { food: '4 pork chops', coat });
      expect(fried!.layers.every((l) => l.written === undefined)).toBe(true);
    }
  });

  test('thicker pieces stay longer in the pot, and the cook’s own minutes and count stand', () => {
    const minutes = (food: string): number => enter(KNOWN, { food, coat: 'panko' }).fried!.minutes;
    expect(minutes('2 chicken breasts, whole')).toBeGreaterThan(minutes('2 chicken breasts, halved flat'));
    const own = enter(KNOWN, { food: '2 onions', coat: 'panko', minutes: 7, count: 30 });
    expect([own.fried!.minutes, own.dish!.count]).toEqual([7, 30]);
  });

  test('batters are fried hotter than crumbs', () => {
    const tempOf = (coat: string) => enter(KNOWN, { food: '2 onions', coat }).fried!.tempC;
    expect(tempOf('1 cup flour, 1 cup beer')).toBe(185);
    expect(tempOf('½ cup flour, 2 eggs, 1 cup panko')).toBe(175);
  });

  test('while anything is asked there is no dish, or no pot', () => {
    expect(enter(KNOWN, { food: 'some chicken', coat: 'panko' })).toMatchObject({ dish: null, fried: null });
    expect(enter(KNOWN, { food: '2 onions', coat: '40 eggs' }).fried).toBeNull();
    expect(enter(KNOWN, { food: '2 onions', coat: '' }).fried).toBeNull();
  });

  // Common practice, no source.
  test.each([
    ['12 wings', 'buttermilk-flour'],
    ['4 pork chops', 'fine-crumbs'],
    ['500 g okra', 'cornmeal'],
    ['12 falafel', 'flour'],
    ['2 onions in rings', 'beer-batter'],
    ['some chicken', 'beer-batter'],
  ])('nothing is said of the coat of %s: it is %s', (food, id) =>
    expect(enter(KNOWN, { food }).coat.named?.id).toBe(id),
  );
});

test('the foods of usual coats are known, and have one each', () => {
  const ids = Object.values(USUALLY_IN).flatMap((foods) => foods.split(' '));
  expect(new Set(ids).size).toBe(ids.length);
  for (const id of ids) expect(foodOf(KNOWN, id).food).toBeDefined();
  for (const coat of Object.keys(USUALLY_IN)) expect(NAMED_COATS.map(({ id }) => id)).toContain(coat);
});
