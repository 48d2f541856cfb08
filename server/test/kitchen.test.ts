import { COMMON_FRYERS, type KitchenDocument, type Problem } from '@yellowmist/contract';
import { RunningServer } from './running.js';

const server = new RunningServer();
beforeAll(() => server.start());
afterAll(() => server.end());

const save = (kitchen: unknown) => server.ask<KitchenDocument & Problem>('PUT', '/kitchen', kitchen);
const GALLEY = {
  ...COMMON_FRYERS[0],
  name: 'Galley',
  hotSpots: [2, 3, 3, 2, 2, 3, 1, 2, 2],
  readings: [{ setC: 180, readC: 187 }],
};
const PUMP = { name: 'Pump bottle', kind: 'pump', gPerStroke: 0.21 };

describe('the kitchen', () => {
  test('begins empty, is saved, and is there after a kill', async () => {
    expect((await server.ask('GET', '/kitchen')).body).toEqual({ version: 0, fryers: [], sprayers: [] });
    expect((await save({ version: 0, fryers: [GALLEY], sprayers: [PUMP] })).body.version).toBe(1);
    await server.kill();
    await server.start();
    expect((await server.ask('GET', '/kitchen')).body).toEqual({ version: 1, fryers: [GALLEY], sprayers: [PUMP] });
  });

  test('a stale save gets 409 and overwrites nothing', async () => {
    const stale = await save({ version: 0, fryers: [], sprayers: [] });
    expect(stale.status).toBe(409);
    expect(stale.body.currentVersion).toBe(1);
  });

  test.each<[string, unknown, RegExp]>([
    [
      'a basket of 10 mm',
      { ...GALLEY, basket: { kind: 'round', diameterMm: 10 } },
      /diameterMm must be a number from 80/,
    ],
    ['eight slices of bread', { ...GALLEY, hotSpots: [1, 2, 3, 4, 1, 2, 3, 4] }, /hotSpots/],
    ['bread of no colour', { ...GALLEY, hotSpots: [9, 2, 2, 2, 2, 2, 2, 2, 2] }, /hotSpots/],
    ['a coldest above the hottest', { ...GALLEY, minTempC: 220 }, /must not be above maxTempC/],
  ])('%s is refused at its field', async (_, fryer, message) => {
    const answer = await save({ version: 1, fryers: [fryer], sprayers: [] });
    expect(answer.status).toBe(400);
    expect(answer.body.detail).toMatch(message);
  });
});
