import type { Backups, KitchenDocument, LearningDocument, ListedConversion, ListedCook } from '@yellowmist/contract';
import { HISTORY } from '../src/demo/history.js';
import { NET_LOFT, SCENARIO } from '../src/demo/scenario.js';
import { RunningServer } from './running.js';

const server = new RunningServer(['--demo-data']);
afterAll(() => server.end());

const list = async <T>(path: string): Promise<T[]> => (await server.ask<T[]>('GET', path)).body;

test('the demo is whole after its fill was killed half-way, and is left alone from then on', async () => {
  // The first dishes are there by then, and no cook.
  await server.killedAfter(6000);
  await server.start();
  const dishes = await list<ListedConversion>('/conversions');
  expect(dishes.map((d) => d.name).sort()).toEqual(SCENARIO.map((d) => d.name).sort());
  expect(dishes.every((d) => 'chosen' in d && d.chosen !== null)).toBe(true);
  const cooks = await list<ListedCook>('/cooks');
  expect(cooks).toHaveLength(HISTORY.length);
  expect(await list('/experiments')).toHaveLength(2);
  expect(await list('/evenings')).toHaveLength(1);
  expect((await server.ask<LearningDocument>('GET', '/learning')).body.on).toBe(true);
  const { fryers } = (await server.ask<KitchenDocument>('GET', '/kitchen')).body;
  expect(fryers.map((f) => f.name)).toEqual(NET_LOFT.fryers.map((f) => f.name));
  await server.ask('DELETE', `/conversions/${dishes[0].id}`);
  await server.stop();
  await server.start();
  expect(await list('/conversions')).toHaveLength(SCENARIO.length - 1);
  expect(await list('/cooks')).toHaveLength(HISTORY.length);
  expect((await server.ask<Backups>('GET', '/backups')).body.setAside).toBeNull();
}, 300_000);
