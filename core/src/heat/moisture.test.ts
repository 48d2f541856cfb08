import fc from 'fast-check';
import { breadedCutlet } from '../../testing/cutlet.js';
import { updateHeatCapacity } from './conduct.js';
import { WATER_HEAT } from './constants/index.js';
import { moveWater } from './moisture.js';

/** Water that moves between cells takes its heat along: both are conserved, however much passes through a cell. */

const SEED = 20261128;
const cells = breadedCutlet(20, 1.2, 60).body.n;

/** A chain as no cook leaves it: hot beside cold, wet beside dry, some cells so thin that far more passes than they hold. */
const chains = fc.record({
  tempC: fc.array(fc.double({ min: 1, max: 95, noNaN: true }), { minLength: cells, maxLength: cells }),
  full: fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: cells, maxLength: cells }),
  thin: fc.array(fc.boolean(), { minLength: cells, maxLength: cells }),
  stepS: fc.constantFrom(1, 10, 300),
});

const sum = (values: Float64Array, of: (value: number, at: number) => number): number =>
  values.reduce((all, value, at) => all + of(value, at), 0);

test('heat and water are conserved to rounding, and no cell is hotter or colder than any was before', () => {
  fc.assert(
    fc.property(chains, ({ tempC, full, thin, stepS }) => {
      const { body, work } = breadedCutlet(20, 1.2, 60);
      for (let i = body.from; i < body.to; i++) {
        const share = thin[i] ? 1e-4 : 1;
        body.capacity[i] *= share;
        body.dryHeat[i] *= share;
        body.water[i] = full[i] * body.capacity[i];
        body.tempC[i] = tempC[i];
      }
      updateHeatCapacity(body, work);
      const { from, to } = body;
      const inside = (at: number): boolean => at >= from && at < to;
      const heat = (): number => sum(body.tempC, (t, at) => (inside(at) ? t * work.heat[at] : 0));
      const water = (): number => sum(body.water, (kg, at) => (inside(at) ? kg : 0));
      const before = { heat: heat(), water: water() };
      const were = body.tempC.slice(from, to);
      moveWater(body, work, stepS);
      expect(heat() / before.heat).toBeCloseTo(1, 10);
      expect(water() / before.water).toBeCloseTo(1, 10);
      const are = body.tempC.slice(from, to);
      expect(Math.max(...are)).toBeLessThanOrEqual(Math.max(...were) + 1e-9);
      expect(Math.min(...are)).toBeGreaterThanOrEqual(Math.min(...were) - 1e-9);
      // What a cell holds is what its water and solids hold.
      for (let i = from; i < to; i++)
        expect(Math.abs(work.heat[i] - body.dryHeat[i] - body.water[i] * WATER_HEAT)).toBeLessThan(
          1e-6 * work.heat[i] + 1e-9,
        );
    }),
    { numRuns: 300, seed: SEED, endOnFailure: true },
  );
});
