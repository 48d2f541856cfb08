import { oilAmount, partAmount, sentenceIn, shownNumber, withUnit } from './units';

const plain = (text: string): string => text.replaceAll('\u00a0', ' ');

describe('numbers at the screen’s edge', () => {
  test.each([
    [185, 'temperature', 'metric', '185 °C'],
    [185, 'temperature', 'us', '365 °F'],
    [16, 'length', 'us', '0.63 in'],
    [1.26, 'film', 'metric', '1.3 mm'],
    [500, 'mass', 'us', '17.6 oz'],
    [3.2, 'mass', 'us', '3.2 g'],
    [2.5, 'minutes', 'us', '2.5 min'],
  ] as const)('%d %s in %s is %s', (value, quantity, system, shown) => {
    expect(plain(withUnit(value, quantity, system))).toBe(shown);
  });

  test('no trailing zeros', () => expect(shownNumber(5, 'minutes', 'metric')).toBe('5'));

  test('temperatures, differences of temperature and lengths inside a sentence are turned over', () => {
    const said = 'The centre is at 60 °C. Cook 10 °C hotter, or cut it thinner than 20 mm.';
    expect(plain(sentenceIn(said, 'us'))).toBe(
      'The centre is at 140 °F. Cook 18 °F hotter, or cut it thinner than 0.79 in.',
    );
    expect(sentenceIn(said, 'metric')).toBe(said);
  });

  test('a bowl says whole eggs, and cups where they are used', () => {
    const flour = { ingredientId: 'wheat-flour', name: 'Flour', grams: 125, ml: 236.6, count: null };
    expect(partAmount(flour, 'us')).toBe('1 cup (125 g)');
    expect(partAmount(flour, 'metric')).toBe('125 g');
    expect(partAmount({ ...flour, grams: 100, count: 2 }, 'metric')).toBe('2 (100 g)');
    expect(oilAmount(7, 'us')).toBe('1½ tsp (7.0 g)');
  });
});
