import { percent } from '../outcome/index.js';
import { counted, text, type Text } from '../units/index.js';
import { CRUMBED, SMALL_FRYER, LARGE_FRYER, dishOf, inAir, inOil, numberOf } from './kitchen.js';
import type { Lesson, Scene, Shown, Values } from './types.js';
import { goldenIn } from './window.js';

const CROQUETTE = { kind: 'rod', diameterMm: 24, lengthMm: 60 } as const;
/** Long enough for the slower one to be golden. */
const BASKET_AIR = { tempC: 190, minutes: 18 };

function scenes(values: Values): Scene[] {
  const dish = dishOf('croquette-filling', CROQUETTE, numberOf(values, 'count'), { startC: 6 });
  const shared = { dish, fried: inOil(175, 4, CRUMBED) };
  // Touching or apart, as they are thrown in.
  const laying = { gapMm: values.apart === 'touching' ? 0 : 8, laid: null };
  const swapEveryMin = values.swap === 'yes' ? 4 : null;
  return [
    { name: SMALL_FRYER.name, ...shared, fryer: SMALL_FRYER, plan: inAir(CRUMBED, BASKET_AIR, { laying }) },
    {
      name: LARGE_FRYER.name,
      ...shared,
      fryer: LARGE_FRYER,
      plan: inAir(CRUMBED, { ...BASKET_AIR, swapEveryMin }, { laying }),
    },
  ];
}

function said(shown: readonly Shown[]): Text[] {
  return shown.map(({ scene, air }) => {
    const { load, outcomes, series } = air!;
    const window = goldenIn(series);
    const each = window ? `golden after ${Math.round(window.fromMin)} minutes` : 'not golden';
    const all = window && load.batches > 1 ? `, so ${Math.round(load.batches * window.fromMin)} for all of them` : '';
    const racks = outcomes.racks ? ` At the end: ${outcomes.racks.word}.` : '';
    return text`${scene.fryer.name}: ${counted(load.batches, 'batch', 'batches')} of ${load.piecesPerBatch} on ${counted(load.racksUsed, 'rack')}, ${percent(load.coverage)} of the ground covered; ${each}${all}.${racks}`;
  });
}

/** A small basket against a large one. */
export const basket: Lesson = {
  id: 'basket',
  title: 'A small basket against a large one',
  short: 'what the basket does',
  lead: text`The same minutes at the same setting are two different cooks in two fryers: how fast the air moves, and how much food it has to pass.`,
  controls: [
    { kind: 'slider', id: 'count', label: 'Croquettes', min: 4, max: 40, step: 1, value: 24, unit: 'pieces' },
    {
      kind: 'choice',
      id: 'apart',
      label: 'They lie',
      value: 'apart',
      options: [
        { value: 'apart', label: 'a finger apart' },
        { value: 'touching', label: 'touching' },
      ],
    },
    {
      kind: 'choice',
      id: 'swap',
      label: 'Upper and lower rack',
      value: 'no',
      options: [
        { value: 'no', label: 'stay' },
        { value: 'yes', label: 'change places every 4 minutes' },
      ],
    },
  ],
  picture: 'baskets',
  scenes,
  said,
  why: [
    text`A drawer is small and its fan is close: its air gives the crust almost half as much heat again as that of an oven-type fryer. That holds as long as air gets around every piece.`,
    text`Where pieces cover most of the ground, the air goes over them instead of between them, and what it carries off in steam it cannot give in heat. Two batches are quicker than one that has to be done twice.`,
    text`Of two racks the upper one sees the heater and the lower one sees the upper one’s food. Changing places evens it out.`,
  ],
  figures: [
    {
      text: text`Heat by moving air about 52 W/m²K in a drawer, 32 in an oven-type fryer, 24 in a fan oven, 10 in an oven without a fan.`,
      source: 'tuned on practised cooks, within the ranges of handbooks',
    },
    {
      text: text`The upper of two racks gets 1.6 times the radiation, the lower one 0.45 times.`,
      source: 'common practice, no source',
    },
  ],
};
