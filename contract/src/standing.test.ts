import {
  KNOWN,
  lyingOf,
  plannedSeries,
  programmeOf,
  stateOf,
  valueAt,
  corrected,
  eveningDish,
  evaluateFried,
  PLAIN_AIR,
  paceOf,
  planEvening,
  type CookEvent,
  type Deed,
} from '@yellowmist/core';
import { cookBodySchema, cookEventsSchema, cookStandingSchema, startCookSchema } from './schemas/index.js';
import { check, exampleConversion, shownClock, standingOf, type CookDocument } from './index.js';

/** How a cook stands, as other programs read it; and what may be told of it. */

const example = exampleConversion();
const plan = {
  layers: example.fried.layers,
  restMin: 5,
  oilGm2: 15,
  second: null,
  settings: { ...PLAIN_AIR, tempC: 190, minutes: 12, preheated: false, turnAtMin: 6, under: 'basket' as const },
};
const asked = { ...example, id: 'd', name: 'Mushrooms', pantry: KNOWN, plan };
const dish = eveningDish(asked, evaluateFried(asked));
const cooks = [{ name: 'Ines' }];
const evening = {
  plan: planEvening(
    {
      dishes: [dish],
      guests: [],
      cooks,
      fryers: [example.fryer],
      bowls: 0,
      trays: [],
      pace: paceOf(),
      options: {},
      togetherMin: 5,
      roomC: 21,
      pins: [],
      tableInMin: null,
      otherwise: () => null,
    },
    KNOWN,
  ),
  dishes: [dish],
  order: [],
  bowls: [],
  shopping: [],
  measuring: [],
};
const START = Date.parse('2026-11-26T17:00:00Z');
const ID = '0b51f3de-58a2-4c5b-8f80-0c9f5d3a1e01';
const document: CookDocument = {
  id: ID,
  name: 'Mushrooms',
  format: 1,
  source: { what: 'conversion', id: 'd' },
  rehearsal: null,
  startedMs: START,
  beginsMs: START,
  startedAt: new Date(START).toISOString(),
  endedAt: null,
  timeZone: 'Europe/Oslo',
  simulated: [],
  programme: programmeOf('Mushrooms', evening, cooks, [asked]),
  events: [],
  nowMs: START,
  notes: [],
};
let n = 0;
const at = (s: number, deed: Deed): CookEvent & { seq: number } => {
  n += 1;
  return { id: `e${n}`, seq: n, atMs: START + s * 1000, by: 'cook', ...deed };
};
const with_ = (nowS: number, ...events: (CookEvent & { seq: number })[]): CookDocument => ({
  ...document,
  events,
  nowMs: START + nowS * 1000,
});
const standing = (cook: CookDocument) =>
  standingOf(
    cook,
    corrected(KNOWN, cook.programme, stateOf(cook.programme, { startedMs: START, rate: 1 }, cook.events)),
  );
const { steps } = document.programme;
const load = steps.find((s) => s.kind === 'load')!;
const upToLoad = steps
  .slice(0, steps.indexOf(load) + 1)
  .filter((s) => s.cook !== null)
  .map((s) => at(s.toS, { what: 'done', step: s.id }));

describe('how a cook stands', () => {
  test('at its beginning: the first step for each pair of hands, no timer, every batch to come', () => {
    const now = standing(document);
    expect(cookStandingSchema.validate(now, { convert: false }).error?.message).toBeUndefined();
    expect(now.now[0]).toMatchObject({ hand: 'Ines', step: steps[0].id, urgent: false });
    expect(now.timers).toEqual([]);
    expect(now.batches.every((b) => b.state === 'to-come')).toBe(true);
    expect(now.tableAt).toMatch(/^2026-11-26T1\d:\d\d:\d\d\+01:00$/);
  });

  test('with a batch in its fryer: its timer ends when it was loaded and its minutes are over, in the cook’s zone', () => {
    const now = standing(with_(load.toS + 60, ...upToLoad));
    const [timer] = now.timers.filter((t) => / cooks$/.test(t.text));
    expect(timer.leftS).toBeCloseTo(11 * 60, 0);
    expect(Math.abs(Date.parse(timer.endsAt) - (START + (load.toS + 720) * 1000))).toBeLessThan(1000);
    expect(now.batches[0].state).toBe('in');
    expect(now.record).toHaveLength(upToLoad.length);
  });

  test('paused, the room’s clock goes on: what is left stays, and ends later by as much', () => {
    const pause = at(load.toS + 60, { what: 'paused' });
    const now = standing(with_(load.toS + 660, ...upToLoad, pause));
    const [timer] = now.timers.filter((t) => / cooks$/.test(t.text));
    expect(now.paused).toBe(true);
    expect(timer.leftS).toBeCloseTo(660, 0);
    expect(Math.abs(Date.parse(timer.endsAt) - (START + (load.toS + 720 + 600) * 1000))).toBeLessThan(1000);
  });

  test('the lower its centre reads, the later it is done; its time is told with its ±', () => {
    const [batch] = document.programme.batches;
    const series = plannedSeries(lyingOf(KNOWN, document.programme, batch));
    const planned = valueAt(series, series.columns.centreC, 240);
    const read = (centreC: number) =>
      standing(with_(load.toS + 245, ...upToLoad, at(load.toS + 240, { what: 'centre', batch: batch.key, centreC })));
    const [low, high] = [read(planned - 6), read(planned + 6)];
    expect(low.batches[0].centreDoneS).toBeGreaterThan(high.batches[0].centreDoneS!);
    expect(low.batches[0].centreOffS).toBeGreaterThan(0);
    expect(low.record.at(-1)!.text).toMatch(/^Centre of Mushrooms.*: \d+ °C\.$/);
  });

  test('ended, nothing is to be done any more but what stands in the record', () => {
    const end = at(100, { what: 'ended', how: 'stopped' });
    expect(standing(with_(200, end))).toMatchObject({ endedHow: 'stopped', paused: false });
  });
});

describe('the shown clock', () => {
  test('of a rehearsal shows the evening that is rehearsed', () => {
    const clock = shownClock({ beginsMs: Date.parse('2026-12-03T16:27:00Z'), timeZone: 'Europe/Oslo' });
    expect([clock.time(0), clock.time(3600)]).toEqual(['17:27', '18:27']);
    expect(clock.iso(0)).toBe('2026-12-03T17:27:00+01:00');
  });
  test('is put on by what a real cook stood still', () =>
    expect(shownClock({ beginsMs: START, timeZone: 'UTC' }, 600_000).time(0)).toBe('17:10'));
});

describe('what may be told', () => {
  const event = { id: ID, atMs: START, what: 'paused' };
  const errors = (events: unknown): string => {
    const checked = check(cookEventsSchema, { events });
    return checked.ok ? '' : checked.errors.map((e) => e.message).join('; ');
  };

  test.each<[string, object]>([
    ['done', { step: 's' }],
    ['undone', { step: 's' }],
    ['skipped', { step: 's' }],
    ['seen', { batch: 'b', saw: 'ran' }],
    ['seen', { batch: 'b', saw: 'darker', shown: 0.4, face: 'down' }],
    ['centre', { batch: 'b', centreC: 71.5 }],
    ['time', { batch: 'b', byS: -60 }],
    ['paused', {}],
    ['resumed', {}],
    ['late', { byS: 300 }],
    ['hands', { name: 'Wen' }],
    ['reading', { fryer: 'Galley', centreC: 900, airC: -200 }],
    ['ended', { how: 'served' }],
  ])('%s with what belongs to it', (what, more) => expect(errors([{ ...event, what, ...more }])).toBe(''));

  test.each<[string, object, RegExp]>([
    ['an event of no kind', { what: undefined }, /^events\[0\]\.what/],
    ['a step without its id', { what: 'done' }, /^events\[0\]\.step is required/],
    ['a field of another deed', { what: 'paused', step: 's' }, /^events\[0\]\.step is not allowed/],
    ['a time that is no whole number', { atMs: 1.5 }, /^events\[0\]\.atMs/],
    ['an unknown teller', { by: 'cat' }, /^events\[0\]\.by/],
    [
      'a colour beyond every crust',
      { what: 'seen', batch: 'b', saw: 'darker', shown: 40 },
      /^events\[0\]\.shown must be a number from 0 to 20/,
    ],
    [
      'minutes beyond an hour',
      { what: 'time', batch: 'b', byS: 9000 },
      /^events\[0\]\.byS must be a number from -3600 to 3600/,
    ],
    ['hands without a name', { what: 'hands', name: ' ' }, /^events\[0\]\.name/],
    ['a reading of no fryer', { what: 'reading', centreC: 20, airC: 20 }, /^events\[0\]\.fryer is required/],
    [
      'a sensor beyond every sensor',
      { what: 'reading', fryer: 'G', centreC: 9000, airC: 20 },
      /^events\[0\]\.centreC must be a number from -300 to 2000/,
    ],
    ['an end of no kind', { what: 'ended', how: 'burnt' }, /^events\[0\]\.how/],
  ])('%s is refused at its field', (_, wrong, said) => expect(errors([{ ...event, ...wrong }])).toMatch(said));

  test('none, or more than can be told at once, are refused', () => {
    expect(errors([])).toMatch(/^events must/);
    expect(errors(Array.from({ length: 201 }, () => event))).toMatch(/^events must/);
  });

  test('a cook is started from one thing, and a rehearsal has its defaults', () => {
    const checked = check(startCookSchema, { conversionId: ID, rehearsal: { rate: 20 } });
    expect(checked).toMatchObject({ ok: true, value: { rehearsal: { rate: 20, help: 'all', surprises: [] } } });
    expect(check(startCookSchema, { conversionId: ID, eveningId: ID }).ok).toBe(false);
    expect(check(startCookSchema, { eveningId: ID, timeZone: 'Harrow/Skerry' }).ok).toBe(false);
  });

  test('what is kept of a cook is what its schema says', () => {
    const {
      id: _i,
      format: _f,
      startedAt: _s,
      endedAt: _e,
      simulated: _m,
      events: _v,
      nowMs: _n,
      notes: _t,
      ...body
    } = document;
    expect(cookBodySchema.validate(body, { convert: false }).error?.message).toBeUndefined();
  });
});
