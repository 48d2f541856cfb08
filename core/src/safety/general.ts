import { celsius, text, type Text } from '../units/index.js';
import { safeMinimum } from './minimum.js';

/** What can hurt somebody at a fryer, whatever is cooked. Never instead of the appliance's manual, local rules, or a professional's advice. */
export interface GeneralCaution {
  title: string;
  text: Text;
  source: string;
}

const BY_PRACTICE = 'common practice, no source';
const DANGER = { coldC: 4.4, warmC: 60, hotDayC: 32 } as const;
const ALLERGEN_LISTS =
  'Regulation (EU) No 1169/2011, Annex II; FALCPA 2004 and the FASTER Act 2021 in the United States; from memory';

const minimumOf = (safety: Parameters<typeof safeMinimum>[0]) => celsius(safeMinimum(safety)!.tempC);

/** The cautions that always hold, the most serious first. */
export const GENERAL_CAUTIONS: readonly GeneralCaution[] = [
  {
    title: 'Raw centres',
    text: text`Poultry, stuffed or minced poultry and leftovers are safe at ${minimumOf('poultry')} in the middle; minced beef, pork and lamb at ${minimumOf('ground-meat')}; whole cuts at ${minimumOf('whole-meat')} with a rest of ${safeMinimum('whole-meat')!.restMin} minutes; fish and shellfish at ${minimumOf('fish')}; egg dishes at ${minimumOf('egg-dish')}. Measure in the thickest piece: a golden crust says nothing of the centre, and a simulation is no thermometer.`,
    source: safeMinimum('poultry')!.source,
  },
  {
    title: 'Time in the warm',
    text: text`Raw and cooked food stays between ${celsius(DANGER.coldC)} and ${celsius(DANGER.warmC)} for no more than two hours in all, one where it is hotter than ${celsius(DANGER.hotDayC)}. Hot food is held at ${celsius(DANGER.warmC)} or above.`,
    source: 'USDA FSIS, from memory',
  },
  {
    title: 'Allergens',
    text: text`What Yellowmist says of allergens and diets is by ingredients alone. What the packet’s label says counts, also of traces; “vegan” and “gluten-free” are the label’s to say. Coat for the guest with an allergy first, with clean bowls, and in a clean basket: crumbs and oil carry it on.`,
    source: ALLERGEN_LISTS,
  },
  {
    title: 'Raw flour, batter and crumbs',
    text: text`Raw flour, raw egg and raw batter are not tasted. What touched raw meat, fish or egg is thrown away: crumbs are put out a portion at a time. Hands are washed after raw meat, and after chilli.`,
    source: BY_PRACTICE,
  },
  {
    title: 'Oil mist and spray cans',
    text: text`Oil is put on away from the hot basket and from every flame: an oil mist burns. The propellant of some cans spoils a non-stick coat; a pump bottle or a brush does not.`,
    source: BY_PRACTICE,
  },
  {
    title: 'Steam and hot metal',
    text: text`Drawer, racks and the steam that comes out burn. Mitts, the face turned away, the drawer set down on something that bears it. Boiling water in the basket is filled where it stands, and lifted out cold.`,
    source: BY_PRACTICE,
  },
  {
    title: 'Parchment',
    text: text`Only with food on it, never while the fryer preheats empty: the fan lifts it onto the heater.`,
    source: BY_PRACTICE,
  },
  {
    title: 'Brown starch',
    text: text`Golden, and not brown, for potato, bread and other starchy food: acrylamide comes with the brown.`,
    source: 'Commission Regulation (EU) 2017/2158, from memory',
  },
  {
    title: 'The pot of oil',
    text: text`Where something is still fried: wet food spits, oil that smokes is taken off the heat, a pot is never left, no more than half full. Burning oil is covered with a lid and the heat turned off; water never goes on it.`,
    source: BY_PRACTICE,
  },
  {
    title: 'Frozen and coated ahead',
    text: text`What was frozen raw in its coat goes in frozen and takes up to half as long again; its centre is measured. What thawed is not frozen again raw.`,
    source: BY_PRACTICE,
  },
  {
    title: 'Energy and fat',
    text: text`Calories, fat and salt are estimates from tables and from a simulation, and no dietary or medical advice.`,
    source: BY_PRACTICE,
  },
];
