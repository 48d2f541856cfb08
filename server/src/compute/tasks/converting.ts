import { isDishFile, readDishFile } from '@yellowmist/contract';
import type { Chosen, ConvertAnswer, ReadRecipeRequest, SimulateAnswer, SimulateRequest } from '@yellowmist/contract';
import {
  changesWorth,
  convertDish,
  cardJsonLd,
  cardMarkdown,
  cardOf,
  cardText,
  evaluateAir,
  evaluateFried,
  eveningOf,
  readingOfDish,
  readRecipe as read,
  type AirPlan,
  type ConvertRequest,
  type Evening,
  type EveningRequest,
  type RecipeCard,
  type RecipeReading,
  type RecipeSource,
} from '@yellowmist/core';
import { conversionAnswer } from '../answers.js';
import { simulated } from '../simulated.js';
import { work, type Task, type Worked } from './work.js';

/** A conversion takes a second or two; what has not been looked at by then is not, ms. */
const LONGEST_MS = 8000;

export const convert = work((pantry, request: ConvertRequest): ConvertAnswer => {
  const asked = { ...request, pantry };
  const until = performance.now() + LONGEST_MS;
  const found = convertDish(asked, 'wide', () => performance.now() < until);
  const [best] = found.alternatives;
  return conversionAnswer(found, best ? changesWorth(asked, found.fried, best) : []);
});

export const simulate = work((pantry, request: SimulateRequest): SimulateAnswer => simulated(pantry, request));

/** The best plan of a conversion, for the demo's dishes. */
export const choose = work((pantry, request: ConvertRequest): Chosen => {
  const [best] = convertDish({ ...request, pantry }).alternatives;
  return { family: best.family, by: 'search', plan: best.plan };
});

/** A recipe as it is understood; a dish of Yellowmist's own is known already. */
export const readRecipe = ({ request, own }: Task<ReadRecipeRequest>): Worked<RecipeReading> => {
  const json = parsedOwn(request);
  if (json === undefined)
    return work((pantry, asked: ReadRecipeRequest) => read(pantry, asked as RecipeSource))({ request, own });
  const file = readDishFile(json, own);
  if (!file.ok) return { refused: file.errors.map((e) => e.message).join('; ') };
  return work(readingOfDish)({
    request: file.value.body,
    own: [...own, ...file.value.own.filter(({ id }) => own.every((o) => o.id !== id))],
  });
};

/** The dish of Yellowmist's own that was sent, as JSON or as its text; undefined for anything else. */
function parsedOwn({ text, json }: ReadRecipeRequest): unknown {
  const given = typeof json === 'string' ? json : text;
  if (given === undefined) return isDishFile(json) ? json : undefined;
  if (!/^\s*\{/.test(given)) return undefined;
  try {
    const parsed: unknown = JSON.parse(given);
    return isDishFile(parsed) ? parsed : undefined;
  } catch {
    return undefined;
  }
}

const WRITERS = {
  'json-ld': (card: RecipeCard): string => `${JSON.stringify(cardJsonLd(card), null, 2)}\n`,
  markdown: (card: RecipeCard): string => cardMarkdown(card),
  text: (card: RecipeCard): string => cardText(card),
} as const;

/** What is written of a converted dish. */
export interface ToWrite extends ConvertRequest {
  name: string;
  note: string;
  plan: AirPlan;
  form: keyof typeof WRITERS;
}

/** A converted dish, simulated and written out. */
export const writeRecipe = work((pantry, { name, note, plan, form, ...request }: ToWrite): string => {
  const asked = { ...request, pantry };
  const air = evaluateAir(asked, plan, evaluateFried(asked));
  return WRITERS[form](cardOf({ name, note }, asked, air));
});

/** An evening, its dishes simulated and its work scheduled. */
export const planEvening = work((pantry, request: EveningRequest): Evening => eveningOf(pantry, request));
