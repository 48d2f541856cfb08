import type { Load } from '../basket/index.js';
import type { Bowl, CoatLayer } from '../coat/index.js';
import type { Fryer } from '../dish/index.js';
import type { Allergen, Diet, Food, Ingredient } from '../foods/index.js';
import type { AirResult } from '../plan/index.js';

/** Somebody at the table who does not eat everything. */
export interface Guest {
  name: string;
  avoidAllergens: Allergen[];
  diets: Diet[];
}

/** One dish of an evening: what the order, the bowls and the fryers need to know of it. */
export interface SupperDish {
  id: string;
  name: string;
  fryer: Fryer;
  food: Food;
  /** Food, coat, sauce and oil: all that is in it. */
  eaten: readonly Ingredient[];
  allergens: Allergen[];
  bowls: readonly Bowl[];
  layers: readonly CoatLayer[];
  load: Load;
  /** Minutes that it stays crisp on a rack; null when longer than half an hour, or not known. */
  crispMin: number | null;
  /** Its minutes leave the centre below the safe minimum. */
  unsafe: AirResult['unsafe'];
}

/** How much a raw food soils what touches it, the cleanest first. */
export const SOIL_WORDS = ['plants', 'cheese, egg or something cooked', 'raw fish', 'raw meat', 'raw poultry'] as const;
export type Soil = 0 | 1 | 2 | 3 | 4;
