import { exampleConversion, type ListedDish } from '@yellowmist/contract';
import { ALL, choicesIn, isWanted } from './sorting';

const dish = (name: string, extra: Partial<ListedDish> = {}): ListedDish => ({
  ...exampleConversion(),
  id: name,
  format: 3,
  version: 1,
  createdAt: '',
  updatedAt: '',
  diets: [],
  name,
  ...extra,
});
const nameOf = (id: string): string => (id === 'oyster-mushroom' ? 'Oyster mushrooms' : id);
const wanted = (listed: Parameters<typeof isWanted>[0], part: Partial<typeof ALL>) =>
  isWanted(listed, { ...ALL, ...part }, nameOf);

test('a dish is found by its name, its food, its note and its tags', () => {
  const okra = dish('Okra', { note: 'For the ferry', tags: ['windy'] });
  for (const words of ['okra', 'OYSTER', 'ferry', 'wind', '']) expect(wanted(okra, { words })).toBe(true);
  expect(wanted(okra, { words: 'leek' })).toBe(false);
});

test('it is narrowed to food, fryer, diet and tag, each by itself', () => {
  const okra = dish('Okra', { diets: ['vegan'], tags: ['windy'] });
  const fryer = okra.fryer.name;
  expect(wanted(okra, { foodId: 'oyster-mushroom', fryer, diet: 'vegan', tag: 'windy' })).toBe(true);
  for (const other of [{ foodId: 'cod' }, { fryer: 'Loft' }, { diet: 'nut-free' }, { tag: 'calm' }] as const)
    expect(wanted(okra, other)).toBe(false);
});

test('what is put away is seen where it was put, and nowhere else', () => {
  const away = dish('Okra', { archived: true });
  expect([wanted(away, {}), wanted(away, { archived: true })]).toEqual([false, true]);
  expect([wanted(dish('Leek'), {}), wanted(dish('Leek'), { archived: true })]).toEqual([true, false]);
});

test('a dish that cannot be opened is found by its name alone', () => {
  const broken = { id: 'b', name: 'Old okra', version: 1, createdAt: '', updatedAt: '', problem: 'newer' };
  expect([wanted(broken, { words: 'okra' }), wanted(broken, { tag: 'windy' })]).toEqual([true, false]);
});

test('the choices are those that there are, each once', () => {
  const all = [dish('a', { diets: ['vegan'], tags: ['b', 'a'] }), dish('c', { diets: ['vegan'], tags: ['a'] })];
  expect(choicesIn(all)).toEqual({
    foods: ['oyster-mushroom'],
    fryers: ['Drawer fryer'],
    diets: ['vegan'],
    tags: ['a', 'b'],
  });
});
