import {
  honestySchema,
  saveKitchenSchema,
  type ConversionDocument,
  type CookDocument,
  type HonestyAnswer,
  type KitchenDocument,
  type KitchenFile,
} from '@yellowmist/contract';
import { asItsPage } from '@yellowmist/core';
import { converted } from './converted.js';
import { counterOf, event, upTo, valid } from './counter.js';
import { RunningServer } from './running.js';
import { daysAgo, teachingOf, until } from './teaching.js';

const server = new RunningServer();
const { make, start, tell } = counterOf(server);
afterAll(() => server.end());

let dish: ConversionDocument;
const FRYER = () => dish.fryer.name;

const { learning, save, put } = teachingOf(server);
const cooked = async (seen: object, at: string): Promise<string> => {
  const { body } = await server.ask<CookDocument>('POST', '/cooks', {
    conversionId: dish.id,
    afterwards: { at, by: { what: 'plan' } },
  });
  await server.ask('PUT', `/cooks/${body.id}/seen`, seen);
  return body.id;
};
const read = async (): Promise<ConversionDocument> =>
  (await server.ask<ConversionDocument>('GET', `/conversions/${dish.id}`)).body;
const DARK = { colourTop: 'dark', colourUnder: 'dark' };

beforeAll(async () => {
  await server.start();
  dish = await make(converted('Leeks that teach'));
});

describe('what the cooks taught', () => {
  test('is nothing before anything was cooked, and used from the first cook on', async () => {
    expect(await learning()).toMatchObject({
      version: 0,
      on: true,
      leftOut: [],
      since: [],
      fryers: [],
      hands: { says: '', weighed: 0, timed: 0, dips: { is: 1 }, crumbs: { is: 1 } },
    });
  });

  test('is told of each fryer: how much, how sure, and by which cook', async () => {
    const ids = [
      await cooked(DARK, daysAgo(59)),
      await cooked(DARK, daysAgo(52)),
      await cooked({ ...DARK, centreC: 97 }, daysAgo(45)),
    ];
    const { fryers } = await learning();
    expect(fryers).toHaveLength(1);
    const [{ fryer, says, offsetC, browning, cooks, changed }] = fryers;
    expect(fryer).toBe(FRYER());
    expect(says).toMatch(/^.* (runs|browns) .* by 3 cooks\.$/);
    expect(offsetC.is + 50 * (browning.is - 1)).toBeGreaterThan(5);
    expect(offsetC.off).toBeGreaterThan(0.5);
    expect(cooks.map((c) => c.cook).sort()).toEqual([...ids].sort());
    expect(cooks.every((c) => c.alone!.offsetC > 0 && !c.leftOut)).toBe(true);
    expect(changed).toBeNull();
  });

  test('a rehearsal teaches nothing; a real cook at the counter does by its taps', async () => {
    const rehearsal = await start({ conversionId: dish.id, rehearsal: { rate: 60, help: 'none' } });
    await tell(rehearsal.id, event({ what: 'ended', how: 'stopped' }));
    const real = await start({ conversionId: dish.id });
    await tell(real.id, ...upTo(real, 'unload'), event({ what: 'ended', how: 'served' }));
    const [{ cooks }] = (await learning()).fryers;
    expect(cooks.map((c) => c.cook)).toContain(real.id);
    expect(cooks.map((c) => c.cook)).not.toContain(rehearsal.id);
    // Nothing was seen of it: it is in the list, and was not listened to.
    expect(cooks.find((c) => c.cook === real.id)!.alone).toBeNull();
  });

  test('cooks of which nothing but the plan is known take no place among those that teach, however many', async () => {
    const [before] = (await learning()).fryers;
    for (let day = 1; day <= 41; day++) {
      const at = daysAgo(40 - day / 24);
      await server.ask('POST', '/cooks', { conversionId: dish.id, afterwards: { at, by: { what: 'plan' } } });
    }
    const [{ says, cooks }] = (await learning()).fryers;
    expect(says).toBe(before.says);
    expect(cooks.map((c) => [c.cook, c.alone === null])).toEqual(before.cooks.map((c) => [c.cook, c.alone === null]));
  });
});

describe('how right plans have been', () => {
  test('each noted colour and centre beside what was to be expected, the earliest first', async () => {
    const { status, body } = await server.ask<HonestyAnswer>('GET', '/learning/honesty');
    expect(status).toBe(200);
    valid(honestySchema, body);
    const [{ fryer, foretold, held, colour, centre, minutes, bald }] = body.fryers;
    expect(fryer).toBe(FRYER());
    // Three cooks with two colours each, one of which says when it was so brown, and one centre. By its page alone the fryer
    // never browns so: of the first of the three nothing was to be expected.
    expect([foretold.length, colour!.noted, centre!.noted, minutes!.noted, bald]).toEqual([9, 6, 1, 2, null]);
    // Told dark: it was so brown sooner than the page had said.
    expect(foretold.filter((f) => f.what === 'minutes').every((f) => f.told < f.byPage)).toBe(true);
    expect(foretold.map((f) => f.at)).toEqual([...foretold.map((f) => f.at)].sort());
    expect(colour!.byCooks).toBeLessThan(colour!.byPage);
    // Each is within its range or not, by what was answered: 1.2816 spreads are 80 %.
    expect(held).toBe(foretold.filter((f) => Math.abs(f.told - f.byCooks) <= 1.2816 * f.off).length);
  });
});

describe('used, weighed out, forgotten', () => {
  test('where it is on, every dish is read with the fryer as it was learned, and stored without', async () => {
    await put({ on: false });
    const page = (await read()).fryer;
    expect(page.learned).toBeUndefined();
    await put({ on: true });
    const learned = (await read()).fryer;
    expect(learned.learned).toMatchObject({ cooks: 3, page: { offsetC: page.offsetC, airFactor: page.airFactor } });
    expect([learned.offsetC, learned.browning]).not.toEqual([page.offsetC, 1]);
    // A save of what was read does not make it the page's own.
    const document = await read();
    const { id: _i, format: _f, createdAt: _c, updatedAt: _u, ...body } = document;
    const saved = await server.ask<ConversionDocument>('PUT', `/conversions/${dish.id}`, body);
    expect(saved.status).toBe(200);
    expect(saved.body.fryer.learned).toBeDefined();
    const { body: file } = await server.ask<KitchenFile>('GET', '/export?as=json');
    expect(file.dishes.find((d) => d.id === dish.id)!.body.fryer).toEqual(page);
    await put({ on: false });
    expect((await read()).fryer).toEqual(page);
  });

  test('a plan says what its fryer was taken for when it was chosen, until another one is, or it is meant as it is', async () => {
    await put({ on: false });
    const page = (await read()).fryer;
    const asPage = { offsetC: page.offsetC, airFactor: page.airFactor, browning: 1 };
    const save = async (change: (body: ConversionDocument) => void): Promise<ConversionDocument> => {
      const document = structuredClone(await read());
      change(document);
      const { id: _i, format: _f, createdAt: _c, updatedAt: _u, ...body } = document;
      const { status, body: saved } = await server.ask<ConversionDocument>('PUT', `/conversions/${dish.id}`, body);
      expect(status).toBe(200);
      return saved;
    };
    await save((d) => void (d.chosen!.plan.settings.minutes += 1));
    expect((await read()).chosen!.meantFor).toEqual(asPage);
    await put({ on: true });
    const { offsetC, airFactor, browning = 1 } = (await read()).fryer;
    const asLearned = { offsetC, airFactor, browning };
    expect(asLearned).not.toEqual(asPage);
    // A note is no plan; another plan is.
    expect((await save((d) => void (d.note = 'sharp'))).chosen!.meantFor).toEqual(asPage);
    expect((await save((d) => void (d.chosen!.plan.settings.minutes -= 1))).chosen!.meantFor).toEqual(asLearned);
    await put({ on: false });
    expect((await save((d) => void (d.note = ''))).chosen!.meantFor).toEqual(asLearned);
    // Left as it is: meant for the fryer as it is taken now.
    expect((await save((d) => void (d.chosen!.meantFor = asPage))).chosen!.meantFor).toEqual(asPage);
    // Nobody says that it was meant for a fryer that it never was.
    expect((await save((d) => void (d.chosen!.meantFor = { ...asPage, offsetC: 39 }))).chosen!.meantFor).toEqual(
      asPage,
    );
  });

  test('the kitchen’s fryers, and evenings, are as they were learned', async () => {
    await put({ on: true });
    const { fryer } = await read();
    const { body: kitchen } = await server.ask<KitchenDocument>('GET', '/kitchen');
    await server.ask('PUT', '/kitchen', { ...kitchen, fryers: [asItsPage(fryer)] });
    const inUse = async (): Promise<KitchenDocument> =>
      (await server.ask<KitchenDocument>('GET', '/learning/kitchen')).body;
    const { fryers } = await inUse();
    valid(saveKitchenSchema, await inUse());
    expect(fryers).toEqual([fryer]);
    expect(fryers[0].learned!.cooks).toBe(3);
    // What its page says moves with it.
    const { body: now } = await server.ask<KitchenDocument>('GET', '/kitchen');
    await server.ask('PUT', '/kitchen', {
      ...now,
      fryers: [{ ...now.fryers[0], airFactor: now.fryers[0].airFactor * 1.3 }],
    });
    const moved = await until(inUse, (answer) => answer.fryers[0].airFactor > fryer.airFactor);
    expect(moved.fryers[0].airFactor).toBeGreaterThan(fryer.airFactor);
    await server.ask('PUT', '/kitchen', { ...now, version: now.version + 1, fryers: [] });
  });

  test('a new cook moves it by itself, and so it stands after a kill', async () => {
    await put({ on: true });
    const before = (await read()).fryer;
    await cooked({ colourTop: 'burnt', colourUnder: 'dark' }, daysAgo(24));
    const after = await until(
      async () => (await read()).fryer,
      (fryer) => fryer.learned!.cooks === 4,
    );
    expect(after.learned!.cooks).toBe(4);
    expect(after.offsetC + 50 * after.browning!).toBeGreaterThan(before.offsetC + 50 * before.browning!);
    await server.kill();
    await server.start();
    expect((await read()).fryer).toEqual(after);
  });

  test('a cook that is weighed out teaches nothing, and can be let in again', async () => {
    const [{ cooks, offsetC }] = (await learning()).fryers;
    const last = cooks[cooks.findIndex((c) => c.alone !== null)];
    const without = (await put({ leftOut: [last.id] })).fryers[0];
    expect(without.cooks.find((c) => c.id === last.id)).toMatchObject({ leftOut: true, alone: null });
    expect(without.offsetC.is).not.toBe(offsetC.is);
    // The same cooks say the same to the last digit, however much later in the day they are listened to.
    expect((await put({ leftOut: [] })).fryers[0].offsetC).toEqual(offsetC);
  });

  test('a fryer that is forgotten is learned from what is cooked after, and that can be undone', async () => {
    const before = (await learning()).fryers[0];
    const forgotten = (await put({ since: [{ fryer: FRYER(), at: new Date().toISOString() }] })).fryers[0];
    expect(forgotten.says).toMatch(/Nothing was learned/);
    expect(forgotten.offsetC.is).toBe(0);
    expect((await read()).fryer.learned).toBeUndefined();
    expect((await put({ since: [] })).fryers[0].offsetC.is).toBeCloseTo(before.offsetC.is, 2);
  });

  test('a cook that is put aside teaches nothing any more', async () => {
    const [{ cooks }] = (await learning()).fryers;
    const [first] = cooks;
    await server.ask('DELETE', `/cooks/${first.cook}`);
    expect((await learning()).fryers[0].cooks.map((c) => c.cook)).not.toContain(first.cook);
    await server.ask('POST', `/cooks/${first.cook}/restore`);
  });
});

describe('what cannot be', () => {
  test.each([
    [{ on: 'yes' }, /on must be a boolean/],
    [{ on: true, leftOut: 'all' }, /leftOut must be an array/],
    [
      { on: true, leftOut: [], since: [{ fryer: 'Galley', at: 'last week' }] },
      /since\[0\]\.at must be a date and time/,
    ],
  ])('%j: the field, and what is allowed', async (body, why) => {
    const { status, body: problem } = await save({ version: 0, leftOut: [], since: [], ...body });
    expect([status, problem.detail]).toEqual([400, expect.stringMatching(why)]);
  });

  test('an older version overwrites nothing', async () => {
    const { version, ...rest } = await learning();
    const { fryers: _, hands: _h, ...body } = rest;
    const { status, body: problem } = await save({ ...body, version: version + 7 });
    expect([status, problem.currentVersion]).toEqual([409, version]);
  });
});
