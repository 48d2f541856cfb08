import { RANGES } from '@yellowmist/contract';
import { HOW_MANY, throwWords, WORDS_BITS } from './passphrases';

test('words that are thrown make a passphrase that is allowed, and hard to guess even for who knows how', () => {
  const lowest = throwWords((count) => new Uint32Array(count));
  expect(lowest.split(' ')).toHaveLength(HOW_MANY);
  expect(lowest.length).toBeGreaterThanOrEqual(RANGES.passphraseLength.min);
  const other = throwWords((count) => Uint32Array.from({ length: count }, (_, k) => (k + 1) * 0x1234567));
  expect(new Set(other.split(' ')).size).toBeGreaterThan(3);
  // A door that looks at one guess a minute takes tens of thousands of years for half of them.
  expect(2 ** (WORDS_BITS - 1) / (60 * 24 * 365)).toBeGreaterThan(20_000);
});
