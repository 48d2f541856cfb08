import { exampleConversion, type ConversionDocument, type PantryDocument, type Problem } from '@yellowmist/contract';
import type { Ingredient, Label } from '@yellowmist/core';
import { RunningServer } from './running.js';

const server = new RunningServer();
beforeAll(() => server.start());
afterAll(() => server.end());

const LENTIL: Label = {
  id: 'own-lentil-crumbs',
  name: 'Red lentil crumbs',
  likeId: 'coarse-crumbs',
  fatG: 2,
  carbohydrateG: 55,
  sugarG: 3,
  fibreG: 9,
  proteinG: 24,
  saltG: 1.2,
  allergens: [],
  origin: 'none',
  cupG: 70,
};

const read = async (): Promise<PantryDocument> => (await server.ask<PantryDocument>('GET', '/pantry/kitchen')).body;
const save = (pantry: PantryDocument) => server.ask<PantryDocument & Problem>('PUT', '/pantry/kitchen', pantry);

describe('the kitchen’s pantry', () => {
  test('begins empty, is saved, and a stale save gets 409 and overwrites nothing', async () => {
    expect(await read()).toEqual({ version: 0, have: [], never: [], own: [] });
    const first = await save({ version: 0, have: ['polenta'], never: ['beer'], own: [] });
    expect(first.status).toBe(200);
    expect(first.body.version).toBe(1);
    const stale = await save({ version: 0, have: [], never: [], own: [] });
    expect(stale.status).toBe(409);
    expect(stale.body.currentVersion).toBe(1);
    expect((await read()).never).toEqual(['beer']);
  });

  test('an own ingredient can be fried, simulated and searched with, also after a kill', async () => {
    const { version } = await read();
    expect((await save({ version, have: [], never: [], own: [LENTIL] })).status).toBe(200);
    await server.kill();
    await server.start();
    const listed = (await server.ask<Ingredient[]>('GET', '/pantry')).body;
    expect(listed.at(-1)).toMatchObject({ id: LENTIL.id, allergens: [], source: 'the cook’s own, from its label' });

    const { dish, fried, fryer, limits } = exampleConversion();
    const portions = [{ ingredientId: LENTIL.id, grams: 60 }];
    const answer = await server.ask<{ alternatives: { layers: { portions: { ingredientId: string }[] }[] }[] }>(
      'POST',
      '/convert',
      {
        dish,
        fried: { ...fried, layers: [fried.layers[0], { portions }] },
        fryer,
        limits: { ...limits, keep: [LENTIL.id] },
      },
    );
    expect(answer.status).toBe(200);
    expect(answer.body.alternatives.length).toBeGreaterThan(0);
    for (const { layers } of answer.body.alternatives) {
      expect(layers.some((l) => l.portions.some((p) => p.ingredientId === LENTIL.id))).toBe(true);
    }
  });

  test('is not taken away while a dish uses it', async () => {
    const body = { ...exampleConversion(), name: 'Lentil fingers' };
    body.fried.layers.push({ portions: [{ ingredientId: LENTIL.id, grams: 60 }] });
    expect((await server.ask<ConversionDocument>('POST', '/conversions', body)).status).toBe(201);
    const kept = await read();
    const gone = await save({ ...kept, own: [] });
    expect(gone.status).toBe(400);
    expect(gone.body.errors?.[0]).toMatchObject({ field: 'own', message: expect.stringContaining('Lentil fingers') });
    expect((await read()).own).toHaveLength(1);
  });

  test.each<[string, Partial<Label>, RegExp]>([
    ['more than fits into 100 g', { carbohydrateG: 90 }, /more than 101 g in 100 g/],
    ['more sugar than carbohydrate', { sugarG: 60 }, /sugarG must be carbohydrateG or less/],
    ['an id that is not its own', { id: 'coarse-crumbs' }, /must begin with own-/],
    ['a food to behave like', { likeId: 'cod' }, /known coat ingredient/],
    ['negative salt', { saltG: -1 }, /from 0 to 100/],
    ['no name', { name: '' }, /name/],
  ])('%s is refused at its field', async (_, wrong, message) => {
    const { version } = await read();
    const answer = await save({ version, have: [], never: [], own: [{ ...LENTIL, ...wrong }] });
    expect(answer.status).toBe(400);
    expect(answer.body.errors?.[0].field).toMatch(/^own/);
    expect(answer.body.detail).toMatch(message);
  });
});
