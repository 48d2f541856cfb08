import type { Sold } from '../types.js';
import { cut, sold, unit, whole } from '../build.js';

const slabOf = (...sides: [number, number, number]) => ({ kind: 'slab', sides }) as const;

const HALVED = cut(
  'halved-flat',
  null,
  'Flat hand on top, the knife level through the middle; thick ends beaten even.',
  {
    name: 'halved flat',
  },
);
const BITE = cut('bite-size', 32, 'Across the grain, in even chunks: small ends fold under.', { share: 0.97 });
const STRIPS = cut('strips', 18, 'Along the grain for length, in even strips.', { share: 0.95, longestMm: 100 });
const ESCALOPE = 'Across the grain; between two sheets of paper, beaten from the middle outward to one thickness.';
const NUGGETS = cut('patties', 42, 'Weigh one, then make the rest alike; cold hands, cold mince.', {
  name: 'nuggets',
});
const PATTIES = cut('patties', 80, 'Weigh one, then make the rest alike; a shallow dent in the middle keeps it flat.', {
  name: 'patties',
});

/** How poultry, meat and sausage are sold and cut. Weights without a source: common practice. */
export const MEAT_SOLD: Readonly<Record<string, Sold>> = {
  'chicken-breast': sold({
    units: [unit('breast', 200), unit('small breast', 150), unit('large breast', 280)],
    body: slabOf(130, 65, 24),
    trimmed: 0.97,
    cuts: [HALVED, STRIPS, BITE, whole('Beaten to one thickness, so that the thin end does not dry.')],
    usual: { amount: 2, minutes: 5 },
  }),
  'chicken-tender': sold({
    units: [unit('tender', 50)],
    body: slabOf(120, 32, 13),
    cuts: [whole('Need no trimming; the white sinew may be drawn out.'), { ...BITE, sizeMm: 30 }],
    usual: { amount: 12, minutes: 4.5 },
  }),
  'chicken-thigh': sold({
    units: [unit('thigh', 100), unit('large thigh', 140)],
    body: slabOf(105, 62, 16),
    trimmed: 0.95,
    cuts: [
      cut('bite-size', 36, 'Hard fat and sinew off, then even chunks: thin flaps fold under.', { share: 0.97 }),
      whole('Opened flat, the thick part slit so that it lies even.'),
      { ...STRIPS, sizeMm: 25 },
    ],
    countedCut: 'whole',
    usual: { amount: 6, minutes: 6 },
  }),
  'chicken-wing': sold({
    units: [unit('wing piece', 45), unit('whole wing', 95)],
    body: { kind: 'lump', sides: [90, 34, 26] },
    cuts: [whole('At both joints: flat and drumette; the knife finds the gap.', { keep: 'The tips are for stock.' })],
    usual: { amount: 16, minutes: 9 },
  }),
  'chicken-drumstick': sold({
    units: [unit('drumstick', 115), unit('large drumstick', 150)],
    body: { kind: 'rod', slender: 2.7 },
    cuts: [whole('Skin dry; two slashes to the bone let heat in.')],
    usual: { amount: 8, minutes: 14 },
  }),
  'chicken-thigh-on-bone': sold({
    units: [unit('thigh', 150), unit('large thigh', 190)],
    body: slabOf(100, 65, 26),
    cuts: [whole('Loose skin and fat trimmed; the skin covers the meat.')],
    usual: { amount: 6, minutes: 12 },
  }),
  'chicken-mince': sold({
    units: [unit('pack', 500)],
    body: slabOf(160, 110, 30),
    cuts: [NUGGETS],
    usual: { amount: 1, minutes: 4.5 },
  }),
  'turkey-breast': sold({
    units: [unit('escalope', 120), unit('steak', 160), unit('breast piece', 500)],
    body: slabOf(130, 90, 10),
    cuts: [whole(ESCALOPE, { name: 'escalopes' }), STRIPS, { ...BITE, sizeMm: 28 }],
    usual: { amount: 4, minutes: 4 },
  }),
  'duck-breast': sold({
    units: [unit('breast', 180)],
    body: slabOf(140, 75, 17),
    cuts: [STRIPS, whole('Skinned, sinew off.')],
    usual: { amount: 2, minutes: 4.5 },
  }),
  'chicken-liver': sold({
    units: [unit('liver', 35), unit('tub', 400)],
    body: { kind: 'lump', sides: [60, 40, 22] },
    trimmed: 0.9,
    cuts: [whole('Parted into lobes, sinew and green spots cut away, dried.')],
    usual: { amount: 12, minutes: 4 },
  }),
  'calf-liver': sold({
    units: [unit('slice', 110)],
    body: slabOf(140, 80, 9),
    cuts: [whole('Thin skin pulled off, tubes cut out.'), { ...STRIPS, sizeMm: 20 }],
    usual: { amount: 4, minutes: 3 },
  }),
  'pork-loin': sold({
    units: [unit('chop', 120), unit('large chop', 170), unit('loin piece', 800)],
    body: slabOf(130, 95, 9),
    cuts: [
      whole(`${ESCALOPE} The fat edge is nicked, or it curls.`, { name: 'beaten thin' }),
      { ...STRIPS, sizeMm: 16 },
      { ...BITE, sizeMm: 28 },
    ],
    usual: { amount: 4, minutes: 3 },
  }),
  'pork-tenderloin': sold({
    units: [unit('fillet', 450)],
    body: { kind: 'rod', slender: 5 },
    trimmed: 0.92,
    cuts: [
      cut('rounds', 15, 'Silver skin off, then thick rounds, pressed a little flat.', {
        name: 'medallions',
        share: 0.95,
      }),
      STRIPS,
    ],
    usual: { amount: 1, minutes: 4 },
  }),
  'lamb-cutlet': sold({
    units: [unit('cutlet', 75)],
    bareShare: 0.2,
    body: slabOf(85, 60, 14),
    cuts: [whole('Fat trimmed, the bone scraped clean: it is the handle and stays bare.')],
    usual: { amount: 8, minutes: 4 },
  }),
  veal: sold({
    units: [unit('escalope', 90), unit('large escalope', 150)],
    body: slabOf(140, 100, 6),
    cuts: [whole(ESCALOPE, { name: 'beaten thin' })],
    usual: { amount: 4, minutes: 2.5 },
  }),
  'beef-steak': sold({
    units: [unit('thin steak', 120), unit('steak', 200)],
    body: slabOf(130, 95, 9),
    cuts: [whole(ESCALOPE, { name: 'beaten thin' }), STRIPS],
    usual: { amount: 4, minutes: 3 },
  }),
  meatball: sold({
    units: [unit('pack of mince', 500, 'packs of mince')],
    body: slabOf(160, 110, 30),
    cuts: [cut('balls', 28, 'Weigh one, then roll the rest alike with wet hands.'), PATTIES],
    usual: { amount: 0.5, minutes: 5 },
  }),
  'cooked-ham': sold({
    units: [unit('thick slice', 120)],
    body: slabOf(120, 90, 11),
    cuts: [whole('Dried; rind off, the fat edge nicked.'), STRIPS],
    usual: { amount: 4, minutes: 3 },
  }),
  sausage: sold({
    units: [unit('sausage', 65), unit('thin sausage', 30), unit('pack', 400)],
    body: { kind: 'rod', slender: 4.5 },
    cuts: [whole('Not pricked: what runs out is what keeps it juicy.')],
    usual: { amount: 8, minutes: 8 },
  }),
  frankfurter: sold({
    units: [unit('frankfurter', 50)],
    body: { kind: 'rod', slender: 6.5 },
    cuts: [
      whole('Dried well, or no coat holds.'),
      cut('portions', 30, 'Across, in bite-long pieces.', { name: 'short pieces' }),
    ],
    usual: { amount: 8, minutes: 4.5 },
  }),
};
