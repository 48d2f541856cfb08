import { EMPTY_EVENING, momentAt, wallClock, type EveningBody } from '@yellowmist/contract';
import type { Task } from '@yellowmist/core';
import { pinnedAt, sameWork } from './pins';
import { taken, withDishes } from './changes';
import { newEvening, nextSupper } from './next';
import { dayWords } from './when';
import { labelOf, lasting } from './words';

const body: EveningBody = {
  ...EMPTY_EVENING,
  serveAt: '2026-11-26T19:00:00+00:00',
  cooks: [{ name: 'Ines' }],
  dishes: [{ id: 'a' }, { id: 'b', fryer: 'Loft' }],
  pins: [{ id: 'a:cut', beforeMin: 90 }],
};

describe('a change that a plan proposes, taken', () => {
  test('later, by so many minutes; without a time there is nothing to move', () => {
    expect(Date.parse(taken(body, { what: 'later', byMin: 25 }).serveAt!)).toBe(Date.parse('2026-11-26T19:25:00Z'));
    const free = { ...body, serveAt: null };
    expect(taken(free, { what: 'later', byMin: 25 })).toBe(free);
  });

  test('another fryer, ahead, or without it: that dish alone', () => {
    expect(taken(body, { what: 'fryer', dishId: 'a', fryer: 'both' }).dishes).toEqual([
      { id: 'a', fryer: 'both' },
      { id: 'b', fryer: 'Loft' },
    ]);
    expect(taken(body, { what: 'ahead', dishId: 'b', ahead: ['sauces'] }).dishes[1]).toEqual({
      id: 'b',
      fryer: 'Loft',
      ahead: ['sauces'],
    });
    expect(taken(body, { what: 'leave-out', dishId: 'a' }).dishes.map((d) => d.id)).toEqual(['b']);
  });

  test('hands of a name of their own, and a pin let go', () => {
    const two = taken({ ...body, cooks: [{ name: 'Hands 2' }] }, { what: 'cooks', cooks: 2 });
    expect(two.cooks.map((c) => c.name)).toEqual(['Hands 2', 'Hands 3']);
    expect(taken(body, { what: 'unpin', id: 'a:cut' }).pins).toEqual([]);
  });
});

describe('pins', () => {
  test('go with their dish, and only with it', () => {
    const both = { ...body, pins: [...body.pins, { id: 'b:cut', beforeMin: 80 }, { id: 'ab:cut', beforeMin: 70 }] };
    const left = withDishes(both, [{ id: 'b', fryer: 'Loft' }]);
    expect(left.pins.map((p) => p.id)).toEqual(['b:cut', 'ab:cut']);
    expect(taken(both, { what: 'leave-out', dishId: 'b' }).pins.map((p) => p.id)).toEqual(['a:cut', 'ab:cut']);
    expect(withDishes(both, [...both.dishes, { id: 'c' }]).pins).toEqual(both.pins);
  });

  test('one for a piece of work: the last place counts, and it can be let go', () => {
    expect(pinnedAt(body, 'a:cut', -60).pins).toEqual([{ id: 'a:cut', beforeMin: 60 }]);
    expect(pinnedAt(body, 'a:batch:1#cook1', -20).pins).toHaveLength(2);
    const moved = pinnedAt(pinnedAt(body, 'a:batch:1#cook1', -20), 'a:batch:1#load1', -22);
    expect(moved.pins.filter((p) => p.id.startsWith('a:batch'))).toEqual([{ id: 'a:batch:1#load1', beforeMin: 22 }]);
    expect(pinnedAt(body, 'a:cut', null).pins).toEqual([]);
  });

  test('are kept within what is stored', () => {
    expect(pinnedAt(body, 'a:cut', 5).pins[0].beforeMin).toBe(0);
    expect(pinnedAt(body, 'a:cut', -9999).pins[0].beforeMin).toBe(2880);
  });

  test('stretches and parts are the same work', () => {
    expect([
      sameWork('a:cut', 'a:cut/2'),
      sameWork('a:batch:1#cook1', 'a:batch:1#load1'),
      sameWork('a:cut', 'b:cut'),
    ]).toEqual([true, true, false]);
  });
});

describe('a new evening', () => {
  test('is for seven tonight, or tomorrow where that is near or gone', () => {
    const zone = 'Europe/Oslo';
    const at = (wall: string): string => wallClock(nextSupper(Date.parse(momentAt(wall, zone)!), zone), zone);
    expect(at('2026-11-26T15:00')).toBe('2026-11-26T19:00');
    expect(at('2026-11-26T17:30')).toBe('2026-11-27T19:00');
    expect(at('2026-11-26T22:00')).toBe('2026-11-27T19:00');
    // Over the night in which clocks go back.
    expect(at('2026-10-24T20:00')).toBe('2026-10-25T19:00');
    expect(newEvening(Date.now()).dishes).toEqual([]);
  });
});

describe('words', () => {
  test('how long, and when', () => {
    expect([lasting(0.2), lasting(42.4), lasting(60), lasting(95)]).toEqual(['1 min', '42 min', '1 h', '1 h 35 min']);
    expect(dayWords('2026-11-26T19:00:00+01:00', 'Europe/Oslo')).toBe('Thursday 26 November 2026, 19:00');
    expect(dayWords(null, 'UTC')).toBe('As soon as it can be');
  });

  test('a block says its dish and work, a batch in the fryer its letter and number', () => {
    const task = { kind: 'coat', batch: 2 } as Task;
    expect(labelOf(task, 'B')).toBe('B coat 2');
    expect(labelOf({ ...task, kind: 'cook' }, 'B')).toBe('B2');
    expect(labelOf({ ...task, kind: 'wash', batch: null }, 'A')).toBe('A wash');
  });
});
