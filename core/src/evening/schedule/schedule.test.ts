import fc from 'fast-check';
import { KNOWN } from '../../foods/index.js';
import { seeded, text } from '../../units/index.js';
import { eveningWith, fourDishes, OVEN, paper } from '../../../testing/evenings.js';
import { byHand, single, stretched, type Block, type Link } from '../tasks/block.js';
import type { Cook, Pin } from '../types.js';
import { compile, partId, pinnedIn, prepareBlocks } from './compile.js';
import { decode } from './decode.js';
import { Lane } from './lane.js';
import { compareWorth, costOf, mostOutMin, type Worth } from './objective.js';
import { searchSchedule } from './search.js';

const said = text`work`;
const work = (id: string, min: number, after: Link[] = [], more: Partial<Block> = {}): Block =>
  single(id, { id: 'dish' }, byHand('coat', min, said, said), after, more);
const link = (id: string, leastMin = 0): Link => ({ id, leastMin });
const ONE: Cook[] = [{ name: 'Ines' }];

/** A schedule of blocks by the rule of the latest end. */
function scheduled(blocks: Block[], cooks = ONE, pins: Pin[] = [], chains: number[][] = []) {
  const compiled = compile(prepareBlocks(blocks, cooks, pins), chains, new Set(), 1);
  const found = decode(compiled, new Float64Array(blocks.length), (_, limit) => limit);
  return found && { ...found, at: (id: string) => found.begins[compiled.number.get(id)!] };
}

describe('a lane', () => {
  test('knows what it is busy with: intervals that only touch do not overlap', () => {
    const lane = new Lane();
    lane.take(-20, -10);
    lane.take(-40, -30);
    lane.take(-5, 0);
    expect([lane.clash(-10, -5), lane.clash(-30, -20)]).toEqual([null, null]);
    expect([lane.clash(-35, -15), lane.clashEnd(-35, -15)]).toEqual([-20, -30]);
    lane.release(-20);
    expect(lane.clash(-30, -5)).toBeNull();
    lane.release(-99);
    expect(lane.clash(-3, -1)).toBe(-5);
  });

  test('in any order of taking, what was taken is never free', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: 0, max: 30 }), { maxLength: 12 }), (starts) => {
        const lane = new Lane();
        starts.forEach((s) => lane.take(s * 2, s * 2 + 2));
        for (let s = 0; s <= 30; s++) expect(lane.clash(s * 2, s * 2 + 2) !== null).toBe(starts.includes(s));
      }),
      { numRuns: 40 },
    );
  });
});

describe('a serial schedule from the table backwards', () => {
  test('places work as late as its followers and their waits allow', () => {
    const found = scheduled([work('a', 3), work('b', 5, [link('a', 7)]), work('c', 1, [link('b')])])!;
    expect([found.at('c'), found.at('b'), found.at('a')]).toEqual([-1, -6, -16]);
  });

  test('one pair of hands does one thing at a time; two do two', () => {
    const both = [work('a', 4), work('b', 4), work('end', 1, [link('a'), link('b')])];
    const alone = scheduled(both)!;
    expect([alone.at('a'), alone.at('b')].sort((x, y) => x - y)).toEqual([-9, -5]);
    const two = scheduled(both, [...ONE, { name: 'Tobi' }])!;
    expect([two.at('a'), two.at('b')]).toEqual([-5, -5]);
    expect(new Set([two.hands[0][0], two.hands[1][0]])).toEqual(new Set([0, 1]));
  });

  test('the hob takes one pan', () => {
    const pan = (id: string): Block => ({
      ...work(id, 4),
      parts: [{ ...byHand('sauce', 4, said, said), place: 'hob' }],
    });
    const found = scheduled([pan('a'), pan('b')], [...ONE, { name: 'Tobi' }])!;
    expect(Math.abs(found.at('a') - found.at('b'))).toBe(4);
  });

  test('a fryer is wiped for a minute between two batches, and hands may oil while it cooks', () => {
    const batch = (id: string): Block => work(id, 12, [], { fryer: 'Galley', fryerMin: [2, 12] });
    const blocks = [batch('a'), batch('b')].map((b) => ({
      ...b,
      parts: [byHand('oil', 2, said, said), { ...byHand('cook', 10, said, said, 2), hands: false, inFryer: true }],
    }));
    const found = scheduled(blocks, ONE, [], [[0, 1]])!;
    expect(found.at('b')).toBe(-12);
    // Out of the fryer a minute before the other goes in, which is two minutes into its block.
    expect(found.at('a') + 12).toBe(found.at('b') + 2 - 1);
  });

  test('a ring of links is no schedule', () => {
    expect(scheduled([work('a', 1, [link('b')]), work('b', 1, [link('a')])])).toBeNull();
  });

  test('a pin stays; the rest gives way, or what it breaks is told with the minutes', () => {
    const blocks = [work('a', 3), work('b', 2, [link('a')])];
    const early = scheduled(blocks, ONE, [{ id: 'a', beforeMin: 30 }])!;
    expect([early.at('a'), early.at('b'), early.broken]).toEqual([-30, -2, []]);
    const late = scheduled(blocks, ONE, [{ id: 'a', beforeMin: 4 }])!;
    expect(late.at('a')).toBe(-4);
    expect(late.broken).toEqual([{ from: 0, to: 1, byMin: expect.closeTo(5, 6) }]);
  });

  test('whoever leaves a kind of work to others does none of it, unless there are no others', () => {
    const cooks: Cook[] = [{ name: 'Ines', leaves: ['coat'] }, { name: 'Tobi' }];
    expect(scheduled([work('a', 3), work('b', 3)], cooks)!.hands.flat()).toEqual([1, 1]);
    expect(scheduled([work('a', 3)], [cooks[0]])!.hands.flat()).toEqual([0]);
  });
});

describe('stretches', () => {
  test('of ten minutes there are three, one after the other; links to the whole hold for the last', () => {
    const cut = stretched(work('cut', 10, [link('before', 2)], { stretches: true }), 4);
    expect(cut.map((b) => b.id)).toEqual(['cut/1', 'cut/2', 'cut']);
    expect(cut.reduce((sum, b) => sum + b.min, 0)).toBeCloseTo(10, 9);
    expect(cut.map((b) => b.after[0])).toEqual([link('before', 2), link('cut/1'), link('cut/2')]);
    expect(stretched(work('short', 4), 4)).toHaveLength(1);
  });

  test('what follows right after it follows its last stretch', () => {
    const coat = work('coat', 8, [], { stretches: true });
    const washed = { ...coat, min: 10, parts: [...coat.parts, byHand('wash', 2, said, said, 8)] };
    const parts = stretched(washed, 4);
    expect(parts.map((b) => b.min)).toEqual([4, 6]);
    expect(parts[1].parts[1]).toMatchObject({ kind: 'wash', atMin: 4 });
  });
});

describe('how a pin finds its work', () => {
  const batch: Block = {
    ...work('d:batch:1', 12),
    parts: [byHand('load', 1, said, said), byHand('look', 1, said, said, 5), byHand('look', 1, said, said, 8)],
  };

  test('by its block, or by the kind and place of a part', () => {
    expect([0, 1, 2].map((k) => partId(batch, k))).toEqual(['load1', 'look1', 'look2']);
    expect([pinnedIn([batch], 'd:batch:1'), pinnedIn([batch], 'd:batch:1#look2'), pinnedIn([batch], 'gone')]).toEqual([
      0, 0, -1,
    ]);
    const compiled = compile(prepareBlocks([batch], ONE, [{ id: 'd:batch:1#look2', beforeMin: 20 }]), [], new Set(), 1);
    expect(compiled.pinned[0]).toBe(-28);
  });
});

describe('what is best', () => {
  const none: Worth = { broken: 0, cold: 0, late: 0, soft: 0, lost: 0.3, apart: 0, wet: 0, span: 90, standing: 100 };

  test('the graver comes first, whatever the rest; what nobody notices counts as nothing', () => {
    expect(compareWorth({ ...none, cold: 1 }, { ...none, lost: 5, span: 500 }, false)).toBeGreaterThan(0);
    expect(compareWorth({ ...none, late: 5 }, { ...none, soft: 30 }, false)).toBeGreaterThan(0);
    expect(compareWorth({ ...none, soft: 1 }, { ...none, lost: 3 }, false)).toBeGreaterThan(0);
    expect(compareWorth({ ...none, lost: 0.5 }, { ...none, apart: 20 }, false)).toBeGreaterThan(0);
    expect(compareWorth({ ...none, lost: 0.301 }, { ...none, span: 91 }, false)).toBeLessThan(0);
    expect(compareWorth(none, { ...none }, false)).toBe(0);
  });

  test('as soon as it can be, its length comes before the crust, and neither before what is safe', () => {
    const long = { ...none, span: 120 };
    expect(compareWorth(long, { ...none, soft: 12 }, true)).toBeGreaterThan(0);
    expect(compareWorth({ ...none, cold: 1 }, long, true)).toBeGreaterThan(0);
    expect(costOf(long, true)).toBeGreaterThan(costOf(none, true) + 100);
  });

  test('raw coated flesh and egg: two hours, one in a hot kitchen (FSIS, from memory)', () => {
    expect([mostOutMin(21), mostOutMin(31.9), mostOutMin(32)]).toEqual([120, 120, 60]);
  });
});

describe('the search', () => {
  const { plants, cheese } = fourDishes();
  const dishes = [
    paper(plants, 'a', { batches: 3, minutes: 9, softensBy: 0.03 }),
    paper(cheese, 'b', { batches: 2, minutes: 12, fryer: OVEN }),
    paper(plants, 'c', { batches: 2, minutes: 7 }),
  ];
  const cooked = new Map(dishes.map((d) => [d.id, [d.cooked]]));
  const asked = eveningWith(dishes);
  const at = (effort: number, seed = 1) => searchSchedule({ ...asked, seed }, KNOWN, cooked, { effort }).found.worth;

  test('betters what its rules begin with, and never ends worse', () => {
    const [start, end] = [at(0), at(1)];
    expect(compareWorth(end, start, false)).toBeLessThan(0);
    for (const seed of [2, 3]) expect(compareWorth(at(0.3, seed), at(0, seed), false)).toBeLessThanOrEqual(0);
  });

  test('what softens fast is cooked last in its fryer', () => {
    const { table } = searchSchedule(asked, KNOWN, cooked).found;
    const ready = (id: string): number => Math.max(...table.filter((b) => b.dishId === id).map((b) => b.readyMin));
    expect(ready('a')).toBeGreaterThan(ready('c'));
  });

  test('tells how far it is, from nothing on', () => {
    const told: number[] = [];
    searchSchedule(asked, KNOWN, cooked, { effort: 0.1, tell: (done) => told.push(done) });
    expect(told[0]).toBe(0);
    expect(told).toEqual([...told].sort((a, b) => a - b));
  });

  test('random numbers are the same for the same seed, and spread', () => {
    const [a, b, c] = [seeded(7), seeded(7), seeded(8)];
    const first = Array.from({ length: 200 }, a);
    expect(Array.from({ length: 200 }, b)).toEqual(first);
    expect(c()).not.toBe(first[0]);
    expect(first.reduce((s, x) => s + x, 0) / 200).toBeGreaterThan(0.4);
    expect(Math.max(...first)).toBeLessThan(1);
  });
});
