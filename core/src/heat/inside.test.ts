import { KNOWN, foodOf } from '../foods/index.js';
import { geometryOf } from '../piece/index.js';
import { buildBody } from './body.js';
import { boilingPot, simulate, type CookInput } from './index.js';
import { handOver, insideOf } from './inside.js';

const food = foodOf(KNOWN, 'potato');
const piece = geometryOf({ kind: 'slab', lengthMm: 80, widthMm: 20, thicknessMm: 20 }, food.densityKgM3);
const fresh = (fine = 1) => buildBody(food, piece, [], 20, fine);
const all = (body: ReturnType<typeof fresh>, of: (i: number) => number): number[] =>
  Array.from({ length: body.foodTo - body.foodFrom }, (_, k) => of(body.foodFrom + k));
const sum = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0);

/** Soft and dry outside, as if roasted, softer below than above. */
function roasted(): ReturnType<typeof fresh> {
  const body = fresh();
  for (let i = body.foodFrom; i < body.foodTo; i++) {
    const out = body.radius[i] / body.halfThicknessM;
    body.softened[i] = out * (i < body.n / 2 ? 2 : 1);
    body.water[i] *= 1 - 0.6 * out ** 4;
  }
  return body;
}

describe('what an earlier cook left inside', () => {
  test('is handed over cell by cell where the cells are the same, but for the means', () => {
    const before = roasted();
    const after = fresh();
    handOver(after, insideOf(before));
    const shift = before.softened[before.foodFrom] - after.softened[after.foodFrom];
    const factor = before.water[before.foodFrom] / after.water[after.foodFrom];
    for (let i = after.foodFrom; i < after.foodTo; i++) {
      expect(after.softened[i] + shift).toBeCloseTo(before.softened[i], 9);
      expect(after.water[i] * factor).toBeCloseTo(before.water[i], 12);
    }
  });

  test.each([0.5, 1, 2])('keeps the whole water and the mean firmness, in %d times the cells', (fine) => {
    const even = fresh(fine);
    const body = fresh(fine);
    handOver(body, insideOf(roasted()));
    expect(sum(all(body, (i) => body.water[i]))).toBeCloseTo(sum(all(even, (i) => even.water[i])), 9);
    const firmness = sum(all(body, (i) => Math.exp(-body.softened[i]) * body.volume[i]));
    expect(firmness / sum(all(body, (i) => body.volume[i]))).toBeCloseTo(1, 9);
    expect(Math.min(...all(body, (i) => body.capacity[i] - body.water[i]))).toBeGreaterThanOrEqual(0);
  });

  test('of an even piece changes nothing', () => {
    const body = fresh();
    handOver(body, insideOf(fresh()));
    expect(all(body, (i) => body.softened[i]).every((s) => Math.abs(s) < 1e-12)).toBe(true);
    all(body, (i) => body.water[i] / fresh().water[i]).forEach((ratio) => expect(ratio).toBeCloseTo(1, 12));
  });

  test('a blanched bar is softer at its skin than in its middle, and as firm on the whole as was handed over', () => {
    const bare: Omit<CookInput, 'medium' | 'minutes'> = {
      piece,
      food,
      layers: [],
      startC: 6,
      startFirmness: 1,
      restMin: 0,
      oilGm2: 0,
    };
    const pot = () => boilingPot({ waterKgPerPiece: 0.3, burnerWPerPiece: 60 });
    const first = simulate({ ...bare, medium: pot(), minutes: 4 });
    const { softened } = first.inside;
    expect(softened.up.at(-1)!).toBeGreaterThan(softened.up[0] + 0.2);
    const firmness = first.columns.firmness[first.timeS.length - 1];
    const second = simulate({ ...bare, startFirmness: firmness, inside: first.inside, medium: pot(), minutes: 4 });
    expect(second.columns.firmness[0]).toBeCloseTo(firmness, 6);
    expect(Math.abs(second.waterError)).toBeLessThan(1e-6);
    expect(Math.abs(second.energyError)).toBeLessThan(1e-6);
    // What is soft already softens no more: an even piece of that firmness gives way faster.
    const even = simulate({ ...bare, startFirmness: firmness, medium: pot(), minutes: 4 });
    expect(second.columns.firmness.at(-1)!).toBeGreaterThan(even.columns.firmness.at(-1)!);
  });

  test('what was boiled for an hour has some firmness left, however little: no number that is none', () => {
    const floret = geometryOf({ kind: 'ball', diameterMm: 10 }, food.densityKgM3);
    const boiled = simulate({
      piece: floret,
      food,
      layers: [],
      startC: 20,
      startFirmness: 1,
      restMin: 0,
      oilGm2: 0,
      medium: boilingPot({ waterKgPerPiece: 0.3, burnerWPerPiece: 60 }),
      minutes: 60,
    });
    const { softened } = boiled.inside;
    for (const s of [...softened.up, ...softened.down]) expect(Number.isFinite(s)).toBe(true);
    expect(boiled.columns.firmness.at(-1)!).toBeGreaterThanOrEqual(0);
    expect(boiled.columns.firmness.at(-1)!).toBeLessThan(0.01);
  });
});
