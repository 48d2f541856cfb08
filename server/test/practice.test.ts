import type { CookDocument, DeviceAbout, StoredCookEvent } from '@yellowmist/contract';
import type { CookSeries } from '@yellowmist/core';
import { eventIdOf } from '../src/cooks/truths.js';
import { SimulatedProbe } from '../src/devices/probe.js';
import { converted } from './converted.js';
import { counterOf, event, upTo } from './counter.js';
import { RunningServer } from './running.js';

describe('a simulated probe', () => {
  const timeS = Float64Array.from({ length: 121 }, (_, k) => k * 10);
  const rising = Float32Array.from(timeS, (t) => 20 + t / 20);
  const air = Float32Array.from(timeS, () => 180);
  const series = { timeS, columns: { centreC: rising, airC: air } } as unknown as CookSeries;
  const probe = (): SimulatedProbe => new SimulatedProbe('Galley', (batch) => (batch === 'in' ? series : null));
  const readings = (p: SimulatedProbe, batch = 'in') =>
    Array.from({ length: 100 }, (_, k) => 300 + 5 * k).flatMap((s) => p.read(batch, s) ?? []);

  test('tells nothing of an empty fryer', () => expect(readings(probe(), 'nothing')).toEqual([]));

  test('tells both of its sensors while something lies there, and loses a few', () => {
    const told = readings(probe());
    expect(told.length).toBeGreaterThan(85);
    expect(told.length).toBeLessThan(100);
    expect(told.at(-1)!.centreC).toBeGreaterThan(told[0].centreC + 15);
    for (const { airC } of told) expect(Math.abs(airC - 180)).toBeLessThan(8);
  });

  test('lost tells nothing, and found goes on', () => {
    const p = probe();
    p.hand('lose');
    expect([p.connected, readings(p).length]).toEqual([false, 0]);
    p.hand('find');
    expect(readings(p).length).toBeGreaterThan(0);
  });

  test('with its tip pulled out stands still where it was, and rises again when it is pushed in', () => {
    const p = probe();
    p.hand('pull');
    expect(new Set(readings(p).map((r) => r.centreC)).size).toBe(1);
    p.hand('push');
    expect(new Set(readings(p).map((r) => r.centreC)).size).toBeGreaterThan(10);
  });

  test('broken reads what it was told to, and no more when it is mended', () => {
    const p = probe();
    p.hand('break', -200);
    expect(readings(p)[0].centreC).toBe(-200);
    p.hand('mend');
    expect(readings(p)[0].centreC).toBeGreaterThan(0);
  });

  test('weak has a tenth of its battery or less, and charged all of it', () => {
    const p = probe();
    p.hand('weaken');
    expect([p.battery < 0.1, p.connected]).toEqual([true, true]);
    p.hand('charge');
    expect(p.battery).toBe(1);
  });
});

describe('ids of what machines tell', () => {
  test('are the same for the same, others for others, and ids', () => {
    const id = eventIdOf('cook', 'batch', 'reading', 300);
    expect(eventIdOf('cook', 'batch', 'reading', 300)).toBe(id);
    expect(eventIdOf('cook', 'batch', 'reading', 305)).not.toBe(id);
    expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-8[0-9a-f]{3}-a[0-9a-f]{3}-[0-9a-f]{12}$/);
  });
});

describe('a practice fryer', () => {
  const server = new RunningServer();
  const { open, make, start, tell, read, standing } = counterOf(server);
  let cook: CookDocument;
  const readingsOf = (events: StoredCookEvent[]) => events.filter((e) => e.what === 'reading');
  const until = async (ready: (found: CookDocument) => boolean): Promise<CookDocument> => {
    for (let tries = 0; tries < 100; tries++) {
      const found = await read(cook.id);
      if (ready(found)) return found;
      await new Promise((resolve) => setTimeout(resolve, 200));
    }
    throw new Error('It did not come to that.');
  };

  beforeAll(async () => {
    const { fryer } = await open();
    const practised = converted('In Otter', { count: 4 }, 9);
    const { id } = await make({ ...practised, fryer: { ...fryer, name: 'Otter (practice)', practice: true } });
    cook = await start({ conversionId: id });
  });
  afterAll(() => server.end());

  test('is cooked in like any other, and called what it is', () => {
    expect(cook).toMatchObject({ rehearsal: null, simulated: ['Otter (practice)'] });
    expect(JSON.stringify(cook)).not.toMatch(/offsetK|airLog/);
  });

  test('its probe tells once something lies in it, and no hand but the cook’s does anything', async () => {
    expect(readingsOf((await read(cook.id)).events)).toEqual([]);
    await tell(cook.id, ...upTo(cook, 'look'));
    const { events } = await until((c) => readingsOf(c.events).length > 0);
    expect(events.filter((e) => e.what !== 'reading').every((e) => e.by === 'cook')).toBe(true);
    expect(readingsOf(events)[0]).toMatchObject({ by: 'device', fryer: 'Otter (practice)' });
    expect((await standing(cook.id)).probes[0].fryer).toBe('Otter (practice)');
  });

  test('goes on telling after the server was killed, nothing twice, and of the same fryer', async () => {
    const before = readingsOf((await read(cook.id)).events);
    await server.kill();
    await server.start();
    const { events } = await until((c) => readingsOf(c.events).length > before.length);
    const ids = events.map((e) => e.id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids).toEqual(expect.arrayContaining(before.map((e) => e.id)));
  });

  test('tells nothing while its probe is lost', async () => {
    await server.ask('POST', `/devices/probes/${encodeURIComponent('Otter (practice)')}/hand`, { deed: 'lose' });
    await new Promise((resolve) => setTimeout(resolve, 600));
    const many = readingsOf((await read(cook.id)).events).length;
    await new Promise((resolve) => setTimeout(resolve, 6000));
    expect(readingsOf((await read(cook.id)).events)).toHaveLength(many);
    await server.ask('POST', `/devices/probes/${encodeURIComponent('Otter (practice)')}/hand`, { deed: 'find' });
    await until((c) => readingsOf(c.events).length > many);
  });

  test('tells no more when the batch is out', async () => {
    const out = cook.programme.steps.filter((s) => s.batch === cook.programme.batches[0].key && s.cook !== null);
    await tell(cook.id, ...out.map((s) => event({ what: 'done', step: s.id })));
    await new Promise((resolve) => setTimeout(resolve, 600));
    const many = readingsOf((await read(cook.id)).events).length;
    await new Promise((resolve) => setTimeout(resolve, 5500));
    expect(readingsOf((await read(cook.id)).events)).toHaveLength(many);
  });

  test('is among the devices only while it is on the kitchen page', async () => {
    const { body } = await server.ask<DeviceAbout[]>('GET', '/devices');
    expect(body.map((d) => d.id)).toEqual(['scale']);
  });
});
