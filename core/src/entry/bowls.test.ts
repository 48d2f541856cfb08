import { KNOWN } from '../foods/index.js';
import { readBowls } from './bowls.js';

const told = (text: string): string[] =>
  readBowls(KNOWN, text).bowls.map(({ kind, portions }) => `${kind}: ${portions.map((p) => p.ingredientId).join(' ')}`);

describe('bowls in one field', () => {
  // How cooks write them; what they mean: common practice, no source.
  test.each<[string, string[]]>([
    [
      '½ cup flour, 1 tsp salt, 2 eggs, splash of water, 1½ cups crumbs',
      ['dust: wheat-flour salt', 'binder: egg water', 'finish: coarse-crumbs'],
    ],
    ['1 cup flour, 1 cup beer, 1 tsp baking powder, salt', ['batter: wheat-flour beer baking-powder salt']],
    [
      '140 g chickpea flour, 1 tbsp cornstarch, 130 ml water, 2 tbsp soy sauce, 1 cup panko',
      ['batter: chickpea-flour corn-starch water soy-sauce', 'finish: coarse-crumbs'],
    ],
    [
      '2 cups buttermilk, 2 tsp hot sauce, 2 cups flour, ½ cup cornflour, 1 tbsp paprika',
      ['binder: buttermilk hot-sauce', 'dredge: wheat-flour corn-starch paprika'],
    ],
    [
      '1 cup flour, 2 eggs, beaten, ½ cup milk, 1 cup panko and ½ cup parmesan',
      ['dust: wheat-flour', 'binder: egg milk', 'finish: coarse-crumbs hard-cheese'],
    ],
    ['100 g flour, 1 egg, 180 ml sparkling water', ['batter: wheat-flour egg sparkling-water']],
    ['2 eggs, 1 cup cornstarch', ['binder: egg', 'dredge: corn-starch']],
    ['1 cup flour, ½ cup milk, 1 cup breadcrumbs', ['dust: wheat-flour', 'binder: milk', 'finish: coarse-crumbs']],
    [
      '½ cup flour, 1 egg, ½ cup flour, 1 egg, 1 cup panko',
      ['dust: wheat-flour', 'binder: egg', 'dredge: wheat-flour', 'binder: egg', 'finish: coarse-crumbs'],
    ],
    ['100 g flour, 2 eggs, 50 ml milk; 80 g fine crumbs', ['batter: wheat-flour egg milk', 'finish: fine-crumbs']],
    [
      'For the batter: 1 cup rice flour, 1 cup cold water\n\nFor the coating: 2 cups panko, 1 tbsp oil',
      ['batter: rice-flour water', 'finish: coarse-crumbs rapeseed-oil'],
    ],
    ['1 cup semolina; 2 eggs; 2 cups crushed pretzels', ['dust: semolina', 'binder: egg', 'finish: pretzel-crumbs']],
    ['½ cup flour\n2 eggs\n1 cup crushed cornflakes', ['dust: wheat-flour', 'binder: egg', 'finish: cornflakes']],
  ])('%s', (text, bowls) => expect(told(text)).toEqual(bowls));

  test('a thing written in two amounts is their sum', () => {
    const [dust] = readBowls(KNOWN, '1/3 cup + 1 tbsp flour; 2 eggs').bowls;
    expect(dust.portions).toEqual([{ ingredientId: 'wheat-flour', grams: expect.closeTo(125 / 3 + 125 / 16, 0) }]);
  });

  test('nothing that was typed is dropped: every line stands in a bowl, is set aside, or is asked about', () => {
    const text = '40 eggs, 1 cup moon dust, 0 g flour, 1 cup onion rings, 1 litre oil, 1 cup panko, spray oil';
    const { lines, doubts, bowls } = readBowls(KNOWN, text);
    expect(lines).toHaveLength(7);
    expect(doubts.map((l) => l.doubt)).toEqual(['too-much', 'unknown', 'nothing', 'a-food']);
    expect(lines.filter((l) => l.notCoat).map((l) => l.typed)).toEqual(['1 litre oil', 'spray oil']);
    expect(bowls.flatMap((b) => b.lines)).toHaveLength(1);
  });

  test('a question comes with the likeliest answers', () => {
    const { doubts } = readBowls(KNOWN, 'flour, 330 ml beer, 1 cup brown sugr');
    expect(doubts.map((l) => [l.doubt, l.likely[0].ingredientId])).toEqual([
      ['how-much', 'wheat-flour'],
      ['unknown', 'brown-sugar'],
    ]);
    expect(doubts[0].likely.length).toBeGreaterThan(1);
  });

  test.each([
    ['1 cup sriracha mayo', ['mayonnaise', 'chilli-garlic-sauce']],
    ['2 tbsp honey mustard', ['mustard', 'honey']],
  ])('"%s" names two things, and is asked about', (text, ids) => {
    const [doubt] = readBowls(KNOWN, text).doubts;
    expect(doubt.doubt).toBe('two-things');
    expect(doubt.likely.map((l) => l.ingredientId)).toEqual(ids);
  });

  test.each([
    ['1 cup rice flour milk', 'milk'],
    ['1 tsp curry leaves', 'curry-powder'],
    ['1 cup dragon vinegar', 'vinegar'],
    ['½ cup sun-dried flour', 'wheat-flour'],
  ])('"%s" is a kind that is not known, and is no %s in silence', (text, id) => {
    const { doubts, bowls } = readBowls(KNOWN, text);
    expect(doubts.map((d) => d.doubt)).not.toEqual([]);
    expect(doubts[0].likely.map((l) => l.ingredientId)).toContain(id);
    expect(bowls).toEqual([]);
  });

  test.each([
    '1 cup plain white all-purpose flour (sifted)',
    '2 large free-range eggs, lightly beaten',
    '½ cup very cold semi-skimmed milk, at room temperature',
    '1 tbsp freshly ground black pepper, plus more to taste',
    '100 g stale white bread crumbs, coarsely blitzed',
    '2 tbsp garlic chilli sauce',
    '1 cup freshly grated parmesan',
    '1 tsp smoked sea salt',
    '½ cup very cold sparkling water',
    '2 cups coarse panko breadcrumbs',
    '1 tbsp neutral oil',
  ])('"%s" is one thing', (text) => expect(readBowls(KNOWN, text).doubts).toEqual([]));

  test('without any amount the usual ones are taken, and marked as guessed', () => {
    const { lines, doubts } = readBowls(KNOWN, 'flour, egg and panko');
    expect(doubts).toEqual([]);
    expect(lines.every((l) => l.guessed)).toBe(true);
    expect(readBowls(KNOWN, '1 cup flour, salt').lines.map((l) => l.guessed ?? false)).toEqual([false, true]);
  });

  // How much of it stands in a bowl changes nothing of the coat; how thick a batter is does.
  test.each<[string, string[], string[], string[]]>([
    ['flour, 2 eggs, 1 cup crumbs', ['dust: wheat-flour', 'binder: egg', 'finish: coarse-crumbs'], ['flour'], []],
    ['½ cup flour, 2 eggs, crumbs', ['dust: wheat-flour', 'binder: egg', 'finish: coarse-crumbs'], ['crumbs'], []],
    ['2 cups buttermilk; flour', ['binder: buttermilk', 'dredge: wheat-flour'], ['flour'], []],
    ['flour, 330 ml beer, 1 tsp salt', ['binder: beer salt'], [], ['flour']],
    ['100 g flour, beer, 1 cup panko', ['dust: wheat-flour', 'finish: coarse-crumbs'], [], ['beer']],
    ['1 egg, milk, 100 g crumbs', ['binder: egg', 'finish: coarse-crumbs'], [], ['milk']],
  ])(
    '%s: what has a bowl of its own is taken as usual, what is stirred is asked about',
    (text, bowls, guessed, asked) => {
      expect(told(text)).toEqual(bowls);
      const { lines, doubts } = readBowls(KNOWN, text);
      expect(lines.filter((l) => l.guessed).map((l) => l.typed)).toEqual(guessed);
      expect(doubts.map((l) => [l.typed, l.doubt])).toEqual(asked.map((typed) => [typed, 'how-much']));
    },
  );

  const FLOUR_AND_BEER = 'batter: wheat-flour beer baking-powder salt';
  test.each<[string, string[]]>([
    ['beer batter, panko', [FLOUR_AND_BEER, 'finish: coarse-crumbs']],
    ['spicy batter and 1 cup panko', [FLOUR_AND_BEER, 'finish: coarse-crumbs']],
    ['flour, a light beer batter', ['dust: wheat-flour', FLOUR_AND_BEER]],
    ['beer batter with chilli powder', [`${FLOUR_AND_BEER} chilli-powder`]],
    [
      'tempura batter; panko',
      ['dust: wheat-flour salt', 'batter: wheat-flour sparkling-water egg', 'finish: coarse-crumbs'],
    ],
    ['pakora batter, then sesame seeds', ['batter: chickpea-flour water salt', 'finish: sesame-seeds']],
  ])('%s: a batter that is called by its name is that batter, and no bowl of beer', (text, bowls) => {
    expect(told(text)).toEqual(bowls);
    const { lines, doubts } = readBowls(KNOWN, text);
    expect(doubts).toEqual([]);
    expect(lines.filter((l) => l.of !== undefined).every((l) => l.guessed)).toBe(true);
  });

  test('a batter that has no recipe is asked about, and one with its amounts is what it says', () => {
    expect(readBowls(KNOWN, 'pancake batter, panko').doubts.map((l) => l.typed)).toEqual(['pancake batter']);
    expect(told('1 cup flour for the batter, 1 cup beer')).toEqual(['batter: wheat-flour beer']);
    expect(told('a batter of flour and beer')).toEqual(['batter: wheat-flour beer']);
  });

  // However it is typed; common practice, no source.
  test.each<[string, string[]]>([
    ['gram flour, turmeric, chilli powder, water', ['batter: chickpea-flour turmeric chilli-powder water']],
    ['cajun batter, panko', [`${FLOUR_AND_BEER} cajun-spice`, 'finish: coarse-crumbs']],
    ['100ml beer 100g flour', ['batter: beer wheat-flour']],
    ['330 ml beer, 1 cup flour, salt', ['batter: beer wheat-flour salt']],
    ['water, flour, egg, panko', ['binder: water', 'dredge: wheat-flour', 'binder: egg', 'finish: coarse-crumbs']],
    ['water then flour', ['binder: water', 'dredge: wheat-flour']],
    ['flour / egg / parmesan', ['dust: wheat-flour', 'binder: egg', 'finish: hard-cheese']],
    ['1. flour 2. egg 3. crumbs', ['dust: wheat-flour', 'binder: egg', 'finish: coarse-crumbs']],
    ['1. 100 g flour\n2. 2 eggs\n3. 80 g panko', ['dust: wheat-flour', 'binder: egg', 'finish: coarse-crumbs']],
    ['Flour: 100 g, Eggs: 2, Crumbs: 80 g', ['dust: wheat-flour', 'binder: egg', 'finish: coarse-crumbs']],
    ['vegan: soy milk, flour, panko', ['binder: soy-milk', 'dredge: wheat-flour', 'finish: coarse-crumbs']],
    ['for the batter: 100 g flour, 2 eggs, 50 ml milk', ['batter: wheat-flour egg milk']],
    ['wet: 2 eggs. dry: 1 cup flour, 1 tsp paprika', ['binder: egg', 'dredge: wheat-flour paprika']],
    ['1 can 400 g chickpeas in water', []],
  ])('typed as “%s”', (text, bowls) => expect(told(text)).toEqual(bowls));

  test('a spoon of vinegar is meant beside a cup of milk, and no cup of it', () => {
    const [binder] = readBowls(KNOWN, 'plant milk + vinegar, seasoned flour').bowls;
    expect(binder.portions.find((p) => p.ingredientId === 'vinegar')!.grams).toBe(15);
  });

  test('nothing is nothing', () => expect(readBowls(KNOWN, ' , ; ')).toMatchObject({ bowls: [], lines: [] }));
});

describe('what stands beside the coat', () => {
  const said = (text: string) => readBowls(KNOWN, text, { foods: true });

  // Weights of a cup and of one: common practice, no source.
  test.each<[string, Record<string, [from: number, to: number]>]>([
    [
      '½ cup mayo, 2 tbsp chopped gherkins, 1 tbsp capers, squeeze of lemon',
      { mayonnaise: [105, 120], gherkin: [15, 24], capers: [8, 10], 'lemon-juice': [10, 20] },
    ],
    [
      '1 cup yoghurt, ½ onion, 1 clove garlic, 1 bunch mint',
      { yoghurt: [240, 250], onion: [45, 75], garlic: [3, 5], 'fresh-herbs': [20, 40] },
    ],
    [
      'handful coriander, 1 red chilli, sliced, juice of a lime, 1 inch ginger',
      { 'fresh-herbs': [12, 25], 'green-chilli': [8, 20], 'lime-juice': [25, 40], 'fresh-ginger': [4, 12] },
    ],
    ['1 shallot, 3 cornichons, 50 g feta', { onion: [15, 26], gherkin: [14, 20], feta: [50, 50] }],
  ])('%s', (text, expected) => {
    const { lines, doubts } = said(text);
    expect(doubts).toEqual([]);
    expect(lines.map((l) => l.portion?.ingredientId)).toEqual(Object.keys(expected));
    for (const { portion } of lines) {
      const [from, to] = expected[portion!.ingredientId];
      expect(portion!.grams).toBeGreaterThanOrEqual(from);
      expect(portion!.grams).toBeLessThanOrEqual(to);
    }
  });

  test('raw meat and fish never, and foods in no bowl of the coat', () => {
    expect(said('200 g chicken breast').doubts[0].doubt).toBe('a-food');
    expect(said('100 g salmon').doubts[0].doubt).toBe('a-food');
    expect(readBowls(KNOWN, '50 g feta').doubts[0].doubt).toBe('a-food');
  });

  test('a spoon of coriander is ground seed, a handful of it is green', () => {
    expect(said('1 tsp coriander').lines[0].portion?.ingredientId).toBe('coriander-seed');
    expect(said('2 sprigs coriander').lines[0].portion?.ingredientId).toBe('fresh-herbs');
  });
});
