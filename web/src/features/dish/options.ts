import { type Hand, type PieceShape, type ShapeKind } from '@yellowmist/core';
import type { Option } from '../../ui/Choice';

export const SHAPES: readonly Option<ShapeKind>[] = [
  { value: 'slab', label: 'Slab' },
  { value: 'disc', label: 'Round slice' },
  { value: 'rod', label: 'Rod' },
  { value: 'ring', label: 'Ring' },
  { value: 'ball', label: 'Ball' },
  { value: 'irregular', label: 'Irregular' },
];

/** A usual piece of each shape, to start from when the shape is changed. */
export const USUAL_SHAPE: Record<ShapeKind, PieceShape> = {
  slab: { kind: 'slab', lengthMm: 90, widthMm: 50, thicknessMm: 14 },
  disc: { kind: 'disc', diameterMm: 60, thicknessMm: 10 },
  rod: { kind: 'rod', diameterMm: 22, lengthMm: 60 },
  ring: { kind: 'ring', outerMm: 80, innerMm: 60, thicknessMm: 12 },
  ball: { kind: 'ball', diameterMm: 30 },
  irregular: { kind: 'irregular', longestMm: 60, thicknessMm: 18, massG: 20 },
};

export const WRITING: readonly Option<Hand>[] = [
  { value: 'right', label: 'the right hand' },
  { value: 'left', label: 'the left hand' },
];
