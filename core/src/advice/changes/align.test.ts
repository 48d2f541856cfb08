import fc from 'fast-check';
import { spec } from '../../../testing/plain.js';
import { KNOWN } from '../../foods/index.js';
import { aligned, alike } from './align.js';

const FLOUR = spec(['wheat-flour', 60]);
const EGG = spec(['egg', 50]);
const CRUMBS = spec(['fine-crumbs', 80]);
const BATTER = spec(['wheat-flour', 100], ['beer', 120]);
const LAYERS = [FLOUR, EGG, CRUMBS, BATTER, spec(['buttermilk', 100]), spec(['coarse-crumbs', 60])];

const kinds = (own: readonly (typeof FLOUR)[], layers: readonly (typeof FLOUR)[]): string[] =>
  aligned(KNOWN, own, layers).map((s) => s.kind);

describe('layers of a plan against the cook’s own', () => {
  test('what stayed is the same, what is new is added, what is gone is left out', () => {
    expect(kinds([FLOUR, EGG, CRUMBS], [FLOUR, EGG, CRUMBS])).toEqual(['same', 'same', 'same']);
    expect(kinds([EGG, CRUMBS], [FLOUR, EGG, CRUMBS])).toEqual(['added', 'same', 'same']);
    expect(kinds([FLOUR, BATTER], [FLOUR, BATTER, CRUMBS])).toEqual(['same', 'same', 'added']);
    expect(kinds([FLOUR, EGG, CRUMBS], [EGG, CRUMBS])).toEqual(['left-out', 'same', 'same']);
    expect(kinds([FLOUR, EGG, CRUMBS], [FLOUR, EGG, CRUMBS, EGG, CRUMBS])).toEqual([
      'same',
      'same',
      'same',
      'added',
      'added',
    ]);
  });

  test('a dip is never taken for a dredge', () => {
    for (const step of aligned(KNOWN, [BATTER], [FLOUR, CRUMBS])) expect(step.kind).not.toBe('same');
  });

  test('every layer of both stands once, in order', () => {
    const coats = fc.array(fc.constantFrom(...LAYERS), { maxLength: 5 });
    fc.assert(
      fc.property(coats, coats, (own, layers) => {
        const steps = aligned(KNOWN, own, layers);
        expect(steps.flatMap((s) => (s.kind === 'added' ? [] : [s.own]))).toEqual(own);
        expect(steps.flatMap((s) => (s.kind === 'left-out' ? [] : [s.layer]))).toEqual(layers);
      }),
    );
  });

  test('two layers are alike by the weight that they share', () => {
    expect(alike(FLOUR, FLOUR)).toBeCloseTo(1, 9);
    expect(alike(FLOUR, CRUMBS)).toBe(0);
    expect(alike(FLOUR, spec(['wheat-flour', 30], ['corn-starch', 30]))).toBeCloseTo(0.5, 9);
  });
});
