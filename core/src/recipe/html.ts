import { Parser } from 'htmlparser2';

/** What has no words of the recipe. */
const SILENT = new Set([
  'script',
  'style',
  'noscript',
  'template',
  'svg',
  'head',
  'nav',
  'form',
  'aside',
  'footer',
  'iframe',
  'button',
  'select',
]);
const BLOCK = new Set(
  'p div section article main header ul ol li br tr td th table h1 h2 h3 h4 h5 h6 blockquote pre figure figcaption dl dt dd hr address'.split(
    ' ',
  ),
);

/** Letters of a page that are read; the rest of a longer one holds no recipe of a household. */
export const MOST_HTML = 5_000_000;

const tidy = (text: string): string =>
  text
    .replace(/[ \t\f\v\u00a0]+/g, ' ')
    .replace(/ ?\n ?/g, '\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();

/**
 * The words of a page as plain text: headings with `#`, points of a list with `-`, everything else line by line. Scripts,
 * menus, forms and comments are left out. Markup that is broken is read as far as it goes.
 */
export function textOfHtml(html: string): string {
  if (!/[<&]/.test(html)) return tidy(html);
  const parts: string[] = [];
  let silent = 0;
  const parser = new Parser(
    {
      onopentagname(name) {
        if (SILENT.has(name)) silent += 1;
        if (silent > 0) return;
        if (/^h[1-6]$/.test(name)) parts.push('\n\n# ');
        else if (name === 'li') parts.push('\n- ');
        else if (BLOCK.has(name)) parts.push('\n');
      },
      ontext(text) {
        if (silent === 0) parts.push(text.replace(/\s+/g, (space) => (space.includes('\n\n') ? '\n' : ' ')));
      },
      onclosetag(name) {
        if (SILENT.has(name)) silent = Math.max(0, silent - 1);
        else if (silent === 0 && BLOCK.has(name)) parts.push('\n');
      },
    },
    { decodeEntities: true, lowerCaseTags: true },
  );
  parser.write(html.slice(0, MOST_HTML));
  parser.end();
  return tidy(parts.join(''));
}

/** What a page says of itself for programs. */
export interface Marked {
  /** Texts of its blocks of JSON-LD. */
  jsonLd: string[];
  /** Values of the properties of its first recipe in microdata, in the order they stand. */
  microdata: { property: string; text: string }[];
}

/** Properties of a recipe that are read. */
const PROPERTIES = new Set(['name', 'recipeIngredient', 'ingredients', 'recipeInstructions', 'recipeYield', 'yield']);
/** Tags without an end. */
const VOID = new Set([
  'meta',
  'link',
  'br',
  'img',
  'input',
  'hr',
  'source',
  'area',
  'base',
  'col',
  'embed',
  'track',
  'wbr',
]);

interface Open {
  property: string | null;
  /** It begins an item of its own, whose properties are not the recipe's. */
  foreign: boolean;
  recipe: boolean;
  parts: string[];
}

/** Blocks of JSON-LD and microdata of a page. */
export function markedIn(html: string): Marked {
  const jsonLd: string[] = [];
  const microdata: Marked['microdata'] = [];
  const open: Open[] = [];
  const collecting: Open[] = [];
  let script: string[] | null = null;
  let recipes = 0;
  let foreign = 0;
  const parser = new Parser(
    {
      onopentag(name, attributes) {
        if (name === 'script') script = /ld\+json/i.test(attributes.type ?? '') ? [] : null;
        if (VOID.has(name)) {
          if (name === 'br') collecting.forEach((o) => o.parts.push('\n'));
          const property = attributes.itemprop ?? '';
          if (recipes > 0 && foreign === 0 && PROPERTIES.has(property) && attributes.content)
            microdata.push({ property, text: attributes.content });
          return;
        }
        const recipe = /schema\.org\/Recipe\b/.test(attributes.itemtype ?? '');
        const asked = (attributes.itemprop ?? '').split(/\s+/).find((p) => PROPERTIES.has(p)) ?? null;
        const inRecipe = recipes > 0 && foreign === 0;
        const item: Open = { property: inRecipe ? asked : null, recipe, foreign: false, parts: [] };
        item.foreign = attributes.itemscope !== undefined && !recipe && item.property === null;
        if (recipe) recipes += 1;
        if (item.foreign) foreign += 1;
        open.push(item);
        if (item.property) collecting.push(item);
        if (BLOCK.has(name)) collecting.forEach((o) => o.parts.push('\n'));
      },
      ontext(text) {
        if (script) script.push(text);
        else collecting.forEach((o) => o.parts.push(text.replace(/\s+/g, ' ')));
      },
      onclosetag(name) {
        if (name === 'script') {
          if (script) jsonLd.push(script.join(''));
          script = null;
        }
        if (VOID.has(name)) return;
        const item = open.pop();
        if (!item) return;
        if (BLOCK.has(name)) collecting.forEach((o) => o.parts.push('\n'));
        if (item.recipe) recipes -= 1;
        if (item.foreign) foreign -= 1;
        if (item.property) {
          collecting.splice(collecting.indexOf(item), 1);
          // What stands in a property within a property of the same name is told once, by the inner one.
          const text = tidy(item.parts.join(''));
          if (text !== '') microdata.push({ property: item.property, text });
        }
      },
    },
    { decodeEntities: true, lowerCaseTags: true },
  );
  parser.write(html.slice(0, MOST_HTML));
  parser.end();
  return { jsonLd, microdata };
}
