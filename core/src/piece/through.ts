import type { PieceShape } from './types.js';

/** The way through a piece that heat has to cross, mm: its thickness, or the diameter of what is round. */
export const throughMm = (shape: PieceShape): number =>
  shape.kind === 'rod' || shape.kind === 'ball' ? shape.diameterMm : shape.thicknessMm;

/** The same piece, so many mm through. */
export const withThroughMm = (shape: PieceShape, mm: number): PieceShape =>
  shape.kind === 'rod' || shape.kind === 'ball' ? { ...shape, diameterMm: mm } : { ...shape, thicknessMm: mm };
