import type { BowlPart } from '../coat/index.js';
import type { Dish, SideBowl, SideUse } from '../dish/index.js';
import { partsOf, totalGrams, type Pantry, type Part } from '../foods/index.js';
import { US_CUP_ML } from '../units/index.js';
import { BRUSHED_G, DIP_G, MARINADE_G, SERVING_G, SPICE_SALT_G, TOPPING_G, TOSSED_G } from './constants.js';
import { keepsOf, type Keeping } from './keeping.js';
import { thickeningOf, type Thickening } from './thickening.js';

/** A bowl beside the coat, measured out for the dish. */
export interface SideBowlAmounts {
  name: string;
  use: SideUse;
  parts: BowlPart[];
  /** g that the dish takes, and of it for each batch. */
  takesG: number;
  perBatchG: number;
  batches: number;
  /** g that the recipe writes. */
  saysG: number;
  thickening: Thickening | null;
  keeping: Keeping;
}

/** g per 100 g of coated food, by use; a dip goes by people. */
const PER_100G: Record<Exclude<SideUse, 'dip'>, number> = {
  marinade: MARINADE_G,
  tossed: TOSSED_G,
  brushed: BRUSHED_G,
  'spice-salt': SPICE_SALT_G,
  topping: TOPPING_G,
};

/** People whom so much coated food feeds. */
export const servingsOf = ({ servings }: Pick<Dish, 'servings'>, coatedG: number): number =>
  servings ?? Math.max(1, Math.round(coatedG / SERVING_G));

/** g that the dish takes of a bowl: by hand, by people, or by the weight of what is coated. */
export function takenG(bowl: Pick<SideBowl, 'use' | 'wantedG'>, coatedG: number, people: number): number {
  if (bowl.wantedG !== undefined) return bowl.wantedG;
  return bowl.use === 'dip' ? DIP_G * people : (PER_100G[bowl.use] * coatedG) / 100;
}

/** The part counts as whole ones where it is counted and that comes out near enough. Our choice. */
const WHOLE_WITHIN = 0.12;

/** The parts of a mixture as they are measured when `takesG` of it is made. */
export function measuredParts(parts: readonly Part[], takesG: number): BowlPart[] {
  const saysG = totalGrams(parts);
  return parts.map(({ ingredientId, ingredient: { name, cupG, eachG }, grams }) => {
    const takes = saysG === 0 ? 0 : (grams / saysG) * takesG;
    const many = eachG ? takes / eachG : 0;
    const counted = eachG !== undefined && Math.round(many) > 0 && Math.abs(many - Math.round(many)) < WHOLE_WITHIN;
    return {
      ingredientId,
      name,
      grams: takes,
      ml: cupG ? (takes / cupG) * US_CUP_ML : null,
      count: counted ? Math.round(many) : null,
    };
  });
}

/**
 * Every bowl beside the coat, measured out: grams of each part, per batch, how it thickens, how long it keeps.
 * @param coatedG g of the food without its bones and with its coat, all pieces
 * @param people who eat it
 * @param batches batches in which it is cooked: sauce is counted per batch
 * @throws Refusal for an unknown ingredient
 */
export function besideAmounts(
  pantry: Pantry,
  dish: Dish,
  coatedG: number,
  people: number,
  batches: number,
): SideBowlAmounts[] {
  return (dish.beside ?? []).map((bowl) => {
    const parts = partsOf(pantry, bowl.portions);
    const saysG = totalGrams(parts);
    const takesG = takenG(bowl, coatedG, people);
    return {
      name: bowl.name,
      use: bowl.use,
      parts: measuredParts(parts, takesG),
      takesG,
      perBatchG: takesG / Math.max(1, batches),
      batches,
      saysG,
      thickening: thickeningOf(parts),
      keeping: keepsOf(bowl.use, parts),
    };
  });
}
