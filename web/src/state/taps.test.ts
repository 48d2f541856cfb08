import type { CookEvent } from '@yellowmist/core';
import { confirmTaps, heard, keepTap, putBack, together, waitingTaps } from './taps';

/** What a page keeps while the server is away. */

const tap = (id: string): CookEvent => ({ id, atMs: 1, by: 'cook', what: 'paused' });

const kept = new Map<string, string>();
beforeAll(() => {
  globalThis.localStorage = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  } as Storage;
});
beforeEach(() => kept.clear());

test('taps wait in their order, cook by cook', () => {
  keepTap('a', tap('1'));
  keepTap('b', tap('x'));
  keepTap('a', tap('2'));
  expect(waitingTaps('a').map((t) => t.id)).toEqual(['1', '2']);
  expect(waitingTaps('b').map((t) => t.id)).toEqual(['x']);
});

test('what the server has confirmed waits no longer; what another window has added since stays', () => {
  keepTap('a', tap('1'));
  keepTap('a', tap('2'));
  keepTap('a', tap('3'));
  confirmTaps('a', new Set(['1', '2']));
  expect(waitingTaps('a').map((t) => t.id)).toEqual(['3']);
  confirmTaps('a', new Set(['3']));
  expect(waitingTaps('a')).toEqual([]);
  expect(kept.size).toBe(0);
});

test('a store that holds nonsense is as good as an empty one', () => {
  kept.set('yellowmist.cook.a.taps', '{nonsense');
  expect(waitingTaps('a')).toEqual([]);
});

test('events of both, each once, and the same list where nothing is new', () => {
  const known = [tap('1'), tap('2')];
  expect(together(known, [tap('2'), tap('3')]).map((e) => e.id)).toEqual(['1', '2', '3']);
  expect(together(known, [tap('1')])).toBe(known);
});

test('taps of a clock that ran ahead are put back to the server’s now, and no others', () => {
  keepTap('a', { ...tap('1'), atMs: 5_000 });
  keepTap('a', { ...tap('2'), atMs: 99_000 });
  putBack('a', 60_000);
  expect(waitingTaps('a').map((t) => [t.id, t.atMs])).toEqual([
    ['1', 5_000],
    ['2', 60_000],
  ]);
});

test('what the server says of an event stands in the place of what the page said; what is known as it is changes nothing', () => {
  const known = [tap('1'), tap('2')];
  expect(heard(known, { ...tap('2'), atMs: 9 }).map((e) => [e.id, e.atMs])).toEqual([
    ['1', 1],
    ['2', 9],
  ]);
  expect(heard(known, tap('1'))).toBe(known);
  expect(heard(known, tap('3'))).toHaveLength(3);
});
