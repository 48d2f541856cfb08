import {
  EMPTY_SUPPER,
  exampleConversion,
  type ConversionDocument,
  type Problem,
  type SupperDocument,
} from '@yellowmist/contract';
import { RunningServer } from './running.js';

const server = new RunningServer();
beforeAll(() => server.start());
afterAll(() => server.end());

const save = (supper: unknown) => server.ask<SupperDocument & Problem>('PUT', '/supper', supper);
const guest = { name: 'Wen’s sister', avoidAllergens: ['sesame'], diets: ['vegan'] };

describe('the next supper', () => {
  test('begins empty, is saved with its dishes and guests, and is there after a kill', async () => {
    expect((await server.ask('GET', '/supper')).body).toEqual({ version: 0, ...EMPTY_SUPPER });
    const dish = await server.ask<ConversionDocument>('POST', '/conversions', exampleConversion());
    const body = { name: 'Thursday', dishIds: [dish.body.id], guests: [guest] };
    expect((await save({ version: 0, ...body })).body.version).toBe(1);
    await server.kill();
    await server.start();
    expect((await server.ask('GET', '/supper')).body).toEqual({ version: 1, ...body });
  });

  test('a dish that is deleted leaves it, and is back when it is brought back', async () => {
    const [id] = (await server.ask<SupperDocument>('GET', '/supper')).body.dishIds;
    await server.ask('DELETE', `/conversions/${id}`);
    expect((await server.ask<SupperDocument>('GET', '/supper')).body.dishIds).toEqual([]);
    await server.ask('POST', `/conversions/${id}/restore`);
    expect((await server.ask<SupperDocument>('GET', '/supper')).body.dishIds).toEqual([id]);
  });

  test.each<[string, object, RegExp]>([
    ['a dish that is not there', { dishIds: ['nothing'] }, /dishIds\[0\] must be the id of a dish/],
    ['two guests of one name', { guests: [guest, guest] }, /guests\[1\] contains a duplicate/],
    ['an unknown allergen', { guests: [{ ...guest, avoidAllergens: ['dust'] }] }, /avoidAllergens\[0\] must be one of/],
    ['a nameless supper', { name: '' }, /name is not allowed to be empty/],
  ])('%s is refused at its field, and nothing is lost', async (_, part, message) => {
    const answer = await save({ version: 1, ...EMPTY_SUPPER, ...part });
    expect(answer.status).toBe(400);
    expect(answer.body.detail).toMatch(message);
    expect((await server.ask<SupperDocument>('GET', '/supper')).body.name).toBe('Thursday');
  });

  test('a stale save gets 409', async () => expect((await save({ version: 0, ...EMPTY_SUPPER })).status).toBe(409));
});
