import { COMMON_FRYERS, EMPTY_KITCHEN, type KitchenDocument, type Problem } from '@yellowmist/contract';
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
const PROGRAMME = { name: 'Chips', tempC: 200, minutes: 20 };
const PUMP = { name: 'Pump bottle', kind: 'pump', gPerStroke: 0.21 };

describe('the kitchen', () => {
  test('begins empty, is saved, and is there after a kill', async () => {
    expect((await server.ask('GET', '/kitchen')).body).toEqual({ version: 0, ...EMPTY_KITCHEN });
    expect((await save({ version: 0, fryers: [GALLEY], sprayers: [PUMP] })).body.version).toBe(1);
    await server.kill();
    await server.start();
    expect((await server.ask('GET', '/kitchen')).body).toEqual({
      version: 1,
      ...EMPTY_KITCHEN,
      fryers: [GALLEY],
      sprayers: [PUMP],
    });
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
    [
      'two programmes of one name',
      { ...GALLEY, presets: [PROGRAMME, PROGRAMME] },
      /presets\[1\] contains a duplicate value/,
    ],
    ['a timer of a minute', { ...GALLEY, timeLimitMin: 1 }, /timeLimitMin must be a number from 5 to 240/],
    ['a coldest above the hottest', { ...GALLEY, minTempC: 220 }, /must not be above maxTempC/],
  ])('%s is refused at its field', async (_, fryer, message) => {
    const answer = await save({ version: 1, fryers: [fryer], sprayers: [] });
    expect(answer.status).toBe(400);
    expect(answer.body.detail).toMatch(message);
  });

  test('bowls, trays and habits are kept; a bowl of nothing is refused', async () => {
    const bowls = [{ name: 'Blue bowl', diameterMm: 180, ml: 900 }];
    const trays = [{ name: 'Slate', widthMm: 400, depthMm: 280 }];
    const fryers = [{ ...GALLEY, presets: [PROGRAMME], preheats: true, timeLimitMin: 30 }];
    const saved = await save({ version: 1, fryers, sprayers: [], bowls, trays, thermometer: false });
    expect(saved.body).toMatchObject({ version: 2, bowls, trays, fryers, thermometer: false });
    const empty = await save({ version: 2, fryers, sprayers: [], bowls: [{ ...bowls[0], ml: 0 }] });
    expect(empty.body.detail).toMatch(/bowls\[0\]\.ml must be a number from 50/);
  });
});
