import type { Grain } from '@yellowmist/core';
import { grainPaths, LOOKS, roundPath, type GrainBand } from './grains';

const band = (more: Partial<GrainBand> = {}): GrainBand => ({
  seed: 'crumbs',
  from: 0,
  to: 180,
  inner: () => 60,
  outer: () => 40,
  outward: -1,
  last: false,
  ...more,
});

/** Where shapes begin: "M x y". */
const starts = (grain: Grain, of: GrainBand): [number, number][] =>
  grainPaths(grain, of).flatMap(({ d }) =>
    [...d.matchAll(/M(-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]): [number, number] => [Number(x), Number(y)]),
  );

describe.each(Object.keys(LOOKS) as Grain[])('a layer of %s', (grain) => {
  test('is a few shapes, however many grains it has, and the same each time', () => {
    const paths = grainPaths(grain, band());
    expect(paths).toHaveLength(3);
    expect(new Set(paths.map(({ opacity }) => opacity)).size).toBe(3);
    expect(paths).toEqual(grainPaths(grain, band()));
    expect(paths).not.toEqual(grainPaths(grain, band({ seed: 'other crumbs' })));
  });

  test('lies within its band and over all of it', () => {
    const reach = LOOKS[grain].size * 1.5;
    const all = starts(grain, band());
    expect(all.length).toBeGreaterThan(20);
    for (const [x, y] of all) {
      expect(x).toBeGreaterThan(-reach);
      expect(x).toBeLessThan(180 + reach);
      expect(y).toBeGreaterThan(40 - reach);
      expect(y).toBeLessThan(60 + reach);
    }
    const thirds = [0, 60, 120].map((from) => all.filter(([x]) => x >= from && x < from + 60).length);
    expect(Math.min(...thirds)).toBeGreaterThan(all.length / 6);
  });

  test('has more grains the thicker it is, and keeps those that it has', () => {
    const [thin, thick] = [starts(grain, band({ outer: () => 56 })), starts(grain, band({ outer: () => 30 }))];
    expect(thick.length).toBeGreaterThan(thin.length);
    const across = (all: [number, number][]): number[] => all.map(([x]) => Math.round(x));
    expect(across(thick)).toEqual(expect.arrayContaining(across(thin).slice(0, 8)));
  });
});

describe('the last layer', () => {
  /** How far the farthest corner of a grain lies from the outer edge, outward. */
  const beyond = (outward: 1 | -1, last: boolean): number => {
    const [inner, outer] = [() => 50, () => 50 + outward * 20];
    const paths = grainPaths('coarse', band({ inner, outer, outward, last }));
    const ys = paths.flatMap(({ d }) => [...d.matchAll(/[ML]-?[\d.]+ (-?[\d.]+)/g)].map(([, y]) => Number(y)));
    return Math.max(...ys.map((y) => (y - outer()) * outward));
  };

  test.each([1, -1] as const)('stands out, to the side that is out (%i)', (outward) => {
    expect(beyond(outward, true)).toBeGreaterThan(beyond(outward, false));
    expect(beyond(outward, true)).toBeLessThan(2 * LOOKS.coarse.size);
  });
});

test('a round grain is a closed path of its width', () => {
  expect(roundPath(10, 20, 3)).toBe('M7 20a3 3 0 1 0 6 0a3 3 0 1 0 -6 0');
});
