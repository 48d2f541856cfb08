import type { RecipeText, WrittenLine } from './types.js';
import { servingsIn } from './lineLooks.js';
import { textOfHtml } from './html.js';

/** Nodes of a foreign document that are looked at before it is given up. */
const MOST_NODES = 20_000;

type Node = Record<string, unknown>;

const isNode = (value: unknown): value is Node => typeof value === 'object' && value !== null && !Array.isArray(value);

/** A field of the document's own; never one of its prototype. */
const own = (node: Node, key: string): unknown => (Object.hasOwn(node, key) ? node[key] : undefined);

const listOf = (value: unknown): unknown[] => (Array.isArray(value) ? value : value === undefined ? [] : [value]);

const isRecipe = (node: Node): boolean =>
  listOf(own(node, '@type')).some((type) => typeof type === 'string' && /(^|[/:])Recipe$/.test(type)) ||
  own(node, 'recipeIngredient') !== undefined;

/** The first recipe in a document of schema.org, however deep it stands: in `@graph`, in a list, as a page's main entity. */
export function recipeNode(document: unknown): Node | null {
  const waiting: unknown[] = [document];
  for (let seen = 0; waiting.length > 0 && seen < MOST_NODES; seen++) {
    const value = waiting.shift();
    if (Array.isArray(value)) waiting.push(...value.slice(0, MOST_NODES));
    else if (isNode(value)) {
      if (isRecipe(value)) return value;
      for (const key of Object.keys(value)) if (typeof value[key] === 'object') waiting.push(value[key]);
    }
  }
  return null;
}

/** Plain words of a field that may hold markup or entities; lines as they stand. */
const wordsOf = (value: unknown): string[] => {
  if (typeof value === 'number') return [String(value)];
  if (typeof value !== 'string') return [];
  return textOfHtml(value)
    .split('\n')
    .map((line) => line.replace(/^[-#]+ /, '').trim())
    .filter((line) => line !== '');
};

const SECTION = /^(?![\d½¼¾⅓⅔⅛])[^½¼¾⅓⅔⅛]{2,60}:$/;

function ingredientsOf(node: Node): { lines: WrittenLine[]; headings: string[] } {
  const written = listOf(own(node, 'recipeIngredient') ?? own(node, 'ingredients')).flatMap(wordsOf);
  const headings: string[] = [];
  const lines: WrittenLine[] = [];
  for (const text of written) {
    if (SECTION.test(text)) headings.push(text.slice(0, -1));
    else lines.push({ text, section: headings.at(-1) ?? null });
  }
  return { lines, headings };
}

/** Steps of a list of strings, `HowToStep`, `HowToSection` and `ItemList`, in the order they stand. */
function stepsOf(value: unknown): { lines: WrittenLine[]; headings: string[] } {
  const lines: WrittenLine[] = [];
  const headings: string[] = [];
  const waiting: { value: unknown; section: string | null }[] = [{ value, section: null }];
  for (let seen = 0; waiting.length > 0 && seen < MOST_NODES; seen++) {
    const { value: next, section } = waiting.shift()!;
    if (Array.isArray(next)) {
      waiting.unshift(...next.slice(0, MOST_NODES).map((item: unknown) => ({ value: item, section })));
    } else if (isNode(next)) {
      const inner = own(next, 'itemListElement') ?? own(next, 'steps');
      const [name] = wordsOf(own(next, 'name'));
      if (inner !== undefined) {
        if (name) headings.push(name);
        waiting.unshift({ value: inner, section: name ?? section });
      } else {
        const text = wordsOf(own(next, 'text') ?? own(next, 'description') ?? own(next, 'name'));
        lines.push(...text.map((t) => ({ text: t, section })));
      }
    } else lines.push(...wordsOf(next).map((text) => ({ text: text.replace(/^\d{1,2}[.)]\s+/, ''), section })));
  }
  return { lines, headings };
}

/** A recipe of schema.org, as JSON that was parsed; null where the document holds none. */
export function recipeInJson(document: unknown): RecipeText | null {
  const node = recipeNode(document);
  if (!node) return null;
  const ingredients = ingredientsOf(node);
  const steps = stepsOf(own(node, 'recipeInstructions'));
  const [title = ''] = wordsOf(own(node, 'name'));
  const yields = listOf(own(node, 'recipeYield') ?? own(node, 'yield')).flatMap(wordsOf);
  const servings = yields.map(servingsIn).find((people) => people !== null) ?? null;
  return {
    title,
    servings,
    ingredients: ingredients.lines,
    steps: steps.lines,
    headings: [...ingredients.headings, ...steps.headings, ...yields],
    notUsed: wordsOf(own(node, 'description')),
  };
}
