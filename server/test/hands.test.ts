import { randomUUID } from 'node:crypto';
import type {
  ConversionDocument,
  CookDocument,
  EveningAnswer,
  ImportReport,
  KitchenDocument,
  KitchenFile,
  Problem,
} from '@yellowmist/contract';
import type { CookEvent } from '@yellowmist/core';
import { converted } from './converted.js';
import { counterOf, event, upTo } from './counter.js';
import { RunningServer } from './running.js';
import { daysAgo, teachingOf, until } from './teaching.js';

/** What is learned of the hands of a kitchen: how much sticks, and how fast they coat. */

const server = new RunningServer();
const { open, make, start, tell } = counterOf(server);
const { learning, put } = teachingOf(server);
afterAll(() => server.end());

const HOUR_MS = 3_600_000;

let dish: ConversionDocument;
beforeAll(async () => {
  dish = await open();
});

const own = async (): Promise<ConversionDocument> =>
  (await server.ask<ConversionDocument>('GET', `/conversions/${dish.id}`)).body;
const weigh = (id: string, weighed: object) => server.ask<Problem>('PUT', `/cooks/${id}/seen`, { weighed });
const cooked = async (beforeDays: number): Promise<string> => {
  const afterwards = { at: daysAgo(beforeDays), by: { what: 'plan' } };
  return (await server.ask<CookDocument>('POST', '/cooks', { conversionId: dish.id, afterwards })).body.id;
};
const isUsual = ({ dish: { hand } }: ConversionDocument): boolean => hand === undefined;
const isLearned = (document: ConversionDocument): boolean => !isUsual(document);

describe('what sticks', () => {
  const ids: string[] = [];

  test('is learned from what was weighed, used in every dish, and stored in none', async () => {
    expect(isUsual(await own())).toBe(true);
    for (const days of [89, 82, 75]) {
      const id = await cooked(days);
      ids.push(id);
      expect((await weigh(id, { rawG: 500, coatedG: 500 + 90 * dish.dish.count })).status).toBe(200);
    }
    const learned = await until(own, isLearned);
    expect(learned.dish.hand!.dips).toBeGreaterThan(1);
    const { hands } = await learning();
    expect(hands).toMatchObject({ weighed: 3, timed: 0 });
    expect(hands.says).toMatch(/^Here .* more .* stick, by 3 weighings\.$/);
    const { body: file } = await server.ask<KitchenFile>('GET', '/export?as=json');
    expect(file.dishes.find((d) => d.id === dish.id)!.body.dish).toEqual(dish.dish);
    // Another dish is coated by the same hands.
    const other = await make(converted('By the same hands'));
    expect(other.dish.hand).toEqual(learned.dish.hand);
  });

  test('is as usual where learning is off, where its cooks are weighed out, and where the hands are forgotten', async () => {
    const asked = async (more: object): Promise<ConversionDocument> => (await put(more), own());
    expect(isUsual(await asked({ on: false }))).toBe(true);
    expect(isLearned(await asked({ on: true }))).toBe(true);
    expect(isUsual(await asked({ leftOut: ids.map((id) => `${id}.${dish.id}`) }))).toBe(true);
    expect(isLearned(await asked({ leftOut: [] }))).toBe(true);
    expect(isUsual(await asked({ handsSince: new Date().toISOString() }))).toBe(true);
    expect((await learning()).hands).toMatchObject({ says: '', weighed: 0 });
    expect(isLearned(await asked({ handsSince: null }))).toBe(true);
    // A fryer that is forgotten takes no hands with it.
    const since = [{ fryer: dish.fryer.name, at: new Date().toISOString() }];
    expect(isLearned(await asked({ since }))).toBe(true);
    await put({ since: [] });
  });

  test('goes with its cooks', async () => {
    for (const id of ids) await server.ask('DELETE', `/cooks/${id}`);
    expect(isUsual(await until(own, isUsual))).toBe(true);
  });

  test('a coat that weighs less than nothing is refused, and nothing is lost', async () => {
    const id = await cooked(70);
    await server.ask('PUT', `/cooks/${id}/seen`, { taste: 'of leek' });
    const { status, body } = await weigh(id, { rawG: 500, coatedG: 480 });
    expect(status).toBe(400);
    expect(body.errors![0].message).toMatch(/weighed\.coatedG must be more than rawG/);
    expect((await weigh(id, { rawG: -3 })).status).toBe(400);
    const { body: kept } = await server.ask<{ seen: object }[]>('GET', `/cooks/${id}/seen`);
    expect(kept[0].seen).toEqual({ taste: 'of leek' });
    await server.ask('DELETE', `/cooks/${id}`);
  });
});

describe('how fast they coat', () => {
  const kitchen = async (): Promise<KitchenDocument> =>
    (await server.ask<KitchenDocument>('GET', '/learning/kitchen')).body;
  const coatingMin = async (): Promise<number> => {
    const { body } = await server.ask<EveningAnswer>('POST', '/evenings/plan', { dishIds: [dish.id] });
    return body.tasks.filter((t) => t.kind === 'coat').reduce((sum, t) => sum + t.toMin - t.fromMin, 0);
  };

  test('is learned from a cook’s own taps, and evenings are planned by it', async () => {
    const before = await coatingMin();
    const cook = await start({ conversionId: dish.id });
    await tell(cook.id, ...upTo(cook, 'load'), event({ what: 'ended', how: 'served' }));
    // The same cook an hour ago, each piece coated in four seconds: nobody waits for that here.
    const { body: file } = await server.ask<KitchenFile>('GET', '/export?as=json');
    const filed = file.cooks.find((c) => c.id === cook.id)!;
    const startedMs = filed.body.startedMs - HOUR_MS;
    const { steps, batches } = filed.body.programme;
    const tookMs = (one: CookEvent): number => {
      const step = one.what === 'done' ? steps.find((s) => s.id === one.step && s.kind === 'coat') : undefined;
      return 4000 * (batches.find((b) => b.key === step?.batch)?.pieces ?? 0);
    };
    let atMs = startedMs;
    filed.events.forEach((one) => Object.assign(one, { id: randomUUID(), atMs: (atMs += tookMs(one)) }));
    const at = new Date(startedMs).toISOString();
    const ago = { ...filed, id: randomUUID(), startedAt: at, body: { ...filed.body, startedMs } };
    const { status, body: report } = await server.ask<ImportReport>('POST', '/import', { ...file, cooks: [ago] });
    expect([status, report.added.map((a) => a.what)]).toEqual([200, ['cook']]);
    const { paces } = await until(kitchen, (k) => k.paces?.coatPieceS !== undefined);
    expect(paces!.coatPieceS).toBeLessThan(12);
    expect((await learning()).hands.says).toMatch(/A piece takes \d+ ± \d+ s through three bowls, by \d batch/);
    expect(await coatingMin()).toBeLessThan(before);
    // What was put in by hand stands before it.
    const { body: page } = await server.ask<KitchenDocument>('GET', '/kitchen');
    await server.ask('PUT', '/kitchen', { ...page, paces: { coatPieceS: 33 } });
    expect((await kitchen()).paces!.coatPieceS).toBe(33);
  });
});
