import { waitedFor } from '../../testing/cooks.js';
import { asItsPage } from '../dish/index.js';
import { colourUnder, NOTHING_KNOWN, simulatedUnder } from '../evidence/index.js';
import { lyingUp } from '../heat/index.js';
import { plain } from '../units/index.js';
import { asLearned, learnFryer, saidOfFryer, toldOfCook, toldOfLower, type ObservedCook } from './index.js';

const page = waitedFor()[0].fryer;

describe('a lower rack', () => {
  const twoRacks = { ...page, racks: 2 };
  /** A cook of which a piece on some rack is told, in a fryer whose lower rack browns otherwise than simulated. */
  const told = (k: number, level: 'upper' | 'lower', lowerLog: number): ObservedCook => {
    const [dish] = waitedFor();
    const lying = { ...dish, fryer: twoRacks, load: { ...dish.load, racksUsed: 2 } };
    const happened = { minutes: 13 + (k % 3), turnAtMin: 7, opensAtMin: [], touchUpAtMin: null };
    const { series } = simulatedUnder(lying, NOTHING_KNOWN, happened, { level, options: { fine: 0.5 } });
    const face = lyingUp(happened.turnAtMin, happened.minutes);
    const b = colourUnder(series, face, happened.minutes * 60, level === 'lower' ? lowerLog : 0);
    const observed = toldOfCook({ colourTop: b }, [], happened);
    return { id: `cook ${k}`, fryer: twoRacks.name, daysAgo: 7 * k, lying, happened, level, observed };
  };
  const cooks = (lowerLog: number): ObservedCook[] =>
    Array.from({ length: 8 }, (_, k) => told(k, k % 2 === 0 ? 'lower' : 'upper', lowerLog));

  test.each([-0.25, 0.2])('that browns otherwise by %f is told from the fryer’s own browning', (lowerLog) => {
    const learned = learnFryer(twoRacks, cooks(lowerLog));
    const { mean } = learned.belief;
    expect(Math.abs(mean.lowerLog - lowerLog)).toBeLessThan(0.15);
    expect(mean.lowerLog * lowerLog).toBeGreaterThan(0);
    expect(Math.abs(mean.browningLog)).toBeLessThan(0.06);
    expect(toldOfLower(learned)).toBe(true);
    const used = asLearned(twoRacks, learned);
    expect(Math.abs(Math.log(used.lower!) - mean.lowerLog)).toBeLessThan(0.02);
    expect(asItsPage(used)).toEqual(twoRacks);
    const how = lowerLog < 0 ? 'slower' : 'faster';
    expect(plain(saidOfFryer('Loft', learned))).toMatch(
      new RegExp(`on its lower rack \\d+ ± \\d+ % ${how} than above`),
    );
  });

  test('of which nothing was told stays as simulated, and is not spoken of', () => {
    const learned = learnFryer(
      twoRacks,
      Array.from({ length: 4 }, (_, k) => told(k, 'upper', 0.3)),
    );
    expect(learned.belief.mean.lowerLog).toBeCloseTo(0, 6);
    expect(toldOfLower(learned)).toBe(false);
    expect(asLearned(twoRacks, learned).lower).toBeUndefined();
    expect(plain(saidOfFryer('Loft', learned))).not.toContain('lower rack');
  });

  test('is paler in every plan where it browns slower, and the upper one is as it was', () => {
    const [dish] = waitedFor();
    const lying = { ...dish, load: { ...dish.load, racksUsed: 2 } };
    const end = (lower: number, level: 'upper' | 'lower'): number => {
      const fryer = { ...twoRacks, lower };
      return simulatedUnder(
        { ...lying, fryer },
        NOTHING_KNOWN,
        { minutes: 14, turnAtMin: 7, opensAtMin: [], touchUpAtMin: null },
        { level },
      ).series.columns.colourUp.at(-1)!;
    };
    expect(end(0.8, 'lower')).toBeLessThan(0.9 * end(1, 'lower'));
    expect(end(0.8, 'upper')).toBeCloseTo(end(1, 'upper'), 9);
  });
});
