import { KNOWN, type LayerSpec } from '@yellowmist/core';
import {
  canSplit,
  dredgedTwice,
  moved,
  pairAt,
  splitLayer,
  withNewLayer,
  withNewPortion,
  withoutLayer,
  withoutPortion,
  withPortion,
} from './layerEdits';

const layer = (ingredientId: string): LayerSpec => ({ portions: [{ ingredientId, grams: 50 }] });
const COAT = [layer('wheat-flour'), layer('egg'), layer('coarse-crumbs')];
const names = (layers: readonly LayerSpec[]): string[] =>
  layers.map((l) => l.portions.map((p) => p.ingredientId).join('+'));

describe('edits of a coat leave the old one as it was', () => {
  test('a layer moves outward, and stays at the end', () => {
    expect(names(moved(COAT, 0, 1))).toEqual(['egg', 'wheat-flour', 'coarse-crumbs']);
    expect(names(moved(COAT, 2, 3))).toEqual(names(COAT));
    expect(names(COAT)).toEqual(['wheat-flour', 'egg', 'coarse-crumbs']);
  });

  test('a layer can be carried past several others', () =>
    expect(names(moved(COAT, 2, 0))).toEqual(['coarse-crumbs', 'wheat-flour', 'egg']));

  test('a mixed finish is split into two layers, the lighter outside; one ingredient alone is not', () => {
    const mixed = withNewPortion(COAT, 2, 'sesame-seeds');
    expect(names(splitLayer(KNOWN, mixed, 2))).toEqual(['wheat-flour', 'egg', 'coarse-crumbs', 'sesame-seeds']);
    expect(canSplit(KNOWN, COAT[2])).toBe(false);
    expect(canSplit(KNOWN, withNewPortion(COAT, 0, 'salt')[0])).toBe(false);
    expect(names(splitLayer(KNOWN, COAT, 2))).toEqual(names(COAT));
  });

  test('a double dredge goes through flour and egg once more', () => {
    expect(names(dredgedTwice(KNOWN, COAT, 0))).toEqual(['wheat-flour', 'egg', 'wheat-flour', 'egg', 'coarse-crumbs']);
    expect(names(dredgedTwice(KNOWN, COAT, 2))).toEqual([
      'wheat-flour',
      'egg',
      'coarse-crumbs',
      'egg',
      'coarse-crumbs',
    ]);
    // Twice on the binder is the same as twice on its dust: flour, wash, flour, wash, crumbs.
    expect(names(dredgedTwice(KNOWN, COAT, 1))).toEqual(names(dredgedTwice(KNOWN, COAT, 0)));
    expect(names(dredgedTwice(KNOWN, [COAT[1], COAT[2]], 0))).toEqual(['egg', 'coarse-crumbs', 'egg', 'coarse-crumbs']);
    expect(pairAt(KNOWN, [COAT[1]], 0)).toBeNull();
    expect(names(dredgedTwice(KNOWN, [COAT[1]], 0))).toEqual(['egg']);
  });

  test('layers are added outside and taken away', () => {
    expect(names(withNewLayer(COAT, 'sesame-seeds')).at(-1)).toBe('sesame-seeds');
    expect(names(withoutLayer(COAT, 1))).toEqual(['wheat-flour', 'coarse-crumbs']);
  });

  test('ingredients are added, changed and taken out, but never the last', () => {
    const two = withNewPortion(COAT, 0, 'paprika');
    expect(names(two)[0]).toBe('wheat-flour+paprika');
    expect(withPortion(two, 0, 1, { grams: 3 })[0].portions[1].grams).toBe(3);
    expect(names(withoutPortion(two, 0, 0))[0]).toBe('paprika');
    expect(names(withoutPortion(COAT, 0, 0))[0]).toBe('wheat-flour');
  });
});
