import { TZDate } from '@date-fns/tz';

/** The clock of an evening: moments in minutes from the table, as times of a place. */
export interface Clock {
  /** ISO 8601 with the offset of that moment. */
  iso: (fromTableMin: number) => string;
  /** "19:02". */
  time: (fromTableMin: number) => string;
  /** "Thursday 26 November 2026". */
  day: (fromTableMin: number) => string;
  /** The day alone, "2026-11-26": two moments of one day have the same. */
  date: (fromTableMin: number) => string;
}

const MS_PER_MIN = 60_000;
const OFFSET = /(Z|[+-]\d\d:?\d\d)$/;

/** Whether a time zone is known here: "Europe/Oslo", "+02:00". */
export function isTimeZone(zone: string): boolean {
  try {
    return !Number.isNaN(new TZDate(0, zone).getTime()) && (OFFSET.test(zone) || zoneKnown(zone));
  } catch {
    return false;
  }
}

function zoneKnown(timeZone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone });
    return true;
  } catch {
    return false;
  }
}

/** The offset that an ISO time is written with, as a time zone of its own. */
export function offsetOf(iso: string): string {
  const [offset = 'Z'] = OFFSET.exec(iso) ?? [];
  if (offset === 'Z') return '+00:00';
  return offset.includes(':') ? offset : `${offset.slice(0, 3)}:${offset.slice(3)}`;
}

const two = (n: number): string => String(n).padStart(2, '0');
const DAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'] as const;
const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const;

/**
 * The clock of a table.
 * @param tableMs when all is on the table, ms since 1970
 * @param zone a time zone of the IANA list, so that a night on which clocks are changed is told right; or an offset
 */
export function clockOf(tableMs: number, zone: string): Clock {
  // To the second: nobody reads more, and other programs no fractions.
  const at = (min: number): TZDate => new TZDate(Math.round((tableMs + min * MS_PER_MIN) / 1000) * 1000, zone);
  // A cook reads whole minutes.
  const read = (min: number): TZDate => new TZDate(Math.round(tableMs / MS_PER_MIN + min) * MS_PER_MIN, zone);
  return {
    iso: (min) => at(min).toISOString().replace('.000', ''),
    time: (min) => `${two(read(min).getHours())}:${two(read(min).getMinutes())}`,
    day: (min) => {
      const d = read(min);
      return `${DAYS[d.getDay()]} ${d.getDate()} ${MONTHS[d.getMonth()]} ${d.getFullYear()}`;
    },
    date: (min) => {
      const d = read(min);
      return `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}`;
    },
  };
}

/** A moment as the clock on the wall of a place shows it: "2026-11-26T19:00". */
export function wallClock(iso: string, zone: string): string {
  const d = new TZDate(Date.parse(iso), zone);
  return `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}T${two(d.getHours())}:${two(d.getMinutes())}`;
}

/** The moment at which the clock on the wall of a place shows this; null where that is no time. */
export function momentAt(wall: string, zone: string): string | null {
  const found = /^(\d{4})-(\d\d)-(\d\d)T(\d\d):(\d\d)$/.exec(wall);
  if (!found) return null;
  const [year, month, day, hour, minute] = found.slice(1).map(Number);
  return new TZDate(year, month - 1, day, hour, minute, 0, 0, zone).toISOString().replace('.000', '');
}
