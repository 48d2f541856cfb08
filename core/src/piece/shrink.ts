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
  const small = scaled(shape, by);
  return small.kind === 'irregular' ? { ...small, massG: small.massG * volumeShare } : small;
}

/** The shape with every length `by` times as long. */
const scaled = (shape: PieceShape, by: number): PieceShape =>
  Object.fromEntries(
    Object.entries(shape).map(([key, value]: [string, string | number]) => [
      key,
      typeof value === 'number' && key.endsWith('Mm') ? value * by : value,
    ]),
  ) as unknown as PieceShape;

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
