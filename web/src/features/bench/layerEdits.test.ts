import type { LayerSpec } from '@yellowmist/core';
import { movedLayer, withNewLayer, withNewPortion, withoutLayer, withoutPortion, withPortion } from './layerEdits';

const layer = (ingredientId: string): LayerSpec => ({ portions: [{ ingredientId, grams: 50 }] });
const COAT = [layer('wheat-flour'), layer('egg'), layer('coarse-crumbs')];
const names = (layers: readonly LayerSpec[]): string[] =>
  layers.map((l) => l.portions.map((p) => p.ingredientId).join('+'));

describe('edits of a coat leave the old one as it was', () => {
  test('a layer moves outward, and stays at the end', () => {
    expect(names(movedLayer(COAT, 0, 1))).toEqual(['egg', 'wheat-flour', 'coarse-crumbs']);
    expect(names(movedLayer(COAT, 2, 1))).toEqual(names(COAT));
    expect(names(COAT)).toEqual(['wheat-flour', 'egg', 'coarse-crumbs']);
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
