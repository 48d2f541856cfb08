import { functionOf, ingredient, type Pantry } from '../foods/index.js';
import type { Dish, FriedCook } from '../dish/index.js';
import { isWetLayer } from '../coat/index.js';
import { capitalised, spoken } from '../units/index.js';
import type { ReadLine, RecipeBowl, RecipeReading, TakenFor } from './types.js';

/** A dish that is known already: by its name, what is coated, and how it is fried. */
export interface KnownDish {
  name: string;
  note: string;
  dish: Dish;
  fried: FriedCook;
}

/** A dish of Yellowmist's own as a reading: nothing of it has to be guessed. @throws Refusal for an unknown ingredient */
export function readingOfDish(pantry: Pantry, { name, note, dish, fried }: KnownDish): RecipeReading {
  const bowls: RecipeBowl[] = [];
  fried.layers.forEach(({ portions }, at) => {
    const key = JSON.stringify(portions);
    const same = bowls.find((b) => JSON.stringify(b.portions) === key);
    if (same) {
      same.layers.push(at);
      return;
    }
    const powder = portions.some((p) => ['powder', 'finish'].includes(functionOf(ingredient(pantry, p.ingredientId))));
    const wet = isWetLayer(pantry, { portions });
    const first = at === 0 && fried.layers.length > 1;
    const kind = wet ? (powder ? 'batter' : 'binder') : first ? 'dust' : 'finish';
    const [most] = [...portions].sort((a, b) => b.grams - a.grams);
    const called = capitalised(spoken(ingredient(pantry, most.ingredientId).name));
    const n = bowls.filter((b) => b.kind === kind).length;
    bowls.push({ id: n === 0 ? kind : `${kind}-${n + 1}`, kind, name: called, portions, layers: [at] });
  });
  const food = ingredient(pantry, dish.foodId);
  const line = (
    text: string,
    takenFor: TakenFor,
    bowl: string | null,
    grams: number | null,
    ingredientId: string,
  ): ReadLine => ({
    text,
    takenFor,
    bowl,
    quantity: grams,
    unit: grams === null ? null : 'gram',
    grams,
    ingredientId,
    sure: 'sure',
    why: 'The file says so.',
  });
  const seasons = (id: string): boolean => ['spice', 'salt'].includes(functionOf(ingredient(pantry, id)));
  return {
    title: name,
    servings: dish.servings ?? null,
    lines: [
      line(`${dish.count} pieces of ${spoken(food.name)}`, 'food', null, null, food.id),
      ...bowls.flatMap((b) =>
        b.portions.map(({ ingredientId, grams }) =>
          line(
            `${Number(grams.toFixed(1))} g ${spoken(ingredient(pantry, ingredientId).name)}`,
            seasons(ingredientId) ? 'seasoning' : (b.kind as TakenFor),
            b.id,
            grams,
            ingredientId,
          ),
        ),
      ),
      line(spoken(ingredient(pantry, fried.oilId).name), 'frying-oil', null, null, fried.oilId),
    ],
    steps: [],
    bowls,
    dish,
    fried,
    sauce: dish.beside?.find(({ use }) => use === 'tossed' || use === 'brushed') ?? null,
    guesses: [],
    headings: [],
    notUsed: note === '' ? [] : [note],
    trouble: null,
  };
}
