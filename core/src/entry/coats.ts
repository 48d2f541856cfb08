import { layerOf, type LayerSpec } from '../coat/index.js';
import type { Dish, OilMedium } from '../dish/index.js';
import { comparedWords } from '../foods/index.js';
import { isDescribing } from './describing.js';

/** A coat that cooks have a name for. */
export interface NamedCoat {
  id: string;
  label: string;
  /** Other words for it. */
  words: string;
  layers: LayerSpec[];
  medium: OilMedium;
  tempC: number;
  /** How the food comes when it comes with this coat. */
  dish?: Partial<Dish>;
}

const FLOUR = layerOf(['wheat-flour', 60], ['salt', 2]);
const EGG = layerOf(['egg', 50]);

/** Coats that people fry, by name. Proportions: common practice, no source. */
export const NAMED_COATS: readonly NamedCoat[] = [
  {
    id: 'beer-batter',
    label: 'beer batter',
    words: 'batter, fish batter, pub batter',
    medium: 'deep-oil',
    tempC: 185,
    layers: [layerOf(['wheat-flour', 150], ['beer', 210], ['baking-powder', 4], ['salt', 3])],
  },
  {
    id: 'fine-crumbs',
    label: 'flour, egg and fine crumbs',
    words: 'breaded, schnitzel, escalope, breadcrumbs, milanese, fine crumbs, flour egg breadcrumbs, flour egg crumbs',
    medium: 'deep-oil',
    tempC: 175,
    layers: [FLOUR, EGG, layerOf(['fine-crumbs', 80])],
  },
  {
    id: 'coarse-crumbs',
    label: 'flour, egg and coarse crumbs',
    words: 'panko, katsu, coarse crumbs, flour egg panko, panko crumbs, standard breading',
    medium: 'deep-oil',
    tempC: 175,
    layers: [FLOUR, EGG, layerOf(['coarse-crumbs', 60])],
  },
  {
    id: 'flour',
    label: 'flour only',
    words: 'flour, dredged in flour, floured, meuniere',
    medium: 'deep-oil',
    tempC: 180,
    layers: [FLOUR],
  },
  {
    id: 'buttermilk-flour',
    label: 'buttermilk and seasoned flour',
    words: 'southern fried, buttermilk fried, fried chicken, buttermilk and flour, country fried',
    medium: 'deep-oil',
    tempC: 170,
    layers: [
      layerOf(['buttermilk', 200]),
      { ...layerOf(['wheat-flour', 120], ['corn-starch', 30], ['paprika', 4], ['salt', 4]), clumped: true },
    ],
  },
  {
    id: 'double-dredge',
    label: 'flour, egg, flour again, egg and crumbs',
    words: 'double dredge, double dipped, double breaded, twice dipped',
    medium: 'deep-oil',
    tempC: 175,
    layers: [FLOUR, EGG, FLOUR, EGG, layerOf(['coarse-crumbs', 60])],
  },
  {
    id: 'cornmeal',
    label: 'buttermilk and cornmeal',
    words: 'cornmeal, cornmeal crust, corn crust',
    medium: 'deep-oil',
    tempC: 180,
    layers: [layerOf(['buttermilk', 120]), layerOf(['cornmeal', 100], ['wheat-flour', 30], ['salt', 3])],
  },
  {
    id: 'cornmeal-batter',
    label: 'cornmeal batter',
    words: 'corn dog batter, hush puppy batter',
    medium: 'deep-oil',
    tempC: 175,
    layers: [
      FLOUR,
      layerOf(['cornmeal', 80], ['wheat-flour', 80], ['milk', 120], ['egg', 50], ['baking-powder', 6], ['salt', 3]),
    ],
  },
  {
    id: 'starch',
    label: 'egg and potato starch',
    words: 'karaage, starch, potato starch, salt and pepper style, starch coat',
    medium: 'deep-oil',
    tempC: 175,
    layers: [EGG, layerOf(['potato-starch', 80], ['salt', 2])],
  },
  {
    id: 'chickpea-batter',
    label: 'chickpea batter',
    words: 'pakora, bhaji, gram flour batter, besan batter, pakora batter',
    medium: 'deep-oil',
    tempC: 175,
    layers: [layerOf(['chickpea-flour', 120], ['water', 150], ['salt', 3])],
  },
  {
    id: 'thin-batter',
    label: 'thin, cold batter of flour, egg and water',
    words: 'tempura, tempura batter, thin batter, light batter',
    medium: 'deep-oil',
    tempC: 175,
    layers: [FLOUR, layerOf(['wheat-flour', 100], ['sparkling-water', 180], ['egg', 50])],
  },
  {
    id: 'coconut-crumbs',
    label: 'flour, egg and coconut with crumbs',
    words: 'coconut, coconut crust, coconut crumbs',
    medium: 'deep-oil',
    tempC: 170,
    layers: [FLOUR, EGG, layerOf(['desiccated-coconut', 40], ['coarse-crumbs', 40])],
  },
  {
    id: 'cornflakes',
    label: 'flour, egg and crushed cornflakes',
    words: 'cornflakes, cornflake crust, cereal crust',
    medium: 'deep-oil',
    tempC: 170,
    layers: [FLOUR, EGG, layerOf(['cornflakes', 90])],
  },
  {
    id: 'ready-breaded',
    label: 'the crumbs they come in, frozen',
    words: 'frozen breaded, ready breaded, bought frozen, ready coated',
    medium: 'deep-oil',
    tempC: 180,
    layers: [FLOUR, EGG, layerOf(['fine-crumbs', 80], ['rapeseed-oil', 12])],
    dish: { readyCoated: true, preparation: 'frozen', startC: -18, skin: 'dry' },
  },
  {
    id: 'spring-roll-sheet',
    label: 'spring roll sheets',
    words: 'spring roll wrapper, egg roll wrapper, filo, wrapped in pastry',
    medium: 'deep-oil',
    tempC: 175,
    layers: [layerOf(['spring-roll-sheet', 50])],
  },
  {
    id: 'rice-paper',
    label: 'rice paper',
    words: 'rice paper parcel, rice paper roll, wrapped in rice paper',
    medium: 'deep-oil',
    tempC: 175,
    layers: [layerOf(['rice-paper', 50])],
  },
];

/** The coat of this id. */
export const namedCoat = (id: string): NamedCoat | undefined => NAMED_COATS.find((c) => c.id === id);

const namesOfCoat = ({ label, words }: NamedCoat): string[] => [label, ...words.split(', ')];
const same = (text: string): string => comparedWords(text).join(' ');
const CONNECTING = /\b(in|a|an|the|with|and|of|my|our)\b/gi;
const core = (text: string): string => same(text.replace(CONNECTING, ' ').replace(/,/g, ' '));

/** The coat that is called so, by its label or another word for it; undefined where none is. */
export const coatCalled = (text: string): NamedCoat | undefined =>
  NAMED_COATS.find((coat) => namesOfCoat(coat).some((name) => core(name) === core(text)));

/** Coats of whose names a word is in the text, those with more of them first. */
export function coatsLike(text: string): NamedCoat[] {
  const typed = comparedWords(text.replace(CONNECTING, ' '));
  const hits = (coat: NamedCoat): number => {
    const words = new Set(namesOfCoat(coat).flatMap(comparedWords));
    return typed.filter((w) => words.has(w)).length;
  };
  return NAMED_COATS.filter((coat) => hits(coat) > 0).sort((a, b) => hits(b) - hits(a));
}

/** The batter that words name, whatever they say of how it is: "a light, spicy beer batter"; undefined where they name none. */
export function batterCalled(text: string): NamedCoat | undefined {
  if (!/\bbatter$|\btempura$/.test(text.trim().toLowerCase())) return undefined;
  const telling = comparedWords(text.replace(CONNECTING, ' ')).filter(
    (word) => word === 'batter' || !isDescribing(word),
  );
  return coatCalled(text) ?? coatCalled(telling.join(' '));
}
