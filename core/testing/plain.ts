import { KNOWN, partsOf, type Choice, type Fryer, type LayerSpec, type Part, type Portion } from '../src/index.js';

/** Plain things that many tests begin with; a test names what it changes of them. */

/** A drawer fryer like any other. */
export const PLAIN_FRYER: Fryer = {
  name: 'Test drawer',
  kind: 'drawer',
  basket: { kind: 'round', diameterMm: 220 },
  racks: 1,
  minTempC: 80,
  maxTempC: 200,
  stepC: 5,
  airFactor: 1,
  offsetC: 0,
};

/** A layer of ingredients and grams. */
export const spec = (...parts: [string, number][]): LayerSpec => ({
  portions: parts.map(([ingredientId, grams]) => ({ ingredientId, grams })),
});

/** Flour, egg, coarse crumbs, from the skin outward. */
export const BREADED: LayerSpec[] = [spec(['wheat-flour', 60]), spec(['egg', 50]), spec(['coarse-crumbs', 60])];

/** Portions with the known ingredients that they name. */
export const parts = (portions: readonly Portion[]): Part[] => partsOf(KNOWN, portions);

/** Everything known is eaten and in the house. */
export const ANYTHING: Choice = { pantry: KNOWN, diets: [], avoidAllergens: [], without: [], keep: [] };
