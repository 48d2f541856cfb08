import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { KNOWN, understand, recipeInText, type RecipeText, type TakenFor } from '../src/index.js';

/** Invented recipes in many styles of writing, each line with what it is for, read from files of plain text. */

/** Letters that stand behind a line in the files: what it may be taken for; `?` any. */
const LETTERS: Readonly<Record<string, TakenFor>> = {
  F: 'food',
  D: 'dust',
  B: 'binder',
  T: 'batter',
  C: 'finish',
  S: 'seasoning',
  O: 'frying-oil',
  M: 'oil',
  A: 'sauce',
  P: 'dip',
  G: 'garnish',
  X: 'other',
};

/** A line with what it may be taken for; null where that is left open. */
export interface ExpectedLine {
  text: string;
  takenFor: TakenFor[] | null;
}

/** A recipe with what is expected of its reading. */
export interface ExpectedRecipe {
  file: string;
  text: string;
  lines: ExpectedLine[];
  /** Ids that each layer holds, from the skin outward. */
  layers: string[][];
  /** "food", "temp", "minutes", "medium", "prep", "sauce": what is expected, in words. */
  facts: Record<string, string>;
}

const FOLDER = join(process.cwd(), 'core/truth/recipes');
const MARKED = /^(.*?) #([A-Z?]+)$/;

function recipeOf(file: string, block: string): ExpectedRecipe {
  const [head, ...rest] = block.split('\n');
  const facts = Object.fromEntries(
    head.split('|').map((part) => {
      const [key, ...value] = part.split(':');
      return [key.trim(), value.join(':').trim()];
    }),
  );
  const lines: ExpectedLine[] = [];
  const text = rest.map((line) => {
    const marked = MARKED.exec(line);
    if (!marked) return line;
    const takenFor = marked[2].includes('?') ? null : [...marked[2]].map((letter) => LETTERS[letter]);
    lines.push({ text: marked[1].trim(), takenFor });
    return marked[1];
  });
  const { layers, ...others } = facts;
  return {
    file,
    text: text.join('\n'),
    lines,
    layers: layers.split(' > ').map((layer) => layer.split('+')),
    facts: others,
  };
}

/** Recipes of a folder: those that the reading was made with, or those that it is only checked with. */
export const recipesIn = (folder: 'fitted' | 'checked'): ExpectedRecipe[] =>
  readdirSync(join(FOLDER, folder))
    .sort()
    .flatMap((file) =>
      readFileSync(join(FOLDER, folder, file), 'utf8')
        .split(/^%% /m)
        .slice(1)
        .map((block) => recipeOf(file, block)),
    );

const bare = (text: string): string => text.replace(/[|*•\-–,\s]+/g, ' ').trim();

/** How a recipe's reading compares with what is expected of it. */
export interface Compared {
  right: number;
  of: number;
  /** Lines that stand nowhere. */
  lost: string[];
  wrong: string[];
  layersRight: boolean;
  factsWrong: string[];
}

/** Reads a recipe and compares every line, the layers and the facts. */
export function compared(recipe: ExpectedRecipe, text: RecipeText = recipeInText(KNOWN, recipe.text)): Compared {
  const { lines, fried, dish, sauce } = understand(KNOWN, text);
  const left = [...lines];
  const out: Compared = { right: 0, of: 0, lost: [], wrong: [], layersRight: false, factsWrong: [] };
  for (const expected of recipe.lines) {
    const at = left.findIndex(
      (l) => bare(expected.text).includes(bare(l.text)) || bare(l.text).includes(bare(expected.text)),
    );
    const [found] = at < 0 ? [] : left.splice(at, 1);
    if (!found) out.lost.push(expected.text);
    if (expected.takenFor === null) continue;
    out.of += 1;
    if (found && expected.takenFor.includes(found.takenFor)) out.right += 1;
    else out.wrong.push(`${expected.text}: ${found?.takenFor ?? 'nowhere'}, not ${expected.takenFor.join(' or ')}`);
  }
  const laid = (fried?.layers ?? []).map((l) => l.portions.map((p) => p.ingredientId));
  out.layersRight =
    laid.length === recipe.layers.length && recipe.layers.every((ids, at) => ids.every((id) => laid[at].includes(id)));
  const found: Record<string, string | number | undefined> = {
    food: dish?.foodId,
    temp: fried?.tempC,
    minutes: fried?.minutes,
    medium: fried?.medium,
    prep: dish?.preparation,
    sauce: sauce?.use,
  };
  out.factsWrong = Object.entries(recipe.facts)
    .filter(([key, value]) =>
      key === 'temp' ? Math.abs(Number(found[key]) - Number(value)) > TEMP_WITHIN_C : String(found[key]) !== value,
    )
    .map(([key, value]) => `${key}: ${found[key]}, not ${value}`);
  return out;
}

/** °F are rounded to whole °C. */
const TEMP_WITHIN_C = 2;
