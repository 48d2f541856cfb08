import { BRADFORD } from './constants.js';

export type Triple = readonly [number, number, number];
type Matrix = readonly (readonly number[])[];

const times = (m: Matrix, [x, y, z]: Triple): Triple =>
  m.map((row) => row[0] * x + row[1] * y + row[2] * z) as unknown as Triple;

/** The inverse of a 3 × 3 matrix, by its cofactors. */
function inverted(m: Matrix): Matrix {
  const co = (i: number, j: number): number => {
    const [a, b] = [0, 1, 2].filter((r) => r !== i);
    const [c, d] = [0, 1, 2].filter((k) => k !== j);
    return (m[a][c] * m[b][d] - m[a][d] * m[b][c]) * ((i + j) % 2 === 0 ? 1 : -1);
  };
  const det = m[0][0] * co(0, 0) + m[0][1] * co(0, 1) + m[0][2] * co(0, 2);
  return [0, 1, 2].map((i) => [0, 1, 2].map((j) => co(j, i) / det));
}

const BACK = inverted(BRADFORD);

/** Bradford's responses to XYZ. */
export const responses = (xyz: Triple): Triple => times(BRADFORD, xyz);

/** XYZ with each of Bradford's responses so many times as strong. */
export const bradford = (xyz: Triple, gains: Triple): Triple =>
  times(BACK, responses(xyz).map((r, k) => r * gains[k]) as unknown as Triple);
