import type { PieceShape } from '../piece/index.js';
import { wholeShape, type SizedBody } from './body.js';
import {
  BITE_SHAPE,
  HEAD_SLAB,
  LEAST_HOLE,
  MEAN_RING,
  MEAN_SLICE,
  PATTY,
  ROD,
  STRIP_LENGTH,
  TORN_SHAPE,
  WHEEL,
} from './constants.js';
import type { FoodCut, CutId } from './types.js';

const slab = (lengthMm: number, widthMm: number, thicknessMm: number): PieceShape => ({
  kind: 'slab',
  lengthMm: Math.max(lengthMm, widthMm),
  widthMm: Math.min(lengthMm, widthMm),
  thicknessMm,
});

const ring = (outerMm: number, wallMm: number, thicknessMm: number): PieceShape => ({
  kind: 'ring',
  outerMm,
  innerMm: Math.max(outerMm - 2 * wallMm, LEAST_HOLE * outerMm),
  thicknessMm,
});

const isFlat = (body: SizedBody): boolean => body.kind === 'slab' || body.kind === 'lump';

/** Through what a slice goes: the wall of a hollow thing, the whole of a solid one, mm. */
const depth = (body: SizedBody): number => body.wallMm ?? body.thicknessMm;

type Knife = (body: SizedBody, size: number, cut: FoodCut, densityKgM3: number) => PieceShape;

/** One knife for each cut: the piece that it makes of a whole one, `size` the length that the cook chooses, mm. */
export const KNIVES: Record<CutId, Knife> = {
  whole: wholeShape,
  rings: (body, size, cut) =>
    body.kind === 'ball'
      ? ring(MEAN_RING * body.widthMm, cut.wallMm ?? body.widthMm, size)
      : ring(body.widthMm, cut.wallMm ?? depth(body), size),
  rounds: (body, size) => ({
    kind: 'disc',
    diameterMm: body.kind === 'ball' ? MEAN_SLICE * body.widthMm : body.widthMm,
    thicknessMm: size,
  }),
  slabs: (body, size, cut) => {
    if (cut.perWhole !== undefined) return slab(HEAD_SLAB.long * body.widthMm, HEAD_SLAB.wide * body.widthMm, size);
    if (isFlat(body)) return slab(body.lengthMm, body.widthMm, Math.min(size, body.thicknessMm));
    const across = MEAN_SLICE * body.widthMm;
    return slab(body.kind === 'ball' ? across : STRIP_LENGTH * body.lengthMm, across, size);
  },
  strips: (body, size, cut) =>
    slab(
      Math.min(cut.longestMm ?? Infinity, STRIP_LENGTH * body.lengthMm),
      size,
      Math.min(size, depth(body), body.widthMm),
    ),
  cubes: (body, size) => slab(size, size, Math.min(size, depth(body))),
  'bite-size': (body, size) => slab(size, BITE_SHAPE.width * size, Math.min(BITE_SHAPE.thickness * size, depth(body))),
  florets: (_, size) => ({ kind: 'ball', diameterMm: size }),
  halves: (body) =>
    body.kind === 'rod'
      ? slab(STRIP_LENGTH * body.lengthMm, body.widthMm, body.widthMm / 2)
      : { kind: 'irregular', longestMm: body.lengthMm, thicknessMm: body.thicknessMm / 2, massG: body.massG / 2 },
  'halved-flat': ({ lengthMm, widthMm, thicknessMm }) => slab(lengthMm, widthMm, thicknessMm / 2),
  butterflied: ({ lengthMm, widthMm, thicknessMm }) => slab(lengthMm, 2 * widthMm, thicknessMm / 2),
  wedges: (body, _, cut) => ({
    kind: 'irregular',
    longestMm: Math.max(body.lengthMm, WHEEL.long * body.widthMm),
    thicknessMm: Math.min(body.widthMm / 3, WHEEL.thick * body.lengthMm),
    massG: (body.massG * cut.share) / cut.perWhole!,
  }),
  torn: (_, size, { flatness = TORN_SHAPE.thickness }, densityKgM3) => ({
    kind: 'irregular',
    longestMm: size,
    thicknessMm: flatness * size,
    massG: TORN_SHAPE.filled * TORN_SHAPE.width * flatness * size ** 3 * densityKgM3 * 1e-6,
  }),
  balls: (_, size) => ({ kind: 'ball', diameterMm: size }),
  rods: (_, size) => ({ kind: 'rod', diameterMm: size, lengthMm: ROD * size }),
  patties: (_, size) => ({ kind: 'disc', diameterMm: size, thicknessMm: PATTY * size }),
  portions: ({ kind, lengthMm, widthMm, thicknessMm }, size) =>
    kind === 'rod'
      ? { kind: 'rod', diameterMm: widthMm, lengthMm: Math.min(size, lengthMm) }
      : slab(Math.min(size, lengthMm), widthMm, thicknessMm),
};

/** Pieces of one whole where the cut itself says it; by weight otherwise. */
export const PER_WHOLE: Partial<Record<CutId, number>> = { whole: 1, halves: 2, 'halved-flat': 2, butterflied: 1 };
