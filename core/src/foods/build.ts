import type { Allergen } from './allergens.js';
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
