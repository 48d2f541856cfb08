import { KNOWN } from '../foods/index.js';
import { plain } from '../units/index.js';
import { layerOf, bowlsFor, buildCoat, vesselsFor, type Vessel } from './index.js';

const LAYERS = buildCoat(
  KNOWN,
  [layerOf(['wheat-flour', 60]), layerOf(['egg', 50]), layerOf(['coarse-crumbs', 60])],
  'damp',
  0.05,
);
const bowls = bowlsFor(LAYERS, 0.2, 12);
const vessel = (name: string, diameterMm: number, ml: number): Vessel => ({ name, diameterMm, ml });

describe('the kitchen’s own bowls', () => {
  test('each bowl of the coat gets one of its own, the airy crumbs the largest', () => {
    const own = [vessel('blue', 160, 500), vessel('large', 260, 2500), vessel('plate', 220, 600)];
    const filled = vesselsFor(bowls, LAYERS, own, 100);
    expect(new Set(filled.map((f) => f.vessel?.name)).size).toBe(3);
    expect(filled[2].vessel!.name).toBe('large');
    expect(filled.every((f) => f.text.length === 0)).toBe(true);
  });

  test('a bowl that is narrower than the piece is none for it, and is said so', () => {
    const [flour] = vesselsFor(bowls, LAYERS, [vessel('cup', 90, 3000)], 130);
    expect(flour.vessel).toBeNull();
    expect(plain(flour.text)).toMatch(/150 mm across/);
  });

  test('one that is too small is filled in two goes', () => {
    const crumbs = vesselsFor(bowls, LAYERS, [vessel('saucer', 200, 60)], 50)[2];
    expect(crumbs.vessel).toBeNull();
    expect(plain(crumbs.text)).toMatch(/in two goes/);
  });
});
