import { plain } from '../../src/index.js';
import { currentIn } from '../document.js';
import { BATTERED, FROZEN_FIRST, POT } from './battered.js';
import { proposalFor, type Proposal } from './proposals.js';

/** A whole list is converted, ms: in a slow hour, too. */
const LONG_MS = 300_000;

let converted: Proposal[] = [];
let left: Proposal[] = [];
beforeAll(() => {
  converted = BATTERED.map(proposalFor);
  left = POT.map(proposalFor);
}, LONG_MS);

const names = (of: readonly Proposal[]): string[] => of.map((p) => p.dish.what);

describe('battered dishes', () => {
  test('that carry over are converted: they work, with crumbs over the batter or a binder', () => {
    expect(converted.length).toBeGreaterThanOrEqual(10);
    expect(names(converted.filter((p) => p.conversion.keepPot !== null || !p.best.works))).toEqual([]);
    expect(names(converted.filter((p) => p.best.layers.at(-1)!.wet))).toEqual([]);
  });

  test('and most of them keep their batter, under the crumbs', () => {
    const kept = converted.filter((p) => p.best.layers.some((l) => l.batter));
    expect(kept.length).toBeGreaterThan(converted.length / 2);
  });

  test('whose lace, puff or filling air cannot do are left to the pot, with the reason and the nearest', () => {
    expect(left.length).toBeGreaterThanOrEqual(6);
    for (const [at, p] of left.entries()) {
      const { keepPot } = p.conversion;
      expect([p.dish.what, keepPot?.why]).toEqual([p.dish.what, POT[at].why]);
      expect(plain(keepPot!.reason).length).toBeGreaterThan(60);
      expect(plain(keepPot!.nearest)).toMatch(/nearest in air/);
    }
  });

  test('cheese in crumbs is frozen first and coated twice, and then stays in', () => {
    const { best, conversion } = proposalFor(FROZEN_FIRST);
    expect(conversion.keepPot).toBeNull();
    expect(best.plan.making?.frozen).toBe(true);
    expect(best.layers.filter((l) => l.grain === 'fine')).toHaveLength(2);
    expect(best.outcomes.leak!.band).not.toBe('poor');
    expect(conversion.original.outcomes.leak!.band).toBe('poor');
  });

  test('docs/model.md shows what becomes of them today', () => {
    const row = (p: Proposal): string => {
      const { keepPot } = p.conversion;
      const { tempC } = p.best.plan.settings;
      const said = keepPot ? `keep the pot (${keepPot.why})` : `${tempC} °C, ${p.minutes} min`;
      return `| ${p.dish.what} | ${said} | ${p.kind}${p.best.layers.some((l) => l.batter) ? ' over batter' : ''} | ${p.best.likeness.toFixed(2)} |`;
    };
    const table = [
      '| dish | answer | coat, or the nearest in air | likeness |',
      '| --- | --- | --- | --- |',
      ...[...converted, ...left].map(row),
    ].join('\n');
    const { stored, current } = currentIn('everyday battered', table);
    expect(stored).toBe(current);
  });
});
