import type { ListedCook, LoggedDish, Overall } from '@yellowmist/contract';

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

/** Which lines are wanted. */
export interface LogFilters {
  overall: Overall | 'any' | 'none';
  fryer: string;
}

export const ANY: LogFilters = { overall: 'any', fryer: 'any' };

/** Whether a line is wanted. */
export const fits = ({ logged }: LogRow, { overall, fryer }: LogFilters): boolean =>
  (overall === 'any' || (logged.record?.seen.overall ?? 'none') === overall) &&
  (fryer === 'any' || logged.fryer === fryer);

/** All tries of one dish, the first one first; rehearsals are no tries. */
export const triesOf = (cooks: readonly ListedCook[], dish: string): LogRow[] =>
  rowsOf(cooks)
    .filter(({ cook, logged }) => logged.dish === dish && cook.rehearsal === null)
    .reverse();

/** "Thu 26 Mar". */
export const dayOf = ({ startedAt }: Pick<ListedCook, 'startedAt'>): string =>
  new Date(startedAt).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });

/** Letters by which tries are called beside each other; so many fit side by side. */
export const LETTERS = ['A', 'B', 'C', 'D'] as const;

/** One dish of one cook, as an address names it. */
export interface TryId {
  cook: string;
  dish: string;
}

/** Where some tries stand side by side. */
export const compareAddress = (tries: readonly TryId[]): string =>
  `/log/compare?${new URLSearchParams(tries.map(({ cook, dish }) => ['of', `${cook}.${dish}`])).toString()}`;

/** The tries that an address names: each once, as many as fit. */
export const triesNamed = (search: URLSearchParams): TryId[] =>
  [...new Set(search.getAll('of'))]
    .flatMap((of) => {
      const [cook, dish] = of.split('.');
      return cook && dish ? [{ cook, dish }] : [];
    })
    .slice(0, LETTERS.length);
