import { layerOf } from '../coat/index.js';
import { grams, text, type Text } from '../units/index.js';
import type { Outcomes } from '../outcome/index.js';
import { SCHNITZEL, SMALL_FRYER, CRUMBED, dishOf, inAir, inOil, numberOf } from './kitchen.js';
import type { Lesson, Scene, Shown, Values } from './types.js';

/** Both faces and the edge of one, m². */
const AREA_M2 = 0.0288;
const OIL_COATS = {
  crumbs: CRUMBED,
  flour: [layerOf(['buttermilk', 120]), layerOf(['wheat-flour', 100], ['potato-starch', 30], ['salt', 3])],
};
const OIL_AIR = { tempC: 195, minutes: 10 };

/** What can be put on one piece with the slider, and in which steps, g. */
const PUT_ON = { mostG: 2.4, stepG: 0.1 } as const;
/** From so much on one piece on, more buys nothing, g. */
const SOAKED_G = 1.1;

function scenes(values: Values): Scene[] {
  const dish = dishOf('pork-loin', SCHNITZEL, 2);
  const layers = OIL_COATS[values.coat as keyof typeof OIL_COATS];
  const shared = { dish, fryer: SMALL_FRYER, fried: inOil(175, 3, layers) };
  const oilGm2 = numberOf(values, 'oil') / AREA_M2;
  return [
    { name: 'In the pot', ...shared, plan: null },
    { name: 'In the air', ...shared, plan: inAir(layers, OIL_AIR, { oilGm2 }) },
  ];
}

/** "golden, crisp, rich enough". */
const words = ({ colourTop, crispness, bite }: Outcomes): string =>
  [colourTop, crispness, bite].flatMap((o) => (o ? [o.word] : [])).join(', ');

function said([pot, air]: readonly Shown[]): Text[] {
  const [fromPot, inAir] = [pot.fried, air.air!];
  const soaked = inAir.oilPerPieceG > SOAKED_G;
  return [
    text`One schnitzel keeps ${grams(fromPot.oilPerPieceG)} of oil from the pot, and ${grams(inAir.oilPerPieceG)} in the air.`,
    text`In the air: ${words(inAir.outcomes)}. From the pot: ${words(fromPot.outcomes)}.`,
    ...(soaked ? [text`More than that makes it no browner and no crisper: it fills the crust, and then drips.`] : []),
  ];
}

/** Where oil goes, and what a little of it does. */
export const oil: Lesson = {
  id: 'oil',
  title: 'Where the oil goes',
  short: 'what a little oil does',
  lead: text`The pot fills the crust with oil as its water leaves. In the air nobody does that: what is to taste of frying must be put on, and it is little.`,
  controls: [
    {
      kind: 'slider',
      id: 'oil',
      label: 'Oil on one schnitzel, both sides',
      min: 0,
      max: PUT_ON.mostG,
      step: PUT_ON.stepG,
      value: 0,
      quantity: 'grams',
    },
    {
      kind: 'choice',
      id: 'coat',
      label: 'The coat',
      value: 'crumbs',
      options: [
        { value: 'crumbs', label: 'flour, egg, fine crumbs' },
        { value: 'flour', label: 'buttermilk, seasoned flour' },
      ],
    },
  ],
  picture: 'cutaways',
  scenes,
  said,
  why: [
    text`Water that boils off leaves room in the crust. In the pot oil goes in there, most of it in the minute after it is lifted out, when the crust cools and draws it in.`,
    text`In the air oil has other work: it carries heat into the grains, so that they brown evenly, and wets flour that met no egg. A crust without any eats dry, however crisp it is.`,
    text`So little goes a long way, and it goes on the crust, on both sides, at the edges. More than the crust can hold drips into the drawer.`,
  ],
  figures: [
    { text: text`Some 7 g in fine sprays covers a tray of strips.`, source: 'common practice, no source' },
    {
      text: text`Most of the oil of a fried crust is drawn in after the frying.`,
      source: 'Ufheil and Escher 1996, from memory',
    },
  ],
};
