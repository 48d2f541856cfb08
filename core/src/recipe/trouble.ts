import { comparedWords } from '../foods/index.js';
import { Refusal } from '../units/index.js';
import type { Dish } from '../dish/index.js';
import type { RecipeReading, RecipeText } from './types.js';

const BAKES =
  /\b(cake|cookies?|biscuits|muffins?|brownies?|loaf|sponge|pastry|pie|scones?|cupcakes?|bread dough|pudding)\b/i;
const BAKED_IN = /\b(oven|bake|baking tin|cake tin|loaf tin|baking sheet)\b/i;
const FRIES_WORDS = /\b(fry|fried|frying|fritters?|oil to|hot oil|deep|crisp)/i;

/** What stands in the way of the bench, and what can be done; null where nothing does. */
export function troubleOf(text: RecipeText, dish: Dish | null, layers: number): RecipeReading['trouble'] {
  if (dish && layers > 0) return null;
  const all = [text.title, ...text.steps.map((s) => s.text)].join(' ');
  if (BAKES.test(text.title) && BAKED_IN.test(all) && !FRIES_WORDS.test(all)) {
    return {
      kind: 'baking',
      text: 'This reads as something that is baked, not coated and fried. Paste a recipe of a battered or breaded dish.',
    };
  }
  if (!dish) {
    return {
      kind: 'no-food',
      text: 'No line names a food that takes a coat. Mark the line that is fried as the food, or write it in: “500 g cod in strips”.',
    };
  }
  return {
    kind: 'no-coat',
    text: 'No line was found that coats the food. Move a line into a bowl, or write what it is coated in: “½ cup flour, 2 eggs, 1 cup crumbs”.',
  };
}

/** Small words by which a language is told. */
const SMALL_WORDS: Readonly<Record<string, string>> = {
  English: 'the and of with in to a for until is it on at from into then or as each over add',
  German: 'und der die das mit den dem ein eine im zu auf bis von nicht etwas dann oder aus',
  French: 'et le la les de des du une un avec dans pour sur au aux jusqu puis ou en',
  Spanish: 'y el la los las de con en una un para por hasta del al que se o luego',
  Italian: 'e il la le di con in una un per gli dei della fino poi nel che o lo',
  Dutch: 'en de het een met van in op voor tot dan of niet aan bij uit door',
  Portuguese: 'e o a os as de com em uma um para por até do da que ou no na',
  Swedish: 'och i med en ett på till som det av för tills sedan eller att',
};

/** Small words from which a language is told, and by how many times more than of the next. */
const LEAST_HITS = 4;
const CLEARLY = 1.3;

/** The language that most of the small words are of. */
function languageOf(text: string): string {
  const words = text.toLowerCase().match(/\p{L}+/gu) ?? [];
  const hits = Object.entries(SMALL_WORDS).map(([language, small]) => {
    const known = new Set(small.split(' '));
    return { language, hits: words.filter((word) => known.has(word)).length };
  });
  const [best, second] = hits.sort((a, b) => b.hits - a.hits);
  return best.hits >= LEAST_HITS && best.hits > CLEARLY * second.hits ? best.language : 'English';
}

/** Letters of a recipe that are read; a household's recipe has a tenth of it. */
export const LONGEST_RECIPE = 200_000;
/** Signs that no text has. */
// eslint-disable-next-line no-control-regex
const BINARY = /[\u0000-\u0008\u000e-\u001f\ufffd]/g;

/**
 * Refuses what is no text of a recipe.
 * @throws Refusal for nothing, a file that is no text, a text that is too long, and another language
 */
export function checkText(text: string): void {
  if (comparedWords(text).length === 0 && !/\p{L}/u.test(text)) {
    throw new Refusal('There is nothing to read yet: paste a recipe, or drop a text file with one.');
  }
  if (/^\s*%PDF-/.test(text)) {
    throw new Refusal('This is a PDF, which cannot be read here. Open it, select the recipe’s words, and paste them.');
  }
  if ((text.slice(0, 4000).match(BINARY)?.length ?? 0) > 8) {
    throw new Refusal(
      'This file is no text: a picture, a PDF or a document of an office program. Open it, and paste the recipe’s words.',
    );
  }
  if (text.length > LONGEST_RECIPE) {
    throw new Refusal(
      `This is longer than any recipe: at most ${LONGEST_RECIPE} letters are read. Paste the part with the recipe.`,
    );
  }
  const language = languageOf(text);
  if (language !== 'English') {
    throw new Refusal(
      `This seems to be written in ${language}. Only English is read so far: paste a translation, or type the dish on the first page.`,
    );
  }
}
