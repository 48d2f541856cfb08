import fc from 'fast-check';
import {
  KNOWN,
  readRecipe,
  recipeInHtml,
  recipeInJson,
  recipeInText,
  understand,
  type RecipeReading,
  type RecipeText,
} from '../src/index.js';
import { compared, recipesIn, type ExpectedRecipe } from './recipes.js';

/**
 * Invented recipes in many styles, written for this test. Those in `fitted` were looked at while the reading was made;
 * those in `checked` were written afterwards, and stay as a check: what they taught is told in docs/model.md.
 */
const FITTED = recipesIn('fitted');
const CHECKED = recipesIn('checked');

/** Bars of the reading: lines rightly taken, and layers in the right order. */
const LINES_RIGHT = 0.92;
const LAYERS_RIGHT = 0.9;

const titled = (recipes: readonly ExpectedRecipe[]) =>
  recipes.map(
    (r) =>
      [
        r.text
          .split('\n')
          .find((l) => l.trim() !== '')!
          .slice(0, 60),
        r,
      ] as const,
  );

describe.each([
  ['fitted', FITTED],
  ['checked', CHECKED],
] as const)('invented recipes, %s', (_, recipes) => {
  const all = recipes.map((r) => compared(r));

  test.each(titled(recipes))('%s: every line stands somewhere', (_title, recipe) => {
    expect(compared(recipe).lost).toEqual([]);
  });

  test('lines are taken for what they are', () => {
    const right = all.reduce((sum, c) => sum + c.right, 0);
    const of = all.reduce((sum, c) => sum + c.of, 0);
    expect({ share: right / of, wrong: all.flatMap((c) => c.wrong) }).toMatchObject({ share: expect.closeTo(1, 1) });
    expect(right / of).toBeGreaterThanOrEqual(LINES_RIGHT);
  });

  test('layers lie in the right order', () => {
    const wrong = recipes.filter((_r, k) => !all[k].layersRight).map((r) => r.text.slice(0, 40));
    expect(1 - wrong.length / recipes.length).toBeGreaterThanOrEqual(LAYERS_RIGHT);
  });

  test('food, heat, minutes, pot or pan, what is done before, and the sauce', () => {
    const wrong = all.flatMap((c) => c.factsWrong);
    const of = recipes.reduce((sum, r) => sum + Object.keys(r.facts).length, 0);
    expect({ wrong, share: 1 - wrong.length / of }).toMatchObject({ share: expect.closeTo(1, 1) });
  });
});

test('there are at least sixty of them, in many styles', () => {
  expect(FITTED.length + CHECKED.length).toBeGreaterThanOrEqual(60);
  expect(new Set(FITTED.map((r) => r.file)).size).toBeGreaterThanOrEqual(10);
});

/** The same recipe as other programs write it. */
const asJson = ({ title, servings, ingredients, steps }: RecipeText): object => ({
  '@context': 'https://schema.org',
  '@graph': [
    { '@type': 'WebPage', name: 'A page' },
    {
      '@type': ['Recipe'],
      name: title,
      recipeYield: servings === null ? undefined : [String(servings), `${servings} servings`],
      recipeIngredient: ingredients.flatMap(({ text, section }, at) => {
        const heads = section !== null && section !== ingredients[at - 1]?.section;
        return heads ? [`${section}:`, text] : [text];
      }),
      recipeInstructions: steps.map(({ text }) => ({ '@type': 'HowToStep', text })),
    },
  ],
});
const escaped = (text: string): string => text.replace(/&/g, '&amp;').replace(/</g, '&lt;');
const asMicrodata = ({ title, servings, ingredients, steps }: RecipeText): string => `<!doctype html><html><head>
<title>x</title><script>alert('500 g cod')</script></head><body><nav>Home <a href="/">All recipes</a></nav>
<div itemscope itemtype="https://schema.org/Recipe"><h1 itemprop="name">${escaped(title)}</h1>
${servings === null ? '' : `<p itemprop="recipeYield">${servings} servings</p>`}
<div itemprop="author" itemscope itemtype="https://schema.org/Person"><span itemprop="name">Somebody</span></div>
<ul>${ingredients.map(({ text }) => `<li itemprop="recipeIngredient">${escaped(text)}</li>`).join('\n')}</ul>
<div itemprop="recipeInstructions"><ol>${steps.map(({ text }) => `<li>${escaped(text)}</li>`).join('')}</ol></div></div></body></html>`;

const taken = ({ lines, fried }: RecipeReading) => ({
  lines: lines.map((l) => [l.text, l.takenFor]),
  layers: fried?.layers.map((l) => l.portions.map((p) => p.ingredientId)),
});
/** Lists whose headings a list of strings can tell: none ends before the list does. */
const LISTED = FITTED.filter((r) => {
  const { ingredients } = recipeInText(KNOWN, r.text);
  const ends = ingredients.some(({ section }, at) => section === null && ingredients[at - 1]?.section);
  return ingredients.length > 0 && !ends;
});

describe('the same recipe in another form', () => {
  test.each(titled(LISTED))('%s: as JSON-LD in a graph it is read alike', (_title, recipe) => {
    const text = recipeInText(KNOWN, recipe.text);
    expect(taken(understand(KNOWN, recipeInJson(asJson(text))!))).toEqual(taken(understand(KNOWN, text)));
  });

  test.each(titled(LISTED.filter((r) => recipeInText(KNOWN, r.text).ingredients.every((l) => l.section === null))))(
    '%s: as microdata on a page it is read alike',
    (_title, recipe) => {
      const text = recipeInText(KNOWN, recipe.text);
      const page = recipeInHtml(KNOWN, asMicrodata(text));
      expect(page.title).toBe(text.title);
      expect(taken(understand(KNOWN, page)).lines).toEqual(taken(understand(KNOWN, text)).lines);
    },
  );

  test('sections of steps, steps as one string, and a yield of pieces', () => {
    const read = recipeInJson({
      '@type': 'Recipe',
      name: 'Cod &amp; crumbs',
      recipeYield: '12 fingers',
      recipeIngredient: '500 g cod',
      recipeInstructions: [
        {
          '@type': 'HowToSection',
          name: 'The coat',
          itemListElement: [{ '@type': 'HowToStep', text: 'Dip in <b>egg</b>.' }, 'Roll in crumbs.'],
        },
        '1. Fry.\n2. Eat.',
      ],
    })!;
    expect(read).toMatchObject({ title: 'Cod & crumbs', servings: null });
    expect(read.steps).toEqual([
      { text: 'Dip in egg.', section: 'The coat' },
      { text: 'Roll in crumbs.', section: 'The coat' },
      { text: 'Fry.', section: null },
      { text: 'Eat.', section: null },
    ]);
  });
});

/** Every word of a text, however it is cut up. */
const wordsOf = (text: string): string[] => text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];
const places = (text: RecipeText): string =>
  [
    text.title,
    ...text.ingredients.map((l) => l.text),
    ...text.steps.map((l) => l.text),
    ...text.headings,
    ...text.notUsed,
  ].join(' ');

const piece = fc.oneof(
  fc.constantFrom(...FITTED.flatMap((r) => r.text.split('\n'))),
  fc.string({ unit: 'grapheme', maxLength: 60 }),
  fc.constantFrom(
    '',
    'Method:',
    '1.',
    '- ',
    'For the batter:',
    '½ cup',
    'Flour – egg – flour.',
    'Repeat.',
    '(2)',
    '| a | b |',
  ),
);
const anyText = fc.array(piece, { maxLength: 40 }).map((lines) => lines.join('\n'));

describe('any text', () => {
  test('is read without breaking off, and no word of it is lost', () => {
    fc.assert(
      fc.property(anyText, (text) => {
        const apart = recipeInText(KNOWN, text);
        const kept = wordsOf(places(apart));
        const numbering = /^\d{1,2}$|^step$/;
        expect(wordsOf(text).filter((word) => !kept.includes(word) && !numbering.test(word))).toEqual([]);
        const read = understand(KNOWN, apart);
        expect(read.lines.length).toBeGreaterThanOrEqual(apart.ingredients.length);
        for (const line of read.lines) expect(line.grams === null || Number.isFinite(line.grams)).toBe(true);
        for (const { portions } of read.fried?.layers ?? []) expect(portions.some((p) => p.grams > 0)).toBe(true);
      }),
      { numRuns: 150, seed: 13 },
    );
  });
});

describe('hostile documents', () => {
  test('a page nested as deep as a page can be, with scripts in it, is read for its words alone', () => {
    const page = `${'<div>'.repeat(60_000)}<h1>Cod in batter</h1><ul><li>500 g cod<li>100 g flour<li>150 ml beer</ul><script>1 kg flour</script><p onclick="x()">Whisk flour and beer. Dip, and fry at 180&deg;C for 5&nbsp;minutes.`;
    const read = readRecipe(KNOWN, { html: page });
    expect(read.lines.map((l) => l.text)).toEqual(['500 g cod', '100 g flour', '150 ml beer']);
    expect(read.fried).toMatchObject({ tempC: 180, minutes: 5 });
  });

  test('JSON with keys of a prototype, and in circles of depth, is looked through and no more', () => {
    const deep = JSON.parse(
      `${'{"a":'.repeat(4000)}{"@type":"Recipe","name":"x","recipeIngredient":["500 g cod"]}${'}'.repeat(4000)}`,
    ) as unknown;
    expect(readRecipe(KNOWN, { json: deep }).lines).toHaveLength(1);
    const own = JSON.parse(
      '{"__proto__":{"@type":"Recipe","recipeIngredient":["1 kg gold"]},"constructor":{"prototype":{}}}',
    ) as unknown;
    readRecipe(KNOWN, { json: own });
    expect(({} as Record<string, unknown>).recipeIngredient).toBeUndefined();
  });

  test.each([
    ['nothing', '  \n ', /nothing to read yet/],
    ['a PDF', '%PDF-1.7 stream', /PDF/],
    ['a picture', '\u0000\u0001\u0002\u0003\u0004\u0005\u0006\u0007\u0000\u0000PNG', /no text/],
    ['a whole book', 'egg '.repeat(60_000), /longer than any recipe/],
    [
      'German',
      'Das Schnitzel mit der Gabel in Mehl und dann in dem Ei und den Bröseln wenden, bis es auf beiden Seiten von Bröseln bedeckt ist.',
      /German/,
    ],
    ['JSON without a recipe', '{"a": 1}', /no recipe/],
  ])('%s is refused with the reason', (_what, text, reason) => {
    expect(() => readRecipe(KNOWN, { text })).toThrow(reason);
  });

  test('a cake and a plain roast are told, with what can be done', () => {
    const cake = readRecipe(KNOWN, {
      text: 'Lemon cake\n200 g butter\n4 eggs\n200 g flour\nBake in the oven for 40 minutes.',
    });
    expect(cake.trouble).toMatchObject({ kind: 'baking' });
    const chips = readRecipe(KNOWN, {
      text: 'Potatoes\n1 kg potatoes, in wedges\n2 litres oil\nFry at 160 °C for 6 minutes.',
    });
    expect(chips.trouble).toMatchObject({ kind: 'no-coat', text: expect.stringMatching(/Move a line into a bowl/) });
  });
});

describe('what a cook puts right', () => {
  const text = recipeInText(
    KNOWN,
    'Cod\n500 g cod\n60 g flour\n2 eggs\n80 g crumbs\n1 tsp paprika\nDip in flour, egg, crumbs.',
  );
  test('a line goes into another bowl, and the layers follow', () => {
    const before = understand(KNOWN, text);
    expect(before.lines[4]).toMatchObject({ takenFor: 'seasoning', bowl: 'finish' });
    const after = understand(KNOWN, text, new Map([[4, { takenFor: 'dust', bowl: 'dust' }]]));
    expect(after.lines[4]).toMatchObject({
      takenFor: 'seasoning',
      bowl: 'dust',
      sure: 'sure',
      why: 'You put it there.',
    });
    expect(after.fried!.layers[0].portions.map((p) => p.ingredientId)).toEqual(['wheat-flour', 'paprika']);
  });
  test('a bowl that was missing is made, and one that is emptied goes', () => {
    const without = understand(KNOWN, text, new Map([[1, { takenFor: 'other' }]]));
    expect(without.fried!.layers).toHaveLength(2);
    const sauced = understand(KNOWN, text, new Map([[4, { takenFor: 'sauce' }]]));
    expect(sauced.sauce).toMatchObject({ portions: [{ ingredientId: 'paprika' }] });
  });
});
