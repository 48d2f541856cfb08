import type { PieceShape } from '../piece/index.js';
import type { WholeBody } from './types.js';

const { PI, cbrt, sqrt } = Math;

/** A whole one with its sizes, mm. */
export interface SizedBody {
  kind: WholeBody['kind'];
  lengthMm: number;
  widthMm: number;
  thicknessMm: number;
  massG: number;
  wallMm?: number;
}

/** mm³ of a mass in g at a density in kg/m³. */
const volumeMm3 = (massG: number, densityKgM3: number): number => (massG / densityKgM3) * 1e6;

/** Diameter of a tube of this volume, wall and slenderness: π·w·(D − w)·s·D = V. */
const tubeDiameter = (volume: number, wallMm: number, slender: number): number =>
  (wallMm + sqrt(wallMm * wallMm + (4 * volume) / (PI * wallMm * slender))) / 2;

const sidesTo = (
  kind: WholeBody['kind'],
  [l, w, t]: readonly [number, number, number],
  filled: number,
  volume: number,
  massG: number,
): SizedBody => {
  const scale = cbrt(volume / (l * w * t * filled));
  return { kind, lengthMm: l * scale, widthMm: w * scale, thicknessMm: t * scale, massG };
};

/** How large a whole one of `massG` g is. @param densityKgM3 with its pores */
export function sized(body: WholeBody, massG: number, densityKgM3: number): SizedBody {
  const volume = volumeMm3(massG, densityKgM3);
  switch (body.kind) {
    case 'ball':
      return sidesTo('ball', [1, 1, 1], PI / 6, volume, massG);
    case 'rod':
      return sidesTo('rod', [body.slender, 1, 1], PI / 4, volume, massG);
    case 'slab':
      return sidesTo('slab', body.sides, 1, volume, massG);
    case 'lump':
      return sidesTo('lump', body.sides, PI / 6, volume, massG);
    case 'tube': {
      const d = tubeDiameter(volume, body.wallMm, body.slender);
      return { kind: 'tube', lengthMm: d * body.slender, widthMm: d, thicknessMm: d, massG, wallMm: body.wallMm };
    }
  }
}

/** A whole one as a piece. */
export function wholeShape({ kind, lengthMm, widthMm, thicknessMm, massG, wallMm }: SizedBody): PieceShape {
  switch (kind) {
    case 'ball':
      return { kind: 'ball', diameterMm: widthMm };
    case 'rod':
      return lengthMm < widthMm
        ? { kind: 'disc', diameterMm: widthMm, thicknessMm: lengthMm }
        : { kind: 'rod', diameterMm: widthMm, lengthMm };
    case 'slab':
      return { kind: 'slab', lengthMm, widthMm, thicknessMm };
    case 'lump':
      return { kind: 'irregular', longestMm: lengthMm, thicknessMm, massG };
    case 'tube':
      return { kind: 'ring', outerMm: widthMm, innerMm: widthMm - 2 * wallMm!, thicknessMm: lengthMm };
  }
}
