import type { EveningPlan, Task } from '@yellowmist/core';
import {
  BAR,
  fitted,
  heightOf,
  isInFryer,
  lanesOf,
  letterOf,
  lettersIn,
  stopsOf,
  ticksOf,
  untilFryer,
  waitsByItself,
} from './lanes';

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
  batches: [],
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

describe('what the keyboard comes to', () => {
  const load = task({ id: 'a:batch:1#load1', kind: 'load', fryer: 'Loft', fromMin: -14, toMin: -13 });
  const cook = task({ id: 'a:batch:1#cook1', kind: 'cook', fryer: 'Loft', cook: null, fromMin: -13, toMin: -3 });
  const look = task({ id: 'a:batch:1#look1', kind: 'look', fryer: 'Loft', cook: 1, fromMin: -8, toMin: -7 });
  const rest = task({ id: 'a:coat~after', kind: 'rest', cook: null, fromMin: -20, toMin: -14 });
  const tasks = [look, cook, rest, load, task({})];
  const stops = (all: Task[]) => stopsOf(all, lanesOf(plan(...all), COOKS, ['a']));

  test('goes by the time, hands before the fryer; what waits by itself is passed over', () => {
    expect(stops(tasks).map((s) => s.key)).toEqual([
      'hands a:cut',
      'hands a:batch:1#load1',
      'fryer a:batch:1#load1',
      'fryer a:batch:1#cook1',
      'hands a:batch:1#look1',
    ]);
  });

  test('a task that goes to other hands keeps its place in the hand of who moves it', () => {
    const given = stops([...tasks.slice(1), { ...look, cook: 0 }]).at(-1)!;
    expect([given.key, given.lane.name]).toEqual(['hands a:batch:1#look1', 'Ines']);
  });

  test('what rests waits until its own batch goes into the fryer', () => {
    expect(
      untilFryer({ ...rest, batch: 1 }, [
        { ...load, batch: 2, fromMin: -4 },
        { ...load, batch: 1 },
      ]),
    ).toBe(-14);
    expect(untilFryer({ ...rest, batch: 3 }, [load])).toBe(-14);
    expect(untilFryer({ ...rest, kind: 'prepare', toMin: -17 }, [load])).toBe(-17);
  });
});

describe('the clock under the lanes', () => {
  /** "19:05" of minutes from a table at so many minutes of the day. */
  const at = (tableMin: number) => (min: number) => {
    const m = Math.round(tableMin + min);
    return `${String(Math.floor(m / 60)).padStart(2, '0')}:${String(m % 60).padStart(2, '0')}`;
  };

  test('ticks are at quarters by the clock, at halves of a long evening, and none lies under the table', () => {
    const time = at(19 * 60 + 5);
    expect(ticksOf(-60, time).map(time)).toEqual(['18:45', '18:30', '18:15']);
    expect(ticksOf(-250, time).map(time).slice(0, 2)).toEqual(['18:30', '18:00']);
    expect(ticksOf(-250, time).every((t) => t >= -250)).toBe(true);
  });
});
