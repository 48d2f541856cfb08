import { KNOWN, eveningOf } from '@yellowmist/core';
import {
  check,
  cookThatBegins,
  dishOfEvening,
  EMPTY_EVENING,
  EMPTY_KITCHEN,
  eveningRequest,
  exampleConversion,
  exampleVersion,
  oneDish,
  startCookSchema,
  tellsOfBegun,
  wholeEvening,
  type EveningBody,
  type ToBegin,
} from './index.js';

const ID = '6f1f0d0e-3a77-4b0e-9a6c-0d8a4a0a4a11';
const NOON = Date.parse('2026-11-26T12:00:00+01:00');
const HOUR = 3_600_000;
const dish = dishOfEvening(ID, { ...exampleConversion(), name: 'Mushrooms', chosen: exampleVersion(12) });

function begun(toBegin: ToBegin, more: Partial<Parameters<typeof cookThatBegins>[2]> = {}) {
  const request = eveningRequest(toBegin.toPlan, [dish], EMPTY_KITCHEN, [], NOON);
  return cookThatBegins(toBegin, { evening: eveningOf(KNOWN, request), dishes: [dish] }, { nowMs: NOON, ...more });
}
const at = (serveAt: string | null): EveningBody => ({
  ...EMPTY_EVENING,
  name: 'Thursday',
  timeZone: 'Europe/Oslo',
  serveAt,
  dishes: [{ id: ID }],
});
const firstS = ({ programme }: ReturnType<typeof begun>): number => Math.min(...programme.steps.map((s) => s.fromS));

test('a dish by itself begins now, under its own name', () => {
  const cook = begun(oneDish(ID, 'Mushrooms', 'Europe/Oslo'));
  expect(cook).toMatchObject({
    name: 'Mushrooms',
    source: { what: 'conversion', id: ID },
    rehearsal: null,
    startedMs: NOON,
    beginsMs: NOON,
    timeZone: 'Europe/Oslo',
  });
  expect(firstS(cook)).toBe(0);
});

test('an evening of today waits on its clock until it is time; one of another day begins now', () => {
  const soon = begun(wholeEvening(ID, at(new Date(NOON + 3 * HOUR).toISOString())));
  expect(soon).toMatchObject({ name: 'Thursday', source: { what: 'evening', id: ID }, startedMs: NOON });
  expect(firstS(soon)).toBeGreaterThan(0);
  expect(soon.programme.tableS).toBeCloseTo(3 * 3600, -1);
  expect(firstS(begun(wholeEvening(ID, at(new Date(NOON + 30 * HOUR).toISOString()))))).toBe(0);
});

test('a rehearsal begins now, with the clock of its evening', () => {
  const rehearsal = { rate: 20, help: 'all', surprises: [] } as const;
  const cook = begun(wholeEvening(ID, at(new Date(NOON + 3 * HOUR).toISOString())), {
    rehearsal: { ...rehearsal, surprises: [] },
  });
  expect(firstS(cook)).toBe(0);
  expect(cook.startedMs).toBe(NOON);
  expect(cook.beginsMs + cook.programme.tableS * 1000).toBe(NOON + 3 * HOUR);
});

test.each([
  ['a dish', oneDish(ID, 'Mushrooms', 'Europe/Oslo'), { conversionId: ID }],
  ['an evening', wholeEvening(ID, at(null)), { eveningId: ID }],
])('what is told of %s that began before is what the server takes', (_, toBegin, of) => {
  const cook = begun(toBegin);
  const told = tellsOfBegun(cook, NOON + 61_000.4);
  expect(told).toMatchObject({ ...of, timeZone: 'Europe/Oslo', begun: { name: cook.name, agoMs: 61_000 } });
  expect(check(startCookSchema, JSON.parse(JSON.stringify(told)))).toMatchObject({ ok: true });
  // A clock that was put back meanwhile.
  expect(tellsOfBegun(cook, NOON - 5000).begun!.agoMs).toBe(0);
});
