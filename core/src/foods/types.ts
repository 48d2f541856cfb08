import type { Allergen } from './allergens.js';

/** g per 100 g as bought or prepared; carbohydrate without fibre. The six add up to 100 within rounding. */
export interface Composition {
  waterG: number;
  proteinG: number;
  fatG: number;
  carbohydrateG: number;
  fibreG: number;
  ashG: number;
}

export type Group =
  'food' | 'flour' | 'starch' | 'crumb' | 'binder' | 'liquid' | 'fat' | 'sauce' | 'seasoning' | 'leavening';

/** What an ingredient can be in a coat, or that it is the food under it. */
export type Role =
  'food' | 'dust' | 'binder' | 'liquid' | 'thickener' | 'finish' | 'frying-oil' | 'sauce' | 'season' | 'lift';

/** Where an animal product comes from; 'none' for plants, fungi and minerals. */
export type Origin = 'none' | 'egg' | 'milk' | 'honey' | 'meat' | 'fish';

/** Which published safe minimum applies to the centre (see safety/). 'vegetable' has none: it is judged by softness. */
export type SafetyClass =
  'poultry' | 'ground-meat' | 'whole-meat' | 'fish' | 'egg-dish' | 'reheated' | 'vegetable' | 'ready';

/** How a skin takes a coat: membranes and smooth skins let go, rough ones key in. */
export type SkinGrip = 'smooth' | 'normal' | 'rough';

/** Ways in which a food's water is dealt with before it is coated, in the order of the work. */
export const PREPARATIONS = [
  'raw',
  'pressed',
  'frozen-pressed',
  'salted',
  'soaked',
  'marinated',
  'blanched',
  'pre-cooked',
  'frozen',
] as const;
export type Preparation = (typeof PREPARATIONS)[number];

/** How a filling leaves its coat: a cheese melts and runs, a soft filling makes steam that tears it. */
export interface Running {
  how: 'melts' | 'bursts';
  /** Mean temperature at which it does where a shell barely holds it, °C. */
  fromC: number;
}

/** What only a food under a coat has. */
export interface FoodTraits {
  safety: SafetyClass;
  skin: SkinGrip;
  /** Share of air inside the raw food, 0–1: florets and mushrooms hold much. */
  porosity: number;
  /**
   * Share of its thickness that heat has to cross: a floret is a bundle of stalks with steam between them. 1 = solid.
   */
  throughShare: number;
  /** Softness still to be lost, 1 = raw and firm (0 when it is eaten at any softness). See heat/kinetics. */
  firmness: number;
  /** Speed of softening against the reference vegetable, 1 = cauliflower. */
  softeningRate: number;
  /** Ways of making it ready that suit it, beside using it as it is. */
  ways: readonly Preparation[];
  /** Comes wet from its packet, its brine or the knife. */
  comesWet: boolean;
  /** Share of its half-thickness that is bone: it takes up heat, and neither eats nor boils. Missing without. */
  boneShare?: number;
  /** Fat that its skin gives off when it is hot, g per m² of skin. Missing without a skin. */
  skinFatGm2?: number;
  /** A sweet fruit: its batter is a fritter. */
  fruit?: true;
  /** A filling that runs out or bursts its coat when it is as hot as this on average, °C. Missing where it holds its shape. */
  runs?: Running;
  /** Centre temperature that the cook wants for pleasure rather than safety, °C: melting cheese, hot filling. */
  eatAtC: number;
}

/** How finely a dry ingredient is divided: decides pick-up and how much edge it offers. */
export type Grain = 'powder' | 'starch' | 'meal' | 'fine' | 'coarse' | 'flake';

/** What only a dry coat ingredient has. */
export interface DryTraits {
  grain: Grain;
  /** Density of the layer as it lies on the piece, kg/m³, pores included. */
  bulkKgM3: number;
  /** How much crunch a dried shell of it gives, 0–1 (1 = crushed cornflakes). */
  structure: number;
  /** Speed of browning against coarse wheat crumbs = 1. */
  browning: number;
  /** Browning B that it brings along: dry crumbs are toasted, corn is yellow. Default 0, white. */
  startColour?: number;
  /** g of cold water that 1 g holds swollen when stirred into a batter. */
  swellingGG: number;
  /** How easily moving air carries a loose grain off, 0 (heavy) – 1 (leafy). Default by grain, see coat/constants. */
  light?: number;
  /** How much more it holds once it has stood for long, as a share. Default 0.08. */
  thickens?: number;
  /** A sheet that is wrapped round the food, soaked or moist: its weight, g per m² that it covers. */
  sheetGm2?: number;
  /** How much gluten it can form when it is beaten, 1 = plain wheat flour. Default 0. */
  gluten?: number;
}

/** What only a pourable coat ingredient has, at 20 °C. */
export interface WetTraits {
  viscosityPaS: number;
  yieldPa: number;
  /** Brings bubbles along, which are gone in a quarter of an hour. */
  bubbles?: true;
}

/** What only a cooking oil has. Smoke points are of usual supermarket grades and vary with grade and age. */
export interface OilTraits {
  /** °C between which it begins to smoke. */
  smokeC: { from: number; to: number };
  flavour: string;
}

/** What a coat needs something for. */
export type Use = 'dust' | 'glue' | 'crumbs' | 'starch' | 'batter-flour' | 'oil';

export interface Ingredient {
  id: string;
  name: string;
  group: Group;
  per100g: Composition;
  /** True density without the air between grains, kg/m³. */
  densityKgM3: number;
  /** g in one level US cup; left out for what is not measured by cup. */
  cupG?: number;
  /** g of one piece, where it is counted: a medium egg. */
  eachG?: number;
  roles: readonly Role[];
  /** Sugar in it, g per 100 g, where it is enough to brown by itself. Default 0. */
  sugarG?: number;
  /** Salt in it, g per 100 g, where it is enough to season. Default 0. */
  saltG?: number;
  /** What a search tries it for, and as which: 1 is the usual one. Common practice, no source. */
  uses?: Readonly<Partial<Record<Use, number>>>;
  /** A word for what it tastes of, shared by ingredients that taste alike; of itself without. Common practice, no source. */
  taste?: string;
  /** Of what it is mixed, in parts by weight; missing where it is one thing. */
  parts?: readonly { ingredientId: string; grams: number }[];
  allergens: readonly Allergen[];
  origin: Origin;
  source: string;
  /** False for what needs a special shop; such an ingredient is left out of "no special shopping". */
  common: boolean;
  food?: FoodTraits;
  dry?: DryTraits;
  wet?: WetTraits;
  oil?: OilTraits;
}
