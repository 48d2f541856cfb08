import fc from 'fast-check';
import { breadedCutlet } from '../../testing/cutlet.js';
import { WATER_HEAT } from './constants/index.js';
import { MOST_PER_STEP } from './front.js';
import { moveWater } from './moisture.js';
import { loseAt } from './seep.js';

/** Where water that evaporates within a step comes from: out of the cell, and up from behind it. */

const SEED = 20261128;
const LATENT = 2.3e6;
const STEP_S = 3;

/** A breaded cutlet of `tempC` with `crumbs` kg of water per kg of them, through which liquid has just begun to move. */
function wetted(tempC: number, crumbs: number) {
  const { body, work, sides, flows } = breadedCutlet(tempC, crumbs);
  moveWater(body, work, 1e-9);
  const { face } = sides[1];
  const lose = (kg: number, stepS = STEP_S, cell = face.outer) =>
    loseAt(body, work, face, cell, kg, stepS, LATENT, flows);
  return { body, work, face, flows, lose };
}

const all = (water: Float64Array): number => water.reduce((sum, kg) => sum + kg, 0);

/** What each cell of the face has given, from the outermost in, kg. */
function given(crumbs: number, share: number, stepS: number): number[] {
  const { body, face, lose } = wetted(70, crumbs);
  const before = Float64Array.from(body.water);
  lose(share * before[face.outer], stepS);
  return Array.from({ length: 6 }, (_, d) => before[face.outer - d] - body.water[face.outer - d]);
}

describe('what evaporates from a wet face', () => {
  test('comes up from behind it, the less the farther', () => {
    const cells = given(0.8, 0.5, STEP_S);
    for (let d = 1; d < 5; d++) expect(cells[d]).toBeGreaterThan(0);
    for (let d = 1; d < 4; d++) expect(cells[d]).toBeLessThan(cells[d - 1]);
    expect(cells[5]).toBe(0);
  });

  test('comes out of it alone in a step that is nearly nothing, and the more from behind the longer a step is', () => {
    const own = [1e-6, 0.1, 1, 10, 100].map((stepS) => {
      const [outer, ...behind] = given(0.8, 0.5, stepS);
      return outer / (outer + behind.reduce((sum, kg) => sum + kg, 0));
    });
    expect(own[0]).toBeGreaterThan(0.9999);
    for (let k = 1; k < own.length; k++) expect(own[k]).toBeLessThan(own[k - 1]);
  });

  // In a step that is long for four cells, they are drawn from as from one vessel.
  test('comes out of all of them alike in a long step', () => {
    const { body, face, lose } = wetted(70, 0.8);
    const levels = (): number[] =>
      Array.from({ length: 5 }, (_, d) => body.water[face.outer - d] / body.capacity[face.outer - d]);
    const before = levels();
    lose(0.01 * body.water[face.outer], 1e5);
    const fell = levels().map((level, d) => before[d] - level);
    for (const fall of fell) expect(Math.abs(fall / fell[0] - 1)).toBeLessThan(0.02);
  });

  test('comes hardly at all from behind where the water hangs in separate drops', () => {
    const shareBehind = (crumbs: number): number => {
      const [outer, ...behind] = given(crumbs, 0.05, STEP_S);
      const from = behind.reduce((sum, kg) => sum + kg, 0);
      return from / (outer + from);
    };
    expect(shareBehind(0.02)).toBeLessThan(0.5 * shareBehind(0.8));
  });

  test('is dew on the cell alone when it is less than nothing', () => {
    const { body, face, lose } = wetted(5, 0.4);
    const before = Float64Array.from(body.water);
    expect(lose(-1e-6)).toBe(0);
    expect(body.water[face.outer] - before[face.outer]).toBeCloseTo(1e-6, 15);
    expect(body.water[face.outer - 1]).toBe(before[face.outer - 1]);
  });

  test('is given to the last gram and joule, never more than a cell can give, and what is missing is said', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 1.2, noNaN: true }),
        fc.double({ min: 0, max: 400, noNaN: true }),
        fc.double({ min: 0.05, max: 60, noNaN: true }),
        fc.nat({ max: 8 }),
        (crumbs, times, stepS, depth) => {
          const { body, work, face, flows, lose } = wetted(80, crumbs);
          const before = Float64Array.from(body.water);
          const heatBefore = all(work.heat);
          const cell = face.outer - depth;
          const wanted = times * before[cell];
          const missing = lose(wanted, stepS, cell);
          const out = all(before) - all(body.water);
          expect(Math.abs(flows.outKg - out)).toBeLessThan(1e-12);
          expect(Math.abs(out + missing - wanted)).toBeLessThan(1e-9 * wanted + 1e-15);
          expect(missing).toBeGreaterThan(-1e-15);
          expect(flows.outJ).toBeCloseTo(out * (LATENT + 80 * WATER_HEAT), 6);
          expect(heatBefore - all(work.heat)).toBeCloseTo(out * WATER_HEAT, 6);
          // Drawn on twice at the most: as liquid comes up, and when the front has run dry.
          for (let i = body.from; i < body.to; i++)
            expect(body.water[i]).toBeGreaterThanOrEqual((1 - MOST_PER_STEP) ** 2 * before[i] - 1e-18);
          // Nothing is missing before the whole half-body has given what it can.
          if (missing > 1e-12) expect(out).toBeGreaterThan(0.5 * all(before.subarray(face.from, cell + 1)));
        },
      ),
      { numRuns: 200, seed: SEED },
    );
  });
});
