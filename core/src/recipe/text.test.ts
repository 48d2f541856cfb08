import { KNOWN } from '../foods/index.js';
import { listedIn, servingsIn } from './lineLooks.js';
import { recipeInText } from './text.js';
import { isOneBowl, sectionKind } from './sections.js';

const read = (text: string) => recipeInText(KNOWN, text);

test.each([
  ['Serves 4', 4],
  ['Serves 4-6 people', 5],
  ['Yield: 6 servings', 6],
  ['4', 4],
  ['Makes 20 croquettes', null],
  ['Makes 12', null],
  ['12 fingers', null],
  ['serves many', null],
])('“%s” is for %s', (text, people) => {
  expect(servingsIn(text)).toBe(people);
});

test.each([
  ['1 cup flour, 1 cup beer, 1 tsp salt', ['1 cup flour', '1 cup beer', '1 tsp salt']],
  ['salt, pepper, paprika', ['salt', 'pepper', 'paprika']],
  ['2 eggs, lightly beaten', ['2 eggs, lightly beaten']],
  ['500 g cod, skinned, in strips', ['500 g cod, skinned, in strips']],
  ['flour, 2 eggs, panko', ['flour', '2 eggs', 'panko']],
])('“%s” is %j', (text, parts) => {
  expect(listedIn(KNOWN, text)).toEqual(parts);
});

test.each([
  ['For the batter', 'batter'],
  ['Egg wash', 'wet'],
  ['Buttermilk dip', 'wet'],
  ['Flour dredge', 'dry'],
  ['Coating', 'coat'],
  ['Marinade', 'marinade'],
  ['Hot honey', 'sauce'],
  ['For the tartare', 'dip'],
  ['Dipping sauce', 'dip'],
  ['To serve', 'garnish'],
  ['For frying', 'frying'],
  ['For the chicken', 'food'],
] as const)('below “%s” stands a %s', (heading, kind) => {
  expect(sectionKind(heading)).toBe(kind);
  expect(isOneBowl(kind)).toBe(!['coat', 'garnish', 'frying', 'food'].includes(kind));
});

describe('a text taken apart', () => {
  test('headings by mark, colon, capitals, and by standing alone above a list', () => {
    const marked = read('# Hake\n## Ingredients\n400 g hake\n### Batter\n100 g flour\n## Method\nWhisk the flour.');
    const bare = read('Hake\n\n400 g hake\n\nBatter\n100 g flour\n\nMETHOD\nWhisk the flour.');
    for (const { title, ingredients, steps } of [marked, bare]) {
      expect(title).toBe('Hake');
      expect(ingredients).toEqual([
        { text: '400 g hake', section: null },
        { text: '100 g flour', section: 'Batter' },
      ]);
      expect(steps.map((s) => s.text)).toEqual(['Whisk the flour.']);
    }
  });

  test('bullets, boxes and numbers are no part of a line; a table is a list', () => {
    const { ingredients, steps } = read(
      'Okra\n- 300 g okra\n• 50 g flour\n[ ] 1 egg\n| salt | 1 tsp |\n1. Dip the okra in egg.\nStep 2: Roll it in the flour.',
    );
    expect(ingredients.map((l) => l.text)).toEqual(['300 g okra', '50 g flour', '1 egg', 'salt, 1 tsp']);
    expect(steps.map((l) => l.text)).toEqual(['Dip the okra in egg.', 'Roll it in the flour.']);
  });

  test('what is chatted and what is noted is not used, and not lost', () => {
    const { notUsed, headings } = read(
      'Okra\n\nIt rained all week, so I stayed inside.\n\nServes 2\nPrep time: 10 min\n300 g okra\n50 g flour\nNotes\nKeeps two days.',
    );
    expect(notUsed).toEqual(['It rained all week, so I stayed inside.', 'Keeps two days.']);
    expect(headings).toEqual(['Serves 2', 'Prep time: 10 min', 'Notes']);
  });

  test('a prose without a list is steps', () => {
    const { ingredients, steps } = read(
      'I slice two aubergines and flour them. Then dip them in two eggs and fry them in hot oil.',
    );
    expect(ingredients).toEqual([]);
    expect(steps).toHaveLength(1);
  });
});
