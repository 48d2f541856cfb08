import { BACKUP_REASONS, type BackupReason } from '@yellowmist/contract';

/** Which backups there are by the names of their files, and which of them stay. */

export const BACKUP_ENDING = '.sqlite';

/** A backup by its name: when it was made, why, and as which of several in one second. */
export interface Named {
  id: string;
  at: Date;
  why: BackupReason;
  again: number;
}

const NAME = new RegExp(
  `^(\\d{4})-(\\d\\d)-(\\d\\d)T(\\d\\d)(\\d\\d)(\\d\\d)Z-(${BACKUP_REASONS.join('|')})(?:-(\\d{1,3}))?$`,
);

/** A name that sorts by time and any system takes: 2026-11-27T183000Z-daily. */
export const backupId = (at: Date, why: BackupReason, again = 0): string =>
  `${at.toISOString().slice(0, 19).replaceAll(':', '')}Z-${why}${again > 0 ? `-${again}` : ''}`;

/** What a name says; null for one that is no backup's. */
export function named(id: string): Named | null {
  const found = NAME.exec(id);
  if (!found) return null;
  const [year, month, day, hour, minute, second] = found.slice(1, 7).map(Number);
  const at = new Date(Date.UTC(year, month - 1, day, hour, minute, second));
  return { id, at, why: found[7] as BackupReason, again: Number(found[8] ?? 0) };
}

/** The last that was made first; of those of one second by their numbers. */
export const newestFirst = (a: Named, b: Named): number =>
  b.at.getTime() - a.at.getTime() || b.again - a.again || (a.id < b.id ? 1 : -1);

/** A name for another one: after all of its second, also where the first of them is gone. */
export function nextId(at: Date, why: BackupReason, there: readonly Named[]): string {
  const second = named(backupId(at, why))!.at.getTime();
  const numbers = there.filter((b) => b.why === why && b.at.getTime() === second).map((b) => b.again);
  return backupId(at, why, numbers.length === 0 ? 0 : Math.max(...numbers) + 1);
}

/** How many days, weeks and months have a daily backup, and how many from before an update or a restore stay. */
export const KEPT = { days: 7, weeks: 4, months: 12, before: 5 } as const;

const DAY_MS = 86_400_000;
const dayOf = ({ at }: Named): string => at.toISOString().slice(0, 10);
const monthOf = ({ at }: Named): string => at.toISOString().slice(0, 7);
/** Weeks begin on Mondays: day 0 of 1970 was a Thursday. */
const weekOf = ({ at }: Named): string => String(Math.floor((at.getTime() / DAY_MS + 3) / 7));

/** The newest of each of the last `most` spans that have one. */
function newestOfEach(sorted: readonly Named[], spanOf: (b: Named) => string, most: number): Named[] {
  const newest = new Map<string, Named>();
  for (const backup of sorted) if (!newest.has(spanOf(backup))) newest.set(spanOf(backup), backup);
  return [...newest.values()].slice(0, most);
}

/**
 * What may go: of the daily ones all but the newest of seven days, four weeks and twelve months that have one; of those
 * from before an update or a restore all but the last five. What a cook made or brought stays until the cook takes it away.
 */
export function superfluous(backups: readonly Named[]): Named[] {
  const sorted = [...backups].sort(newestFirst);
  const daily = sorted.filter((b) => b.why === 'daily');
  const before = sorted.filter((b) => b.why === 'before-update' || b.why === 'before-restore');
  const stays = new Set([
    ...newestOfEach(daily, dayOf, KEPT.days),
    ...newestOfEach(daily, weekOf, KEPT.weeks),
    ...newestOfEach(daily, monthOf, KEPT.months),
    ...before.slice(0, KEPT.before),
  ]);
  return [...daily, ...before].filter((b) => !stays.has(b));
}
