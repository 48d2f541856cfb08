import fc from 'fast-check';
import { KNOWN } from '../foods/index.js';
import { harmfulTraces, isRawFlesh, soilOf, type Guest } from '../supper/index.js';
import { eveningWith, fourDishes, paper } from '../../testing/evenings.js';
import { OUT_OF_COLD } from './constants/index.js';
import { tasksOf } from './emit.js';
import { searchSchedule } from './schedule/search.js';
import { traysFor } from './tasks/network.js';
import type { EveningAsked, EveningDish, Task } from './types.js';

/** What must hold in every evening, whatever is cooked: random evenings, by every rule of the house. */

const EPS = 1e-6;
const { plants, cheese, fish, chicken } = fourDishes();
const KINDS = { plants, cheese, fish, chicken };

const dish = fc.record({
  kind: fc.constantFrom(...(Object.keys(KINDS) as (keyof typeof KINDS)[])),
  batches: fc.integer({ min: 1, max: 3 }),
  pieces: fc.integer({ min: 2, max: 14 }),
  minutes: fc.integer({ min: 4, max: 20 }),
});
const guest = fc.constantFrom<Guest>(
  { name: 'Mara', avoidAllergens: ['egg'], diets: [] },
  { name: 'Tobi', avoidAllergens: ['wheat'], diets: ['vegan'] },
  { name: 'Wen', avoidAllergens: ['fish'], diets: [] },
);

const evening = fc
  .record({
    dishes: fc.array(dish, { minLength: 1, maxLength: 4 }),
    guests: fc.uniqueArray(guest, { maxLength: 2, selector: (g) => g.name }),
    cooks: fc.integer({ min: 1, max: 3 }),
    bowls: fc.integer({ min: 0, max: 7 }),
    trays: fc.integer({ min: 0, max: 3 }),
    seed: fc.integer({ min: 1, max: 1e6 }),
  })
  .map(({ dishes, cooks, trays, ...rest }): EveningAsked => {
    const made = dishes.map(({ kind, ...how }, k) => paper(KINDS[kind], `${kind}${k}`, how));
    return eveningWith(made, {
      ...rest,
      cooks: Array.from({ length: cooks }, (_, k) => ({ name: `Cook ${k}` })),
      trays: Array.from({ length: trays }, () => ({ widthMm: 400, depthMm: 300 })),
    });
  });

const schedule = (asked: EveningAsked) => {
  const cooked = new Map(asked.dishes.map((d) => [d.id, [d.cooked]]));
  const { found } = searchSchedule(asked, KNOWN, cooked, { effort: 0.04 });
  return { found, tasks: tasksOf(found) };
};

/** No two of these overlap. */
function apart(spans: readonly { from: number; to: number }[]): void {
  const sorted = [...spans].sort((a, b) => a.from - b.from || a.to - b.to);
  sorted.slice(1).forEach((s, k) => expect(s.from).toBeGreaterThanOrEqual(sorted[k].to - EPS));
}

/** How many are in use at once, at most. */
function mostAtOnce(spans: readonly { from: number; to: number; n: number }[]): number {
  return Math.max(
    0,
    ...spans.map(({ from }) =>
      spans.reduce((sum, s) => sum + (s.from <= from + EPS && s.to > from + EPS ? s.n : 0), 0),
    ),
  );
}

const span = (tasks: readonly Task[]): { from: number; to: number } => ({
  from: Math.min(...tasks.map((t) => t.fromMin)),
  to: Math.max(...tasks.map((t) => t.toMin)),
});
const of = (tasks: readonly Task[], d: EveningDish, ...kinds: Task['kind'][]): Task[] =>
  tasks.filter((t) => t.dishId === d.id && kinds.includes(t.kind));

const always = (claim: (asked: EveningAsked, tasks: Task[]) => void, numRuns = 25): void =>
  fc.assert(
    fc.property(evening, (asked) => claim(asked, schedule(asked).tasks)),
    { numRuns, seed: 14 },
  );

describe('in every evening', () => {
  test('no pair of hands does two things at once, and none that it leaves to others', () =>
    always((asked, tasks) => {
      asked.cooks.forEach((_, c) =>
        apart(tasks.filter((t) => t.cook === c).map((t) => ({ from: t.fromMin, to: t.toMin }))),
      );
    }));

  test('no fryer holds two batches at once, and it is wiped between them', () =>
    always((asked, tasks) => {
      for (const { name } of asked.fryers) {
        const jobs = new Map<string, Task[]>();
        for (const t of tasks.filter((x) => x.fryer === name)) {
          const id = t.id.split('#')[0];
          jobs.set(id, [...(jobs.get(id) ?? []), t]);
        }
        apart([...jobs.values()].map(span).map(({ from, to }) => ({ from, to: to + asked.pace.reloadMin })));
      }
    }));

  test('nothing is begun before what it waits for is over, and every dish is served by the time of the table', () =>
    always((asked, tasks) => {
      const byId = new Map(tasks.map((t) => [t.id, t]));
      for (const t of tasks) {
        for (const id of t.after) {
          const before = byId.get(id);
          expect(before).toBeDefined();
          expect(t.fromMin).toBeGreaterThanOrEqual(before!.toMin - EPS);
        }
      }
      for (const d of asked.dishes) {
        const [serve] = of(tasks, d, 'serve');
        expect(serve.toMin).toBeLessThanOrEqual(EPS);
        for (const out of of(tasks, d, 'unload')) expect(serve.fromMin).toBeGreaterThanOrEqual(out.toMin - EPS);
      }
    }));

  test('every coat has rested before it is cooked', () =>
    always((asked, tasks) => {
      for (const d of asked.dishes) {
        for (const load of of(tasks, d, 'load')) {
          const coated = of(tasks, d, 'coat').filter((c) => c.batch === load.batch);
          const end = Math.max(...coated.map((c) => c.toMin));
          expect(load.fromMin - end).toBeGreaterThanOrEqual(d.cooked.plan.restMin - EPS);
        }
      }
    }));

  test('never more bowls or trays are in use than the kitchen has, unless one dish alone needs more', () =>
    always((asked, tasks) => {
      const { dishes, bowls, trays } = asked;
      const bowlSpans = dishes.map((d) => {
        const used = of(tasks, d, 'coat', 'mix');
        return { ...span(used), n: Math.min(bowls, d.bowls.length) };
      });
      if (bowls > 0) expect(mostAtOnce(bowlSpans)).toBeLessThanOrEqual(bowls);
      const traySpans = dishes.map((d) => ({
        from: span(of(tasks, d, 'coat')).from,
        to: span(of(tasks, d, 'load')).to,
        n: traysFor(d, trays),
      }));
      if (trays.length > 0) expect(mostAtOnce(traySpans)).toBeLessThanOrEqual(trays.length);
    }));

  test('what would harm a guest is coated and cooked after that guest’s dish, or all is washed between them', () =>
    always((asked, tasks) => {
      for (const harmful of asked.dishes) {
        for (const kept of asked.dishes) {
          if (harmful === kept || harmfulTraces(harmful, kept, asked.guests).length === 0) continue;
          const [a, b] = [span(of(tasks, harmful, 'coat')), span(of(tasks, kept, 'coat'))];
          const washed = tasks.find((t) => t.id === `${kept.id}:wash-all`);
          const between = washed !== undefined && washed.fromMin >= a.to - EPS && washed.toMin <= b.from + EPS;
          expect(b.to <= a.from + EPS || between).toBe(true);
          if (harmful.fryer.name !== kept.fryer.name) continue;
          const [inA, inB] = [span(of(tasks, harmful, 'load', 'unload')), span(of(tasks, kept, 'load', 'unload'))];
          expect(inB.to <= inA.from + EPS || (between && inA.to <= washed.fromMin + EPS)).toBe(true);
        }
      }
    }));

  test('raw flesh is coated after everything cleaner, and its hands are washed before they do anything else', () =>
    always((asked, tasks) => {
      for (const raw of asked.dishes.filter(isRawFlesh)) {
        for (const clean of asked.dishes.filter((d) => soilOf(d) < soilOf(raw))) {
          if ([...harmfulTraces(clean, raw, asked.guests), ...harmfulTraces(raw, clean, asked.guests)].length > 0)
            continue;
          expect(span(of(tasks, clean, 'coat')).to).toBeLessThanOrEqual(span(of(tasks, raw, 'coat')).from + EPS);
        }
        for (const wash of tasks.filter((t) => t.kind === 'wash' && t.id.startsWith(`${raw.id}:coat`))) {
          const coats = of(tasks, raw, 'coat').filter((c) => c.batch === wash.batch);
          expect(Math.abs(Math.max(...coats.map((c) => c.toMin)) - wash.fromMin)).toBeLessThan(EPS);
        }
      }
    }));

  test('raw coated flesh and egg are out of the cold no longer than the limit', () => {
    const limit = OUT_OF_COLD.mostMin;
    always((asked, tasks) => {
      for (const d of asked.dishes.filter((x) => isRawFlesh(x) || x.allergens.includes('egg'))) {
        const out = span(of(tasks, d, 'cut', 'coat')).from;
        expect(span(of(tasks, d, 'load')).to - out).toBeLessThanOrEqual(limit + 1);
      }
    }, 15);
  });
});
