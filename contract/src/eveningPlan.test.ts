import { KNOWN, PLAIN_AIR, eveningOf } from '@yellowmist/core';
import {
  clocksOf,
  dishOfEvening,
  EMPTY_EVENING,
  EMPTY_KITCHEN,
  eveningAnswer,
  eveningRequest,
  exampleConversion,
  isPlanned,
  tableOf,
  type ConversionBody,
  type ToPlan,
} from './index.js';

const example = exampleConversion();
const body: ConversionBody = {
  ...example,
  name: 'Mushrooms',
  chosen: {
    family: 'own',
    by: 'cook',
    plan: {
      layers: example.fried.layers,
      restMin: 5,
      oilGm2: 15,
      second: null,
      settings: { ...PLAIN_AIR, tempC: 190, minutes: 12, preheated: false, turnAtMin: 6, under: 'basket' },
    },
  },
};
const AT = '2026-11-26T19:00:00+01:00';
const NOON = Date.parse('2026-11-26T12:00:00+01:00');
const toPlan: ToPlan = { ...EMPTY_EVENING, timeZone: 'Europe/Oslo', serveAt: AT, dishes: [{ id: 'm', buns: true }] };
const planned = (part: Partial<ToPlan> = {}, nowMs = NOON) => {
  const asked = { ...toPlan, ...part };
  if (!isPlanned(body)) throw new Error('it is');
  return {
    asked,
    evening: eveningOf(KNOWN, eveningRequest(asked, [dishOfEvening('m', body)], EMPTY_KITCHEN, [], nowMs)),
  };
};

describe('what the core is asked of an evening', () => {
  test('minutes from now to the table, options by dish, and no clock', () => {
    if (!isPlanned(body)) throw new Error('it is');
    const request = eveningRequest(
      toPlan,
      [dishOfEvening('m', body)],
      { ...EMPTY_KITCHEN, paces: { cutPieceS: 9 } },
      ['salt'],
      NOON,
    );
    expect(request).toMatchObject({
      tableInMin: 420,
      options: { m: { buns: true } },
      have: ['salt'],
      kitchen: { paces: { cutPieceS: 9 } },
    });
    expect(eveningRequest({ ...toPlan, serveAt: null }, [], EMPTY_KITCHEN, [], NOON).tableInMin).toBeNull();
  });

  test('a dish without an air version is none to plan with', () => {
    expect([isPlanned(body), isPlanned({ ...body, chosen: null })]).toEqual([true, false]);
  });
});

describe('when the table is', () => {
  const first = (evening: ReturnType<typeof planned>['evening']): number =>
    Math.min(...evening.plan.tasks.map((t) => t.fromMin));

  test('at the time that was asked for, where it can be; else so many minutes later as it takes', () => {
    const { asked, evening } = planned();
    expect(tableOf(asked, evening, NOON)).toEqual({ askedMs: Date.parse(AT), tableMs: Date.parse(AT) });
    const soon = Date.parse(AT) - 10 * 60_000;
    const late = planned({}, soon);
    const { tableMs } = tableOf(late.asked, late.evening, soon);
    expect(tableMs + first(late.evening) * 60_000).toBeGreaterThanOrEqual(soon);
    expect(tableMs + first(late.evening) * 60_000).toBeLessThan(soon + 60_000);
  });

  test('begun at a time it follows from that; begun now, from now', () => {
    const { asked, evening } = planned({ serveAt: null, startAt: AT });
    expect(tableOf(asked, evening, NOON).tableMs).toBeCloseTo(Date.parse(AT) - first(evening) * 60_000, 3);
    const now = planned({ serveAt: null });
    expect(tableOf(now.asked, now.evening, NOON).tableMs).toBeCloseTo(NOON - first(now.evening) * 60_000, 3);
  });
});

describe('what is answered', () => {
  test('minutes count from the first task; what is said of another time is a clock time', () => {
    const soon = Date.parse(AT) - 10 * 60_000;
    const { asked, evening } = planned({}, soon);
    const answer = eveningAnswer(evening, asked, soon);
    expect(Math.min(...answer.tasks.map((t) => t.fromMin))).toBe(0);
    expect(answer.cannot[0].why).toMatch(/^Not before 19:\d\d: /);
    expect(answer.cannot[0].whyParts.every((p) => typeof p === 'string' || p.kind !== 'moment')).toBe(true);
    expect(answer.table.batches.every((b) => b.eatenMin <= answer.table.atMin + 0.01)).toBe(true);
    const { clock } = clocksOf(evening, asked, soon);
    expect(answer.tasks[0].fromAt).toBe(clock.iso(evening.plan.tasks[0].fromMin));
  });
});
