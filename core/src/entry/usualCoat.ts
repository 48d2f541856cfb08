import { namedCoat, type NamedCoat } from './coats.js';

/** The coat in which a food is fried where nobody says another. Common practice, no source: schools differ by country. */

/** Ids of foods, with a space between, by the id of their coat. */
export const USUALLY_IN: Readonly<Record<string, string>> = {
  'buttermilk-flour': 'chicken-thigh chicken-thigh-on-bone chicken-drumstick chicken-wing chicken-tender',
  'fine-crumbs':
    'chicken-breast chicken-mince turkey-breast duck-breast pork-loin pork-tenderloin veal beef-steak lamb-cutlet ' +
    'meatball cooked-ham plaice sole salmon scallop fish-cake crab-cake mozzarella brie camembert goats-cheese feta ' +
    'cheddar croquette-filling mash-filling risotto-filling macaroni-cheese boiled-egg lentil-patty bean-patty ' +
    'aubergine celeriac portobello green-chilli olive',
  'coarse-crumbs': 'prawn avocado king-oyster-mushroom asparagus green-bean',
  flour:
    'chickpea-patty chicken-liver calf-liver squid trout mackerel sardine whitebait halloumi potato ' +
    'sweet-potato parsnip cassava plantain',
  cornmeal: 'okra green-tomato tomato gherkin catfish tilapia oyster clam',
  'cornmeal-batter': 'frankfurter',
  'thin-batter': 'courgette-flower',
  'chickpea-batter': 'paneer',
  starch: 'tofu extra-firm-tofu silken-tofu smoked-tofu tempeh seitan soya-chunks',
  'spring-roll-sheet': 'roll-filling',
};

const COAT_OF = new Map(
  Object.entries(USUALLY_IN).flatMap(([coat, foods]) => foods.split(' ').map((food) => [food, coat] as const)),
);

/** The coat that a food usually has in a pot; a batter where none is usual, or no food is known yet. */
export const usualCoat = (foodId: string | undefined): NamedCoat =>
  namedCoat(COAT_OF.get(foodId ?? '') ?? 'beer-batter')!;
