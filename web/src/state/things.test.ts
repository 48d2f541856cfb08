import { thingWords } from './things';

const things = {
  egg: { name: 'egg', gPerMl: 1.03, eachG: 50 },
  'wheat-flour': { name: 'plain wheat flour', gPerMl: 125 / 236.588, eachG: null },
  garlic: { name: 'garlic', gPerMl: 0.6, eachG: 4 },
};
const said = (ingredientId: string, grams: number | null, system: 'metric' | 'us' = 'metric'): string =>
  thingWords(things, { ingredientId, grams }, system);

test.each([
  [said('egg', 100), '2 eggs'],
  [said('egg', 25), '0.5 egg'],
  [said('egg', 64), '64 g egg'],
  [said('garlic', 8), '2 cloves of garlic'],
  [said('wheat-flour', 62.5), '63 g plain wheat flour'],
  [said('wheat-flour', 62.5, 'us'), '½ cup plain wheat flour'],
  [said('wheat-flour', 0.05, 'us'), 'a pinch of plain wheat flour'],
  [said('wheat-flour', null), 'plain wheat flour'],
  [said('moon-dust', 5), 'moon-dust'],
])('%s', (words, expected) => expect(words).toBe(expected));
