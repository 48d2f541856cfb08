import type { RecipeBowl } from '@yellowmist/core';
import { inOrder, placeOf, placesFor } from './places';

const bowl = (id: string, kind: RecipeBowl['kind'], name: string, layers: number[]): RecipeBowl => ({
  id,
  kind,
  name,
  portions: [],
  layers,
});
const BOWLS = [
  bowl('dip', 'dip', 'Dip', []),
  bowl('finish', 'finish', 'Coarse crumbs', [2]),
  bowl('dust', 'dust', 'Rice flour', [0]),
  bowl('binder', 'binder', 'Egg', [1]),
];

test('bowls stand in the order of dipping, those beside after them', () => {
  expect(inOrder(BOWLS).map((b) => b.id)).toEqual(['dust', 'binder', 'finish', 'dip']);
});

test('a line can go into every bowl, into those that are missing, and into none', () => {
  const places = placesFor(BOWLS);
  expect(places.map((p) => p.key)).toEqual([
    'dust',
    'binder',
    'finish',
    'dip',
    'new-batter',
    'new-sauce',
    'food',
    'on-food',
    'frying-oil',
    'garnish',
    'other',
  ]);
  expect(places[0]).toMatchObject({ label: 'Dust: Rice flour', to: { takenFor: 'dust', bowl: 'dust' } });
  expect(new Set(places.map((p) => p.label)).size).toBe(places.length);
});

test('where a line stands is the place that would put it there', () => {
  const places = placesFor(BOWLS);
  const key = (takenFor: 'seasoning' | 'frying-oil' | 'binder', bowlId: string | null) =>
    placeOf(places, { takenFor, bowl: bowlId })?.key;
  expect([
    key('binder', 'binder'),
    key('seasoning', 'dust'),
    key('seasoning', 'food'),
    key('frying-oil', null),
  ]).toEqual(['binder', 'dust', 'on-food', 'frying-oil']);
});
