import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';

/** A passphrase is kept as a sum that takes long to work out, and from which it cannot be read. */

/** What is kept of a passphrase. */
export interface KeptPassphrase {
  /** Base 64. */
  salt: string;
  sum: string;
  /** What the sum costs: scrypt's N, r and p (RFC 7914). */
  cost: { N: number; r: number; p: number };
}

/** 2¹⁵ · 8 · 128 B = 32 MB for some 0.3 s: nobody tries many of these, and a small machine bears one. */
const COST = { N: 2 ** 15, r: 8, p: 3 } as const;
const SUM_BYTES = 32;
const SALT_BYTES = 16;

/** Letters that look alike are one, however a keyboard sends them. */
const plain = (passphrase: string): string => passphrase.normalize('NFKC');

const sumOf = (passphrase: string, salt: Buffer, { N, r, p }: KeptPassphrase['cost']): Promise<Buffer> =>
  new Promise((resolve, reject) =>
    // Node wants to be told that so much is meant; it needs a little more than the sum itself.
    scrypt(plain(passphrase), salt, SUM_BYTES, { N, r, p, maxmem: 2 * 128 * N * r }, (error, sum) =>
      error ? reject(error) : resolve(sum),
    ),
  );

/** What to keep of a passphrase that is set. */
export async function keep(passphrase: string): Promise<KeptPassphrase> {
  const salt = randomBytes(SALT_BYTES);
  const sum = await sumOf(passphrase, salt, COST);
  return { salt: salt.toString('base64'), sum: sum.toString('base64'), cost: { ...COST } };
}

/** What is compared with where none is set: the same work is done for nothing. */
const NOTHING: KeptPassphrase = { salt: '', sum: Buffer.alloc(SUM_BYTES).toString('base64'), cost: { ...COST } };

/** Whether a passphrase is the one that is kept: the same work is done for a right one, a wrong one and none. */
export async function isRight(passphrase: string, kept: KeptPassphrase | null): Promise<boolean> {
  const { salt, sum, cost } = kept ?? NOTHING;
  const tried = await sumOf(passphrase, Buffer.from(salt, 'base64'), cost);
  return timingSafeEqual(tried, Buffer.from(sum, 'base64')) && kept !== null;
}

/** Fewer different letters than these are typed by whoever watches once. */
const FEWEST_LETTERS = 6;
/** What is tried first, at its beginning or whole (from memory, no source). */
const TRIED_FIRST =
  /^(password|passphrase|passwort|qwerty|asdfgh|iloveyou|letmein|welcome|admin|yellowmist|0?12345|abcdef)/i;

/** Why a passphrase is guessed too easily, "must have …"; null where it is not. */
export function tooEasy(passphrase: string): string | null {
  const letters = new Set(plain(passphrase).toLowerCase());
  if (letters.size < FEWEST_LETTERS)
    return `must have at least ${FEWEST_LETTERS} different letters: four or five words are easily typed and hard to guess`;
  if (TRIED_FIRST.test(passphrase.trim()))
    return 'must not begin with what everybody tries first: four or five words of your own are easily typed and hard to guess';
  return null;
}
