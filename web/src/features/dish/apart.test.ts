import { exampleConversion } from '@yellowmist/contract';
import { apart, type Words } from './apart';

const mine = exampleConversion();
const UNITS = { temperature: '°C', minutes: 'min', mass: 'g' };
const words: Words = { nameOf: (id) => id, say: (value, kind) => `${value} ${UNITS[kind]}` };

describe('what differs between two of one dish', () => {
  test('nothing, where they are the same', () => expect(apart(mine, exampleConversion(), words)).toEqual([]));

  test('is told thing by thing, each as it is here and there', () => {
    const theirs = {
      ...mine,
      name: 'Another',
      dish: { ...mine.dish, count: mine.dish.count + 2 },
      fried: { ...mine.fried, tempC: 190 },
      tags: ['windy'],
    };
    expect(apart(mine, theirs, words)).toEqual([
      { what: 'its name', mine: `“${mine.name}”`, theirs: '“Another”' },
      {
        what: 'the food',
        mine: `${mine.dish.count} pieces of ${mine.dish.foodId}`,
        theirs: `${mine.dish.count + 2} pieces of ${mine.dish.foodId}`,
      },
      {
        what: 'the pot',
        mine: `${mine.fried.minutes} min at ${mine.fried.tempC} °C`,
        theirs: `${mine.fried.minutes} min at 190 °C`,
      },
      { what: 'its tags', mine: 'none', theirs: 'windy' },
    ]);
  });

  test('a coat is told by what is in each bowl', () => {
    const [first, ...others] = mine.fried.layers;
    const layers = [{ ...first, portions: [{ ingredientId: 'rice-flour', grams: 60 }] }, ...others];
    const [told] = apart(mine, { ...mine, fried: { ...mine.fried, layers } }, words);
    expect(told.what).toBe('its coat in the pot');
    expect(told.theirs).toMatch(/^60 g rice-flour/);
  });

  test('what has no name of its own is one line, and only where nothing else is told', () => {
    const theirs = { ...mine, limits: { ...mine.limits, preheat: !mine.limits.preheat } };
    expect(apart(mine, theirs, words).map((t) => t.what)).toEqual(['small things of the plan']);
    expect(apart(mine, { ...theirs, name: 'Another' }, words).map((t) => t.what)).toEqual(['its name']);
  });
});
