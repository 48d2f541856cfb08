import Color from 'colorjs.io';
import { normal, plain, seeded } from '../units/index.js';
import { crustColour } from '../outcome/index.js';
import { deltaE, nearestBrowning, readBrowning, spotOf, unevenness, type Pixel } from './index.js';

type Triple = readonly [number, number, number];

/** Light of a lamp, of an open shade and of a tube, as a camera's channels see them against daylight. */
const LIGHTS: Record<string, Triple> = {
  daylight: [1, 1, 1],
  lamp: [1, 0.74, 0.45],
  shade: [0.78, 0.92, 1],
  tube: [0.82, 1, 0.72],
};

const PAPER_Y = 0.82;

/** A pixel of something of this colour (CIELAB, D65) in a light: made with another package than the one that reads it. */
function pixelOf(lab: Triple, light: Triple, exposure = 0.95): Pixel {
  const linear = new Color('lab-d65', [...lab]).to('srgb-linear').coords.map((c, k) => (c ?? 0) * light[k] * exposure);
  const shown = new Color('srgb-linear', linear as [number, number, number]).to('srgb').coords;
  return shown.map((c) => Math.max(0, Math.min(255, Math.round((c ?? 0) * 255)))) as unknown as Pixel;
}

const grey = (y: number): Triple => [116 * Math.cbrt(y) - 16, 0, 0];

interface Scene {
  light: Triple;
  noise?: number;
  shade?: number;
  exposure?: number;
}

/** Pixels of one colour: with noise, a part of them in shade. */
function patch(lab: Triple, { light, noise = 0, shade = 0, exposure }: Scene, seed = 1): Pixel[] {
  const random = seeded(seed);
  return Array.from({ length: 400 }, (_, k) => {
    const dim = k < shade * 400 ? 0.35 : 1;
    const pixel = pixelOf(lab, light.map((c) => c * dim) as unknown as Triple, exposure);
    return pixel.map((c) => Math.max(0, Math.min(255, Math.round(c + noise * normal(random))))) as unknown as Pixel;
  });
}

const otherDeltaE = (a: Triple, b: Triple): number =>
  new Color('lab-d65', [...a]).deltaE(new Color('lab-d65', [...b]), '2000');

describe('colours of synthetic photographs', () => {
  const browns = [0.15, 0.45, 0.8, 1.1, 1.5, 2.1, 3];
  const cases = Object.entries(LIGHTS).flatMap(([name, light]) => browns.map((b) => [b, name, light] as const));

  test.each(cases)('a crust of B %d in the light of a %s comes back within ΔE₀₀ 5', (b, _, light) => {
    const scene = { light, noise: 6, shade: 0.2 };
    const lab = crustColour(b);
    const read = readBrowning(patch(lab, scene, 3), patch(grey(PAPER_Y), scene, 5), 'white')!;
    expect(otherDeltaE(read.lab, lab)).toBeLessThan(5);
    expect(Math.abs(read.b - b)).toBeLessThan(0.04 + 0.2 * b);
    expect(read.from).toBeLessThanOrEqual(b * 1.05);
    expect(read.to).toBeGreaterThanOrEqual(b * 0.95);
  });

  test('a grey card does as well as paper', () => {
    const scene = { light: LIGHTS.lamp, noise: 4 };
    const read = readBrowning(patch(crustColour(1), scene), patch(grey(0.18), scene, 7), 'grey')!;
    expect(otherDeltaE(read.lab, crustColour(1))).toBeLessThan(5);
  });

  test('without its light taken out the same crust would be read far off', () => {
    const scene = { light: LIGHTS.lamp };
    const raw = spotOf(patch(crustColour(0.8), scene));
    const daylight = patch(grey(PAPER_Y), { light: LIGHTS.daylight });
    const read = readBrowning(patch(crustColour(0.8), scene), daylight, 'white')!;
    expect(raw.unusable).toBe(false);
    expect(otherDeltaE(read.lab, crustColour(0.8))).toBeGreaterThan(5);
  });

  test('shade and what is clipped are left out, and told', () => {
    const scene = { light: LIGHTS.daylight };
    const shaded = patch(crustColour(1), { ...scene, shade: 0.3 });
    const read = readBrowning(shaded, patch(grey(PAPER_Y), scene), 'white')!;
    expect(read.notes.map(plain).join(' ')).toMatch(/Shade and glints were left out/);
    expect(otherDeltaE(read.lab, crustColour(1))).toBeLessThan(2);
    const burnt = Array<Pixel>(400).fill([255, 255, 255]);
    expect(readBrowning(shaded, burnt, 'white')).toBeNull();
    expect(readBrowning([[120, 80, 40]], patch(grey(PAPER_Y), scene), 'white')).toBeNull();
  });

  test('a spot that is uneven has a wider range than one that is even', () => {
    const scene = { light: LIGHTS.daylight };
    const white = patch(grey(PAPER_Y), scene);
    const even = readBrowning(patch(crustColour(1), scene), white, 'white')!;
    const both = [...patch(crustColour(0.75), scene).slice(200), ...patch(crustColour(1.25), scene).slice(200)];
    const uneven = readBrowning(both, white, 'white')!;
    expect(uneven.to / uneven.from).toBeGreaterThan(1.3 * (even.to / even.from));
    expect(unevenness([even, { b: even.b * 2 }])).toBeCloseTo(2);
    expect(unevenness([even])).toBe(1);
  });

  test('what is no crust is doubted', () => {
    const scene = { light: LIGHTS.daylight };
    const green = readBrowning(patch([55, -40, 35], scene), patch(grey(PAPER_Y), scene), 'white')!;
    expect(green.notes.map(plain).join(' ')).toMatch(/hardly the colour of a crust/);
  });
});

describe('the path of browning', () => {
  test('every place on it is found again', () => {
    for (const b of [0.1, 0.5, 1, 1.7, 2.6, 4]) {
      const found = nearestBrowning(crustColour(b));
      expect(found.beside).toBeLessThan(1.5);
      expect(Math.abs(found.b - b)).toBeLessThan(0.06 * b + 0.03);
    }
  });

  test('ΔE₀₀ is that of the published pairs', () => {
    // Sharma, Wu and Dalal 2005, pairs 1, 7 and 25, from memory.
    expect(deltaE([50, 2.6772, -79.7751], [50, 0, -82.7485])).toBeCloseTo(2.0425, 3);
    expect(deltaE([50, 0, 0], [50, -1, 2])).toBeCloseTo(2.3669, 3);
    expect(deltaE([60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387])).toBeCloseTo(1.2644, 3);
  });
});
