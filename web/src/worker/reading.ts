import {
  buildCoat,
  buildSauce,
  readRecipe,
  type CoatLayer,
  type Pantry,
  type Portion,
  type RecipeReading,
} from '@yellowmist/core';
import { namesIn } from './entering';
import type { RecipeAnswer, RecipeQuestion } from './questions';

/** Of a bowl's content so much that it can be drawn, g per m². */
const DRAWN_GM2 = 100;

/** A face that nothing drips from. */
const DRAWN_M = 0.05;

const dry = (pantry: Pantry, portions: Portion[]): CoatLayer => buildCoat(pantry, [{ portions }], 'damp', DRAWN_M)[0];

/** What stands in each bowl, to be drawn. */
const contents = (pantry: Pantry, { bowls }: RecipeReading): Record<string, CoatLayer> =>
  Object.fromEntries(
    bowls
      .filter(({ portions }) => portions.some((p) => p.grams > 0))
      .map(({ id, kind, portions }) => [
        id,
        kind === 'dust' || kind === 'finish' ? dry(pantry, portions) : buildSauce(pantry, { portions }, DRAWN_GM2),
      ]),
  );

/** A recipe as it is understood, with what the page shows of it. @throws Refusal for what is no recipe */
export function readForPage(pantry: Pantry, { source, moved }: RecipeQuestion): RecipeAnswer {
  const reading = readRecipe(pantry, source, new Map(moved));
  const ids = [
    ...reading.bowls.flatMap(({ portions }) => portions.map((p) => p.ingredientId)),
    ...reading.lines.flatMap(({ ingredientId }) => (ingredientId === null ? [] : [ingredientId])),
  ];
  return { reading, contents: contents(pantry, reading), things: namesIn(pantry, ids) };
}
