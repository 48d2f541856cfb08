import { allergensOf, type Allergen } from './allergens.js';
import { massMean, mixComposition, mixDensity, type Part } from './mixture.js';
import type {
  Composition,
  DryTraits,
  FoodTraits,
  Group,
  Ingredient,
  OilTraits,
  Origin,
  Role,
  WetTraits,
} from './types.js';

/** USDA FoodData Central, typical values rounded, from memory. */
export const FDC = 'USDA FoodData Central, typical value, from memory';
/** What a packet of the kind says; no single publication. */
export const LABEL = 'typical packet label, common practice, no source';

/** Water, protein, fat, carbohydrate without fibre, fibre, ash in g per 100 g. */
type Row = readonly [number, number, number, number, number, number];

interface Rest {
  allergens?: readonly Allergen[];
  origin?: Origin;
  cupG?: number;
  eachG?: number;
  sugarG?: number;
  saltG?: number;
  densityKgM3?: number;
  source?: string;
  common?: boolean;
  uses?: Ingredient['uses'];
  taste?: string;
}

const composition = ([waterG, proteinG, fatG, carbohydrateG, fibreG, ashG]: Row): Composition => ({
  waterG,
  proteinG,
  fatG,
  carbohydrateG,
  fibreG,
  ashG,
});

const base = (id: string, name: string, group: Group, roles: readonly Role[], row: Row, rest: Rest): Ingredient => ({
  id,
  name,
  group,
  per100g: composition(row),
  densityKgM3: rest.densityKgM3 ?? 1000,
  roles,
  allergens: rest.allergens ?? [],
  origin: rest.origin ?? 'none',
  source: rest.source ?? FDC,
  common: rest.common ?? true,
  ...(rest.cupG === undefined ? {} : { cupG: rest.cupG }),
  ...(rest.eachG === undefined ? {} : { eachG: rest.eachG }),
  ...(rest.sugarG === undefined ? {} : { sugarG: rest.sugarG }),
  ...(rest.saltG === undefined ? {} : { saltG: rest.saltG }),
  ...(rest.uses === undefined ? {} : { uses: rest.uses }),
  ...(rest.taste === undefined ? {} : { taste: rest.taste }),
});

const RAW_VEGETABLE: FoodTraits = {
  safety: 'vegetable',
  skin: 'normal',
  porosity: 0,
  throughShare: 1,
  firmness: 1,
  softeningRate: 1,
  ways: ['marinated', 'blanched', 'pre-cooked', 'frozen'],
  comesWet: false,
  eatAtC: 75,
};

/** Eaten at any softness. */
export const SOFT_AS_IT_IS = { firmness: 0, softeningRate: 0, ways: ['frozen'] } as const;

/** A food that is coated. Traits left out are those of a raw, dense vegetable. */
export const food = (id: string, name: string, row: Row, traits: Partial<FoodTraits>, rest: Rest = {}): Ingredient => ({
  ...base(id, name, 'food', ['food'], row, { densityKgM3: 1030, ...rest }),
  food: { ...RAW_VEGETABLE, ...traits },
});

/** A dry coat ingredient: flour, starch or crumb. */
export const dry = (
  id: string,
  name: string,
  group: 'flour' | 'starch' | 'crumb' | 'seasoning',
  roles: readonly Role[],
  row: Row,
  traits: DryTraits,
  rest: Rest = {},
): Ingredient => ({ ...base(id, name, group, roles, row, { densityKgM3: 1450, ...rest }), dry: traits });

/** A pourable coat ingredient. */
export const wet = (
  id: string,
  name: string,
  group: 'binder' | 'liquid' | 'fat' | 'sauce',
  roles: readonly Role[],
  row: Row,
  traits: WetTraits,
  rest: Rest = {},
): Ingredient => ({ ...base(id, name, group, roles, row, rest), wet: traits });

/** An oil or clear fat to fry in, to rub and to spray. Smoke points: handbooks of fats and oils, from memory. */
export const oil = (
  id: string,
  name: string,
  cupG: number,
  viscosityPaS: number,
  traits: OilTraits,
  rest: Rest = {},
): Ingredient => ({
  ...wet(
    id,
    name,
    'fat',
    ['frying-oil'],
    [0, 0, 100, 0, 0, 0],
    { viscosityPaS, yieldPa: 0 },
    { cupG, densityKgM3: 915, ...rest },
  ),
  oil: traits,
});

/** Salt, leavening and dry spice: carried along in a layer by weight. */
export const pinch = (
  id: string,
  name: string,
  group: 'seasoning' | 'leavening',
  row: Row,
  rest: Rest = {},
): Ingredient =>
  base(id, name, group, [group === 'seasoning' ? 'season' : 'lift'], row, { densityKgM3: 1500, ...rest });

/** Which origin a mixture has: the one that leaves the fewest eaters. */
const ORIGINS: readonly Origin[] = ['meat', 'fish', 'egg', 'milk', 'honey', 'none'];

/**
 * A spice blend of parts by weight: composition, salt, sugar and density are their means by weight, a cup weighs what the
 * parts weigh by the cup, and it carries what any part carries.
 */
export const blend =
  (singles: readonly Ingredient[]) =>
  (id: string, name: string, shares: Readonly<Record<string, number>>): Ingredient => {
    const parts: Part[] = Object.entries(shares).map(([ingredientId, grams]) => ({
      ingredientId,
      grams,
      ingredient: singles.find((i) => i.id === ingredientId)!,
    }));
    const of = parts.map((p) => p.ingredient);
    const mean = (valueOf: (i: Ingredient) => number): number => massMean(parts, valueOf);
    return {
      id,
      name,
      group: 'seasoning',
      roles: ['season'],
      per100g: mixComposition(parts),
      densityKgM3: mixDensity(parts),
      cupG: Math.round(1 / mean((i) => 1 / i.cupG!)),
      sugarG: mean((i) => i.sugarG ?? 0),
      saltG: mean((i) => i.saltG ?? 0),
      allergens: allergensOf(of),
      origin: ORIGINS.find((origin) => of.some((i) => i.origin === origin))!,
      source: 'mixed from its spices; the proportions: common practice, no source',
      common: true,
      parts: parts.map(({ ingredientId, grams }) => ({ ingredientId, grams })),
    };
  };
