import type { PieceShape } from '../piece/index.js';

/**
 * What a piece covers from above: a rectangle rounded by a radius, so that discs (no core), blobs and rods (a line for a
 * core) and slabs are of one kind. Lengths in mm.
 */
export interface Footprint {
  /** Half of the core's length and width, mm; both 0 for a disc. */
  halfLengthMm: number;
  halfWidthMm: number;
  /** Rounding all around the core, mm. */
  radiusMm: number;
  /** Radius of the hole that another piece may lie in, mm; 0 without. */
  holeMm: number;
}

/** A piece where it lies: its middle from the ground's middle, mm, and its turn, radians. */
export interface Placed {
  xMm: number;
  yMm: number;
  turn: number;
}

/** A cut slab's corners are not sharp, mm. Our choice. */
const CORNER_MM = 4;

const disc = (radiusMm: number, holeMm = 0): Footprint => ({ halfLengthMm: 0, halfWidthMm: 0, radiusMm, holeMm });

/** A piece that is `long` by `wide` with round ends. */
const rounded = (long: number, wide: number, corner: number): Footprint => {
  const radiusMm = Math.min(corner, long / 2, wide / 2);
  return { halfLengthMm: long / 2 - radiusMm, halfWidthMm: wide / 2 - radiusMm, radiusMm, holeMm: 0 };
};

/** What a shape covers when it lies on its largest side. An irregular piece's width follows from its area in `groundMm2`. */
function bare(shape: PieceShape, groundMm2: number): Footprint {
  switch (shape.kind) {
    case 'slab': {
      const sides = [shape.lengthMm, shape.widthMm, shape.thicknessMm].sort((a, b) => b - a);
      return rounded(sides[0], sides[1], CORNER_MM);
    }
    case 'disc':
      return disc(shape.diameterMm / 2);
    case 'ball':
      return disc(shape.diameterMm / 2);
    case 'rod':
      return rounded(Math.max(shape.lengthMm, shape.diameterMm), Math.min(shape.diameterMm, shape.lengthMm), CORNER_MM);
    case 'ring':
      return disc(shape.outerMm / 2, shape.innerMm / 2);
    case 'irregular': {
      const wide = Math.min(shape.longestMm, (4 * groundMm2) / (Math.PI * shape.longestMm));
      return rounded(shape.longestMm, wide, wide / 2);
    }
  }
}

/**
 * What a coated piece covers from above.
 * @param groundMm2 ground of the bare piece, mm²; only an irregular one needs it
 * @param coatMm thickness of the coat, mm
 */
export function footprintOf(shape: PieceShape, groundMm2: number, coatMm: number): Footprint {
  const piece = bare(shape, groundMm2);
  return { ...piece, radiusMm: piece.radiusMm + coatMm, holeMm: Math.max(0, piece.holeMm - coatMm) };
}

/** Ground that a footprint covers, hole left out, mm². */
export const groundOf = ({ halfLengthMm: a, halfWidthMm: b, radiusMm: r, holeMm: h }: Footprint): number =>
  4 * a * b + 4 * (a + b) * r + Math.PI * (r * r - h * h);

/** Its reach from the middle, mm. */
export const reachOf = ({ halfLengthMm: a, halfWidthMm: b, radiusMm: r }: Footprint): number => Math.hypot(a, b) + r;

export const isDisc = (f: Footprint): boolean => f.halfLengthMm === 0 && f.halfWidthMm === 0;

type Point = readonly [number, number];

/** Corners of the core where it lies; all the same point for a disc. */
export function cornersOf({ halfLengthMm: a, halfWidthMm: b }: Footprint, { xMm, yMm, turn }: Placed): Point[] {
  const [c, s] = [Math.cos(turn), Math.sin(turn)];
  return [
    [a, b],
    [-a, b],
    [-a, -b],
    [a, -b],
  ].map(([x, y]) => [xMm + x * c - y * s, yMm + x * s + y * c] as const);
}

/** Distance of a point from a line between two others. */
function toSegment([px, py]: Point, [ax, ay]: Point, [bx, by]: Point): number {
  const [dx, dy] = [bx - ax, by - ay];
  const length2 = dx * dx + dy * dy;
  const t = length2 === 0 ? 0 : Math.min(1, Math.max(0, ((px - ax) * dx + (py - ay) * dy) / length2));
  return Math.hypot(px - ax - t * dx, py - ay - t * dy);
}

/** Whether the projections of two corner sets on the sides of the first part them. */
function parted(a: readonly Point[], b: readonly Point[]): boolean {
  for (let i = 0; i < 4; i++) {
    const [x, y] = [a[(i + 1) % 4][0] - a[i][0], a[(i + 1) % 4][1] - a[i][1]];
    if (x === 0 && y === 0) continue;
    const along = (p: Point): number => -p[0] * y + p[1] * x;
    const [pa, pb] = [a.map(along), b.map(along)];
    if (Math.max(...pa) < Math.min(...pb) || Math.max(...pb) < Math.min(...pa)) return true;
  }
  return false;
}

const flat = (f: Footprint): boolean => f.halfLengthMm === 0 || f.halfWidthMm === 0;

function coreDistance(fa: Footprint, a: readonly Point[], fb: Footprint, b: readonly Point[]): number {
  const closest = (from: readonly Point[], to: readonly Point[]): number =>
    Math.min(...from.map((p) => Math.min(...to.map((q, i) => toSegment(p, q, to[(i + 1) % 4])))));
  const apart = Math.min(closest(a, b), closest(b, a));
  // Two cores that have an inside may lie over each other without a corner being near a side.
  if (flat(fa) && flat(fb)) return crossing(a, b) ? 0 : apart;
  return parted(a, b) || parted(b, a) ? apart : 0;
}

/** Whether two lines (the cores of blobs) cross. */
function crossing(a: readonly Point[], b: readonly Point[]): boolean {
  const side = (p: Point, q: Point, r: Point): number => (q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]);
  const [a1, a2, b1, b2] = [a[0], a[2], b[0], b[2]];
  return side(a1, a2, b1) * side(a1, a2, b2) < 0 && side(b1, b2, a1) * side(b1, b2, a2) < 0;
}

/** Air between two pieces, mm; negative when they overlap. A piece in another's hole has the air to its rim. */
export function gapBetween(fa: Footprint, a: Placed, fb: Footprint, b: Placed): number {
  const between = Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm);
  const inHole = (outer: Footprint, inner: Footprint): number => outer.holeMm - between - reachOf(inner);
  const nested = Math.max(fa.holeMm > 0 ? inHole(fa, fb) : -Infinity, fb.holeMm > 0 ? inHole(fb, fa) : -Infinity);
  if (isDisc(fa) && isDisc(fb)) return Math.max(nested, between - fa.radiusMm - fb.radiusMm);
  const core = coreDistance(fa, cornersOf(fa, a), fb, cornersOf(fb, b));
  return Math.max(nested, core - fa.radiusMm - fb.radiusMm);
}
