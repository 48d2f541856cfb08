import { exampleConversion, type ConversionDocument, type KeptAnswer, type SearchAnswer } from '@yellowmist/contract';
import { convertDish, kept, KNOWN } from '@yellowmist/core';
import { RunningServer } from './running.js';

const server = new RunningServer();
beforeAll(() => server.start());
afterAll(() => server.end());

/** A real search, as the bench keeps it. */
const found: SearchAnswer = {
  asked: 'a-question',
  model: 'a-model',
  ...kept(convertDish({ ...exampleConversion(), pantry: KNOWN })),
};
const make = async (): Promise<string> =>
  (await server.ask<ConversionDocument>('POST', '/conversions', exampleConversion())).body.id;
const answerOf = async (id: string): Promise<SearchAnswer | null> =>
  (await server.ask<KeptAnswer>('GET', `/conversions/${id}/answer`)).body.found;

describe('what was found is kept with the dish', () => {
  test('nothing at first, then the search to the letter, also after a kill', async () => {
    const id = await make();
    expect(await answerOf(id)).toBeNull();
    expect((await server.ask('PUT', `/conversions/${id}/answer`, found)).status).toBe(204);
    expect(await answerOf(id)).toEqual(JSON.parse(JSON.stringify(found)));
    await server.kill();
    await server.start();
    expect(await answerOf(id)).toEqual(JSON.parse(JSON.stringify(found)));
  });

  test('a later search takes its place, and a copy of the dish has it, too', async () => {
    const id = await make();
    await server.ask('PUT', `/conversions/${id}/answer`, found);
    await server.ask('PUT', `/conversions/${id}/answer`, { ...found, asked: 'another' });
    expect((await answerOf(id))?.asked).toBe('another');
    const copy = await server.ask<ConversionDocument>('POST', `/conversions/${id}/duplicate`);
    expect((await answerOf(copy.body.id))?.asked).toBe('another');
  });

  test('a save of the dish leaves its version as it was: an answer is no edit', async () => {
    const id = await make();
    await server.ask('PUT', `/conversions/${id}/answer`, found);
    const saved = await server.ask<ConversionDocument>('PUT', `/conversions/${id}`, {
      ...exampleConversion(),
      version: 1,
    });
    expect(saved).toMatchObject({ status: 200, body: { version: 2 } });
  });

  test.each<[string, object, RegExp]>([
    ['a cook of a coat that is not there', { cooks: [{ ...found.cooks[0], coat: 1e6 }] }, /cooks\[0\]\.coat/],
    ['no question', { asked: undefined }, /asked/],
    ['a field of its own', { extra: 1 }, /extra/],
  ])('%s is refused at its field', async (_, part, message) => {
    const { status, body } = await server.ask<{ errors: { message: string }[] }>(
      'PUT',
      `/conversions/${await make()}/answer`,
      { ...found, ...part },
    );
    expect(status).toBe(400);
    expect(body.errors[0].message).toMatch(message);
  });

  test('of a dish that is none there is no answer', async () => {
    const none = '00000000-0000-4000-8000-000000000000';
    expect((await server.ask('GET', `/conversions/${none}/answer`)).status).toBe(404);
    expect((await server.ask('PUT', `/conversions/${none}/answer`, found)).status).toBe(404);
  });
});
