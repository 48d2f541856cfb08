import { plain, seeded } from '../units/index.js';
import { resultOf, type TastingAnswer } from './result.js';

const TWO = ['oil sprayed on', 'oil in the crumbs'];
const FOUR = ['wheat', 'rice', 'maize', 'potato'];
const answers = (...orders: (number[] | null)[]): TastingAnswer[] =>
  orders.map((order, k) => ({ taster: `Taster ${k + 1}`, order }));
const many = (n: number, order: number[]): number[][] => Array.from({ length: n }, () => order);

describe('what a tasting comes to', () => {
  test('nobody has tasted', () => {
    const found = resultOf(TWO, 'crisper', []);
    expect(found).toMatchObject({ told: 0, ahead: null, sure: 'nothing', chance: 1, meanRank: [null, null] });
    expect(plain(found.says)).toBe('Nobody has tasted yet.');
  });

  test('six of six settle it, seven of eight lean, five of eight say nothing', () => {
    const all = resultOf(TWO, 'crisper', answers(...many(6, [1, 0])));
    expect(all).toMatchObject({ ahead: 1, sure: 'sure', more: null, test: 'sign', first: [0, 6] });
    expect(plain(all.says)).toBe(
      '6 of 6 found “oil in the crumbs” crispest. If all were alike, chance alone would part them so far one time in 32: that settles it, as far as this table goes.',
    );
    const most = resultOf(TWO, 'crisper', answers(...many(7, [1, 0]), [0, 1]));
    expect(most).toMatchObject({ sure: 'leaning', more: 1 });
    expect(plain(most.says)).toMatch(/one time in 14: it leans that way, and is not sure yet\. 1 more answer for it/);
    expect(resultOf(TWO, 'crisper', answers(...many(5, [1, 0]), ...many(3, [0, 1])))).toMatchObject({
      sure: 'nothing',
    });
  });

  test('what cannot be told apart counts for no side, and is said', () => {
    const found = resultOf(TWO, 'taste', answers([0, 1], null, null));
    expect(found).toMatchObject({ told: 1, alike: 2, first: [1, 0] });
    expect(plain(found.says)).toContain('2 answers found them alike.');
    expect(plain(resultOf(TWO, 'taste', answers([0, 1], [1, 0])).says)).toMatch(/fall to both sides/);
  });

  test('four ways by their ranks', () => {
    const found = resultOf(FOUR, 'again', answers(...many(4, [2, 1, 0, 3])));
    expect(found).toMatchObject({ ahead: 2, sure: 'sure', test: 'ranks', meanRank: [3, 2, 1, 4] });
    expect(plain(found.says)).toMatch(/^4 of 4 found “maize” best to have again/);
  });

  test('who tasted twice is named: it holds for them more than for others', () => {
    const twice = ['Ines', 'Tobi', 'Ines'].map((taster): TastingAnswer => ({ taster, order: [0, 1] }));
    expect(plain(resultOf(TWO, 'holds', twice).says)).toMatch(/Ines tasted more than once/);
  });

  test('the number of answers that would settle it does settle it, and one fewer does not', () => {
    const random = seeded(3);
    for (let k = 0; k < 40; k++) {
      const ways = 2 + (k % 3);
      const orders = Array.from({ length: 3 + (k % 5) }, () =>
        Array.from({ length: ways }, (_, w) => w).sort(() => random() - 0.5),
      );
      const found = resultOf(FOUR.slice(0, ways), 'taste', answers(...orders));
      if (found.more === null) continue;
      const rest = found.meanRank
        .map((rank, way) => ({ rank: rank!, way }))
        .filter(({ way }) => way !== found.ahead)
        .sort((a, b) => a.rank - b.rank)
        .map(({ way }) => way);
      const alike = [found.ahead!, ...rest];
      const after = (n: number) => resultOf(FOUR.slice(0, ways), 'taste', answers(...orders, ...many(n, alike))).sure;
      expect([after(found.more - 1) === 'sure', after(found.more)]).toEqual([false, 'sure']);
    }
  });
});

describe('how often it is right', () => {
  /** Tables of ten tasters who rank by lot, or with so much of a liking for the first. */
  const called = (ways: number, liking: number): { right: number; wrong: number } => {
    const random = seeded(100 * ways + liking * 10);
    let [right, wrong] = [0, 0];
    for (let table = 0; table < 300; table++) {
      const orders = Array.from({ length: 10 }, () =>
        Array.from({ length: ways }, (_, way) => ({ way, worth: random() + (way === 0 ? liking : 0) }))
          .sort((a, b) => b.worth - a.worth)
          .map(({ way }) => way),
      );
      const { sure, ahead } = resultOf(FOUR.slice(0, ways), 'taste', answers(...orders));
      if (sure !== 'sure') continue;
      if (ahead === 0 && liking > 0) right++;
      else wrong++;
    }
    return { right: right / 300, wrong: wrong / 300 };
  };

  test.each([2, 3, 4])('%i ways that are alike are told apart in less than one table of twenty', (ways) => {
    // Two standard errors over 5 %.
    expect(called(ways, 0).wrong).toBeLessThanOrEqual(0.05 + 2 * Math.sqrt((0.05 * 0.95) / 300));
  });

  test.each([2, 3, 4])('of %i ways one that most like better is found, and hardly ever another', (ways) => {
    const { right, wrong } = called(ways, 0.7);
    expect(right).toBeGreaterThan(0.6);
    expect(wrong).toBeLessThan(0.02);
  });
});
