import type { EveningPlan, Task } from '@yellowmist/core';
import { BAR, fitted, heightOf, isInFryer, lanesOf, letterOf, lettersIn, waitsByItself } from './lanes';

const task = (more: Partial<Task>): Task => ({
  id: 'a:cut',
  dishId: 'a',
  batch: null,
  kind: 'cut',
  text: ['Cut'],
  reason: ['Even'],
  cook: 0,
  fryer: null,
  fromMin: -30,
  toMin: -25,
  after: [],
  ahead: false,
  pinned: false,
  takes: { place: null, bowls: 0, trays: 0 },
  ...more,
});
const plan = (...tasks: Task[]): EveningPlan => ({
  tasks,
  table: [],
  warnings: [],
  cannot: [],
  lateMin: 0,
  busy: { cooks: [], fryers: {} },
  tried: 1,
});
const COOKS = [{ name: 'Ines' }, { name: 'Tobi' }];

test('hands first, then fryers, then what waits on trays, then the rack; none over another', () => {
  const rest = task({ id: 'a:coat~after', kind: 'rest', cook: null });
  const cook = task({ id: 'a:batch:1#cook1', kind: 'cook', cook: null, fryer: 'Loft' });
  const look = task({ id: 'b:batch:1#look1', kind: 'look', fryer: 'Galley' });
  const lanes = lanesOf(plan(task({}), rest, cook, look), COOKS, ['a', 'b']);
  expect(lanes.map((l) => l.name)).toEqual(['Ines', 'Tobi', 'Galley', 'Loft', 'On the tray', 'On the rack']);
  lanes.slice(1).forEach((lane, k) => expect(lane.top).toBeGreaterThanOrEqual(lanes[k].top + lanes[k].tall));
  expect(heightOf(lanes)).toBeGreaterThan(lanes[5].top + lanes[5].tall);
  expect(lanes[5].tall).toBeGreaterThanOrEqual(2 * BAR);
});

test('without anything that waits there is no lane for it, and nothing has no height', () => {
  expect(lanesOf(plan(task({})), [COOKS[0]], ['a']).map((l) => l.kind)).toEqual(['hands', 'rack']);
  expect(heightOf([])).toBe(0);
});

test('a look is a mark on its fryer, its cook a block; a rest is neither', () => {
  expect(isInFryer(task({ kind: 'cook', fryer: 'Loft', cook: null }))).toBe(true);
  expect(isInFryer(task({ kind: 'look', fryer: 'Loft' }))).toBe(false);
  expect(waitsByItself(task({ kind: 'rest', cook: null }))).toBe(true);
  expect(waitsByItself(task({ kind: 'rest', cook: null, ahead: true }))).toBe(false);
});

test('a label is whole, cut with an ellipsis, or not there: it never runs over a mark', () => {
  expect(fitted('Oyster mushrooms', 400)).toBe('Oyster mushrooms');
  expect(fitted('Oyster mushrooms', 60)).toMatch(/^Oyster.*…$/);
  expect(fitted('Oyster mushrooms', 60).length).toBeLessThanOrEqual(lettersIn(60));
  expect(fitted('Oyster', 20)).toBe('');
});

test('dishes have letters in their order', () => {
  expect([letterOf(['x', 'y'], 'y'), letterOf(['x'], null)]).toEqual(['B', '']);
});
