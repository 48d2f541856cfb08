import { hiddenKitchen, toldCooks } from '../../testing/kitchens.js';
import { waitedFor } from '../../testing/cooks.js';
import { honestyOf, meanOff, toldOfCook, type Foretold } from './index.js';

const page = waitedFor()[0].fryer;
/** Seeds that nothing was chosen on. */
const SEEDS = 700_000;
const KITCHENS = 40;

const looked = Array.from({ length: KITCHENS }, (_, k) => honestyOf(page, toldCooks(hiddenKitchen(SEEDS + k), 8)));
const all = looked.flatMap((h) => h.foretold);

describe('how right plans have been', () => {
  test('most kitchens noted something of their first cook', () => {
    expect(looked.filter(({ foretold }) => foretold[0].id === 'cook 0').length).toBeGreaterThan(KITCHENS / 2);
  });

  test('each cook is foretold by those before it: the first one by the page alone', () => {
    for (const { foretold } of looked) {
      const [first] = foretold;
      // Of the very first cook nothing may have been noted: then this one is not the first.
      if (first.id === 'cook 0') expect(first.byCooks).toBeCloseTo(first.byPage, 6);
      expect(foretold.map((f) => f.daysAgo)).toEqual([...foretold.map((f) => f.daysAgo)].sort((a, b) => b - a));
    }
  });

  test('what the cooks before had taught comes nearer than the page, and nearer the more there were', () => {
    const mean = (from: (f: Foretold) => boolean, of: (f: Foretold) => number): number => {
      const own = all.filter((f) => f.what === 'colour' && from(f));
      return own.reduce((sum, f) => sum + Math.abs(f.told - of(f)), 0) / own.length;
    };
    const late = (f: Foretold): boolean => f.daysAgo <= 28;
    // A word's width and each cook's own food stay in both, and no learning takes them away.
    expect(mean(late, (f) => f.byCooks)).toBeLessThan(0.9 * mean(late, (f) => f.byPage));
    expect(mean(late, (f) => f.byCooks)).toBeLessThan(
      mean(
        (f) => !late(f),
        (f) => f.byCooks,
      ),
    );
  });

  test('of the 80 % ranges that are given 70 to 90 % hold', () => {
    const held = looked.reduce((sum, h) => sum + h.held, 0);
    expect(held / all.length).toBeGreaterThanOrEqual(0.7);
    expect(held / all.length).toBeLessThanOrEqual(0.9);
  });

  test('of what was not noted nothing is said', () => {
    const [cook] = toldCooks(hiddenKitchen(SEEDS + 999), 1);
    const good = { ...cook, observed: toldOfCook({ overall: 'good' }, [], cook.happened) };
    expect(good.observed).toHaveLength(1);
    const honesty = honestyOf(page, [good]);
    expect(honesty).toEqual({ foretold: [], held: 0 });
    expect(meanOff(honesty, 'colour')).toBeNull();
  });

  test('means are of what was noted of a kind', () => {
    const foretold: Foretold[] = [0.2, -0.4].map((gap, k) => ({
      id: `${k}`,
      daysAgo: k,
      what: 'colour',
      told: gap,
      byPage: 0,
      byCooks: gap / 2,
      off: 1,
    }));
    expect(meanOff({ foretold, held: 2 }, 'colour')).toEqual({
      byPage: expect.closeTo(0.3, 9),
      byCooks: expect.closeTo(0.15, 9),
      noted: 2,
    });
    expect(meanOff({ foretold, held: 2 }, 'centre')).toBeNull();
  });
});
