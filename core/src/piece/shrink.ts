import type { PieceShape } from './types.js';

/**
 * A piece that has lost `share` (0–1) of its volume: on all sides alike, or pressed flat between boards, where only the
 * thickness of what lies flat gives way.
 * @param volumeShare share of the volume that is left, 0–1
 */
export function shrunk(shape: PieceShape, volumeShare: number, flat = false): PieceShape {
  if (flat && (shape.kind === 'slab' || shape.kind === 'disc' || shape.kind === 'ring')) {
    return { ...shape, thicknessMm: shape.thicknessMm * volumeShare };
  }
  const by = Math.cbrt(volumeShare);
  switch (shape.kind) {
    case 'slab':
      return {
        kind: 'slab',
        lengthMm: shape.lengthMm * by,
        widthMm: shape.widthMm * by,
        thicknessMm: shape.thicknessMm * by,
      };
    case 'disc':
      return { kind: 'disc', diameterMm: shape.diameterMm * by, thicknessMm: shape.thicknessMm * by };
    case 'rod':
      return { kind: 'rod', diameterMm: shape.diameterMm * by, lengthMm: shape.lengthMm * by };
    case 'ring':
      return {
        kind: 'ring',
        outerMm: shape.outerMm * by,
        innerMm: shape.innerMm * by,
        thicknessMm: shape.thicknessMm * by,
      };
    case 'ball':
      return { kind: 'ball', diameterMm: shape.diameterMm * by };
    case 'irregular':
      return {
        kind: 'irregular',
        longestMm: shape.longestMm * by,
        thicknessMm: shape.thicknessMm * by,
        massG: shape.massG * volumeShare,
      };
  }
}

/** A piece that is `scale` (0–1) of the way across; what is sliced keeps its thickness, what is round all over does not. */
export function scaledAcross(shape: PieceShape, scale: number): PieceShape {
  switch (shape.kind) {
    case 'slab':
      return { ...shape, lengthMm: shape.lengthMm * scale, widthMm: shape.widthMm * scale };
    case 'disc':
      return { ...shape, diameterMm: shape.diameterMm * scale };
    case 'ring':
      return { ...shape, outerMm: shape.outerMm * scale, innerMm: shape.innerMm * scale };
    case 'rod':
      return { ...shape, lengthMm: shape.lengthMm * scale };
    case 'ball':
    case 'irregular':
      return shrunk(shape, scale ** 3);
  }
}
