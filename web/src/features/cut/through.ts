import type { PieceShape } from '@yellowmist/core';

/** The way through a piece that heat has to cross, mm. */
export function thicknessOf(shape: PieceShape): number {
  return shape.kind === 'rod' || shape.kind === 'ball' ? shape.diameterMm : shape.thicknessMm;
}

/** The same piece so many mm thick. */
export function resized(shape: PieceShape, mm: number): PieceShape {
  return shape.kind === 'rod' || shape.kind === 'ball' ? { ...shape, diameterMm: mm } : { ...shape, thicknessMm: mm };
}
