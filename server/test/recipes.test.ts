import { Ajv2019 } from 'ajv/dist/2019.js';
import { readFileSync } from 'node:fs';
import {
  check,
  exampleConversion,
  recipeReadingSchema,
  type ConversionDocument,
  type DishFile,
  type Problem,
} from '@yellowmist/contract';
import type { RecipeReading } from '@yellowmist/core';
import { RunningServer } from './running.js';

const server = new RunningServer();
beforeAll(() => server.start());
afterAll(() => server.end());

const TEXT = `Hake fingers

Serves 3

400 g hake, cut into fingers
50 g flour
1 tsp salt
1 egg, beaten
80 g panko
Oil for deep-frying

Dip the hake in the flour mixed with salt, then egg, then panko. Fry at 180 °C for 4 minutes.`;

const read = (body: unknown) => server.ask<RecipeReading & Problem>('POST', '/recipes/read', body);

describe('POST /api/recipes/read', () => {
  test('reads a text: lines, steps, dish, pot, guesses, all as documented', async () => {
    const { status, body } = await read({ text: TEXT });
    expect(status).toBe(200);
    expect(check(recipeReadingSchema, body)).toMatchObject({ ok: true });
    expect(body).toMatchObject({ title: 'Hake fingers', servings: 3, sauce: null, notUsed: [], guesses: [] });
    expect(body.lines.map((l) => [l.takenFor, l.bowl, l.ingredientId])).toEqual([
      ['food', null, 'hake'],
      ['dust', 'dust', 'wheat-flour'],
      ['seasoning', 'dust', 'salt'],
      ['binder', 'binder', 'egg'],
      ['finish', 'finish', 'coarse-crumbs'],
      ['frying-oil', null, 'rapeseed-oil'],
    ]);
    expect(body.lines[1]).toMatchObject({ quantity: 50, unit: 'gram', grams: 50, sure: 'sure' });
    expect(body.steps[0].found).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ what: 'oil-temperature', value: 180 }),
        { what: 'minutes', text: '4 min', value: 4 },
      ]),
    );
    expect(body.fried).toMatchObject({ tempC: 180, minutes: 4, medium: 'deep-oil' });
  });

  test('reads a page and a document of schema.org, whatever else stands in them', async () => {
    const recipe = {
      '@graph': [
        { '@type': 'WebSite' },
        {
          '@type': 'Recipe',
          name: 'Hake',
          recipeIngredient: ['400 g hake', '100 g flour', '150 ml beer'],
          recipeInstructions: ['Whisk flour and beer. Dip the hake. Fry at 185C for 5 minutes.'],
        },
      ],
    };
    const json = await read({ json: recipe });
    const html = await read({
      html: `<script type="application/ld+json">${JSON.stringify(recipe)}</script><p>1 kg adverts</p>`,
    });
    expect(json.body.fried).toMatchObject({ tempC: 185, minutes: 5 });
    expect(html.body.lines).toEqual(json.body.lines);
  });

  test('its dish and pot are what a conversion takes', async () => {
    const { body } = await read({ text: TEXT });
    const { fryer, limits } = exampleConversion();
    const made = await server.ask<ConversionDocument>('POST', '/conversions', {
      name: body.title,
      dish: body.dish,
      fried: body.fried,
      fryer,
      limits,
    });
    expect(made.status).toBe(201);
  });

  test.each([
    ['nothing', {}, '', /text, html or json must be given/],
    ['two at once', { text: TEXT, html: '<p>' }, '', /cannot be given together/],
    ['an empty text', { text: ' ' }, 'text', /nothing to read yet/],
    ['a PDF', { text: '%PDF-1.4' }, 'text', /is a PDF/],
    ['JSON of something else', { json: { a: 1 } }, 'json', /no recipe of schema.org/],
    [
      'a page of another language',
      {
        html: '<p>Die Schnitzel in dem Mehl und dann in dem Ei mit den Bröseln wenden und auf beiden Seiten in dem Fett backen.</p>',
      },
      'html',
      /German/,
    ],
    ['too long a text', { text: 'egg '.repeat(60_000) }, 'text', /length|200000/],
  ])('%s is refused at its field', async (_what, body, field, reason) => {
    const answer = await read(body);
    expect(answer.status).toBe(400);
    expect(answer.body.errors![0].field).toBe(field);
    expect(answer.body.detail).toMatch(reason);
  });

  test('a page of five megabytes is read; a larger one is told what it may be', async () => {
    const large = `<h1>Hake</h1><ul><li>400 g hake</li><li>100 g flour</li></ul>${'<!-- x -->'.repeat(480_000)}`;
    expect((await read({ html: large })).status).toBe(200);
    const { status, body } = await read({ html: 'x'.repeat(7_000_000) });
    expect(status).toBe(413);
    expect(body.detail).toMatch(/6 MB/);
  });
});

describe('GET /api/conversions/{id}/recipe', () => {
  const plan = {
    layers: exampleConversion().fried.layers,
    restMin: 7,
    oilGm2: 15,
    second: null,
    settings: {
      tempC: 190,
      minutes: 11,
      preheated: false,
      turnAtMin: 6,
      under: 'parchment',
      waterTray: false,
      swapEveryMin: null,
      looks: 0,
    },
  };
  const create = async (extra: object = {}): Promise<string> =>
    (
      await server.ask<ConversionDocument>('POST', '/conversions', {
        ...exampleConversion(),
        note: 'Half of it dripped.',
        ...extra,
      })
    ).body.id;
  const fetched = (id: string, as: string) => fetch(`${server.address()}/api/conversions/${id}/recipe?as=${as}`);

  test('writes a converted dish in every form, and reads it back', async () => {
    const id = await create({ chosen: { family: 'own', by: 'cook', plan } });
    const ld = await fetched(id, 'json-ld');
    expect(ld.headers.get('content-type')).toMatch(/^application\/ld\+json/);
    expect(ld.headers.get('content-disposition')).toBe('attachment; filename="oyster-mushrooms.jsonld"');
    const json = (await ld.json()) as Record<string, unknown>;
    expect(json).toMatchObject({ '@type': 'Recipe', name: 'Oyster mushrooms', cookingMethod: 'Air frying' });
    const back = await read({ json });
    expect(back.body.fried!.layers[0].portions.map((p) => p.ingredientId)).toEqual(
      plan.layers[0].portions.map((p) => p.ingredientId),
    );
    expect(await (await fetched(id, 'markdown')).text()).toMatch(/^# Oyster mushrooms\n\nHalf of it dripped\./);
    expect(await (await fetched(id, 'text')).text()).toMatch(/190 °C, 11 minutes/);
  });

  test('a dish of Yellowmist is valid by the published schema, and comes back as it was', async () => {
    const id = await create({ tags: ['thursday'] });
    const file = (await (await fetched(id, 'yellowmist')).json()) as DishFile;
    const schema = JSON.parse(readFileSync('docs/yellowmist-dish.schema.json', 'utf8')) as object;
    expect(new Ajv2019({ strict: false }).validate(schema, file)).toBe(true);
    const back = await read({ json: file });
    expect(back.body).toMatchObject({ title: 'Oyster mushrooms', dish: file.dish, fried: file.fried });
    const spoiled = await read({ json: { ...file, dish: { ...file.dish, count: 0 } } });
    expect(spoiled.status).toBe(400);
    expect(spoiled.body.detail).toMatch(/dish\.count must be a number from 1/);
  });

  test('what cannot be written says why', async () => {
    const id = await create();
    const none = await server.ask<Problem>('GET', `/conversions/${id}/recipe?as=markdown`);
    expect([none.status, none.body.detail]).toEqual([404, expect.stringMatching(/no air version yet/)]);
    const wrong = await server.ask<Problem>('GET', `/conversions/${id}/recipe?as=pdf`);
    expect(wrong.body.errors).toMatchObject([{ field: 'as' }]);
  });
});
