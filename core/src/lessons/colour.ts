import { layerOf } from '../coat/index.js';
import { celsius, setTo, text, type Text } from '../units/index.js';
import { SMALL_FRYER, DUST_OF_FLOUR, BEATEN_EGG, dishOf, inAir, inOil } from './kitchen.js';
import type { Lesson, Scene, Shown, Values } from './types.js';
import { goldenIn, windowWords } from './window.js';

const COLOUR_SLAB = { kind: 'slab', lengthMm: 100, widthMm: 70, thicknessMm: 12 } as const;
/** Long enough for the coolest to be golden. */
const COLOUR_MIN = 24;
const SETTINGS = [170, 185, 200];
const FINISHES = {
  plain: layerOf(['fine-crumbs', 80]),
  sugar: layerOf(['fine-crumbs', 80], ['sugar', 8]),
  starch: layerOf(['potato-starch', 80]),
};

function scenes({ finish }: Values): Scene[] {
  const layers = [DUST_OF_FLOUR, BEATEN_EGG, FINISHES[finish as keyof typeof FINISHES]];
  const dish = dishOf('aubergine', COLOUR_SLAB, 4, { startC: 16 });
  return SETTINGS.map((tempC) => ({
    name: `${tempC}`,
    dish,
    fryer: SMALL_FRYER,
    fried: inOil(175, 4, layers),
    plan: inAir(layers, { tempC, minutes: COLOUR_MIN }),
  }));
}

const said = (shown: readonly Shown[]): Text[] =>
  shown.map(({ air }) => {
    const { tempC } = air!.plan.settings;
    const window = goldenIn(air!.series);
    return window
      ? text`At ${setTo(tempC, SMALL_FRYER.stepC)} it is golden ${windowWords(window)}.`
      : text`At ${setTo(tempC, SMALL_FRYER.stepC)} it is not golden on both sides at any time within ${COLOUR_MIN} minutes.`;
  });

/** Colour and heat. */
export const colour: Lesson = {
  id: 'colour',
  title: 'Colour and heat',
  short: 'what makes it brown',
  lead: text`Browning needs heat and dryness: nothing turns golden while it is wet. A hotter setting is golden sooner, and stays golden for a much shorter time.`,
  controls: [
    {
      kind: 'choice',
      id: 'finish',
      label: 'The finish',
      value: 'plain',
      options: [
        { value: 'plain', label: 'fine crumbs' },
        { value: 'sugar', label: 'with a spoon of sugar' },
        { value: 'starch', label: 'potato starch' },
      ],
    },
  ],
  picture: 'windows',
  scenes,
  said,
  why: [
    text`As long as water leaves the crust, it stays near the boiling point and pale. When it has dried, it warms up to the air, and only then it browns: that is why the first half of a cook looks as if nothing happened.`,
    text`Sugar, milk, cheese, honey and coconut brown long before crumbs do; starch hardly does. What is sweet goes on at the end.`,
    text`Starchy food: aim for golden and not for brown (acrylamide).`,
  ],
  figures: [
    {
      text: text`From ${celsius(180)} to ${celsius(200)} browning gets some 1.9 times as fast, and charring 6 times (55 and 160 kJ/mol).`,
      source: 'fitted on practised cooks: see what Yellowmist computes',
    },
    {
      text: text`Benchmark levels for acrylamide in fried food.`,
      source: 'Commission Regulation (EU) 2017/2158, from memory',
    },
  ],
};
