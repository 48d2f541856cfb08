import { layerOf } from '../coat/index.js';
import { PLACES, type Place } from '../heat/index.js';
import { text, type Text } from '../units/index.js';
import type { WaitingResult } from '../plan/index.js';
import {
  SCHNITZEL,
  SMALL_FRYER,
  DUST_OF_FLOUR,
  BEATEN_EGG,
  CRUMBED,
  COARSE_CRUMBS,
  dishOf,
  inAir,
  inOil,
} from './kitchen.js';
import type { Lesson, Scene, Shown, Values } from './types.js';

const RESTING_COATS = {
  coarse: [DUST_OF_FLOUR, BEATEN_EGG, COARSE_CRUMBS],
  fine: CRUMBED,
  starch: [BEATEN_EGG, layerOf(['potato-starch', 60])],
};
const RESTING_AIR = { tempC: 195, minutes: 11 };

const WHERE: Record<Place, string> = {
  rack: 'On a rack',
  plate: 'On a plate',
  hold: 'In the switched-off fryer',
};

function scenes({ coat }: Values): Scene[] {
  const layers = RESTING_COATS[coat as keyof typeof RESTING_COATS];
  const dish = dishOf('pork-loin', SCHNITZEL, 2);
  return [
    {
      name: 'In the air',
      dish,
      fryer: SMALL_FRYER,
      fried: inOil(175, 3, layers),
      plan: inAir(layers, RESTING_AIR),
      waits: PLACES,
    },
  ];
}

const lasts = ({ place, crispMin }: WaitingResult): Text =>
  crispMin === null
    ? text`${WHERE[place]} it is still crisp after half an hour.`
    : crispMin < 1
      ? text`${WHERE[place]} it is soft within a minute.`
      : text`${WHERE[place]} it stays crisp for ${Math.round(crispMin)} minutes.`;

const said = ([{ air }]: readonly Shown[]): Text[] => air!.waiting.filter((w) => !w.sauced).map(lasts);

/** What happens to a crust after the cook. */
export const resting: Lesson = {
  id: 'resting',
  title: 'Rack, plate or fryer: how long it stays crisp',
  short: 'why a crust goes soft',
  lead: text`A crust goes soft from inside. The water of the food goes on coming out after the cook; where it cannot leave, the crust takes it up.`,
  controls: [
    {
      kind: 'choice',
      id: 'coat',
      label: 'The finish',
      value: 'coarse',
      options: [
        { value: 'coarse', label: 'coarse crumbs' },
        { value: 'fine', label: 'fine crumbs' },
        { value: 'starch', label: 'potato starch' },
      ],
    },
  ],
  picture: 'waiting',
  scenes,
  said,
  why: [
    text`On a plate no vapour gets away below: it condenses under the piece, and that side is wet within minutes. A rack lets it go on all sides, and the crust even dries on a little.`,
    text`The switched-off fryer keeps it warm, and keeps its steam: good for minutes, not for half an hour. Leave the drawer a finger open.`,
    text`Coarse crumbs hold air and take long to drink; a thin skin of starch is crisp at once and soft soon.`,
  ],
  figures: [
    {
      text: text`How much water a dry crust takes up from moist air follows Oswin’s isotherm.`,
      source: 'Oswin 1946, from memory',
    },
    {
      text: text`A powder takes up vapour within a minute, a coarse crumb within a quarter of an hour.`,
      source: 'from memory, order of magnitude',
    },
  ],
};
