import { failureOf, type Failure, type Told } from '../../testing/failures.js';
import {
  cameOut,
  causeOf,
  changeFor,
  isCured,
  meant as asPlanned,
  missedOf,
  observationsOf,
  posteriorOf,
  rankedCauses,
  type DiagnosedChange,
  type Put,
  type RankedCause,
} from '../index.js';

/**
 * Two thousand failures with a hidden cause, every cause alike often, in thirteen dishes and two kinds of fryers: what was seen
 * is told in noisy words, with fields left out and a slip now and then; beside the cause every fryer, coat and piece is a
 * little off. Spreads, priors and sizes were chosen on other seeds (below 60,000): these only check.
 */
const FAILURES = 2000;
const FIRST_SEED = 90_000_001;

/** What is seen is told six times in seven, what a counter keeps or a cook still knows nine in ten, what is measured three in ten. */
const TOLD: Told = { seen: 0.85, kept: 0.9, measured: 0.3 };
const COARSE = { fine: 0.5, waits: true };

interface Judged {
  failure: Failure;
  ranked: RankedCause[];
  change: DiagnosedChange | null;
}

describe('two thousand failures with a hidden cause', () => {
  const all: Judged[] = [];

  beforeAll(() => {
    for (let seed = FIRST_SEED; all.length < FAILURES; seed++) {
      const failure = failureOf(seed, TOLD);
      if (!failure) continue;
      const { simulated, seen } = failure;
      const posterior = posteriorOf(simulated, observationsOf(seen), seen.did);
      const ranked = rankedCauses(posterior);
      all.push({ failure, ranked, change: changeFor(posterior, ranked) });
    }
  }, 600_000);

  const placeOf = ({ failure, ranked }: Judged): number => ranked.findIndex(({ key }) => key === failure.cause);

  test('the cause stands first in four of five, and among the first two in nineteen of twenty', () => {
    const first = all.filter((j) => placeOf(j) === 0).length / FAILURES;
    const two = all.filter((j) => placeOf(j) === 0 || placeOf(j) === 1).length / FAILURES;
    expect(first).toBeGreaterThanOrEqual(0.8);
    expect(two).toBeGreaterThanOrEqual(0.95);
  });

  test('every kind of cause is among them', () => {
    expect(new Set(all.map(({ failure }) => failure.cause)).size).toBeGreaterThanOrEqual(24);
  });

  test('shares are what they say: of causes given some 70 %, some 70 % are right', () => {
    const given = all.flatMap(({ failure, ranked }) =>
      ranked.filter(({ share }) => share >= 0.6 && share < 0.8).map(({ key }) => key === failure.cause),
    );
    const right = given.filter(Boolean).length / given.length;
    expect(given.length).toBeGreaterThan(30);
    expect(right).toBeGreaterThanOrEqual(0.6);
    expect(right).toBeLessThanOrEqual(0.8);
  });

  test('and over all shares, what is given and what is right lie near each other', () => {
    for (const [from, to] of [
      [0.05, 0.2],
      [0.2, 0.4],
      [0.4, 0.6],
      [0.8, 1.01],
    ]) {
      const of = all.flatMap(({ failure, ranked }) =>
        ranked
          .filter(({ share }) => share >= from && share < to)
          .map(({ key, share }) => ({ share, right: key === failure.cause })),
      );
      const mean = of.reduce((sum, { share }) => sum + share, 0) / of.length;
      const right = of.filter((o) => o.right).length / of.length;
      expect(Math.abs(right - mean)).toBeLessThan(0.12);
    }
  });

  test('the one change that is proposed cures four of five, simulated under the cause that was hidden', () => {
    const cured = all.filter(({ failure, change }) => {
      if (!change) return false;
      const { simulated, put, without, cause, size, browningLog } = failure;
      const lying = { ...simulated.meant.lying, plan: change.plan };
      const next: Put = { ...simulated.meant, lying, happened: asPlanned(lying), unknowns: without.unknowns };
      const again = change.removes.includes(cause) ? next : (causeOf(cause).put(next, size) ?? next);
      const missed = (it: Put) =>
        missedOf(simulated.valuesIn({ came: cameOut(it, COARSE), did: {} }), simulated.aims, browningLog);
      return isCured(missed(put), missed(again));
    });
    expect(cured.length / FAILURES).toBeGreaterThanOrEqual(0.8);
  });
});
