import type { Sold } from '../types.js';
import { cut, FDC_PORTIONS, sold, threeSizes, unit, whole, WITHOUT_ENDS } from '../build.js';
import { BALL, rod, FLORETS, HEAD_SLABS, CHIPS, rounds, slabsLong, HEAD } from './knifework.js';

/** How vegetables and mushrooms are sold and cut. */
export const VEGETABLES_SOLD: Readonly<Record<string, Sold>> = {
  cauliflower: sold({
    units: [...HEAD, unit('bag of florets', 500, 'bags of florets')],
    body: BALL,
    cuts: [FLORETS, HEAD_SLABS, cut('bite-size', 25, 'Small florets, split until all are one bite.', { share: 0.75 })],
    usual: { amount: 1, minutes: 4 },
    source: FDC_PORTIONS,
  }),
  broccoli: sold({
    units: [
      unit('head', 400),
      unit('small head', 250),
      unit('large head', 600),
      unit('bag of florets', 400, 'bags of florets'),
    ],
    body: BALL,
    cuts: [{ ...FLORETS, sizeMm: 28, share: 0.7 }],
    usual: { amount: 1, minutes: 3.5 },
  }),
  courgette: sold({
    units: threeSizes('courgette', [150, 220, 320]),
    body: rod(3.6),
    trimmed: 0.95,
    cuts: [rounds(10), { ...CHIPS, longestMm: 90 }, slabsLong(10)],
    usual: { amount: 2, minutes: 3 },
    source: FDC_PORTIONS,
  }),
  onion: sold({
    units: [...threeSizes('onion', [80, 150, 250]), unit('shallot', 25)],
    body: BALL,
    trimmed: 0.9,
    cuts: [
      cut(
        'rings',
        13,
        'Ends off, the skin slit only skin-deep with a small knife. Slice across, push the rings out with the thumb, two layers together.',
        {
          wallMm: 8,
          share: 0.75,
          keep: 'Broken rings and the hearts are for something else.',
        },
      ),
    ],
    usual: { amount: 2, minutes: 3 },
  }),
  'bell-pepper': sold({
    units: threeSizes('pepper', [120, 165, 220]),
    body: { kind: 'tube', slender: 1.15, wallMm: 7 },
    trimmed: 0.82,
    cuts: [
      cut('rings', 13, 'Lay it on its side and slice from the bottom up; the core comes out of each ring by itself.', {
        share: WITHOUT_ENDS,
        keep: 'Cap and seeds go; the bottom is a disc, not a ring.',
      }),
      cut('strips', 18, 'Halve, core, and slice lengthwise.', { share: 0.95, longestMm: 80 }),
    ],
    usual: { amount: 3, minutes: 3 },
    source: FDC_PORTIONS,
  }),
  aubergine: sold({
    units: threeSizes('aubergine', [250, 400, 550]),
    body: rod(2.2),
    trimmed: 0.95,
    cuts: [slabsLong(12), rounds(12), CHIPS],
    usual: { amount: 2, minutes: 5 },
    skin: 'wet',
    source: FDC_PORTIONS,
  }),
  okra: sold({
    units: [unit('pod', 12), unit('bag', 250)],
    body: rod(5),
    trimmed: 0.9,
    cuts: [
      cut('portions', 30, 'Caps off, then across in even pieces.', { name: 'short pieces', share: 0.95 }),
      whole('Trim only the cap, so that the pod stays closed and no slime runs.'),
      cut('halves', null, 'Split lengthwise from tip to cap.'),
    ],
    usual: { amount: 40, minutes: 3.5 },
    source: FDC_PORTIONS,
  }),
  'green-tomato': sold({
    units: threeSizes('green tomato', [90, 130, 190], 'green tomatoes'),
    body: BALL,
    trimmed: 0.95,
    cuts: [rounds(9, 0.8), cut('wedges', null, 'Through the stem end, in six.', { perWhole: 6 })],
    usual: { amount: 4, minutes: 4 },
    skin: 'wet',
    source: FDC_PORTIONS,
  }),
  tomato: sold({
    units: threeSizes('tomato', [90, 125, 180], 'tomatoes'),
    body: BALL,
    trimmed: 0.95,
    cuts: [rounds(10, 0.8)],
    usual: { amount: 4, minutes: 3 },
    skin: 'wet',
    source: FDC_PORTIONS,
  }),
  'oyster-mushroom': sold({
    units: [unit('cluster', 200), unit('pack', 250)],
    body: { kind: 'lump', sides: [70, 49, 31] },
    trimmed: 0.9,
    cuts: [
      cut('torn', 70, 'Cut the foot off and tear along the gills, large ones in two.', {
        name: 'torn',
        flatness: 0.23,
        keep: 'The foot is tough.',
      }),
    ],
    usual: { amount: 2, minutes: 5 },
  }),
  'button-mushroom': sold({
    units: [unit('mushroom', 14), unit('small mushroom', 9), unit('large mushroom', 23), unit('pack', 250)],
    body: { kind: 'lump', sides: [34, 34, 28] },
    trimmed: 0.97,
    cuts: [whole('Wipe, do not wash; stalks cut level with the cap.'), cut('halves', null, 'Through cap and stalk.')],
    usual: { amount: 30, minutes: 5 },
    source: FDC_PORTIONS,
  }),
  'king-oyster-mushroom': sold({
    units: [unit('mushroom', 70), unit('large mushroom', 110)],
    body: rod(3),
    trimmed: 0.95,
    cuts: [slabsLong(10), rounds(15), CHIPS],
    usual: { amount: 5, minutes: 4 },
  }),
  portobello: sold({
    units: [unit('flat mushroom', 85)],
    body: { kind: 'slab', sides: [95, 95, 16] },
    trimmed: 0.9,
    cuts: [
      cut('strips', 16, 'Stalk out, gills scraped, then slices.'),
      whole('Stalk out, gills scraped: they hold water.'),
    ],
    usual: { amount: 4, minutes: 4 },
    source: FDC_PORTIONS,
  }),
  'green-bean': sold({
    units: [unit('bean', 5.5), unit('pack', 220)],
    body: rod(13),
    trimmed: 0.93,
    cuts: [whole('Only the stalk end off.')],
    usual: { amount: 60, minutes: 3 },
    source: FDC_PORTIONS,
  }),
  'artichoke-heart': sold({
    units: [unit('heart', 40), unit('tin', 240)],
    body: { kind: 'lump', sides: [48, 44, 38] },
    cuts: [
      cut('halves', null, 'Drained, pressed, and split through the base.'),
      whole('Drained, head down, and pressed.'),
    ],
    usual: { amount: 12, minutes: 4 },
  }),
  jackfruit: sold({
    units: [unit('tin', 250)],
    body: { kind: 'lump', sides: [55, 40, 26] },
    cuts: [
      cut('bite-size', 28, 'Rinsed, squeezed, the hard core cut off and chopped small.', { share: 0.85 }),
      cut('torn', 45, 'Squeezed and pulled along its threads.', { share: 0.9 }),
    ],
    usual: { amount: 2, minutes: 4 },
  }),
  asparagus: sold({
    units: [unit('spear', 20), unit('bunch', 400, 'bunches')],
    body: rod(14),
    trimmed: 0.75,
    cuts: [
      whole('Bend each spear: it breaks where the wood begins.', {
        name: 'spears',
        keep: 'The woody ends are for stock.',
      }),
    ],
    usual: { amount: 20, minutes: 3 },
    source: FDC_PORTIONS,
  }),
  cabbage: sold({
    units: [unit('head', 900), unit('small head', 600), unit('pointed head', 600)],
    body: BALL,
    trimmed: 0.85,
    cuts: [
      cut('slabs', 20, 'Down through the stalk, which holds the leaves; outer leaves off.', {
        perWhole: 3,
        keep: 'The outer cheeks fall apart: slice them for slaw.',
      }),
      cut('wedges', null, 'Through the stalk, in eight.', { perWhole: 8 }),
    ],
    usual: { amount: 1, minutes: 5 },
  }),
  'brussels-sprout': sold({
    units: [unit('sprout', 19), unit('bag', 500)],
    body: BALL,
    trimmed: 0.9,
    cuts: [
      cut('halves', null, 'Through the stalk end.', { keep: 'Loose leaves crisp in two minutes: keep them back.' }),
      whole('Stalk end trimmed, outer leaves off.'),
    ],
    usual: { amount: 24, minutes: 4 },
    source: FDC_PORTIONS,
  }),
  gherkin: sold({
    units: [unit('gherkin', 65), unit('cornichon', 6), unit('jar', 350)],
    body: rod(4),
    cuts: [rounds(6, 0.95), cut('wedges', null, 'Lengthwise in four.', { name: 'spears', perWhole: 4 })],
    piecesFrom: 10,
    usual: { amount: 5, minutes: 2 },
    skin: 'wet',
    source: FDC_PORTIONS,
  }),
  avocado: sold({
    units: threeSizes('avocado', [150, 200, 270]),
    body: { kind: 'lump', sides: [90, 62, 62] },
    trimmed: 0.7,
    cuts: [cut('wedges', null, 'Halve round the stone, peel, and each half in four. Ripe but firm.', { perWhole: 8 })],
    usual: { amount: 3, minutes: 2.5 },
    source: FDC_PORTIONS,
  }),
  olive: sold({
    units: [unit('olive', 4), unit('jar', 160)],
    body: { kind: 'lump', sides: [24, 19, 19] },
    cuts: [whole('Drained and dried well: they roll, so they are coated in a bowl.')],
    usual: { amount: 40, minutes: 2 },
  }),
  'courgette-flower': sold({
    units: [unit('flower', 12)],
    body: { kind: 'lump', sides: [85, 30, 22] },
    cuts: [whole('Stamen pinched out; the small courgette may stay on.')],
    usual: { amount: 12, minutes: 2 },
  }),
  'green-chilli': sold({
    units: [unit('chilli', 14, 'chillies'), unit('large chilli', 30, 'large chillies')],
    body: rod(3),
    cuts: [
      whole('Pricked once, so that it does not burst.'),
      cut('halves', null, 'Lengthwise, seeds out with a teaspoon; gloves on.'),
    ],
    usual: { amount: 20, minutes: 3 },
    source: FDC_PORTIONS,
  }),
  'baby-corn': sold({
    units: [unit('cob', 10), unit('pack', 190)],
    body: rod(6),
    cuts: [whole('As they come.')],
    usual: { amount: 24, minutes: 3 },
  }),
};
