import jsonld from 'jsonld';
import { KNOWN } from '../foods/index.js';
import { enter } from '../entry/index.js';
import { evaluateAir, evaluateFried } from '../plan/index.js';
import { readRecipe } from '../recipe/index.js';
import { text, celsius } from '../units/index.js';
import { cardJsonLd, cardMarkdown, cardOf, cardText, isoDuration, type RecipeCard } from './index.js';

const FRYER = {
  name: 'Galley',
  kind: 'drawer',
  basket: { kind: 'round', diameterMm: 200 },
  racks: 1,
  minTempC: 80,
  maxTempC: 200,
  stepC: 5,
  airFactor: 1,
  offsetC: 0,
} as const;

function made(): RecipeCard {
  const { dish, fried } = enter(KNOWN, { food: '12 prawns 16/20', coat: '40 g flour, 1 tsp salt; 1 egg; 60 g panko' });
  const asked = {
    pantry: KNOWN,
    dish: {
      ...dish!,
      beside: [{ name: 'Dip', use: 'dip' as const, portions: [{ ingredientId: 'yoghurt', grams: 120 }] }],
    },
    fried: fried!,
    fryer: FRYER,
  };
  const plan = {
    layers: fried!.layers,
    restMin: 7,
    oilGm2: 18,
    second: null,
    settings: {
      tempC: 195,
      minutes: 9,
      preheated: true,
      turnAtMin: 5,
      under: 'basket',
      waterTray: false,
      swapEveryMin: null,
      looks: 0,
    },
  } as const;
  const air = evaluateAir(asked as never, plan as never, evaluateFried(asked));
  return cardOf({ name: 'Prawns for *Thursday*', note: 'Tails left on.' }, asked as never, air);
}
const card = made();

test.each([
  [0, 'PT0M'],
  [9, 'PT9M'],
  [60, 'PT1H'],
  [95.4, 'PT1H35M'],
])('%s minutes are %s (ISO 8601)', (minutes, written) => {
  expect(isoDuration(minutes)).toBe(written);
});

describe('a card', () => {
  test('holds the bowls in the order of dipping, what is beside, the settings and the checks', () => {
    expect(card.bowls.map((b) => [b.name, b.note])).toEqual([
      ['Plain wheat flour', 'first'],
      ['Egg', 'second'],
      ['Coarse crumbs', 'third'],
    ]);
    expect(card.beside).toMatchObject([{ name: 'Dip', note: 'served beside' }]);
    expect(card.settings).toMatchObject({
      fryer: 'Galley',
      minutes: 9,
      turnAtMin: 5,
      preheat: text`${{ ...celsius(195), kind: 'setting', stepC: 5 }}`,
    });
    expect(card.times.totalMin).toBeGreaterThan(card.times.prepMin + 9);
    expect(card.checks.length).toBeGreaterThan(1);
  });

  test('as Markdown keeps what would be markup as it is written', () => {
    const written = cardMarkdown(card);
    expect(written).toMatch(/^# Prawns for \\\*Thursday\\\*$/m);
    expect(written).toMatch(/^## Bowls, in the order of dipping$/m);
    expect(written.match(/^\d+\. /gm)).toHaveLength(card.steps.length);
    expect(written).toContain('Estimates, no advice');
  });

  test('as text names every bowl, step and caution', () => {
    const written = cardText(card);
    for (const { name } of [...card.bowls, ...card.beside]) expect(written).toContain(name);
    for (const about of ['manual', '63 °C']) expect(written).toContain(about);
  });
});

describe('as a recipe of schema.org', () => {
  const json = JSON.parse(JSON.stringify(cardJsonLd(card))) as Record<string, unknown>;

  test('says what the vocabulary asks of a recipe', () => {
    expect(json).toMatchObject({
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      name: 'Prawns for *Thursday*',
      recipeYield: [String(card.people), '12 pieces'],
      prepTime: expect.stringMatching(/^PT(\d+H)?(\d+M)?$/),
      nutrition: { '@type': 'NutritionInformation', calories: expect.stringMatching(/^\d+ kcal$/) },
    });
    const steps = json.recipeInstructions as { '@type': string; position: number; text: string }[];
    expect(steps.map((s) => s.position)).toEqual(steps.map((_s, k) => k + 1));
    expect(new Set(steps.map((s) => s['@type']))).toEqual(new Set(['HowToStep']));
  });

  test('a JSON-LD processor expands it to the same substance, every term of it of schema.org', async () => {
    const vocabulary = { '@context': { '@vocab': 'https://schema.org/' } };
    const documentLoader = (documentUrl: string) =>
      Promise.resolve({ contextUrl: undefined, documentUrl, document: vocabulary });
    const expanded: unknown = await jsonld.expand(json as never, { documentLoader } as never);
    const [node] = expanded as Record<string, { '@value': unknown }[]>[];
    expect(node['@type']).toEqual(['https://schema.org/Recipe']);
    const values = (term: string): unknown[] => node[`https://schema.org/${term}`].map((v) => v['@value']);
    expect(values('name')).toEqual([card.name]);
    expect(values('recipeIngredient')).toEqual(json.recipeIngredient);
    expect(values('totalTime')).toEqual([isoDuration(card.times.totalMin)]);
    const steps = node['https://schema.org/recipeInstructions'] as unknown as Record<string, { '@value': string }[]>[];
    expect(steps.map((s) => s['https://schema.org/text'][0]['@value'])).toEqual(
      (json.recipeInstructions as { text: string }[]).map((s) => s.text),
    );
  });

  test('read again it has the same bowls, grams and order', () => {
    const read = readRecipe(KNOWN, { json });
    expect(read.title).toBe('Prawns for *Thursday*');
    expect(read.servings).toBe(card.people);
    expect(read.fried!.layers.map((l) => l.portions.map((p) => p.ingredientId))).toEqual([
      ['wheat-flour', 'salt'],
      ['egg'],
      ['coarse-crumbs'],
    ]);
    expect(read.dish).toMatchObject({ foodId: 'prawn' });
    expect(read.lines.filter((l) => l.takenFor === 'dip')).toHaveLength(1);
  });
});
