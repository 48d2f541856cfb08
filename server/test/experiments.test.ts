import {
  experimentDocumentSchema,
  experimentListSchema,
  type ConversionDocument,
  type ExperimentDocument,
  type ExperimentInList,
  type ImportReport,
  type KitchenFile,
  type Problem,
} from '@yellowmist/contract';
import { BREADED } from '../../core/testing/plain.js';
import { converted } from './converted.js';
import { valid } from './counter.js';
import { RunningServer } from './running.js';

const server = new RunningServer();
afterAll(() => server.end());

let dish: ConversionDocument;
const TASTERS = ['Ines', 'Tobi', 'Wen'];
const OIL = [
  { what: 'oil', how: 'sprayed' },
  { what: 'oil', how: 'in-crumbs' },
];

type Answer = ExperimentDocument & Problem;
const post = (more: object = {}) =>
  server.ask<Answer>('POST', '/experiments', {
    conversionId: dish.id,
    ways: OIL,
    asks: 'crisper',
    tasters: TASTERS,
    ...more,
  });
const planned = async (more: object = {}): Promise<ExperimentDocument> => {
  const { status, body } = await post(more);
  expect(status).toBe(201);
  valid(experimentDocumentSchema, body);
  return body;
};
const read = async (id: string): Promise<ExperimentDocument> => {
  const { status, body } = await server.ask<ExperimentDocument>('GET', `/experiments/${id}`);
  expect(status).toBe(200);
  valid(experimentDocumentSchema, body);
  return body;
};
const put = (id: string, body: object) => server.ask<Answer>('PUT', `/experiments/${id}`, body);
const notesOf = ({ version, name, tasters, tastings, note }: ExperimentDocument) => ({
  version,
  name,
  tasters,
  tastings,
  note,
});
const list = async (): Promise<ExperimentInList[]> => {
  const { body } = await server.ask<ExperimentInList[]>('GET', '/experiments');
  valid(experimentListSchema, body);
  return body;
};
const tastedBy = (taster: string, order: string[]) => ({ taster, at: '2026-11-20T19:00:00.000Z', order });

beforeAll(async () => {
  await server.start();
  const body = converted('Leeks two ways', {
    foodId: 'leek',
    shape: { kind: 'slab', lengthMm: 60, widthMm: 30, thicknessMm: 14 },
    count: 16,
  });
  body.chosen!.plan.layers = BREADED;
  dish = (await server.ask<ConversionDocument>('POST', '/conversions', body)).body;
});

describe('a comparison in one batch', () => {
  test('is planned: places, bowls, codes, an order for each taster', async () => {
    const { planned: plan, codes, serve, result, name } = await planned();
    expect(name).toBe('Leeks two ways: oil sprayed on and oil in the crumbs');
    expect(plan.ways.map((w) => w.mark)).toEqual(['A', 'B']);
    expect(plan.ways[0].pieces).toBe(plan.ways[1].pieces);
    expect(plan.ways[0].sprayOilG).toBeGreaterThan(0);
    expect(plan.bowls.at(-1)!.ways).toEqual([1]);
    expect(plan.bowls.at(-1)!.bowl.parts.map((p) => p.ingredientId)).toContain('rapeseed-oil');
    expect(serve.map((s) => s.taster)).toEqual(TASTERS);
    for (const { order } of serve) expect([...order].sort()).toEqual([...codes].sort());
    expect(result).toMatchObject({ told: 0, ahead: null, sure: 'nothing', says: 'Nobody has tasted yet.' });
  });

  test('takes answers by codes, says how sure one may be, and outlives a kill', async () => {
    const made = await planned({ tasters: [...TASTERS, 'Ash', 'Bo', 'Cy'] });
    const [a, b] = made.codes;
    const tastings = made.tasters.map((taster) => tastedBy(taster, [b, a]));
    const { status, body } = await put(made.id, { ...notesOf(made), tastings });
    expect(status).toBe(200);
    expect(body.result).toMatchObject({ told: 6, first: [0, 6], ahead: 1, sure: 'sure', test: 'sign' });
    expect(body.result.chance).toBeCloseTo(1 / 32, 6);
    expect(body.result.says).toMatch(/^6 of 6 found “oil in the crumbs” crispest\./);
    await server.kill();
    await server.start();
    expect((await read(made.id)).tastings).toEqual(tastings);
  });

  test('goes by an answer of none: they were alike', async () => {
    const made = await planned();
    const { body } = await put(made.id, { ...notesOf(made), tastings: [tastedBy('Wen', [])] });
    expect(body.result).toMatchObject({ told: 0, alike: 1, ahead: null });
  });

  test('who tastes again is served in the next order, and is named for it', async () => {
    const made = await planned({ tasters: ['Wen'] });
    const orders = new Set([made.serve[0].order.join()]);
    const { body } = await put(made.id, { ...notesOf(made), tastings: [tastedBy('Wen', made.codes)] });
    orders.add(body.serve[0].order.join());
    expect(orders.size).toBe(2);
    const again = [tastedBy('Wen', made.codes), tastedBy('Wen', made.codes)];
    const twice = await put(made.id, { ...notesOf(body), tastings: again });
    expect(twice.body.result.says).toMatch(/Wen tasted more than once/);
  });

  test('stands in the list, is put aside and brought back', async () => {
    const { id, name } = await planned({ name: 'Oil, at last' });
    expect((await list())[0]).toMatchObject({ id, name, dishName: 'Leeks two ways', tastings: 0, sure: 'nothing' });
    expect((await server.ask('DELETE', `/experiments/${id}`)).status).toBe(204);
    expect((await list()).map((e) => e.id)).not.toContain(id);
    expect((await server.ask('GET', `/experiments/${id}`)).status).toBe(404);
    expect((await server.ask('POST', `/experiments/${id}/restore`)).status).toBe(200);
    expect((await list()).map((e) => e.id)).toContain(id);
  });

  test('stays as it was planned when its dish is changed or put aside', async () => {
    const own = (
      await server.ask<ConversionDocument>('POST', '/conversions', { ...converted('Soon gone'), chosen: dish.chosen })
    ).body;
    const made = await planned({
      conversionId: own.id,
      ways: [
        { what: 'rest', min: 10 },
        { what: 'rest', min: 0 },
      ],
    });
    await server.ask('DELETE', `/conversions/${own.id}`);
    expect((await read(made.id)).planned).toEqual(made.planned);
  });

  test('leaves with the whole kitchen, and comes in again', async () => {
    const made = await planned({ name: 'To take along' });
    const { body: file } = await server.ask<KitchenFile>('GET', '/export?as=json');
    const filed = file.experiments.find((e) => e.id === made.id)!;
    expect(filed.body.planned).toEqual(made.planned);
    const other = new RunningServer();
    await other.start();
    try {
      const { body } = await other.ask<ImportReport>('POST', '/import', file);
      expect(body.added).toContainEqual({ what: 'experiment', name: 'To take along' });
      const brought = await other.ask<ExperimentDocument>('GET', `/experiments/${made.id}`);
      expect(brought.body.codes).toEqual(made.codes);
      expect(brought.body.serve).toEqual(made.serve);
    } finally {
      await other.end();
    }
  });
});

describe('what is wrong is said at its field, and nothing is lost', () => {
  const rest = (min: number) => ({ what: 'rest', min });
  test.each<[string, object, string, RegExp]>([
    ['no such dish', { conversionId: '3f1f0a53-1111-4111-8111-111111111111' }, 'conversionId', /id of a dish/],
    ['one way', { ways: [OIL[0]] }, 'ways', /at least 2/],
    ['five ways', { ways: [0, 1, 2, 3, 4].map(rest) }, 'ways', /ways must hold at most 4/],
    ['the same way twice', { ways: [OIL[0], OIL[0]] }, 'ways', /the same: “oil sprayed on”/],
    ['an unknown way', { ways: [OIL[0], { what: 'magic' }] }, 'ways.1.what', /must be one of/],
    [
      'a way with the field of another',
      { ways: [OIL[0], { what: 'rest', min: 5, how: 'none' }] },
      'ways.1.how',
      /not allowed/,
    ],
    [
      'an ingredient that is none',
      { ways: [OIL[0], { what: 'swap', layer: 0, from: 'wheat-flour', to: 'sawdust' }] },
      'ways.1.to',
      /pantry/,
    ],
    [
      'a layer that is not there',
      { ways: [OIL[0], { what: 'swap', layer: 6, from: 'egg', to: 'milk' }] },
      'ways',
      /Layer 7 of this coat has no egg/,
    ],
    ['three in halves', { ways: [0, 5, 10].map(rest), laying: 'halves' }, 'ways', /Only two ways lie in halves/],
    ['a question that nobody can answer', { asks: 'bigger' }, 'asks', /must be one of/],
    ['the same taster twice', { tasters: ['Wen', 'Wen'] }, 'tasters.1', /duplicate/],
  ])('%s', async (_what, more, field, says) => {
    const { status, body } = await post(more);
    expect(status).toBe(400);
    expect(body.errors!.map((e) => e.field)).toContain(field);
    expect(body.errors!.map((e) => e.message).join()).toMatch(says);
  });

  test('an answer with a strange code, half an order, a stranger, and a stale save', async () => {
    const made = await planned();
    const [a, b] = made.codes;
    const wrong = async (tasting: object, field: string): Promise<void> => {
      const { status, body } = await put(made.id, { ...notesOf(made), tastings: [tasting] });
      expect(status).toBe(400);
      expect(body.errors![0].field).toBe(field);
    };
    await wrong(tastedBy('Wen', [a]), 'tastings.0.order');
    await wrong(tastedBy('Wen', [a, '111']), 'tastings.0.order');
    await wrong(tastedBy('Somebody', [a, b]), 'tastings.0.taster');
    expect((await put(made.id, { ...notesOf(made), note: 'first' })).status).toBe(200);
    const stale = await put(made.id, { ...notesOf(made), note: 'second' });
    expect([stale.status, stale.body.currentVersion]).toEqual([409, 2]);
    expect((await read(made.id)).note).toBe('first');
  });
});
