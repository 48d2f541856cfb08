import { text } from '../units/index.js';
import { because, inWords, largeIsGood, minutesUntil, verdict, percent, smallIsGood } from './view.js';
import type { CookSeries } from '../heat/index.js';

describe('times in words', () => {
  test.each([
    [0, '5 seconds'],
    [0.15, '10 seconds'],
    [1.2, '70 seconds'],
    [1.5, '1 min 30 s'],
    [2, '2 minutes'],
    [2.33, '2 min 20 s'],
    [5.25, '5 min 15 s'],
    [9.99, '10 minutes'],
  ])('%d min is %s', (minutes, words) => expect(inWords(minutes)).toBe(words));

  test('shares are whole per cents', () =>
    expect([percent(0), percent(0.126), percent(1)]).toEqual(['0 %', '13 %', '100 %']));
});

describe('bands', () => {
  const bounds = { good: 0.2, fair: 0.5 };
  test('of what should be small', () =>
    expect([0.1, 0.2, 0.4, 0.5, 1].map((v) => smallIsGood(v, bounds))).toEqual([
      'good',
      'fair',
      'fair',
      'poor',
      'poor',
    ]));
  test('of what should be large', () =>
    expect([0.9, 0.8, 0.6, 0.5, 0].map((v) => largeIsGood(v, { good: 0.8, fair: 0.5 }))).toEqual([
      'good',
      'fair',
      'fair',
      'poor',
      'poor',
    ]));

  test('what is good needs no reason; what is not has one with a move, heavier where it spoils the dish', () => {
    const why = () => [text`Too wet.`, text`Pat it dry.`] as const;
    expect(verdict(0.9, 'share', 'good', 'stays on', why).reasons).toEqual([]);
    expect(verdict(0.6, 'share', 'fair', 'holds', why).reasons).toEqual([
      { weight: 1, text: ['Too wet.'], move: ['Pat it dry.'] },
    ]);
    expect(because('poor', text`Too wet.`, text`Pat it dry.`).weight).toBe(2);
    expect(verdict(0.1, 'share', 'poor', 'falls off').reasons).toEqual([]);
  });
});

test('a pair of faces has passed a level when the slower one has; null when it has not by then', () => {
  const series = {
    timeS: [0, 60, 120, 180],
    columns: { footUpC: [20, 80, 90, 95], footDownC: [20, 60, 74, 76] },
  } as unknown as CookSeries;
  expect(minutesUntil(series, 3, 'footUpC', 'footDownC', 75)).toBe(3);
  expect(minutesUntil(series, 2, 'footUpC', 'footDownC', 75)).toBeNull();
});
