import type { LayerSpec } from '../coat/index.js';
import { ALLERGENS, allergensOf, ingredient, isFlesh, type Allergen, type Food, type Pantry } from '../foods/index.js';
import { celsius, listed, text, type Text } from '../units/index.js';
import { safeMinimum } from './minimum.js';

/** What a caution may be about. */
export interface Caution {
  about: 'centre' | 'allergens' | 'oil-mist' | 'steam' | 'raw-coat' | 'parchment' | 'acrylamide' | 'hot-oil' | 'limits';
  text: Text;
  /** The safe minimum of the centre, °C, where it is about that. */
  tempC?: number;
}

/** All allergens of a food and its coat, sauce included where it is among the layers, in the order of the list. */
export const dishAllergens = (
  pantry: Pantry,
  food: Food,
  layers: readonly LayerSpec[],
  also: readonly Food[] = [],
): Allergen[] =>
  allergensOf([food, ...also, ...layers.flatMap((l) => l.portions.map((p) => ingredient(pantry, p.ingredientId)))]);

/** The usual cautions for a dish in an air fryer, most serious first. They never replace the appliance's manual or a professional's advice. */
export function cautionsFor(
  pantry: Pantry,
  food: Food,
  layers: readonly LayerSpec[],
  how: { parchment: boolean; deepOil: boolean; waterTray: boolean; also?: readonly Food[] },
): Caution[] {
  const cautions: Caution[] = [];
  const foods = [food, ...(how.also ?? [])];
  // The strictest of all that lie in the basket.
  const minimum = foods.flatMap((f) => safeMinimum(f.food.safety) ?? []).sort((a, b) => b.tempC - a.tempC)[0];
  if (minimum) {
    const rest = minimum.restMin > 0 ? `, then a rest of ${minimum.restMin} minutes` : '';
    cautions.push({
      about: 'centre',
      text: text`The centre must reach ${celsius(minimum.tempC)}, the safe minimum${rest}. Check the thickest piece with a thermometer. (${minimum.source})`,
      tempC: minimum.tempC,
    });
  }
  const allergens = dishAllergens(pantry, food, layers, how.also);
  cautions.push({
    about: 'allergens',
    text: allergens.length
      ? text`By these ingredients it contains ${listed(allergens.map((a) => ALLERGENS[a].name))}. Check the labels of what you use.`
      : text`None of the listed allergens by these ingredients. Check the labels of what you use.`,
  });
  const rawMeat = foods.some(isFlesh);
  cautions.push({
    about: 'raw-coat',
    text: rawMeat
      ? text`Throw away flour, binder and crumbs that touched the raw pieces, and do not taste raw batter. Wash hands.`
      : text`Do not taste raw flour or batter; throw away what touched raw egg.`,
  });
  cautions.push({
    about: 'oil-mist',
    text: text`Oil the pieces on a tray, away from the hot basket: an oil mist burns. Propellant cans can spoil a non-stick coat.`,
  });
  if (how.parchment) {
    cautions.push({
      about: 'parchment',
      text: text`Parchment only under food, never in an empty fryer: the fan lifts it onto the heater.`,
    });
  }
  if (how.waterTray) {
    cautions.push({
      about: 'steam',
      text: text`Boiling water in the basket: fill the tray where it stands, no more than half, and let it cool before you lift it out.`,
    });
  }
  if (how.deepOil) {
    cautions.push({
      about: 'hot-oil',
      text: text`Wet pieces spit in hot oil; never leave the pot, and keep a lid and no water at hand.`,
    });
  }
  cautions.push({
    about: 'steam',
    text: text`Basket, tray and the steam that comes out burn: mitts, and open away from the face.`,
  });
  cautions.push({
    about: 'acrylamide',
    text: text`Aim for golden, not brown, with starchy food. (Commission Regulation (EU) 2017/2158, from memory)`,
  });
  cautions.push({
    about: 'limits',
    text: text`These are estimates. The manual of your fryer and local food rules come first.`,
  });
  return cautions;
}
