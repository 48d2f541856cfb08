import type { PieceGeometry, PieceShape } from './types.js';

const MM = 1e-3;
const { PI } = Math;

/** A floret or a torn mushroom has folds that take coat as well. Common practice, no source. */
const FOLDS_OF_AN_IRREGULAR_PIECE = 1.25;

interface Solid {
  volumeM3: number;
  areaM2: number;
  thicknessM: number;
  footprintM2: number;
  longestM: number;
}

/** Exponent of the mean by which the area of an ellipsoid is reckoned, off by at most 1.1 %. Thomsen (2004), from memory. */
const THOMSEN_EXPONENT = 1.6075;

/**
 * Surface of an ellipsoid with semi-axes a, b, c (m), m². Knud Thomsen's approximation, p = 1.6075, within 1.1 %
 * (from memory).
 */
export function ellipsoidArea(a: number, b: number, c: number): number {
  const p = THOMSEN_EXPONENT;
  const mean = ((a * b) ** p + (a * c) ** p + (b * c) ** p) / 3;
  return 4 * PI * mean ** (1 / p);
}

function solidOf(shape: PieceShape, bulkDensityKgM3: number): Solid {
  switch (shape.kind) {
    case 'slab': {
      const [l, w, t] = [shape.lengthMm * MM, shape.widthMm * MM, shape.thicknessMm * MM];
      const areaM2 = 2 * (l * w + l * t + w * t);
      return {
        volumeM3: l * w * t,
        areaM2,
        thicknessM: Math.min(l, w, t),
        footprintM2: l * w,
        longestM: Math.max(l, w),
      };
    }
    case 'disc': {
      const [d, t] = [shape.diameterMm * MM, shape.thicknessMm * MM];
      const face = (PI / 4) * d * d;
      return {
        volumeM3: face * t,
        areaM2: 2 * face + PI * d * t,
        thicknessM: Math.min(d, t),
        footprintM2: face,
        longestM: d,
      };
    }
    case 'rod': {
      const [d, l] = [shape.diameterMm * MM, shape.lengthMm * MM];
      const end = (PI / 4) * d * d;
      return {
        volumeM3: end * l,
        areaM2: 2 * end + PI * d * l,
        thicknessM: Math.min(d, l),
        footprintM2: d * l,
        longestM: l,
      };
    }
    case 'ring': {
      const [o, i, t] = [shape.outerMm * MM, shape.innerMm * MM, shape.thicknessMm * MM];
      const face = (PI / 4) * (o * o - i * i);
      return {
        volumeM3: face * t,
        areaM2: 2 * face + PI * (o + i) * t,
        thicknessM: Math.min((o - i) / 2, t),
        footprintM2: (PI / 4) * o * o,
        longestM: o,
      };
    }
    case 'ball': {
      const d = shape.diameterMm * MM;
      return {
        volumeM3: (PI / 6) * d ** 3,
        areaM2: PI * d * d,
        thicknessM: d,
        footprintM2: (PI / 4) * d * d,
        longestM: d,
      };
    }
    case 'irregular': {
      const volumeM3 = shape.massG / 1000 / bulkDensityKgM3;
      const [a, c] = [(shape.longestMm * MM) / 2, (shape.thicknessMm * MM) / 2];
      const b = Math.max(c, volumeM3 / ((4 / 3) * PI * a * c));
      return {
        volumeM3,
        areaM2: FOLDS_OF_AN_IRREGULAR_PIECE * ellipsoidArea(a, b, c),
        thicknessM: 2 * c,
        footprintM2: PI * a * b,
        longestM: 2 * a,
      };
    }
  }
}

/** Longest way across a piece as it lies, mm: a bowl must be wider. */
export function longestMm(shape: PieceShape): number {
  switch (shape.kind) {
    case 'slab':
      return Math.max(shape.lengthMm, shape.widthMm);
    case 'rod':
      return shape.lengthMm;
    case 'ring':
      return shape.outerMm;
    case 'irregular':
      return shape.longestMm;
    default:
      return shape.diameterMm;
  }
}

/** Equivalent dimension of a body of volume V and area A whose half-thickness is R, held within slab and ball. */
const dimensionOf = (areaM2: number, halfThicknessM: number, volumeM3: number): number =>
  Math.min(3, Math.max(1, (areaM2 * halfThicknessM) / volumeM3));

/** The same piece when heat has only `share` (0–1) of its half-thickness to cross: volume and area stay. */
export function crossedTo(piece: PieceGeometry, share: number): PieceGeometry {
  const halfThicknessM = piece.halfThicknessM * share;
  return { ...piece, halfThicknessM, dimension: dimensionOf(piece.areaM2, halfThicknessM, piece.volumeM3) };
}

/** The hand holds a piece by its edge; a film longer than this drains as from this length. Common practice, no source. */
const LONGEST_DRAIN_M = 0.08;

/**
 * Volume, area, half-thickness R and equivalent dimension E = A·R/V (held within 1 … 3) of a piece.
 * @param bulkDensityKgM3 density with the air that the food holds, kg/m³; gives the mass, or the volume of an irregular piece
 */
export function geometryOf(shape: PieceShape, bulkDensityKgM3: number): PieceGeometry {
  const { volumeM3, areaM2, thicknessM, footprintM2, longestM } = solidOf(shape, bulkDensityKgM3);
  const halfThicknessM = thicknessM / 2;
  return {
    volumeM3,
    areaM2,
    halfThicknessM,
    dimension: dimensionOf(areaM2, halfThicknessM, volumeM3),
    massG: volumeM3 * bulkDensityKgM3 * 1000,
    footprintM2,
    drainLengthM: Math.min(LONGEST_DRAIN_M, longestM),
    heightM: thicknessM,
  };
}
