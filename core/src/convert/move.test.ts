import { PLAIN_FRYER } from '../../testing/plain.js';
import type { Load } from '../basket/index.js';
import type { Fryer } from '../dish/index.js';
import { whyOtherwise } from './index.js';

const galley: Fryer = {
  ...PLAIN_FRYER,
  name: 'Galley',
  airFactor: 1.08,
  offsetC: 6,
  hotSpots: [2, 3, 3, 2, 2, 3, 1, 2, 2],
};
const loft: Fryer = {
  ...galley,
  name: 'Loft',
  kind: 'oven-type',
  basket: { kind: 'rectangle', widthMm: 260, depthMm: 230 },
  racks: 2,
  airFactor: 1,
  offsetC: 0,
  hotSpots: undefined,
};
const load = (piecesPerBatch: number, racksUsed: number): Load => ({
  piecesPerBatch,
  batches: 2,
  perBatch: [piecesPerBatch, piecesPerBatch],
  coverage: 0.5,
  racksUsed,
  fits: true,
});

describe('why a plan comes out otherwise in another fryer', () => {
  test('slower air, a cooler thermostat, two racks and more room', () => {
    const said = whyOtherwise(galley, loft, load(5, 1), load(12, 2)).join(' ');
    expect(said).toMatch(/about 5\d % of the heat .* Galley’s does: the coat sets and browns later/);
    expect(said).toMatch(/6 °C cooler inside/);
    expect(said).toMatch(/change places/);
    expect(said).toMatch(/12 lie side by side there, 5 in Galley/);
  });

  test('and the other way round, with its hot spots', () => {
    const said = whyOtherwise(loft, galley, load(12, 2), load(5, 1)).join(' ');
    expect(said).toMatch(/about 1\.\d times the heat/);
    expect(said).toMatch(/the basket is turned round/);
    expect(said).not.toMatch(/change places/);
  });

  test('two of one kind need no words', () =>
    expect(whyOtherwise(loft, { ...loft, name: 'Twin' }, load(12, 2), load(12, 2))).toEqual([]));
});
