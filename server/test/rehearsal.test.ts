import {
  devicesSchema,
  sightSchema,
  type ConversionDocument,
  type CookDocument,
  type CookReview,
  type DeviceAbout,
  type ListedCook,
  type Problem,
  type SightAnswer,
} from '@yellowmist/contract';
import { converted } from './converted.js';
import { counterOf, valid } from './counter.js';
import { RunningServer } from './running.js';

const server = new RunningServer();
const { open, read, standing, start } = counterOf(server);
afterAll(() => server.end());

let dish: ConversionDocument;

beforeAll(async () => {
  dish = await open();
});

describe('devices', () => {
  test('are listed with what they measure, how often, their lag and battery, and that they are simulated', async () => {
    const { body: kitchen } = await server.ask<{ version: number }>('GET', '/kitchen');
    await server.ask('PUT', '/kitchen', {
      ...kitchen,
      fryers: [dish.fryer, { ...dish.fryer, name: 'Otter (practice)', practice: true }],
    });
    const { body } = await server.ask<DeviceAbout[]>('GET', '/devices');
    valid(devicesSchema, body);
    expect(body.map((d) => d.id)).toEqual(['scale', `probe:${dish.fryer.name}`, 'probe:Otter (practice)']);
    expect(body[1]).toMatchObject({ measures: ['centre', 'air'], everyS: 5, simulated: true, connected: true });
    expect(body[1].tells).toMatch(/rehearsals only/);
    expect(body[2].tells).toMatch(/every cook in this practice fryer/);
  });

  test('a hand loses a probe, finds it, and weakens its battery', async () => {
    const about = async (): Promise<DeviceAbout> =>
      (await server.ask<DeviceAbout[]>('GET', '/devices')).body.find((d) => d.id === 'probe:Otter (practice)')!;
    const hand = (deed: string) =>
      server.ask<Problem>('POST', `/devices/probes/${encodeURIComponent('Otter (practice)')}/hand`, { deed });
    expect((await hand('lose')).status).toBe(204);
    expect((await about()).connected).toBe(false);
    await hand('find');
    await hand('weaken');
    expect(await about()).toMatchObject({ connected: true });
    expect((await about()).battery).toBeLessThan(0.1);
    const wrong = await hand('throw');
    expect(wrong.status).toBe(400);
    expect(wrong.body.detail).toMatch(/deed must be one of \[lose, find/);
  });
});

describe('a rehearsal at ×60', () => {
  let cook: CookDocument;

  test('goes by its own hands from the first bowl to the table; its probes tell, and what is hidden is told at the end alone', async () => {
    const quick = converted('A quick one', { count: 4 }, 9);
    quick.chosen!.plan.restMin = 1;
    const { body: made } = await server.ask<ConversionDocument>('POST', '/conversions', quick);
    cook = await start({ conversionId: made.id, rehearsal: { rate: 60, surprises: ['runs-hot'] } });
    expect(cook.simulated).toEqual([dish.fryer.name]);
    expect((await server.ask('GET', `/cooks/${cook.id}/review`)).status).toBe(409);
    expect(JSON.stringify(await read(cook.id))).not.toMatch(/offsetK/);
    let seen: SightAnswer | null = null;
    const until = Date.now() + 150_000;
    while ((await read(cook.id)).endedAt === null && Date.now() < until) {
      const inside = (await standing(cook.id)).timers.find((t) => t.batch !== null && /cooks/.test(t.text));
      if (inside && !seen) {
        const { status, body } = await server.ask<SightAnswer>('GET', `/cooks/${cook.id}/sights/${inside.batch}`);
        if (status === 200) seen = body;
      }
      await new Promise((resolve) => setTimeout(resolve, 400));
    }
    const done = await read(cook.id);
    expect(done.endedAt).not.toBeNull();
    expect(done.events.find((e) => e.what === 'ended')).toMatchObject({ how: 'served', by: 'rehearsal' });
    const wanted = cook.programme.steps.filter((s) => s.cook !== null).map((s) => s.id);
    expect(new Set(done.events.flatMap((e) => (e.what === 'done' ? [e.step] : [])))).toEqual(new Set(wanted));
    expect(done.events.filter((e) => e.what === 'reading').length).toBeGreaterThan(20);
    expect(done.events.filter((e) => e.what === 'seen' && e.saw === 'darker').length).toBeGreaterThan(0);
    expect(seen).not.toBeNull();
    valid(sightSchema, seen);
  }, 180_000);

  test('ends with what was really so, and is marked as a rehearsal for ever', async () => {
    const { status, body } = await server.ask<CookReview>('GET', `/cooks/${cook.id}/review`);
    expect(status).toBe(200);
    expect(body.surprises.map((s) => s.surprise)).toEqual(['runs-hot']);
    expect(body.fryers[0].offsetC - body.fryers[0].saidC).toBe(14);
    expect(body.batches).toHaveLength(cook.programme.batches.length);
    const { body: list } = await server.ask<ListedCook[]>('GET', '/cooks');
    expect(list.find((c) => c.id === cook.id)!.rehearsal).toMatchObject({ rate: 60 });
    const real = await start();
    expect((await server.ask('GET', `/cooks/${real.id}/review`)).status).toBe(404);
    expect((await server.ask('GET', `/cooks/${real.id}/sights/${real.programme.batches[0].key}`)).status).toBe(404);
  });
});
