import type { Pantry } from '../foods/index.js';
import { markedIn, textOfHtml, type Marked } from './html.js';
import { recipeInJson } from './jsonld.js';
import { recipeInText } from './text.js';
import type { RecipeText } from './types.js';

/** JSON of a page; undefined where it cannot be read. */
function parsed(json: string): unknown {
  try {
    return JSON.parse(json.replace(/^\s*(<!--|\/\*<!\[CDATA\[\*\/|<!\[CDATA\[)|(-->|\/\*\]\]>\*\/|\]\]>)\s*$/g, ''));
  } catch {
    return undefined;
  }
}

function fromMicrodata({ microdata }: Marked): RecipeText | null {
  const all = (...properties: string[]): string[] =>
    microdata.filter((m) => properties.includes(m.property)).map((m) => m.text);
  const recipeIngredient = all('recipeIngredient', 'ingredients');
  if (recipeIngredient.length === 0) return null;
  return recipeInJson({
    '@type': 'Recipe',
    name: all('name')[0] ?? '',
    recipeYield: all('recipeYield', 'yield')[0],
    recipeIngredient,
    recipeInstructions: all('recipeInstructions'),
  });
}

/**
 * The recipe of a page: by its JSON-LD, else by its microdata, else by what is seen of it. Nothing is fetched or run.
 */
export function recipeInHtml(pantry: Pantry, html: string): RecipeText {
  const marked = markedIn(html);
  for (const json of marked.jsonLd) {
    const found = recipeInJson(parsed(json));
    if (found && found.ingredients.length > 0) return found;
  }
  return fromMicrodata(marked) ?? recipeInText(pantry, textOfHtml(html));
}
