import fc from 'fast-check';
import { solveChain } from './tridiagonal.js';

/** Numbers of the sizes that heat and water have in a chain. */
const links = fc.double({ min: 1e-3, max: 1e3, noNaN: true });
const chains = fc.integer({ min: 1, max: 9 }).chain((cells) =>
  fc.record({
    link: fc.array(links, { minLength: cells, maxLength: cells }),
    diagonal: fc.array(links, { minLength: cells, maxLength: cells }),
    known: fc.array(fc.double({ min: -1e3, max: 1e3, noNaN: true }), { minLength: cells, maxLength: cells }),
    /** Cells before and behind the chain that are none of it. */
    before: fc.integer({ min: 0, max: 3 }),
    behind: fc.integer({ min: 0, max: 3 }),
  }),
);

const OUTSIDE = 777;

test('every equation of the chain holds, of one cell and of many, and what is not of it stays as it is', () =>
  fc.assert(
    fc.property(chains, ({ link, diagonal, known, before, behind }) => {
      const cells = known.length;
      const [from, to] = [before, before + cells];
      const put = (values: readonly number[]): Float64Array =>
        Float64Array.from({ length: to + behind }, (_, i) => values[i - from] ?? OUTSIDE);
      const x = new Float64Array(to + behind).fill(OUTSIDE);
      solveChain(from, to, put(link), put(diagonal), put(known), new Float64Array(to + behind), x);
      for (let k = 0; k < cells; k++) {
        const left = k > 0 ? link[k - 1] * (x[from + k] - x[from + k - 1]) : 0;
        const right = k < cells - 1 ? link[k] * (x[from + k] - x[from + k + 1]) : 0;
        const size = Math.abs(known[k]) + Math.abs(left) + Math.abs(right) + 1;
        expect(Math.abs(diagonal[k] * x[from + k] + left + right - known[k])).toBeLessThan(1e-9 * size);
      }
      expect([...x.slice(0, from), ...x.slice(to)].every((value) => value === OUTSIDE)).toBe(true);
    }),
  ));

test('a chain between two ends is straight, and may be solved in the place of what is known', () => {
  const cells = 10;
  const x = new Float64Array(cells);
  const [diagonal, link] = [new Float64Array(cells), new Float64Array(cells).fill(1)];
  // Both ends are held fast: at 0 and at 90.
  diagonal[0] = diagonal[cells - 1] = 1e12;
  x[cells - 1] = 90e12;
  solveChain(0, cells, link, diagonal, x, new Float64Array(cells), x);
  x.forEach((value, i) => expect(value).toBeCloseTo(10 * i, 6));
});

test('from both ends it is the same: a chain that is turned round has its answer turned round', () => {
  const known = Float64Array.of(5, -3, 8, 1, 0, 2);
  const diagonal = Float64Array.of(1, 2, 0.5, 4, 3, 1);
  const link = Float64Array.of(0.3, 7, 2, 0.1, 5, 0);
  const solved = (turned: boolean): number[] => {
    const way = (values: Float64Array): Float64Array => (turned ? values.toReversed() : values);
    const x = new Float64Array(6);
    const links = turned ? Float64Array.of(...link.slice(0, 5).toReversed(), 0) : link;
    solveChain(0, 6, links, way(diagonal), way(known), new Float64Array(6), x);
    return [...x];
  };
  solved(true)
    .toReversed()
    .forEach((value, i) => expect(value).toBeCloseTo(solved(false)[i], 12));
});
