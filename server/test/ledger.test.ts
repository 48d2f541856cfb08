import { KEPT, backupId, named, nextId, superfluous, type Named } from '../src/backup/ledger.js';

/** Which backups stay, by their names alone. */

describe('which stay', () => {
  const day = (n: number): Date => new Date(Date.UTC(2026, 0, 1, 12) + n * 86_400_000);
  const daily = (n: number) => named(backupId(day(n), 'daily'))!;

  test('of daily ones over two years seven days, four weeks and twelve months have one', () => {
    let there: ReturnType<typeof daily>[] = [];
    for (let n = 0; n < 730; n++) {
      there.push(daily(n));
      const gone = new Set(superfluous(there).map((b) => b.id));
      there = there.filter((b) => !gone.has(b.id));
    }
    const ages = there.map((b) => Math.round((day(729).getTime() - b.at.getTime()) / 86_400_000)).sort((a, b) => a - b);
    expect(ages.slice(0, KEPT.days)).toEqual([0, 1, 2, 3, 4, 5, 6]);
    expect(ages.length).toBeLessThanOrEqual(KEPT.days + KEPT.weeks + KEPT.months);
    expect(ages.filter((age) => age > 6 && age <= 28).length).toBeGreaterThanOrEqual(KEPT.weeks - 2);
    expect(ages.at(-1)).toBeGreaterThan(300);
    expect(ages.at(-1)).toBeLessThan(366);
  });

  test('the last few from before an update or a restore, and all that a cook made or brought', () => {
    const all = Array.from({ length: 20 }, (_, n) => [
      named(backupId(day(n), 'before-restore'))!,
      named(backupId(day(n), 'by-hand'))!,
      named(backupId(day(n), 'brought'))!,
    ]).flat();
    const gone = superfluous(all);
    expect(gone).toHaveLength(20 - KEPT.before);
    expect(gone.every((b) => b.why === 'before-restore')).toBe(true);
  });

  test('of many in one second the last stay, and none takes the name of one that went', () => {
    const at = day(0);
    const made: string[] = [];
    let there: Named[] = [];
    for (let k = 0; k < 15; k++) {
      const id = nextId(at, 'before-restore', there);
      expect(made).not.toContain(id);
      made.push(id);
      there.push(named(id)!);
      const gone = new Set(superfluous(there).map((b) => b.id));
      there = there.filter((b) => !gone.has(b.id));
    }
    expect(there.map((b) => b.id).sort()).toEqual(made.slice(-KEPT.before).sort());
    expect(nextId(day(1), 'before-restore', there)).toBe(backupId(day(1), 'before-restore'));
  });

  test.each(['', 'x', '2026-13-45', '2026-11-27T183000Z-daily.sqlite', '../2026-11-27T183000Z-daily'])(
    '“%s” is the name of none',
    (name) => expect(named(name)).toBeNull(),
  );
});
