import type { Sold } from '../types.js';
import { cut, FDC_PORTIONS, sold, threeSizes, unit, whole } from '../build.js';

const ROUND = { kind: 'ball' } as const;
const FINGERS = cut('strips', 18, 'Slices first, then fingers of even width.', { share: 0.85, longestMm: 80 });

/** How fruit is sold and cut. */
export const FRUIT_SOLD: Readonly<Record<string, Sold>> = {
  banana: sold({
    units: threeSizes('banana', [120, 170, 210]),
    body: { kind: 'rod', slender: 5.5 },
    trimmed: 0.66,
    cuts: [
      cut('halves', null, 'Lengthwise, ripe but firm.'),
      cut('portions', 40, 'Across, in thumb-long pieces.', { name: 'short pieces' }),
    ],
    usual: { amount: 4, minutes: 3 },
    source: FDC_PORTIONS,
  }),
  apple: sold({
    units: threeSizes('apple', [140, 180, 230]),
    body: ROUND,
    trimmed: 0.88,
    cuts: [
      cut('rings', 8, 'Cored first, then sliced across. Into lemon water until they are coated.', {
        wallMm: 20,
        share: 0.75,
        keep: 'End slices are all skin: eat them.',
      }),
      cut('wedges', null, 'Quartered, cored, each quarter in two.', { perWhole: 8 }),
    ],
    usual: { amount: 4, minutes: 3 },
    source: FDC_PORTIONS,
  }),
  pineapple: sold({
    units: [unit('pineapple', 1500), unit('tin of rings', 260, 'tins of rings', 1)],
    body: { kind: 'rod', slender: 1.5 },
    trimmed: 0.55,
    cuts: [
      cut('rings', 12, 'Peeled, sliced across, the core cut out of each ring.', { wallMm: 28, share: 0.85 }),
      cut('bite-size', 30, 'Quartered lengthwise, core off, across in chunks.', { share: 0.85 }),
    ],
    usual: { amount: 1, minutes: 3 },
  }),
  mango: sold({
    units: [unit('mango', 400, 'mangoes'), unit('small mango', 280, 'small mangoes')],
    body: { kind: 'lump', sides: [100, 75, 60] },
    trimmed: 0.68,
    cuts: [FINGERS, cut('cubes', 22, 'Cheeks off the stone, scored, turned out.', { share: 0.9 })],
    usual: { amount: 2, minutes: 2.5 },
    skin: 'wet',
  }),
  pear: sold({
    units: [unit('pear', 180)],
    body: ROUND,
    trimmed: 0.85,
    cuts: [cut('wedges', null, 'Quartered, cored, each quarter in two.', { perWhole: 8 })],
    usual: { amount: 3, minutes: 3 },
    source: FDC_PORTIONS,
  }),
  peach: sold({
    units: [unit('peach', 150, 'peaches')],
    body: ROUND,
    trimmed: 0.9,
    cuts: [cut('wedges', null, 'Halved round the stone, each half in three.', { perWhole: 6 })],
    usual: { amount: 4, minutes: 3 },
    skin: 'wet',
    source: FDC_PORTIONS,
  }),
  plantain: sold({
    units: [unit('plantain', 270)],
    body: { kind: 'rod', slender: 6 },
    trimmed: 0.66,
    cuts: [
      cut('rounds', 15, 'Skin slit along its ridges and pulled off sideways, then thick slices.', { share: 0.95 }),
      whole('Peeled and left whole.'),
    ],
    usual: { amount: 3, minutes: 5 },
    source: FDC_PORTIONS,
  }),
};
