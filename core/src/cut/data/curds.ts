import type { Sold } from '../types.js';
import { cut, sold, unit, whole, NEARLY_ALL } from '../build.js';

const slabOf = (...sides: [number, number, number]) => ({ kind: 'slab', sides }) as const;
const fingers = (size: number, longestMm = 90) =>
  cut('strips', size, 'Slabs first, then fingers: all of one width.', {
    name: 'fingers',
    share: NEARLY_ALL,
    longestMm,
  });
const cubes = (size: number) => cut('cubes', size, 'Slabs, strips, across.', { share: NEARLY_ALL });
const slabs = (size: number) => cut('slabs', size, 'A long knife, one stroke.', { share: NEARLY_ALL });
const TORN_BLOCK = cut('torn', 34, 'Torn, not cut: craggy edges hold more coat.', { share: NEARLY_ALL });
/** A soft cheese: its height against its width, and minutes in the pot. Common practice, no source. */
const CHEESE_WHEEL = { flat: 0.32, minutes: 2.5 } as const;
const wheel = (name: string, grams: number): Sold =>
  sold({
    units: [unit(`small ${name}`, grams), unit(`wedge of ${name}`, 60, `wedges of ${name}`)],
    body: { kind: 'rod', slender: CHEESE_WHEEL.flat },
    cuts: [
      cut('wedges', null, 'Cold from the refrigerator, the rind left on: it holds the cheese.', { perWhole: 8 }),
      whole('Left whole, rind on, coated twice.'),
    ],
    usual: { amount: 1, minutes: CHEESE_WHEEL.minutes },
  });

/** How cheese, soy and seitan are sold and cut. Weights: of usual packets, common practice. */
export const CURDS_SOLD: Readonly<Record<string, Sold>> = {
  halloumi: sold({
    units: [unit('block', 225)],
    body: slabOf(110, 65, 29),
    cuts: [fingers(16), slabs(10), cubes(20)],
    usual: { amount: 2, minutes: 3 },
  }),
  mozzarella: sold({
    units: [unit('block', 400), unit('stick', 28), unit('ball', 125)],
    body: slabOf(150, 80, 31),
    cuts: [{ ...fingers(14, 80), name: 'sticks' }, cubes(18)],
    usual: { amount: 0.7, minutes: 2 },
  }),
  paneer: sold({
    units: [unit('block', 225)],
    body: slabOf(100, 65, 32),
    cuts: [fingers(20, 60), cubes(22), slabs(12)],
    usual: { amount: 2, minutes: 3 },
  }),
  tofu: sold({
    units: [unit('block', 400), unit('small block', 280)],
    body: slabOf(105, 72, 52),
    cuts: [
      cut('slabs', 15, 'Pressed first, then sliced across its short side.', { share: NEARLY_ALL }),
      cubes(25),
      fingers(18),
      TORN_BLOCK,
    ],
    usual: { amount: 1, minutes: 4 },
  }),
  'extra-firm-tofu': sold({
    units: [unit('block', 400), unit('small block', 200)],
    body: slabOf(105, 72, 51),
    cuts: [TORN_BLOCK, cubes(25), fingers(18), slabs(15)],
    usual: { amount: 1, minutes: 4 },
  }),
  'silken-tofu': sold({
    units: [unit('block', 300)],
    body: slabOf(90, 65, 50),
    cuts: [cubes(28), slabs(25)],
    usual: { amount: 1, minutes: 5 },
    skin: 'wet',
  }),
  'smoked-tofu': sold({
    units: [unit('block', 200)],
    body: slabOf(100, 65, 29),
    cuts: [fingers(16), cubes(20), slabs(10)],
    usual: { amount: 2, minutes: 3.5 },
  }),
  tempeh: sold({
    units: [unit('block', 200)],
    body: slabOf(150, 70, 18),
    cuts: [slabs(9), fingers(18), cubes(18)],
    usual: { amount: 2, minutes: 3.5 },
  }),
  seitan: sold({
    units: [unit('piece', 250)],
    body: slabOf(120, 80, 25),
    cuts: [
      { ...fingers(18), name: 'strips' },
      slabs(10),
      cut('bite-size', 32, 'In even chunks.', { share: NEARLY_ALL }),
      TORN_BLOCK,
    ],
    usual: { amount: 2, minutes: 4 },
  }),
  'soya-chunks': sold({
    units: [unit('chunk', 7), unit('bag, soaked', 300, 'bags, soaked')],
    body: { kind: 'lump', sides: [32, 24, 20] },
    cuts: [whole('Soaked in hot stock, squeezed dry.')],
    usual: { amount: 45, minutes: 4 },
  }),
  feta: sold({
    units: [unit('block', 200)],
    body: slabOf(100, 70, 27),
    cuts: [cubes(22), slabs(13)],
    usual: { amount: 2, minutes: 2.5 },
  }),
  brie: wheel('brie', 250),
  camembert: wheel('camembert', 250),
  'goats-cheese': sold({
    units: [unit('roll', 200)],
    body: { kind: 'rod', slender: 2.6 },
    cuts: [cut('rounds', 15, 'With a thread or a hot knife, very cold.', { share: 0.98 })],
    usual: { amount: 2, minutes: 2 },
  }),
  'cheese-curd': sold({
    units: [unit('curd', 9), unit('bag', 300)],
    body: { kind: 'lump', sides: [30, 24, 20] },
    cuts: [whole('Parted and very cold.')],
    usual: { amount: 36, minutes: 2.5 },
  }),
  cheddar: sold({
    units: [unit('block', 350), unit('stick', 20)],
    body: slabOf(110, 75, 39),
    cuts: [cubes(18), fingers(14, 80)],
    usual: { amount: 1, minutes: 2 },
  }),
};
