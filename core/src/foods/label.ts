import type { Allergen } from './allergens.js';
import { Refusal } from '../units/index.js';
import { ingredient, KNOWN, pantryWith, type Pantry } from './pantry.js';
import type { Composition, Ingredient, Origin } from './types.js';

/** What a packet says of a coat ingredient, per 100 g, and the known ingredient that it behaves like. */
export interface Label {
  /** Begins with "own-". */
  id: string;
  name: string;
  /** Pantry id of a coat ingredient: grain, swelling and crunch are taken from it. */
  likeId: string;
  fatG: number;
  carbohydrateG: number;
  sugarG: number;
  fibreG: number;
  proteinG: number;
  saltG: number;
  allergens: Allergen[];
  origin: Origin;
  /** g in a level US cup; null when nobody weighed it: that of what it behaves like. */
  cupG: number | null;
}

/** Every own ingredient's id begins so, and no known one's. */
export const OWN_PREFIX = 'own-';
/** More than this cannot stand on one label of 100 g; a little over is rounding. */
export const MOST_ON_LABEL_G = 101;
/** Sugar adds this much browning per g in 100 g. Our judgement, after the pantry's sweet crumbs; no source. */
const BROWNING_PER_SUGAR_G = 0.02;

/** g of solids that a label names, per 100 g. */
export const namedG = (l: Label): number => l.fatG + l.carbohydrateG + l.fibreG + l.proteinG + l.saltG;

/** The label's composition; what it does not name is water, and ash beyond salt in the share of the like ingredient. */
function compositionOf(label: Label, like: Ingredient): Composition {
  const otherAsh = Math.max(0, like.per100g.ashG - (like.saltG ?? 0));
  const rest = Math.max(0, 100 - namedG(label));
  const ash = Math.min(rest, otherAsh);
  return {
    waterG: rest - ash,
    proteinG: label.proteinG,
    fatG: label.fatG,
    carbohydrateG: label.carbohydrateG,
    fibreG: label.fibreG,
    ashG: label.saltG + ash,
  };
}

/**
 * An ingredient from its label: composition, allergens and origin from the packet; how it lies, swells, browns and
 * crunches from the known ingredient that it behaves like, browning quicker with more sugar.
 * @throws Refusal when the like ingredient is unknown or a food, or the label names more than 100 g in 100 g
 */
export function ingredientFromLabel(label: Label): Ingredient {
  const like = ingredient(KNOWN, label.likeId);
  if (like.food) throw new Refusal(`"${label.likeId}" is a food, not something of a coat.`);
  const named = namedG(label);
  if (named > MOST_ON_LABEL_G) throw new Refusal(`The label names ${Math.round(named)} g in 100 g.`);
  const moreSugar = label.sugarG - (like.sugarG ?? 0);
  return {
    ...like,
    uses: undefined,
    id: label.id,
    name: label.name,
    per100g: compositionOf(label, like),
    sugarG: label.sugarG,
    saltG: label.saltG,
    allergens: label.allergens,
    origin: label.origin,
    common: true,
    source: 'the cook’s own, from its label',
    ...(label.cupG === null ? {} : { cupG: label.cupG }),
    ...(like.dry
      ? { dry: { ...like.dry, browning: like.dry.browning + BROWNING_PER_SUGAR_G * Math.max(0, moreSugar) } }
      : {}),
  };
}

/** A kitchen's pantry, from the labels of its own ingredients. @throws Refusal as `ingredientFromLabel` and `pantryWith` */
export const pantryOf = (own: readonly Label[]): Pantry => pantryWith(own.map(ingredientFromLabel));
