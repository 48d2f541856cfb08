import { type Hand, type PieceShape, type ShapeKind } from '@yellowmist/core';
import type { Option } from '../../ui/Choice';
import * as texts from './texts';

export const SHAPES: readonly Option<ShapeKind>[] = [
  { value: 'slab', label: texts.slab },
  { value: 'disc', label: texts.roundSlice },
  { value: 'rod', label: texts.rod },
  { value: 'ring', label: texts.ring },
  { value: 'ball', label: texts.ball },
  { value: 'irregular', label: texts.irregular },
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
  { value: 'right', label: texts.rightHand },
  { value: 'left', label: texts.leftHand },
];
