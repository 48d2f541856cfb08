import type { ListedCook, LoggedDish } from '@yellowmist/contract';

/** One dish of one cook: a line of the logbook. */
export interface LogRow {
  cook: ListedCook;
  logged: LoggedDish;
}

/** Every dish of every cook that is over, the latest first. */
export const rowsOf = (cooks: readonly ListedCook[]): LogRow[] =>
  cooks
    .filter((c) => c.endedAt !== null)
    .flatMap((cook) => cook.log.map((logged) => ({ cook, logged })))
    .sort((a, b) => b.cook.startedAt.localeCompare(a.cook.startedAt));

/** All tries of one dish, the first one first; rehearsals are no tries. */
export const triesOf = (cooks: readonly ListedCook[], dish: string): LogRow[] =>
  rowsOf(cooks)
    .filter(({ cook, logged }) => logged.dish === dish && cook.rehearsal === null)
    .reverse();

/** "Thu 26 Mar". */
export const dayOf = ({ startedAt }: Pick<ListedCook, 'startedAt'>): string =>
  new Date(startedAt).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });
