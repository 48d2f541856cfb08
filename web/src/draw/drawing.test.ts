import { bandsOf } from './cutaway/frame';
import { bandPath, curvePath, dome, through, tornPath } from './outline';
import { scatter } from './random';

const numbers = (path: string): number[] => [...path.matchAll(/-?\d+(\.\d+)?/g)].map((m) => Number(m[0]));

describe('outlines', () => {
  test('a dome is nothing at its ends and its height in the middle', () => {
    const curve = dome(10, 50, 7);
    expect([curve(10), curve(30), curve(50)]).toEqual([0, 7, 0]);
    expect(curve(20)).toBeCloseTo(curve(40), 9);
  });

  test('a band lies between its curves, over its whole width', () => {
    const path = bandPath(
      0,
      100,
      () => 20,
      () => 50,
    );
    const all = numbers(path);
    expect(Math.min(...all)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...all)).toBeLessThanOrEqual(100);
    expect(all).toContain(20);
    expect(all).toContain(50);
    expect(path.endsWith('Z')).toBe(true);
    expect(curvePath(0, 100, () => 20).endsWith('Z')).toBe(false);
  });

  test('curves that agree in their ends and their middle to a tenth of a pixel are drawn alike, others by themselves', () => {
    const skin = dome(8, 196, 13);
    const shifted = (px: number) => (x: number) => skin(x) + px;
    expect(through(8, 196, skin, shifted(0.01))).toBe(through(8, 196, skin, skin));
    expect(through(8, 196, skin)).not.toBe(through(8, 196, shifted(0.2)));
    const band = bandPath(8, 196, skin, shifted(5));
    // Of a thousand bands the first ones are forgotten, and come out the same when they are drawn anew.
    const many = Array.from({ length: 1000 }, (_, k) => bandPath(8, 196, skin, shifted(k / 5)));
    expect(new Set(many).size).toBe(1000);
    expect(many[25]).toBe(band);
    expect(bandPath(8, 196, skin, shifted(5))).toBe(band);
    expect(curvePath(8, 196, skin)).not.toBe(curvePath(20, 184, skin));
  });

  test('a torn piece stays on its ground, and no two are alike', () => {
    const path = tornPath(30, 18, scatter('piece 1'));
    const points = numbers(path);
    expect(Math.max(...points.map(Math.abs))).toBeLessThanOrEqual(30.5);
    expect(points.slice(-2)).toEqual(points.slice(0, 2));
    expect(path).toBe(tornPath(30, 18, scatter('piece 1')));
    expect(path).not.toBe(tornPath(30, 18, scatter('piece 2')));
  });

  test('layers lie on one another without a gap, a thin one still to be seen', () => {
    const face = { layers: [0.01, 2].map((mm, k) => ({ layer: { name: `layer ${k}` }, mm })) };
    const [thin, thick] = bandsOf(face as never, () => 100, -1, 10);
    expect(thin.inner(5) - thin.outer(5)).toBeCloseTo(1.2, 9);
    expect(thick.inner(5)).toBe(thin.outer(5));
    expect(thick.inner(5) - thick.outer(5)).toBeCloseTo(20, 9);
    expect(bandsOf(face as never, () => 100, 1, 10)[1].outer(5)).toBeGreaterThan(100);
  });
});

describe('scatter', () => {
  const draw = (name: string): number[] => {
    const next = scatter(name);
    return Array.from({ length: 200 }, next);
  };
  test('is the same for the same name, and another for another', () => {
    expect(draw('coarse crumbs')).toEqual(draw('coarse crumbs'));
    expect(draw('coarse crumbs')).not.toEqual(draw('fine crumbs'));
  });
  test('is spread over 0 to 1', () => {
    const all = draw('salt');
    expect(Math.min(...all)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...all)).toBeLessThan(1);
    expect(all.reduce((a, b) => a + b, 0) / all.length).toBeGreaterThan(0.4);
  });
});
