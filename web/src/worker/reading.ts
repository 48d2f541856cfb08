import type { ConversionBody } from '@yellowmist/contract';
import {
  buildCoat,
  buildSauce,
  pantryOf,
  readingOfDish,
  readRecipe,
  Refusal,
  type CoatLayer,
  type Label,
  type Pantry,
  type Portion,
  type RecipeReading,
} from '@yellowmist/core';
import { namesIn } from './entering';
import type { RecipeAnswer, RecipeQuestion } from './questions';
import * as texts from './texts';

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

/** The JSON of a dish of Yellowmist's own; null for anything else. */
function dishFileIn(text: string): unknown {
  if (!/^\s*\{[^]*"yellowmist"/.test(text)) return null;
  try {
    const json = JSON.parse(text) as unknown;
    return (json as { yellowmist?: unknown }).yellowmist === 'dish' ? json : null;
  } catch {
    return null;
  }
}

/** A dish of Yellowmist's own, checked field by field. @throws Refusal naming the fields that are wrong */
async function ownDish(json: unknown, labels: readonly Label[]): Promise<{ body: ConversionBody; own: Label[] }> {
  // What checks documents is fetched only for one of them.
  const { readDishFile } = await import('@yellowmist/contract');
  const file = readDishFile(json, labels);
  if (!file.ok) throw new Refusal(texts.dishCannotBeRead(file.errors.map((e) => e.message).join('; ')));
  return file.value;
}

/** A recipe as it is understood, with what the page shows of it. @throws Refusal for what is no recipe */
export async function readForPage(
  kitchen: Pantry,
  { source, moved, own: labels }: RecipeQuestion,
): Promise<RecipeAnswer> {
  const json = 'text' in source ? dishFileIn(source.text) : null;
  const file = json === null ? null : await ownDish(json, labels);
  const pantry = file
    ? pantryOf([...labels, ...file.own.filter(({ id }) => labels.every((l) => l.id !== id))])
    : kitchen;
  const reading = file ? readingOfDish(pantry, file.body) : readRecipe(pantry, source, new Map(moved));
  const ids = [
    ...reading.bowls.flatMap(({ portions }) => portions.map((p) => p.ingredientId)),
    ...reading.lines.flatMap(({ ingredientId }) => (ingredientId === null ? [] : [ingredientId])),
  ];
  return { own: file?.body ?? null, reading, contents: contents(pantry, reading), things: namesIn(pantry, ids) };
}
