import type { MarketUnit, Sold } from '../types.js';
import { cut, FDC_PORTIONS, sold, unit, whole, NEARLY_ALL } from '../build.js';

const slabOf = (...sides: [number, number, number]) => ({ kind: 'slab', sides }) as const;
/** g in a pound. Exact: avoirdupois. */
const POUND_G = 453.59;

const GOUJONS = cut('strips', 20, 'Along the fillet, in long strips; thinner ones for children.', {
  name: 'strips',
  share: 0.95,
  longestMm: 110,
});
const BITES = cut('cubes', 28, 'Best half frozen: it keeps its edges.', { name: 'chunks', share: 0.92 });
const PORTIONS = cut('portions', 90, 'Pin bones drawn, then across; the thin tail is folded under.', {
  name: 'portions',
});

/** A fillet of so many g, this long, wide and thick. */
const fillet = (grams: number, sides: [number, number, number], minutes: number, amount = 4): Sold =>
  sold({
    units: [unit('fillet', grams), unit('large fillet', Math.round(grams * 1.5)), unit('pack', 400)],
    body: slabOf(...sides),
    trimmed: NEARLY_ALL,
    cuts: [whole('Skinned, pin bones drawn, dried on both sides.'), GOUJONS, BITES, PORTIONS],
    usual: { amount, minutes },
  });

/** Prawns by how many go to a pound, with their shells on. */
const COUNTS: readonly [number, number][] = [
  [8, 12],
  [13, 15],
  [16, 20],
  [21, 25],
  [26, 30],
  [31, 40],
  [41, 50],
];
const byCount = ([from, to]: readonly [number, number]): MarketUnit => ({
  id: `${from}-${to}`,
  name: `prawn ${from}/${to}`,
  plural: `prawns ${from}/${to}`,
  grams: Math.round((POUND_G / ((from + to) / 2)) * GRAM_TENTHS) / GRAM_TENTHS,
});
const GRAM_TENTHS = 10;

/** How fish and shellfish are sold and cut. Weights without a source: common practice. */
export const FISH_SOLD: Readonly<Record<string, Sold>> = {
  cod: fillet(150, [130, 55, 20], 5),
  haddock: fillet(150, [150, 60, 16], 4.5),
  halibut: fillet(160, [110, 65, 22], 5),
  plaice: fillet(100, [160, 70, 9], 3),
  sole: fillet(80, [150, 60, 8.5], 3),
  pollock: fillet(130, [150, 60, 14], 4),
  hake: fillet(140, [130, 60, 17], 4.5),
  catfish: fillet(150, [170, 65, 13], 4),
  tilapia: fillet(110, [150, 65, 11], 3.5),
  monkfish: { ...fillet(180, [120, 50, 30], 5), cuts: [{ ...BITES, sizeMm: 26 }, GOUJONS, PORTIONS] },
  trout: fillet(120, [170, 65, 10.5], 3.5),
  salmon: fillet(150, [110, 55, 24], 5.5),
  mackerel: fillet(80, [160, 55, 9], 3.5),
  sardine: sold({
    units: [unit('sardine', 45)],
    body: slabOf(130, 30, 11),
    trimmed: 0.85,
    cuts: [whole('Gutted, head off, opened flat and the backbone lifted out; rinsed and dried.')],
    usual: { amount: 12, minutes: 3 },
  }),
  whitebait: sold({
    units: [unit('whitebait', 4, 'whitebait'), unit('pack', 250)],
    body: { kind: 'rod', slender: 7 },
    cuts: [whole('Rinsed and dried; eaten whole.')],
    usual: { amount: 60, minutes: 2 },
  }),
  prawn: sold({
    units: [
      byCount([16, 20]),
      ...COUNTS.filter(([from]) => from !== 16).map(byCount),
      unit('peeled prawn', 15, 'peeled prawns', 1),
    ],
    body: slabOf(78, 21, 15),
    trimmed: 0.85,
    bareShare: 0.1,
    cuts: [
      cut(
        'butterflied',
        null,
        'Shell off to the tail, slit along the back almost through, the dark thread out, opened flat. The tail stays on, and bare.',
        {
          keep: 'Shells and heads make stock.',
        },
      ),
      whole('Shell off to the tail, the back slit, the dark thread out.'),
    ],
    usual: { amount: 24, minutes: 2.5 },
    source: FDC_PORTIONS,
  }),
  squid: sold({
    units: [unit('tube', 110), unit('small tube', 60), unit('pack of rings', 400, 'packs of rings', 1)],
    body: { kind: 'tube', slender: 2.4, wallMm: 6 },
    trimmed: 0.95,
    cuts: [
      cut('rings', 9, 'Membrane off inside and out, quill drawn, then across.', { share: 0.9 }),
      cut('strips', 15, 'Opened flat, scored in a lattice, and cut.', { share: 0.95, longestMm: 70 }),
    ],
    usual: { amount: 4, minutes: 1.5 },
  }),
  scallop: sold({
    units: [unit('scallop', 20), unit('large scallop', 40), unit('bay scallop', 7)],
    body: { kind: 'rod', slender: 0.65 },
    cuts: [whole('The tough little muscle at the side pulled off; dried well.')],
    usual: { amount: 12, minutes: 3.5 },
  }),
  oyster: sold({
    units: [unit('oyster', 14)],
    body: { kind: 'lump', sides: [45, 30, 16] },
    cuts: [whole('Drained, the liquor kept, each one dried.')],
    usual: { amount: 18, minutes: 2.5 },
    source: FDC_PORTIONS,
  }),
  mussel: sold({
    units: [unit('mussel', 7)],
    body: { kind: 'lump', sides: [34, 22, 14] },
    cuts: [whole('Steamed just open, out of the shell, dried.')],
    usual: { amount: 36, minutes: 2 },
  }),
  clam: sold({
    units: [unit('clam', 12)],
    body: { kind: 'lump', sides: [40, 28, 16] },
    cuts: [whole('Drained, dried; bellies left whole.')],
    usual: { amount: 24, minutes: 2 },
  }),
  'crab-cake': sold({
    units: [unit('cake', 60), unit('large cake', 100)],
    body: { kind: 'rod', slender: 0.35 },
    cuts: [whole('Shaped cold, chilled half an hour until they hold.')],
    usual: { amount: 8, minutes: 5 },
  }),
  'fish-cake': sold({
    units: [unit('cake', 90), unit('small cake', 45)],
    body: { kind: 'rod', slender: 0.35 },
    cuts: [whole('Shaped cold, chilled half an hour until they hold.')],
    usual: { amount: 8, minutes: 6.5 },
  }),
};
