import { safeMinimum } from '../safety/index.js';
import { celsius, kelvins, text, type Text } from '../units/index.js';
import { CRUMBED, SMALL_FRYER, dishOf, inAir, inOil, numberOf } from './kitchen.js';
import type { Lesson, Scene, Shown, Values } from './types.js';
import { centreAt, goldenIn, windowWords } from './window.js';

const WATCHED_MIN = 28;
const MINIMUM = safeMinimum('whole-meat')!;

function scenes(values: Values): Scene[] {
  const thicknessMm = numberOf(values, 'thickness');
  const dish = dishOf('pork-loin', { kind: 'slab', lengthMm: 90, widthMm: 70, thicknessMm }, 3);
  const plan = inAir(CRUMBED, { tempC: numberOf(values, 'heat'), minutes: WATCHED_MIN });
  return [{ name: 'In the air', dish, fryer: SMALL_FRYER, fried: inOil(170, 6, CRUMBED), plan }];
}

function said([{ air }]: readonly Shown[]): Text[] {
  const { series } = air!;
  const window = goldenIn(series);
  const safe = centreAt(series, MINIMUM.tempC);
  if (!window) return [text`It is not golden on both sides at any time within ${WATCHED_MIN} minutes: hotter.`];
  const golden = text`Golden ${windowWords(window)}.`;
  if (safe === null)
    return [
      golden,
      text`The centre does not come to ${celsius(MINIMUM.tempC)} within ${WATCHED_MIN} minutes: thinner.`,
    ];
  const centre = text`The centre is at ${celsius(MINIMUM.tempC)} after ${Math.round(safe)} minutes, and then rests for ${MINIMUM.restMin}.`;
  if (safe > window.toMin)
    return [
      golden,
      centre,
      text`Dark outside before it is done inside: ${kelvins(15)} less and longer, or a thinner cut.`,
    ];
  if (safe < window.fromMin)
    return [golden, centre, text`Done before it is golden: it goes on drying meanwhile. Hotter, or a thicker cut.`];
  return [golden, centre, text`Both fall together: take it out in between.`];
}

/** The minutes in which a crust is golden, and the centre that has to fall into them. */
export const goldenTime: Lesson = {
  id: 'golden-window',
  title: 'The golden window',
  short: 'why crust and centre must meet',
  lead: text`A crust is golden for some minutes, and no longer. The centre has to be done within them: thickness decides when, heat decides where the window lies.`,
  controls: [
    {
      kind: 'slider',
      id: 'thickness',
      label: 'How thick the meat is',
      min: 6,
      max: 40,
      step: 1,
      value: 36,
      quantity: 'length',
    },
    {
      kind: 'slider',
      id: 'heat',
      label: 'The setting',
      min: 150,
      max: 220,
      step: 5,
      value: 215,
      quantity: 'temperature',
    },
  ],
  picture: 'windows',
  scenes,
  said,
  why: [
    text`Twice as thick takes more than twice as long to the middle. The crust does not wait for it: it browns in nearly the same minutes.`,
    text`Thick pieces want a lower setting and more minutes; thin ones a high one, or they dry out before they are brown. A rest lets the centre rise on by some degrees.`,
    text`A thermometer in the thickest piece is the only way to know. The manual of your fryer and local rules come first.`,
  ],
  figures: [
    {
      text: text`Whole cuts of pork, beef, lamb, veal: ${celsius(MINIMUM.tempC)} and a rest of ${MINIMUM.restMin} minutes.`,
      source: MINIMUM.source,
    },
    {
      text: text`In air a piece’s heating time grows faster than its thickness and slower than its square: skin and inside hold the heat up alike.`,
      source: 'Carslaw and Jaeger 1959',
    },
  ],
};
