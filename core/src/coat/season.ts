import {
  functionOf,
  ingredient,
  massMean,
  partsOf,
  totalGrams,
  type Food,
  type Pantry,
  type Part,
} from '../foods/index.js';
import { text, type Text } from '../units/index.js';
import { MOST_SALT_SHARE, SALT_ON_FOOD, SPICE_BURNS_C } from './constants/index.js';
import type { CoatLayer, LayerSpec } from './types.js';

/** How salty a coated dish is. */
export interface Seasoning {
  /** g of salt that stay on all the food, layer by layer from the skin outward. */
  perLayerG: number[];
  /** g in the food itself. */
  inFoodG: number;
  /** All of it, as a share of the bare food's weight. */
  share: number;
  word: 'bland' | 'lightly seasoned' | 'seasoned' | 'salty';
  /** What would bring it into the band; empty inside it. */
  move: Text;
}

const saltShare = (portions: readonly Part[]): number => massMean(portions, (i) => (i.saltG ?? 0) / 100);

/**
 * Salt that stays on the food against the food's weight: a coat is tasted first, so less than of a braise does.
 * Seasoned at the table comes on top.
 * @param areaM2 skin of all pieces, m²
 * @param foodG weight of all bare pieces, g
 */
export function seasoningOf(layers: readonly CoatLayer[], areaM2: number, food: Food, foodG: number): Seasoning {
  const perLayerG = layers.map((l) => l.pickUpGm2 * areaM2 * saltShare(l.portions));
  const inFoodG = (foodG * (food.saltG ?? 0)) / 100;
  const share = (perLayerG.reduce((sum, g) => sum + g, 0) + inFoodG) / foodG;
  const { bland, seasoned, salty } = SALT_ON_FOOD;
  if (share > salty) {
    const move =
      inFoodG > salty * foodG
        ? text`The food brings its own: leave salt out of the coat.`
        : text`Take salt out of one layer.`;
    return { perLayerG, inFoodG, share, word: 'salty', move };
  }
  if (share >= seasoned) return { perLayerG, inFoodG, share, word: 'seasoned', move: [] };
  const word = share < bland ? 'bland' : 'lightly seasoned';
  return {
    perLayerG,
    inFoodG,
    share,
    word,
    move: text`Salt one layer more, or salt it the moment it comes out: it sticks while it is hot.`,
  };
}

const hasPowder = (portions: readonly Part[]): boolean => portions.some((p) => p.ingredient.dry);

/** Layers in the order in which they are salted: floured ones from the skin outward, where salt meets water; then the rest. */
const saltingOrder = (recipes: readonly Part[][]): number[] =>
  [...recipes.keys()].sort((a, b) => Number(hasPowder(recipes[b])) - Number(hasPowder(recipes[a])) || a - b);

/** Pantry id of fine salt. */
const SALT = 'salt';

const withSalt = (spec: LayerSpec, grams: number): LayerSpec => {
  const has = spec.portions.some((p) => p.ingredientId === SALT);
  const portions = has
    ? spec.portions.map((p) => (p.ingredientId === SALT ? { ...p, grams: p.grams + grams } : p))
    : [...spec.portions, { ingredientId: SALT, grams }];
  return { ...spec, portions };
};

/** A bowl is not weighed finer, g. */
const SCALE_G = 0.5;

/**
 * The coat with so much salt, in its floured layers first, that all of it comes to the middle of the band; as it was
 * when it is seasoned already.
 * @param built the same coat as it lies on the piece
 */
export function salted(
  pantry: Pantry,
  specs: readonly LayerSpec[],
  built: readonly CoatLayer[],
  areaM2: number,
  food: Food,
  foodG: number,
): LayerSpec[] {
  const { share } = seasoningOf(built, areaM2, food, foodG);
  const next = [...specs];
  let missingG = (SALT_ON_FOOD.aim - share) * foodG;
  const recipes = specs.map((l) => partsOf(pantry, l.portions));
  for (const at of saltingOrder(recipes)) {
    const onFoodG = (built[at]?.pickUpGm2 ?? 0) * areaM2;
    const room = MOST_SALT_SHARE - saltShare(recipes[at]);
    if (missingG <= 0 || onFoodG <= 0 || room <= 0) continue;
    const share = Math.min(room, missingG / onFoodG);
    const bowlG = totalGrams(specs[at].portions);
    const grams = Math.ceil((share / (1 - share)) * (bowlG / SCALE_G)) * SCALE_G;
    next[at] = withSalt(specs[at], grams);
    missingG -= share * onFoodG;
  }
  return next;
}

/** Ground spice in the finish, and the layer under it where it would be milder and safe from the heat. */
export interface LooseSpice {
  ingredientId: string;
  name: string;
  /** It burns before the coat is done at the plan's temperature. */
  burns: boolean;
}

const isSpice = (pantry: Pantry, id: string): boolean => functionOf(ingredient(pantry, id)) === 'spice';

/**
 * Ground spice that lies in the outermost layer though another layer is under it, and whether it burns there: inside
 * the coat it is milder and does not.
 * @param tempC air temperature of the plan
 */
export function looseSpice(pantry: Pantry, specs: readonly LayerSpec[], tempC: number): LooseSpice[] {
  if (specs.length < 2) return [];
  return specs
    .at(-1)!
    .portions.flatMap(({ ingredientId }) =>
      isSpice(pantry, ingredientId)
        ? [{ ingredientId, name: ingredient(pantry, ingredientId).name, burns: tempC > SPICE_BURNS_C }]
        : [],
    );
}

/** The coat with the finish's ground spice moved into its innermost layer. */
export function spiceInside(pantry: Pantry, specs: readonly LayerSpec[]): LayerSpec[] {
  const loose = specs.at(-1)!.portions.filter((p) => isSpice(pantry, p.ingredientId));
  if (loose.length === 0 || specs.length < 2) return [...specs];
  return specs.map((l, at) => {
    if (at === specs.length - 1) return { ...l, portions: l.portions.filter((p) => !isSpice(pantry, p.ingredientId)) };
    return at === 0 ? { ...l, portions: [...l.portions, ...loose] } : l;
  });
}
