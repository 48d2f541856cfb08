import { FRIED, hiddenKitchen, toldCooks } from '../../testing/kitchens.js';
import { waitedFor } from '../../testing/cooks.js';
import { EIGHTY_RANGE } from './constants.js';
import { checkedOf, honestyOf, meanOff, toldOfCook, type Foretold } from './index.js';

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

  test('minutes to the colour that was told: nearer by the cooks before than by the page, and their ranges hold', () => {
    const late = all.filter((f) => f.what === 'minutes' && f.daysAgo <= 28);
    const mean = (of: (f: Foretold) => number): number =>
      late.reduce((sum, f) => sum + Math.abs(f.told - of(f)), 0) / late.length;
    // A word is some minutes wide, whatever was learned.
    expect(mean((f) => f.byCooks)).toBeLessThan(0.9 * mean((f) => f.byPage));
    const held = late.filter((f) => Math.abs(f.told - f.byCooks) <= EIGHTY_RANGE * f.off).length;
    expect(held / late.length).toBeGreaterThanOrEqual(0.7);
    expect(held / late.length).toBeLessThanOrEqual(0.95);
  });

  test.each([11, 11.3, 12, 12.7])(
    'nothing is foretold of a colour that no fryer comes to within %f min and more',
    (minutes) => {
      const cook = toldCooks(hiddenKitchen(SEEDS), 4).find((c) => c.checked?.brown)!;
      const told = (logB: number): Foretold | undefined => {
        const checked = { ...cook.checked!, brown: { ...cook.checked!.brown!, told: logB } };
        const { foretold } = honestyOf(page, [{ ...cook, happened: { ...cook.happened, minutes }, checked }]);
        return foretold.find((f) => f.what === 'minutes');
      };
      expect(told(0)).toBeDefined();
      expect(told(6)).toBeUndefined();
    },
  );

  test('a coat that stayed on was foretold to stay, and one that came off is outside of what was foretold', () => {
    const [cook] = toldCooks(hiddenKitchen(SEEDS + 5), 1);
    const told = (bald: string): Foretold => {
      const checked = { ...cook.checked!, ...checkedOf({ bald }, cook.happened, FRIED), brown: null };
      return honestyOf(page, [{ ...cook, checked }]).foretold.find((f) => f.what === 'bald')!;
    };
    expect(told('none').byCooks).toBeLessThan(0.2);
    expect(Math.abs(told('none').told - told('none').byCooks)).toBeLessThan(EIGHTY_RANGE * told('none').off);
    expect(told('much').told - told('much').byCooks).toBeGreaterThan(EIGHTY_RANGE * told('much').off);
  });

  test('of the 80 % ranges that are given 70 to 90 % hold', () => {
    const held = looked.reduce((sum, h) => sum + h.held, 0);
    expect(held / all.length).toBeGreaterThanOrEqual(0.7);
    expect(held / all.length).toBeLessThanOrEqual(0.9);
  });

  test('of what was not noted nothing is said', () => {
    const [cook] = toldCooks(hiddenKitchen(SEEDS + 999), 1);
    const good = { ...cook, observed: toldOfCook({ overall: 'good' }, [], cook.happened), checked: undefined };
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
