import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { CLOSED, readHouse, writeHouse } from '../src/access/house.js';
import { houseAddresses, houseNames, plainAddress } from '../src/access/network.js';
import { isRight, keep, tooEasy } from '../src/access/passphrase.js';
import { isPageToken, pageToken, SESSION_DAYS, Sessions } from '../src/access/sessions.js';
import { FREE, networkOf, Tries, waitAfter } from '../src/access/tries.js';

const DAY_MS = 24 * 3600_000;

describe('a passphrase', () => {
  test('is kept as a slow sum with salt of its own: the same twice is not the same kept', async () => {
    const [one, two] = [await keep('damson kettle oats'), await keep('damson kettle oats')];
    expect(one.sum).not.toBe(two.sum);
    // 32 MB for each try: what makes many at once dear.
    expect(one.cost.N * one.cost.r * 128).toBeGreaterThanOrEqual(32 * 1024 ** 2);
    expect(await isRight('damson kettle oats', one)).toBe(true);
    expect(await isRight('Damson kettle oats', one)).toBe(false);
    expect(await isRight('', one)).toBe(false);
  });

  test('is the same however a keyboard sends its letters', async () => {
    const composed = await keep('cr\u00e8me br\u00fbl\u00e9e and thyme');
    expect(await isRight('cre\u0300me bru\u0302le\u0301e and thyme', composed)).toBe(true);
  });

  test('costs the same work where none is set, and is never right there', async () => {
    expect(await isRight('', null)).toBe(false);
    expect(await isRight('damson kettle oats', null)).toBe(false);
  });

  test('that is guessed first is not taken', () => {
    expect(tooEasy('abababababab')).toMatch(/different letters/);
    for (const tried of ['Password2026!', 'yellowmist kitchen', 'qwertyuiop asdf', '012345678901'])
      expect(tooEasy(tried)).toMatch(/everybody tries/);
    expect(tooEasy('walnut chimney apron')).toBeNull();
  });
});

describe('wrong tries', () => {
  test('five are free, then each further one doubles the wait, up to a longest', () => {
    expect([0, 4, 5, 6, 7, 8].map((n) => waitAfter(n, 900))).toEqual([0, 0, 2, 4, 8, 16]);
    expect(waitAfter(2000, 900)).toBe(900);
  });

  const clock = (): { now: number; tries: Tries } => {
    const it = { now: 1e12, tries: null as unknown as Tries };
    it.tries = new Tries(() => it.now);
    return it;
  };

  test('count for the address, and for all: many addresses gain little', () => {
    const it = clock();
    for (let k = 0; k < FREE; k++) it.tries.begins('192.168.1.7');
    expect(it.tries.waitS('192.168.1.7')).toBe(2);
    // Another one waits for all of them together, and no longer than a minute, ever.
    for (let k = 0; k < 300; k++) it.tries.begins(`192.168.2.${k}`);
    expect(it.tries.waitS('192.168.3.1')).toBe(60);
    it.now += 61_000;
    expect(it.tries.waitS('192.168.3.1')).toBe(0);
  });

  test('guesses of a year against the door are fewer than six hundred thousand, from whatever addresses', () => {
    const it = clock();
    let looked = 0;
    const end = it.now + DAY_MS;
    while (it.now < end) {
      const from = `10.0.${looked % 250}.${Math.floor(looked / 250) % 250}`;
      const wait = it.tries.waitS(from);
      if (wait === 0) {
        it.tries.begins(from);
        looked += 1;
      } else it.now += wait * 1000;
    }
    expect(looked * 365).toBeLessThan(600_000);
    expect(looked).toBeGreaterThan(1000);
  });

  test('are forgotten a day later, and when the right one came; a clock that was set back locks nobody out', () => {
    const it = clock();
    for (let k = 0; k < 9; k++) it.tries.begins('192.168.1.7');
    expect(it.tries.waitS('192.168.1.7')).toBe(32);
    it.now += DAY_MS + 1;
    it.tries.begins('192.168.1.7');
    expect(it.tries.waitS('192.168.1.7')).toBe(0);
    for (let k = 0; k < 9; k++) it.tries.begins('192.168.1.7');
    it.tries.wasRight('192.168.1.7');
    expect(it.tries.waitS('192.168.1.7')).toBe(0);
    for (let k = 0; k < 9; k++) it.tries.begins('192.168.1.8');
    it.now -= 7 * DAY_MS;
    expect(it.tries.waitS('192.168.1.8')).toBe(0);
  });

  test('of one network of IPv6 are those of one house', () => {
    expect(networkOf('fd00:1:2:3:aaaa::1')).toBe(networkOf('fd00:1:2:3:bbbb:c:d:e'));
    expect(networkOf('fd00:1:2:3:aaaa::1')).not.toBe(networkOf('fd00:1:2:4:aaaa::1'));
    expect(networkOf('192.168.1.7')).toBe('192.168.1.7');
    expect(plainAddress('::ffff:192.168.1.7')).toBe('192.168.1.7');
  });
});

describe('sessions', () => {
  const begun = () => {
    const it = { now: 1.8e12, written: 0, sessions: null as unknown as Sessions };
    it.sessions = new Sessions(
      [],
      () => (it.written += 1),
      () => it.now,
    );
    return it;
  };

  test('last thirty days, whatever is done in them', () => {
    const it = begun();
    const token = it.sessions.begin('Tablet', '192.168.1.7');
    for (let day = 0; day < SESSION_DAYS; day++) {
      expect(it.sessions.of(token)?.name).toBe('Tablet');
      it.now += DAY_MS;
    }
    expect(it.sessions.of(token)).toBeNull();
    expect(it.sessions.shown(null)).toEqual([]);
  });

  test('that they were seen is written down now and then, not with each request', () => {
    const it = begun();
    const token = it.sessions.begin('Tablet', '192.168.1.7');
    for (let k = 0; k < 1000; k++) {
      it.now += 1000;
      it.sessions.of(token);
    }
    expect(it.written).toBeLessThan(5);
  });

  test('are bounded: who was not seen for longest goes', () => {
    const it = begun();
    const first = it.sessions.begin('first', 'a');
    const second = it.sessions.begin('second', 'a');
    it.now += DAY_MS / 2;
    it.sessions.of(first);
    for (let k = 0; k < 39; k++) it.sessions.begin(`other ${k}`, 'a');
    expect(it.sessions.of(first)).not.toBeNull();
    expect(it.sessions.of(second)).toBeNull();
  });

  test('a page’s token is of its session alone, and neither tells of the other', () => {
    expect(isPageToken(pageToken('one'), 'one')).toBe(true);
    expect(isPageToken(pageToken('one'), 'two')).toBe(false);
    for (const sent of [undefined, '', 'one', ['x'], 7]) expect(isPageToken(sent, 'one')).toBe(false);
  });
});

describe('the house', () => {
  test('is shut where what is kept of it cannot be read', () => {
    const folder = mkdtempSync(join(tmpdir(), 'yellowmist-house-'));
    expect(readHouse(folder)).toEqual(CLOSED);
    writeHouse(folder, { ...CLOSED, on: true });
    expect(readHouse(folder).on).toBe(true);
    const spoiled = [
      { ...CLOSED, passphrase: {} },
      { ...CLOSED, sessions: [{ id: 'a' }] },
      { ...CLOSED, transport: 'smoke' },
    ].map((house) => JSON.stringify({ ...house, on: true }));
    for (const broken of ['', '{"on":true', '{"on":true}', 'null', '[]', ...spoiled]) {
      writeFileSync(join(folder, 'access.json'), broken);
      expect(readHouse(folder)).toEqual(CLOSED);
    }
  });

  test('is found under the networks of houses first, and under its own names', () => {
    const of = (address: string, internal = false, family: 'IPv4' | 'IPv6' = 'IPv4') =>
      ({ address, internal, family }) as never;
    expect(
      houseAddresses({
        lo: [of('127.0.0.1', true)],
        made: [of('169.254.3.3'), of('fe80::1', false, 'IPv6')],
        other: [of('203.0.113.9'), of('172.17.0.1')],
        home: [of('10.1.1.1'), of('192.168.178.20')],
      }),
    ).toEqual(['192.168.178.20', '10.1.1.1', '172.17.0.1', '203.0.113.9', '169.254.3.3']);
    expect(houseNames('Loft')).toEqual(['loft', 'loft.local']);
    expect(houseNames('loft.local')).toEqual(['loft', 'loft.local']);
    expect(houseNames('a name; with <things>')).toEqual([]);
  });
});
