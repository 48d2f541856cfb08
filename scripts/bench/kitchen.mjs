import { readdirSync, readFileSync } from 'node:fs';
import { exampleConversion } from '@yellowmist/contract';
import { eveningOf, footprintOf, KNOWN, packLayer, readRecipe } from '@yellowmist/core';
import { give, grows, inMs, medianOf, row, timesOf } from './measure.mjs';

/** Packing, reading and evenings, by themselves. */

const rod = footprintOf({ kind: 'rod', diameterMm: 9, lengthMm: 30 }, 0, 0.5);
const ball = footprintOf({ kind: 'ball', diameterMm: 18 }, 0, 0.5);
const basket = { kind: 'rectangle', widthMm: 400, depthMm: 340 };
const packed = (count, of = () => rod) =>
  medianOf(5, () =>
    packLayer(
      basket,
      Array.from({ length: count }, (_, i) => of(i)),
      4,
    ),
  );

const recipes = new URL('../../core/truth/recipes/fitted/', import.meta.url);
const written = readdirSync(recipes)
  .map((file) => readFileSync(new URL(file, recipes), 'utf8').replace(/^%%.*$|(?<=.) #[A-Z?]+$/gm, ''))
  .join('\n');
// Each time another text: no line of it was read before.
let copies = 0;
const read = (letters) =>
  medianOf(5, () => readRecipe(KNOWN, { text: written.slice(0, letters).replaceAll(' g ', ` ${(copies += 1)} g `) }));
read(5000);

/** Six dishes of which one has three batches, in two fryers, for one pair of hands and for two. */
const { dish, fried, fryer, limits } = exampleConversion();
const settings = {
  tempC: 190,
  minutes: 12,
  preheated: true,
  turnAtMin: 6,
  under: 'basket',
  waterTray: false,
  looks: 0,
  swapEveryMin: null,
};
const plan = { layers: fried.layers, restMin: 7, oilGm2: 18, second: null, settings };
const other = { ...fryer, name: 'Other' };
const six = Array.from({ length: 6 }, (_, k) => ({
  id: `d${k}`,
  name: `Dish ${k}`,
  dish: { ...dish, count: k === 0 ? 3 * dish.count : dish.count - k },
  fried,
  fryer: k % 2 ? other : fryer,
  limits,
  plan: { ...plan, settings: { ...settings, minutes: 10 + k } },
}));
const asked = (cooks, tableInMin = 600) => ({
  dishes: six,
  guests: [],
  cooks: Array.from({ length: cooks }, (_, k) => ({ name: `Cook ${k}` })),
  kitchen: { fryers: [fryer, other], bowls: [], trays: [] },
  have: [],
  options: {},
  togetherMin: 5,
  roomC: 21,
  pins: [],
  tableInMin,
});

let tried = 0;
const [fresh] = timesOf(1, () => (tried = eveningOf(KNOWN, asked(1)).plan.tried));
const known = medianOf(3, () => eveningOf(KNOWN, asked(1)));
const twoHands = medianOf(3, () => eveningOf(KNOWN, asked(2)));

give('Packing, reading, evenings', [
  row('200 pieces of one size packed', inMs(packed(200)), '2 s'),
  row('200 pieces of two sizes packed', inMs(packed(200, (i) => (i % 3 ? rod : ball))), '2 s'),
  grows(
    'against pieces',
    'pieces',
    [25, 50, 100, 200].map((count) => [count, packed(count)]),
  ),
  row('a recipe of 20 kB with hundreds of lines read', inMs(read(20_000)), '0.2 s'),
  grows(
    'against its length',
    'kB',
    [5, 10, 20].map((kB) => [kB, read(kB * 1000)]),
  ),
  row('an evening of six dishes, with its simulations', inMs(fresh), '2 s', `${tried} schedules compared`),
  row('the same once they are known', inMs(known), '', `with two pairs of hands ${inMs(twoHands)}`),
  grows(
    'against dishes',
    'dishes',
    [1, 2, 4, 6].map((n) => [n, medianOf(3, () => eveningOf(KNOWN, { ...asked(1), dishes: six.slice(0, n) }))]),
  ),
]);
