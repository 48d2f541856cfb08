import { request as httpRequest } from 'node:http';
import {
  FORMATS,
  formatNumber,
  exampleConversion,
  type ChangeAnswer,
  type ConversionBody,
  type ConversionDocument,
  type ListedDish,
  type ConvertAnswer,
  type Problem,
} from '@yellowmist/contract';
import { RunningServer } from './running.js';

const server = new RunningServer();
beforeAll(() => server.start());
afterAll(() => server.end());

const body = (name: string): ConversionBody => ({ ...exampleConversion(), name });
const create = async (name: string): Promise<ConversionDocument> =>
  (await server.ask<ConversionDocument>('POST', '/conversions', body(name))).body;

describe('conversions', () => {
  test('are created, listed, read and saved, each save raising the version', async () => {
    const made = await server.ask<ConversionDocument>('POST', '/conversions', body('Net loft fritters'));
    expect(made.status).toBe(201);
    expect(made.body).toMatchObject({
      name: 'Net loft fritters',
      version: 1,
      format: formatNumber(FORMATS.conversion),
    });
    const saved = await server.ask<ConversionDocument>('PUT', `/conversions/${made.body.id}`, {
      ...body('Renamed'),
      version: 1,
    });
    expect(saved.body).toMatchObject({ name: 'Renamed', version: 2, createdAt: made.body.createdAt });
    const listed = await server.ask<ListedDish[]>('GET', '/conversions');
    const { diets, ...document } = listed.body[0];
    const { versions, ...whole } = (await server.ask<ConversionDocument>('GET', `/conversions/${made.body.id}`)).body;
    expect(document).toEqual(whole);
    expect(versions).toEqual([]);
    expect(diets).toContain('vegan');
  });

  test('a stale save gets 409 with the stored version, and overwrites nothing', async () => {
    const { id } = await create('Okra');
    await server.ask('PUT', `/conversions/${id}`, { ...body('Newer'), version: 1 });
    const stale = await server.ask<Problem>('PUT', `/conversions/${id}`, { ...body('Older'), version: 1 });
    expect(stale.status).toBe(409);
    expect(stale.headers.get('content-type')).toContain('application/problem+json');
    expect(stale.body.currentVersion).toBe(2);
    expect((await server.ask<ConversionDocument>('GET', `/conversions/${id}`)).body.name).toBe('Newer');
  });

  test('are duplicated under a name of their own', async () => {
    const { id } = await create('H'.repeat(80));
    const copy = await server.ask<ConversionDocument>('POST', `/conversions/${id}/duplicate`);
    expect(copy.status).toBe(201);
    expect(copy.body.id).not.toBe(id);
    expect(copy.body.name).toMatch(/^H{73} \(copy\)$/);
  });

  test('are deleted and brought back', async () => {
    const { id } = await create('Put aside');
    expect((await server.ask('DELETE', `/conversions/${id}`)).status).toBe(204);
    expect((await server.ask('GET', `/conversions/${id}`)).status).toBe(404);
    expect((await server.ask('PUT', `/conversions/${id}`, { ...body('x'), version: 1 })).status).toBe(404);
    expect((await server.ask<ConversionDocument>('POST', `/conversions/${id}/restore`)).body.name).toBe('Put aside');
    expect((await server.ask('POST', `/conversions/${id}/restore`)).status).toBe(404);
  });
});

describe('bad input names the field and what is allowed', () => {
  const wrong = (change: (b: ConversionBody) => void): ConversionBody => {
    const b = structuredClone(body('Wrong'));
    change(b);
    return b;
  };

  test.each<[string, ConversionBody, string, RegExp]>([
    [
      '0 mm',
      wrong((b) => void (b.dish.shape = { kind: 'disc', diameterMm: 50, thicknessMm: 0 })),
      'dish.shape.thicknessMm',
      /from 3 to 80/,
    ],
    ['900 °C', wrong((b) => void (b.fried.tempC = 900)), 'fried.tempC', /from 120 to 210/],
    ['no layers', wrong((b) => void (b.fried.layers = [])), 'fried.layers', /at least 1/],
    ['10,000 pieces', wrong((b) => void (b.dish.count = 10_000)), 'dish.count', /from 1 to 500/],
    [
      'an ingredient of no pantry',
      wrong((b) => void (b.fried.layers[0].portions[0].ingredientId = 'sawdust')),
      'fried.layers.0.portions.0.ingredientId',
      /in the pantry/,
    ],
    [
      'a layer that weighs nothing',
      wrong((b) => b.fried.layers[0].portions.forEach((p) => void (p.grams = 0))),
      'fried.layers.0.portions',
      /must weigh 0.01 to 12000 g together/,
    ],
    ['a name of nothing', wrong((b) => void (b.name = ' ')), 'name', /./],
    [
      'a ring whose hole is larger',
      wrong((b) => void (b.dish.shape = { kind: 'ring', outerMm: 50, innerMm: 60, thicknessMm: 10 })),
      'dish.shape.innerMm',
      /less than/,
    ],
  ])('%s', async (_, input, field, message) => {
    const { status, body: problem } = await server.ask<Problem>('POST', '/conversions', input);
    expect(status).toBe(400);
    const error = problem.errors!.find((e) => e.field === field);
    expect(error?.message).toMatch(message);
  });

  test('an unknown field is not silently lost', async () => {
    const { body: problem } = await server.ask<Problem>('POST', '/conversions', { ...body('x'), colour: 'red' });
    expect(problem.errors![0].field).toBe('colour');
  });

  test('broken JSON, too large a body, an id that is none', async () => {
    expect((await server.ask<Problem>('POST', '/conversions', '{"name":')).body.detail).toMatch(
      /could not be read: .*JSON/,
    );
    expect((await server.ask('POST', '/conversions', { name: 'x'.repeat(300_000) })).status).toBe(413);
    expect((await server.ask('GET', '/conversions/7')).status).toBe(400);
  });
});

describe('computing without a screen', () => {
  const { dish, fried, fryer, limits } = exampleConversion();

  test('POST /convert gives the original, and ranked versions with amounts and reasons', async () => {
    const { status, body: found } = await server.ask<{
      fried: { outcomes: Record<string, { word: string }> };
      original: { works: boolean; reasons: { text: string }[] };
      alternatives: {
        works: boolean;
        family: string;
        bowls: { totalG: number }[];
        steps: string[];
        settings: { tempC: number };
      }[];
      changes: ChangeAnswer[];
      keepPot: object | null;
    }>('POST', '/convert', { dish, fried, fryer, limits });
    expect(status).toBe(200);
    expect(found.fried.outcomes.crispness.word).toMatch(/crisp/);
    expect(found.original.works).toBe(false);
    expect(found.original.reasons[0].text).toMatch(/drips/);
    const [best] = found.alternatives;
    expect(best.works).toBe(true);
    expect(best.settings.tempC).toBeGreaterThanOrEqual(160);
    expect(best.bowls.every((b) => b.totalG > 0)).toBe(true);
    expect(best.steps.length).toBeGreaterThan(4);
    expect(found.keepPot).toBeNull();
    expect(found.changes.length).toBeGreaterThan(0);
    for (const { text, buys, gain } of found.changes) {
      expect(text).toMatch(/^[A-Z].*\.$/);
      expect(buys.every((said) => said.length > 5)).toBe(true);
      expect(gain).toBeGreaterThan(-1);
    }
  });

  test('POST /convert answers with the pot where a coat is lace, and with the nearest in air', async () => {
    const layers = [
      {
        portions: [
          { ingredientId: 'wheat-flour', grams: 70 },
          { ingredientId: 'corn-starch', grams: 30 },
          { ingredientId: 'sparkling-water', grams: 160 },
        ],
      },
    ];
    const { body } = await server.ask<ConvertAnswer>('POST', '/convert', {
      dish,
      fried: { ...fried, layers },
      fryer,
      limits,
    });
    expect(body.keepPot).toMatchObject({ why: 'lace' });
    expect(body.keepPot!.reason).toMatch(/lace/);
    expect(body.keepPot!.nearest).toMatch(/nearest in air/);
    expect(body.alternatives.length).toBeGreaterThan(0);
  });

  test('what a plan does to the food is kept with the dish, and something else there is refused by its field', async () => {
    const example = exampleConversion();
    const plan = {
      layers: fried.layers,
      restMin: 5,
      oilGm2: 10,
      settings: { tempC: 200, minutes: 9, preheated: true, preheatC: 210, turnAtMin: null, under: 'basket' },
      second: null,
    };
    const chosen = (making: object) => ({ family: 'own', by: 'cook', plan: { ...plan, making } });
    const making = { patted: true, halved: true, frozen: true };
    const { status, body } = await server.ask<ConversionDocument>('POST', '/conversions', {
      ...example,
      dish: { ...example.dish, readyCoated: true },
      chosen: chosen(making),
    });
    expect(status).toBe(201);
    expect(body.chosen?.plan.making).toEqual(making);
    expect(body.chosen?.plan.settings.preheatC).toBe(210);
    expect(body.dish.readyCoated).toBe(true);
    const refused = await server.ask<Problem>('POST', '/conversions', {
      ...example,
      chosen: chosen({ frozen: 'hard' }),
    });
    expect(refused.status).toBe(400);
    expect(JSON.stringify(refused.body)).toMatch(/chosen\.plan\.making\.frozen/);
  });

  test.each([
    [
      'air',
      {
        medium: 'air',
        fryer,
        tempC: 190,
        minutes: 10,
        preheated: false,
        turnAtMin: 5,
        under: 'basket',
        oilGm2: 15,
        restMin: 5,
      },
      61,
    ],
    ['deep oil', { medium: 'deep-oil', tempC: 180, minutes: 4 }, 49],
    ['a pan', { medium: 'pan-oil', tempC: 175, minutes: 5 }, 61],
  ])('POST /simulate in %s gives the series over time and the outcomes', async (_, cook, samples) => {
    const { status, body: run } = await server.ask<{
      timeS: number[];
      columns: Record<string, number[]>;
      outcomes: Record<string, unknown>;
      waiting: { place: string }[];
    }>('POST', '/simulate', { dish, layers: fried.layers, cook });
    expect(status).toBe(200);
    expect(run.timeS).toHaveLength(samples);
    for (const column of ['centreC', 'surfaceUpC', 'footUpC', 'colourUp', 'colourDown', 'coatWaterGm2']) {
      expect(run.columns[column]).toHaveLength(samples);
    }
    expect(run.columns.centreC.at(-1)).toBeGreaterThan(run.columns.centreC[0]);
    expect(run.outcomes).toHaveProperty('centre');
    if (cook.medium === 'air') expect(run.waiting.map((w) => w.place)).toEqual(['rack', 'plate', 'hold', 'rack']);
  });

  test('a cook of 900 °C is refused at its field', async () => {
    const cook = { medium: 'deep-oil', tempC: 900, minutes: 4 };
    const { status, body: problem } = await server.ask<Problem>('POST', '/simulate', {
      dish,
      layers: fried.layers,
      cook,
    });
    expect(status).toBe(400);
    expect(problem.errors).toEqual([{ field: 'cook.tempC', message: 'cook.tempC must be a number from 120 to 210' }]);
  });

  test('the pantry and the documentation are there', async () => {
    expect((await server.ask<unknown[]>('GET', '/pantry')).body.length).toBeGreaterThanOrEqual(60);
    const { body: docs } = await server.ask<{ paths: Record<string, unknown> }>('GET', '/docs.json');
    expect(Object.keys(docs.paths)).toEqual(
      expect.arrayContaining(['/api/convert', '/api/simulate', '/api/pantry', '/api/conversions/{id}']),
    );
  });
});

describe('security', () => {
  const raw = (headers: Record<string, string>, method = 'GET'): Promise<number> =>
    new Promise((resolve, reject) => {
      const { hostname, port } = new URL(server.address());
      const request = httpRequest({ hostname, port, path: '/api/conversions', method, headers }, (r) =>
        resolve(r.statusCode ?? 0),
      );
      request.on('error', reject);
      request.end();
    });

  test('a foreign host name is refused (DNS rebinding)', async () => {
    expect(await raw({ host: 'rebound.example' })).toBe(403);
    expect(await raw({ host: new URL(server.address()).host })).toBe(200);
  });

  test('a write from a foreign page is refused', async () => {
    expect(await raw({ host: new URL(server.address()).host, origin: 'http://evil.example' }, 'POST')).toBe(403);
  });

  test('pages may load nothing from outside', async () => {
    const { headers } = await server.ask('GET', '/health');
    expect(headers.get('content-security-policy')).toContain("default-src 'self'");
    expect(headers.get('content-security-policy')).toContain("script-src 'self'");
  });
});
