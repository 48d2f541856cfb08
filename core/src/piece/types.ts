/** A cut of food by its shape; every length in mm. */
export type PieceShape =
  | { kind: 'slab'; lengthMm: number; widthMm: number; thicknessMm: number }
  | { kind: 'disc'; diameterMm: number; thicknessMm: number }
  | { kind: 'rod'; diameterMm: number; lengthMm: number }
  | { kind: 'ring'; outerMm: number; innerMm: number; thicknessMm: number }
  | { kind: 'ball'; diameterMm: number }
  | { kind: 'irregular'; longestMm: number; thicknessMm: number; massG: number };

export type ShapeKind = PieceShape['kind'];

/** What the simulation, the bowls and the basket need to know of one piece, in SI. */
export interface PieceGeometry {
  volumeM3: number;
  areaM2: number;
  /** Half of the shortest way through, m. */
  halfThicknessM: number;
  /** Equivalent dimension A·R/V, 1 (slab) to 3 (ball). */
  dimension: number;
  massG: number;
  /** Ground that one piece covers in the basket, m². */
  footprintM2: number;
  /** Height of the face that a wet layer drains from when the piece is held up, m. */
  drainLengthM: number;
  /** Height in the basket, m. */
  heightM: number;
}
