import type { Allergen } from './allergens.js';
import { fitsDiets, type Diet } from './diets.js';
import { ingredient, type Pantry } from './pantry.js';
import type { DryTraits, Grain, Ingredient, WetTraits } from './types.js';

/** What a cook eats and has: nothing outside it is ever offered. */
export interface Asks {
  pantry: Pantry;
  diets: readonly Diet[];
  avoidAllergens: readonly Allergen[];
  /** Pantry ids that are not in the house or never used. */
  without: readonly string[];
}

/** Whether an ingredient keeps to what is asked, by its nature alone; the packet's label decides. */
export const allowed = (id: string, asks: Asks): boolean => {
  const item = ingredient(asks.pantry, id);
  return (
    fitsDiets(item, asks.diets) &&
    !item.allergens.some((a) => asks.avoidAllergens.includes(a)) &&
    !asks.without.includes(id)
  );
};

/** What an ingredient does in a coat: only those of the same function can stand in for each other. */
export type CoatFunction =
  'powder' | 'finish' | 'glue' | 'thin-liquid' | 'sharp-liquid' | 'oil' | 'sauce' | 'spice' | 'salt' | 'lift' | 'food';

const FINISH_GRAINS: readonly Grain[] = ['meal', 'fine', 'coarse', 'flake'];

/** g per 100 g from which a thing is salt, and not salted. */
const MOSTLY = 90;

/** The function of an ingredient in a coat. */
export function functionOf({ group, dry, roles, saltG }: Ingredient): CoatFunction {
  if (group === 'food') return 'food';
  if (dry) return FINISH_GRAINS.includes(dry.grain) ? 'finish' : 'powder';
  if (group === 'fat') return 'oil';
  if (group === 'sauce') return 'sauce';
  if (group === 'leavening') return 'lift';
  if ((saltG ?? 0) > MOSTLY) return 'salt';
  if (group === 'seasoning') return 'spice';
  if (roles.includes('season')) return 'sharp-liquid';
  return roles.includes('binder') && group === 'binder' ? 'glue' : 'thin-liquid';
}

/** Weights of what makes two ingredients unlike: crunch, browning, grain, swelling; protein that glues, thickness, salt. Our judgement. */
const UNLIKE = {
  structure: 3,
  browning: 1.2,
  grain: 0.8,
  swelling: 0.8,
  gluten: 0.3,
  protein: 0.06,
  fat: 0.012,
  viscosity: 0.35,
  salt: 0.1,
  bubbles: 0.9,
  uncommon: 0.8,
};

const GRAIN_SIZE: Record<Grain, number> = { starch: 0, powder: 0.3, meal: 1, fine: 1.5, coarse: 2.5, flake: 3 };

const dryGap = (a: DryTraits, b: DryTraits): number =>
  UNLIKE.structure * Math.abs(a.structure - b.structure) +
  UNLIKE.browning * Math.abs(a.browning - b.browning) +
  UNLIKE.grain * Math.abs(GRAIN_SIZE[a.grain] - GRAIN_SIZE[b.grain]) +
  UNLIKE.swelling * Math.abs(a.swellingGG - b.swellingGG) +
  UNLIKE.gluten * Math.abs((a.gluten ?? 0) - (b.gluten ?? 0));

const wetGap = (a: WetTraits, b: WetTraits): number =>
  UNLIKE.viscosity * Math.abs(Math.log(a.viscosityPaS / b.viscosityPaS));

/** How unlike two ingredients of one function are in a coat, 0 the same. */
export function unlikeness(a: Ingredient, b: Ingredient): number {
  const traits = a.dry && b.dry ? dryGap(a.dry, b.dry) : a.wet && b.wet ? wetGap(a.wet, b.wet) : 0;
  return (
    traits +
    UNLIKE.protein * Math.abs(a.per100g.proteinG - b.per100g.proteinG) +
    UNLIKE.fat * Math.abs(a.per100g.fatG - b.per100g.fatG) +
    UNLIKE.salt * Math.abs((a.saltG ?? 0) - (b.saltG ?? 0)) +
    ((a.wet?.bubbles ?? false) === (b.wet?.bubbles ?? false) ? 0 : UNLIKE.bubbles) +
    (b.common ? 0 : UNLIKE.uncommon)
  );
}

/**
 * What can stand in for an ingredient and keeps to what is asked, the most alike first; the ingredient itself is not
 * among them. Empty where nothing of its function is left, and for salt and foods.
 * @throws Refusal for an unknown id
 */
export function substitutesFor(id: string, asks: Asks): Ingredient[] {
  const item = ingredient(asks.pantry, id);
  const does = functionOf(item);
  if (does === 'salt' || does === 'food') return [];
  return asks.pantry.shelf
    .filter((other) => other.id !== id && functionOf(other) === does && allowed(other.id, asks))
    .sort((a, b) => unlikeness(item, a) - unlikeness(item, b));
}
