import type { CookDocument, StartCookRequest } from '@yellowmist/contract';
import type { CookEvent } from '@yellowmist/core';
import {
  confirmBegun,
  cooksBegunHere,
  forgetOthersOver,
  isBegunHere,
  keepBegun,
  keepTap,
  rememberCook,
  rememberedCook,
  waitingCooks,
  waitingOfCooks,
  waitingTaps,
} from './taps';
import { giveUp, handOver, handOverCooks } from './handingOver';
import { hearClock, isKept, serverClock } from './serverClock';

/** What waits of cooks, handed over to a server that answers as it is told to. */

const NOW = 1_800_000_000_000;
const MIN_MS = 60_000;

interface Asked {
  path: string;
  body: StartCookRequest & { events?: CookEvent[] };
}
let asked: Asked[] = [];
let answers: ((one: Asked) => Response)[] = [];

const json = (body: unknown, status = 200, headers = {}): Response => Response.json(body, { status, headers });
const taken = ({ body }: Asked): Response => json({ events: [], nowMs: NOW, sent: body });
const away = (): Response => {
  throw new TypeError('no route');
};

beforeEach(() => {
  const kept: Record<string, string> = {};
  // Its keys are listed as those of a store are.
  globalThis.localStorage = new Proxy(kept, {
    get: (of, name: string) =>
      ({
        getItem: (key: string) => of[key] ?? null,
        setItem: (key: string, value: string) => void (of[key] = value),
        removeItem: (key: string) => void delete of[key],
      })[name as 'getItem'] ?? of[name],
  }) as unknown as Storage;
  asked = [];
  answers = [];
  globalThis.fetch = async (what) => {
    // Whether any server is there is asked beside it.
    if (typeof what === 'string') return json({});
    const request = what as Request;
    const one = { path: request.url.replace(/^https?:\/\/[^/]+/, ''), body: (await request.json()) as Asked['body'] };
    asked.push(one);
    return (answers.shift() ?? taken)(one);
  };
  Date.now = () => NOW;
});
const { now } = Date;
const { fetch, Request } = globalThis;
/** As in a page: an address is one of its own server. */
class OfPage extends Request {
  constructor(what: RequestInfo | URL, how?: RequestInit) {
    super(new URL(what as string, 'http://here'), how);
  }
}
beforeAll(() => void (globalThis.Request = OfPage));
afterAll(() => {
  Date.now = now;
  Object.assign(globalThis, { fetch, Request });
});

const cook = (id: string, agoMin = 10): CookDocument =>
  ({
    id,
    name: `Leeks ${id}`,
    source: { what: 'conversion', id: 'dish' },
    startedMs: NOW - agoMin * MIN_MS,
    startedAt: new Date(NOW - agoMin * MIN_MS).toISOString(),
    timeZone: 'UTC',
    programme: { steps: [] },
    events: [],
  }) as unknown as CookDocument;
const tap = (id: string, agoMin = 5): CookEvent => ({ id, atMs: NOW - agoMin * MIN_MS, by: 'cook', what: 'paused' });
const paths = (): string[] => asked.map(({ path }) => path);

test('a cook that began here is told first, with how long ago that was, and its taps after it', async () => {
  expect(keepBegun(cook('a'))).toBe(true);
  keepTap('a', tap('1'));
  keepTap('a', tap('2', 4));
  expect(waitingOfCooks()).toBe(3);
  answers = [() => json({ ...cook('a'), nowMs: NOW })];
  expect(await handOver('a')).toBe(NOW);
  expect(paths()).toEqual(['/api/cooks?key=a', '/api/cooks/a/events']);
  expect(asked[0].body).toMatchObject({ conversionId: 'dish', begun: { name: 'Leeks a', agoMs: 10 * MIN_MS } });
  expect(asked[1].body.events!.map((e) => e.id)).toEqual(['1', '2']);
  expect([isBegunHere('a'), waitingTaps('a'), waitingOfCooks()]).toEqual([false, [], 0]);
  // What is told is told once.
  expect(await handOver('a')).toBeNull();
  expect(asked).toHaveLength(2);
});

test('where no server answers nothing is lost, and no tap goes before its cook', async () => {
  keepBegun(cook('b'));
  keepTap('b', tap('1'));
  answers = [away, () => json({}, 503)];
  await expect(handOver('b')).rejects.toThrow('no route');
  await expect(handOver('b')).rejects.toThrow();
  expect(paths()).toEqual(['/api/cooks?key=b', '/api/cooks?key=b']);
  expect(waitingOfCooks()).toBe(2);
});

test('by a server whose clock shows another time, the taps lie as long after the beginning as they did', async () => {
  const aheadMs = 37 * MIN_MS;
  const at = (ms: number) => new Date(ms).toISOString();
  const told = { ...cook('c'), nowMs: NOW + aheadMs, startedMs: NOW + aheadMs - 10 * MIN_MS, startedAt: at(NOW) };
  keepBegun({ ...cook('c'), events: [{ ...tap('1', 6), seq: 0 }] });
  keepTap('c', tap('1', 6));
  answers = [() => json(told)];
  await handOver('c');
  expect(asked[1].body.events![0].atMs).toBe(NOW + aheadMs - 6 * MIN_MS);
  expect(rememberedCook('c')).toMatchObject({
    startedMs: told.startedMs,
    events: [{ id: '1', atMs: NOW + aheadMs - 6 * MIN_MS }],
  });
  expect(serverClock()).toBe(NOW);
  // Another window that hears the same moves nothing again.
  keepTap('c', tap('2', 1));
  confirmBegun(told);
  expect(waitingTaps('c')[0].atMs).toBe(NOW - MIN_MS);
});

test('who asks while it is handed over waits for the same', async () => {
  keepTap('d', tap('1'));
  await Promise.all([handOver('d'), handOver('d')]);
  expect(asked).toHaveLength(1);
});

test('a tap of a clock that ran ahead was made now at the latest; one that is no tap stands in nobody’s way', async () => {
  keepTap('e', { ...tap('1'), atMs: NOW + 90_000 });
  const date = { date: new Date(NOW).toUTCString() };
  answers = [() => json({ detail: 'events[0].atMs must not be later than now' }, 400, date)];
  await handOver('e');
  expect(asked.map(({ body }) => body.events!.map((e) => e.atMs))).toEqual([[NOW + 90_000], [NOW]]);
  asked = [];
  for (const id of ['1', '2', '3']) keepTap('f', tap(id));
  const no = () => json({ detail: 'no such step' }, 400, date);
  answers = [no, taken, no, taken];
  await handOver('f');
  expect(asked.map(({ body }) => body.events!.map((e) => e.id).join())).toEqual(['1,2,3', '1', '2', '3']);
  expect(waitingTaps('f')).toEqual([]);
});

test('a cook that is never taken stays here with its taps, is not sent again and again, and can be given up', async () => {
  keepBegun(cook('g'));
  keepTap('g', tap('1'));
  answers = [() => json({ detail: 'begun.programme is of another time' }, 400)];
  await expect(handOver('g')).rejects.toThrow('of another time');
  await expect(handOver('g')).rejects.toThrow('of another time');
  expect(asked).toHaveLength(1);
  expect(waitingOfCooks()).toBe(2);
  giveUp('g');
  expect([isBegunHere('g'), waitingOfCooks(), rememberedCook('g')]).toEqual([false, 0, null]);
});

test('what waits of cooks whose page is not open is handed over as well', async () => {
  keepTap('h', tap('1'));
  keepTap('i', tap('2'));
  handOverCooks();
  await Promise.all([handOver('h'), handOver('i')]);
  expect(paths().sort()).toEqual(['/api/cooks/h/events', '/api/cooks/i/events']);
});

test('a cook of which nothing was tapped leaves nothing behind that waits', async () => {
  keepBegun(cook('o'));
  answers = [() => json({ ...cook('o'), nowMs: NOW })];
  expect(await handOver('o')).toBe(NOW);
  expect([paths(), waitingCooks()]).toEqual([['/api/cooks?key=o'], []]);
});

test('cooks that began here are told the latest first, and whether they are over; those that are over are not kept for ever', () => {
  keepBegun(cook('j', 90));
  keepBegun(cook('k', 10));
  keepTap('j', { ...tap('1'), what: 'ended', how: 'served' });
  expect(cooksBegunHere().map((one) => [one.cook.id, one.over])).toEqual([
    ['k', false],
    ['j', true],
  ]);
  const ended = (id: string) => ({ ...cook(id), events: [{ ...tap('9'), seq: 1, what: 'ended', how: 'served' }] });
  rememberCook(ended('l') as CookDocument);
  rememberCook(ended('m') as CookDocument);
  rememberCook(cook('n'));
  forgetOthersOver('m');
  expect(['j', 'k', 'l', 'm', 'n'].map((id) => rememberedCook(id) !== null)).toEqual([true, true, false, true, true]);
});

test('the server’s clock goes on in a page that is loaded anew, and what was kept from before is known for that', () => {
  expect(serverClock()).toBe(NOW);
  expect(isKept(NOW)).toBe(false);
  hearClock(NOW + 5 * MIN_MS);
  Date.now = () => NOW + MIN_MS;
  expect(serverClock()).toBe(NOW + 6 * MIN_MS);
  expect([NOW + 4 * MIN_MS, NOW + 5 * MIN_MS, NOW + 5 * MIN_MS + 1].map(isKept)).toEqual([true, true, false]);
});
