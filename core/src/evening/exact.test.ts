import loadHighs from 'highs';
import { KNOWN } from '../foods/index.js';
import { eveningWith, fourDishes, OVEN, paper } from '../../testing/evenings.js';
import { compile, prepareBlocks, type Compiled } from './schedule/compile.js';
import { decode } from './schedule/decode.js';
import { searchSchedule, type Found } from './schedule/search.js';
import type { EveningAsked } from './types.js';

/**
 * Small evenings against the best that there is: by a mixed-integer solver of another hand (HiGHS), and by trying every
 * order. What is compared is how long cooked pieces wait for the table, dish by dish: a crust that softens evenly.
 */

const { plants, cheese, fish } = fourDishes();
// A CommonJS package whose types say that it is a module.
const highs = await (loadHighs as unknown as typeof loadHighs.default)();

/** Minutes that each dish's pieces wait on average, summed: what an evenly softening crust loses. */
const waited = (table: Found['table'], dishes: EveningAsked['dishes']): number =>
  dishes.reduce((sum, d) => {
    const mine = table.filter((b) => b.dishId === d.id);
    const all = mine.reduce((n, b) => n + b.pieces, 0);
    return sum + mine.reduce((s, b) => s + ((b.eatenMin - b.readyMin) * b.pieces) / all, 0);
  }, 0);

/** The same evening as a mixed-integer programme over the same blocks, in the form that HiGHS reads. */
function exactly(asked: EveningAsked, { network }: Found): number {
  // Without the order that our search has found for the fryers: that is for the solver to choose.
  const free = prepareBlocks(network.blocks, asked.cooks, []);
  const { blocks, before, demands, number } = free;
  const M = 400;
  const rows: string[] = [];
  const binaries: string[] = [];
  // s_k is how long before the table block k begins.
  blocks.forEach((b, k) => {
    rows.push(`s${k} >= ${b.min}`);
    for (const { from, leastMin } of before[k]) rows.push(`s${from} - s${k} >= ${blocks[from].min + leastMin}`);
  });
  const pair = (name: string, [i, fromI, minI]: number[], [k, fromK, minK]: number[]): void => {
    binaries.push(name);
    // Either i's stretch is over before k's begins, or the other way round.
    rows.push(`s${i} - s${k} + ${M} ${name} >= ${fromI + minI - fromK}`);
    rows.push(`s${k} - s${i} - ${M} ${name} >= ${fromK + minK - fromI - M}`);
  };
  const hands = blocks.flatMap((_, k) =>
    demands[k].filter((d) => d.lane === 'hands').map((d) => [k, d.fromMin, d.min]),
  );
  const reaches = reachable(free);
  hands.forEach((a, x) =>
    hands.slice(x + 1).forEach((b, y) => {
      if (a[0] !== b[0] && !reaches[a[0]].has(b[0]) && !reaches[b[0]].has(a[0])) pair(`h${x}_${x + 1 + y}`, a, b);
    }),
  );
  blocks.forEach((a, i) =>
    blocks.slice(i + 1).forEach((b, y) => {
      const k = i + 1 + y;
      if (a.fryer === null || a.fryer !== b.fryer || reaches[i].has(k) || reaches[k].has(i)) return;
      const wipe = asked.pace.reloadMin;
      pair(
        `f${i}_${k}`,
        [i, a.fryerMin[0], a.fryerMin[1] - a.fryerMin[0] + wipe],
        [k, b.fryerMin[0], b.fryerMin[1] - b.fryerMin[0] + wipe],
      );
    }),
  );
  const weights = new Map<number, number>();
  for (const { dish, number: n, pieces } of network.batches) {
    const share = pieces / dish.dish.count;
    const [batch, serve] = [number.get(`${dish.id}:batch:${n}`)!, number.get(`${dish.id}:serve`)!];
    weights.set(batch, (weights.get(batch) ?? 0) + share);
    weights.set(serve, (weights.get(serve) ?? 0) - share);
  }
  const terms = [...weights].map(([k, w]) => `${w < 0 ? '-' : '+'} ${Math.abs(w)} s${k}`);
  const fixed = network.batches.reduce((sum, { dish, number: n, pieces }) => {
    const batch = blocks[number.get(`${dish.id}:batch:${n}`)!];
    const serve = blocks[number.get(`${dish.id}:serve`)!];
    return sum + (pieces / dish.dish.count) * (serve.min - batch.cookedMin);
  }, 0);
  const lp = [
    'Minimize',
    ` cost: ${terms.join(' ')}`,
    'Subject To',
    ...rows.map((r, k) => ` c${k}: ${r}`),
    'Bounds',
    ...blocks.map((_, k) => ` 0 <= s${k} <= ${M}`),
    ...(binaries.length > 0 ? ['Binary', ` ${binaries.join(' ')}`] : []),
    'End',
  ].join('\n');
  const solved = highs.solve(lp, { time_limit: 60 });
  expect(solved.Status).toBe('Optimal');
  return solved.ObjectiveValue + fixed;
}

function reachable({ next }: Pick<Compiled, 'next'>): Set<number>[] {
  const found = next.map(() => new Set<number>());
  const walk = (root: number, at: number): void =>
    next[at].forEach(({ to }) => {
      if (found[root].has(to)) return;
      found[root].add(to);
      walk(root, to);
    });
  next.forEach((_, k) => walk(k, k));
  return found;
}

const small = (dishes: EveningAsked['dishes'], more: Partial<EveningAsked> = {}): EveningAsked =>
  eveningWith(dishes, { togetherMin: 60, ...more });

const EVENINGS: [string, EveningAsked][] = [
  ['one dish, three batches in one fryer', small([paper(plants, 'a', { batches: 3, minutes: 9 })])],
  [
    'two dishes in one fryer',
    small([paper(plants, 'a', { batches: 2, minutes: 8 }), paper(plants, 'b', { batches: 1, minutes: 12 })]),
  ],
  [
    'two dishes in two fryers, one pair of hands',
    small([
      paper(plants, 'a', { batches: 2, minutes: 9 }),
      paper(cheese, 'b', { batches: 2, minutes: 11, fryer: OVEN }),
    ]),
  ],
  [
    'two dishes, one of raw fish',
    small([paper(plants, 'a', { batches: 1, minutes: 14 }), paper(fish, 'b', { batches: 2, minutes: 7 })]),
  ],
  [
    'three dishes, one batch each',
    small([
      paper(plants, 'a', { minutes: 9 }),
      paper(cheese, 'b', { minutes: 13, fryer: OVEN }),
      paper(plants, 'c', { minutes: 6, pieces: 10 }),
    ]),
  ],
];

const found = (asked: EveningAsked): Found =>
  searchSchedule(asked, KNOWN, new Map(asked.dishes.map((d) => [d.id, [d.cooked]]))).found;

describe('small evenings are within a tenth of the best', () => {
  test.each(EVENINGS)('%s: by a mixed-integer solver', (_, asked) => {
    const ours = found(asked);
    const best = exactly(asked, ours);
    const mine = waited(ours.table, asked.dishes);
    // Nobody waits less than the best: the two mean the same.
    expect(mine).toBeGreaterThanOrEqual(best - 1e-4);
    expect(mine).toBeLessThanOrEqual(1.1 * best + 0.01);
  });
});

/** Every order of a list. */
function* orders<T>(items: readonly T[]): Generator<T[]> {
  if (items.length === 0) yield [];
  for (let k = 0; k < items.length; k++) {
    for (const rest of orders([...items.slice(0, k), ...items.slice(k + 1)])) yield [items[k], ...rest];
  }
}

test('a very small evening is as good as the best of every order that there is', () => {
  const asked = small([
    { ...paper(plants, 'a', { minutes: 8 }), bowls: [] },
    { ...paper(plants, 'b', { minutes: 11, pieces: 8 }), bowls: [] },
  ]);
  const ours = found(asked);
  const { blocks } = ours.network;
  expect(blocks.length).toBeLessThanOrEqual(8);
  const prepared = prepareBlocks(blocks, asked.cooks, []);
  let best = Infinity;
  for (const order of orders(blocks.map((_, k) => k))) {
    const rank = new Float64Array(blocks.length);
    order.forEach((at, k) => (rank[at] = k));
    for (const [{ ids }] of [prepared.jobs]) {
      for (const chain of orders(ids)) {
        const compiled = compile(prepared, [chain], new Set(), asked.pace.reloadMin);
        const schedule = decode(compiled, new Float64Array(blocks.length), (at) => rank[at]);
        if (!schedule) continue;
        const cost = ours.network.batches.reduce((sum, { dish, number: n }) => {
          const [batch, serve] = [
            prepared.number.get(`${dish.id}:batch:${n}`)!,
            prepared.number.get(`${dish.id}:serve`)!,
          ];
          const ready = schedule.begins[batch] + blocks[batch].cookedMin;
          return sum + schedule.begins[serve] + blocks[serve].min - ready;
        }, 0);
        best = Math.min(best, cost);
      }
    }
  }
  expect(waited(ours.table, asked.dishes)).toBeLessThanOrEqual(1.1 * best + 0.01);
});
