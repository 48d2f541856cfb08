import { scaledAcross } from './shrink.js';
import type { PieceShape } from './types.js';

/** What no knife cuts: it would have numbers, and no sense. */

/**
 * A wall that stands by itself, mm; how often its narrowest way across a piece is high, and a ring its wall, before it
 * falls over and is another shape; the smallest piece that is coated, mm.
 * @source common practice, no source
 */
export const CUTTABLE = { wallMm: 2, upright: 5, uprightWall: 10, smallestMm: 3 } as const;
/**
 * What a cubic centimetre of the box round an irregular piece weighs, g: at most as if all of it were the densest food,
 * and at least as a leaf or a floret full of air fills it.
 * @source common practice, no source
 */
export const FILLS_ITS_BOX = { most: 1.4, least: 0.1 } as const;

/** A length or weight of a shape that cannot be, and what it must be in words. */
export interface Uncuttable {
  field: string;
  must: string;
}

const millimetres = (mm: number): string => `${Math.floor(mm * 10) / 10} mm`;

const tooHigh = (field: string, most: number, across: string): Uncuttable => ({
  field,
  must: `must be no more than ${millimetres(most)}: a piece is no higher than ${across}`,
});

/** What is wrong with a shape whose lengths lie within their ranges; null for one that can be cut. */
export function uncuttable(shape: PieceShape): Uncuttable | null {
  const { wallMm, upright, uprightWall } = CUTTABLE;
  switch (shape.kind) {
    case 'slab': {
      const most = upright * Math.min(shape.lengthMm, shape.widthMm);
      return shape.thicknessMm > most ? tooHigh('thicknessMm', most, `${upright} times its width`) : null;
    }
    case 'disc': {
      const most = upright * shape.diameterMm;
      return shape.thicknessMm > most ? tooHigh('thicknessMm', most, `${upright} times its diameter`) : null;
    }
    case 'rod':
      return shape.diameterMm > upright * shape.lengthMm
        ? tooHigh('diameterMm', upright * shape.lengthMm, `${upright} times its length`)
        : null;
    case 'ring': {
      const wall = (shape.outerMm - shape.innerMm) / 2;
      if (wall < wallMm) {
        const must = `must be at least ${2 * wallMm} mm less than outerMm: the wall of a ring is no thinner than ${wallMm} mm`;
        return { field: 'innerMm', must };
      }
      const most = uprightWall * wall;
      return shape.thicknessMm > most ? tooHigh('thicknessMm', most, `${uprightWall} times its wall`) : null;
    }
    case 'irregular':
      return ofNoWeight(shape);
    case 'ball':
      return null;
  }
}

/** An irregular piece is as heavy as what can lie within its length and thickness. */
function ofNoWeight({ longestMm, thicknessMm, massG }: Extract<PieceShape, { kind: 'irregular' }>): Uncuttable | null {
  if (thicknessMm > longestMm) return { field: 'thicknessMm', must: 'must be no more than longestMm' };
  const most = (FILLS_ITS_BOX.most * longestMm * longestMm * thicknessMm) / 1000;
  const least = (FILLS_ITS_BOX.least * longestMm * thicknessMm * thicknessMm * Math.PI) / 6 / 1000;
  if (massG >= least && massG <= most) return null;
  const grams = (g: number): string => `${Number(g.toPrecision(2))} g`;
  return {
    field: 'massG',
    must: `must be ${grams(least)} to ${grams(most)}: what a piece ${millimetres(longestMm)} long and ${millimetres(thicknessMm)} thick can weigh`,
  };
}

/** Whether the smaller pieces of a dish, `scale` (0–1) of the way across, are pieces still. */
export function cuttableAt(shape: PieceShape, scale: number): boolean {
  const small = scaledAcross(shape, scale);
  const lengths = Object.entries(small).filter(([key, value]) => key.endsWith('Mm') && typeof value === 'number');
  return (
    lengths.every(([, mm]) => Number(mm) >= CUTTABLE.smallestMm) && (uncuttable(small) === null || !!uncuttable(shape))
  );
}
