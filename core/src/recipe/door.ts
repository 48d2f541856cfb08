import type { Pantry } from '../foods/index.js';
import { Refusal } from '../units/index.js';
import { recipeInJson } from './jsonld.js';
import { recipeInHtml } from './page.js';
import { understand } from './read.js';
import { recipeInText } from './text.js';
import { checkText } from './trouble.js';
import type { Moved, RecipeReading, RecipeText } from './types.js';

/** A recipe as it is brought in: plain words or Markdown, a page, or a document of schema.org. */
export type RecipeSource = { text: string } | { html: string } | { json: unknown };

const LOOKS_LIKE_HTML = /<(html|body|div|p|li|ul|script|!doctype|article|h[1-6]|br)\b/i;
const LOOKS_LIKE_JSON = /^\s*[[{]/;

/** JSON in a text; null where it is none. */
function jsonIn(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return null;
  }
}

function fromJson(json: unknown): RecipeText {
  const document = typeof json === 'string' ? jsonIn(json) : json;
  const found = recipeInJson(document);
  if (!found) throw new Refusal('This JSON holds no recipe of schema.org: it needs an object of the type Recipe.');
  return found;
}

/** The words of a recipe, whatever it was brought in as. @throws Refusal for what is no recipe that can be read */
export function recipeFrom(pantry: Pantry, source: RecipeSource): RecipeText {
  if ('json' in source) return fromJson(source.json);
  const given = 'html' in source ? source.html : source.text;
  if (LOOKS_LIKE_JSON.test(given)) {
    const json = jsonIn(given);
    if (json !== null) return fromJson(json);
  }
  if ('html' in source || LOOKS_LIKE_HTML.test(given)) {
    const found = recipeInHtml(pantry, given);
    checkText(
      [found.title, ...found.ingredients.map((l) => l.text), ...found.steps.map((l) => l.text), ...found.notUsed].join(
        '\n',
      ),
    );
    return found;
  }
  checkText(given);
  return recipeInText(pantry, given);
}

/**
 * Reads a recipe: what each line is for, the bowls, the dish and the pot.
 * @param moved what a cook has put right, by the line's place
 * @throws Refusal for nothing, for a file that is no text, for another language, and for JSON without a recipe
 */
export const readRecipe = (
  pantry: Pantry,
  source: RecipeSource,
  moved: ReadonlyMap<number, Moved> = new Map(),
): RecipeReading => understand(pantry, recipeFrom(pantry, source), moved);
