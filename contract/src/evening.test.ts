import {
  check,
  clockOf,
  eveningBodySchema,
  isTimeZone,
  momentAt,
  offsetOf,
  planEveningSchema,
  wallClock,
  EMPTY_EVENING,
} from './index.js';

describe('the clock of an evening', () => {
  test('counts from the table, in the place’s own time with its offset', () => {
    const clock = clockOf(Date.parse('2026-11-26T19:00:00+01:00'), 'Europe/Oslo');
    expect([clock.time(0), clock.time(-75), clock.iso(-75)]).toEqual(['19:00', '17:45', '2026-11-26T17:45:00+01:00']);
    expect(clock.day(0)).toBe('Thursday 26 November 2026');
    expect(clock.date(-24 * 60)).toBe('2026-11-25');
  });

  test('in the night in which clocks go back, an hour is there twice, and a task is still as long as it is', () => {
    // 25 October 2026, 03:00 CEST becomes 02:00 CET.
    const clock = clockOf(Date.parse('2026-10-25T03:30:00+01:00'), 'Europe/Oslo');
    expect(clock.iso(0)).toBe('2026-10-25T03:30:00+01:00');
    expect([clock.iso(-60), clock.iso(-120)]).toEqual(['2026-10-25T02:30:00+01:00', '2026-10-25T02:30:00+02:00']);
    expect(Date.parse(clock.iso(-60)) - Date.parse(clock.iso(-120))).toBe(3_600_000);
  });

  test('in the night in which they go on, no task begins in the hour that is not there', () => {
    // 29 March 2026, 02:00 CET becomes 03:00 CEST.
    const clock = clockOf(Date.parse('2026-03-29T03:20:00+02:00'), 'Europe/Oslo');
    expect([clock.time(0), clock.time(-20), clock.time(-21)]).toEqual(['03:20', '03:00', '01:59']);
  });

  test('a clock on the wall and a moment are each other’s, also with an offset alone', () => {
    const moment = momentAt('2026-12-03T19:00', 'Europe/Oslo')!;
    expect(moment).toBe('2026-12-03T19:00:00+01:00');
    expect(wallClock(moment, 'America/New_York')).toBe('2026-12-03T13:00');
    expect([offsetOf('2026-12-03T19:00:00Z'), offsetOf('2026-12-03T19:00:00+0530')]).toEqual(['+00:00', '+05:30']);
    expect(clockOf(Date.parse(moment), '+05:30').time(0)).toBe('23:30');
    expect(momentAt('seven', 'UTC')).toBeNull();
  });

  test('a place that is on no list is none', () =>
    expect(['Europe/Oslo', 'UTC', '+02:00', 'Harrow/Skerry', ''].map(isTimeZone)).toEqual([
      true,
      true,
      true,
      false,
      false,
    ]));
});

describe('what an evening may be', () => {
  const evening = { ...EMPTY_EVENING, timeZone: 'Europe/Oslo' };
  const wrong = (part: object): string => {
    const checked = check(eveningBodySchema, { ...evening, ...part });
    return checked.ok ? '' : checked.errors.map((e) => e.message).join('; ');
  };

  test('as it is empty', () => expect(wrong({})).toBe(''));

  test.each([
    [{ serveAt: '2026-12-03T19:00:00' }, /serveAt must be a time of ISO 8601 with its offset/],
    [{ serveAt: 'tomorrow' }, /serveAt must be a time of ISO 8601 with its offset/],
    [{ timeZone: 'Harrow/Skerry' }, /timeZone must be a time zone as the IANA list names it/],
    [{ cooks: [] }, /cooks must hold at least 1/],
    [{ cooks: [{ name: 'Ines' }, { name: 'Ines' }] }, /cooks\[1\] contains a duplicate/],
    [{ pins: [{ id: 'a', beforeMin: -5 }] }, /beforeMin must be a number from 0 to 2880/],
    [{ dishes: [{ id: 'a', ahead: ['yesterday'] }] }, /ahead\[0\] must be one of/],
    [{ togetherMin: 90 }, /togetherMin must be a number from 0 to 60/],
  ])('%j is refused at its field', (part, message) => expect(wrong(part)).toMatch(message));

  const asked = (body: object): string => {
    const checked = check(planEveningSchema, body);
    return checked.ok ? '' : checked.errors.map((e) => e.message).join('; ');
  };

  test('a plan needs dishes, by id or whole and not both, and one time', () => {
    expect(asked({ dishIds: ['a'] })).toBe('');
    expect(asked({})).toMatch(/dishIds or dishes must name at least one dish/);
    expect(asked({ dishIds: [] })).toMatch(/dishIds must hold at least 1/);
    const at = '2026-12-03T19:00:00+01:00';
    expect(asked({ dishIds: ['a'], serveAt: at, startAt: at })).toMatch(/only one of/);
    expect(asked({ dishIds: ['a'], kitchen: { fryers: [] } })).toBe('');
    expect(asked({ dishIds: ['a'], kitchen: { fryers: 3 } })).toMatch(/kitchen\.fryers must be an array/);
    expect(asked({ dishIds: ['a'], cooks: 0 })).toMatch(/cooks must be a number from 1 to 6/);
  });
});
