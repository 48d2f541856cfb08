import type { Sold } from '../types.js';
import { cut, FDC_PORTIONS, sold, threeSizes, unit } from '../build.js';
import { BALL, rod, CHIPS, CUBES, WEDGES, rounds } from './knifework.js';

/** Raw, it gives off prussic acid. Common practice; WHO, “Natural toxins in food”, from memory. */
const BOILED_FIRST =
  'Peel it and boil it tender before anything else, in water that is poured away: raw cassava is poisonous.';

/** How roots, squash and bulbs are sold and cut. */
export const ROOTS_SOLD: Readonly<Record<string, Sold>> = {
  potato: sold({
    units: threeSizes('potato', [130, 210, 330], 'potatoes'),
    body: rod(1.6),
    trimmed: 0.88,
    cuts: [CHIPS, WEDGES, rounds(6), CUBES],
    usual: { amount: 4, minutes: 6 },
    source: FDC_PORTIONS,
  }),
  'sweet-potato': sold({
    units: threeSizes('sweet potato', [130, 220, 350], 'sweet potatoes'),
    body: rod(2.2),
    trimmed: 0.87,
    cuts: [CHIPS, WEDGES, rounds(8)],
    usual: { amount: 3, minutes: 5 },
    source: FDC_PORTIONS,
  }),
  pumpkin: sold({
    units: [unit('butternut squash', 1000, 'butternut squashes'), unit('slice', 300)],
    body: rod(2.2),
    trimmed: 0.8,
    cuts: [CHIPS, CUBES, rounds(10, 0.6)],
    usual: { amount: 1, minutes: 4.5 },
  }),
  fennel: sold({
    units: threeSizes('bulb', [150, 235, 330]),
    body: { kind: 'lump', sides: [100, 85, 60] },
    trimmed: 0.8,
    cuts: [
      cut('wedges', null, 'Through the root, which holds the leaves together.', { perWhole: 6 }),
      cut('slabs', 10, 'Lengthwise through the root.', { share: 0.7 }),
    ],
    usual: { amount: 2, minutes: 4 },
    source: FDC_PORTIONS,
  }),
  beetroot: sold({
    units: threeSizes('beetroot', [80, 120, 180], 'beetroots'),
    body: BALL,
    trimmed: 0.92,
    cuts: [rounds(10, 0.85), { ...CHIPS, longestMm: 60 }, CUBES],
    usual: { amount: 4, minutes: 4 },
  }),
  celeriac: sold({
    units: threeSizes('celeriac', [450, 700, 1000], 'celeriacs'),
    body: BALL,
    trimmed: 0.8,
    cuts: [cut('slabs', 10, 'Peel thickly, halve, and slice each half.', { share: 0.8 }), CHIPS, CUBES],
    usual: { amount: 1, minutes: 4 },
  }),
  carrot: sold({
    units: threeSizes('carrot', [60, 90, 140]),
    body: rod(6),
    trimmed: 0.88,
    cuts: [CHIPS, rounds(8)],
    usual: { amount: 6, minutes: 4 },
    source: FDC_PORTIONS,
  }),
  parsnip: sold({
    units: threeSizes('parsnip', [90, 140, 220]),
    body: rod(4.5),
    trimmed: 0.85,
    cuts: [CHIPS, rounds(8)],
    usual: { amount: 5, minutes: 4 },
  }),
  cassava: sold({
    units: [unit('root', 400)],
    body: rod(4),
    trimmed: 0.8,
    cuts: [
      { ...CHIPS, sizeMm: 15, how: `${BOILED_FIRST} Then cut it into even sticks.` },
      { ...CUBES, how: `${BOILED_FIRST} Then cut it into even cubes.` },
    ],
    usual: { amount: 2, minutes: 5 },
  }),
  leek: sold({
    units: [unit('leek', 220), unit('large leek', 320)],
    body: rod(7),
    trimmed: 0.55,
    cuts: [{ ...rounds(15), keep: 'The dark green leaves are for stock; grit sits where the leaves part.' }],
    usual: { amount: 3, minutes: 3.5 },
  }),
};
