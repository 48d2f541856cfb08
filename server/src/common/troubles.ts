/** What goes wrong with the disk or the database file itself, for a cook. */

export interface Trouble {
  status: number;
  /** What is wrong, in a sentence, and what that means for a save. */
  what: string;
  detail: string;
  /** The database itself is spoiled. */
  damaged: boolean;
}

/** Codes of SQLite and of the system, by what they mean. */
const FULL = /^(SQLITE_FULL|ENOSPC|EDQUOT)/;
const LOCKED_UP = /^(SQLITE_READONLY|SQLITE_CANTOPEN|SQLITE_PERM|EACCES|EPERM|EROFS)/;
const SPOILED = /^(SQLITE_CORRUPT|SQLITE_NOTADB)/;
const FAILED = /^(SQLITE_IOERR|EIO)/;

interface Coded {
  code?: unknown;
  driverError?: Coded;
  cause?: Coded;
}

const codeOf = (error: unknown): string => {
  const { code, driverError, cause } = (error ?? {}) as Coded;
  return String(driverError?.code ?? code ?? cause?.code ?? '');
};

const unsaved = (what: string, then: string): Trouble => ({
  status: 507,
  damaged: false,
  what,
  detail: `${what} ${then}`,
});

/** What an error of the disk or the database means; null for any other. */
export function troubleOf(error: unknown): Trouble | null {
  const code = codeOf(error);
  if (FULL.test(code))
    return unsaved(
      'The disk is full.',
      'This was not saved, and nothing that was saved before is touched: make room, and save again.',
    );
  if (LOCKED_UP.test(code))
    return unsaved(
      'The data folder cannot be written any more.',
      'This was not saved; allow writing there, and save again.',
    );
  if (SPOILED.test(code)) return { status: 503, damaged: true, what: DAMAGED, detail: DAMAGED };
  if (FAILED.test(code))
    return unsaved('The disk gave an error.', 'This was not saved; see whether the disk is well before you go on.');
  return null;
}

/** What is said of a spoiled database. */
export const DAMAGED =
  'The database is damaged on the disk. Stop Yellowmist and start it again: it sets the damaged file aside, untouched, and offers the newest backup.';
