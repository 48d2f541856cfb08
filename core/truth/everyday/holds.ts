import { kindOf, type Alternative } from '../../src/index.js';
import { currentIn } from '../document.js';
import type { Everyday } from './dish.js';
import { isExpected, isNear, NEAR, proposalFor, quantile, tableOf, type Proposal } from './proposals.js';

/** A whole list is converted, ms: in a slow hour, too. */
const LONG_MS = 300_000;

const names = (of: readonly Proposal[]): string[] => of.map((p) => p.dish.what);

/** What whoever eats it would call it: its kind, what its finish is mostly made of, and whether batter is in it. */
function thingOf({ layers }: Alternative): string {
  const finish = [...layers.at(-1)!.portions].sort((a, b) => b.grams - a.grams)[0];
  return `${kindOf(layers)}, ${finish.ingredientId}, ${layers.some((l) => l.batter) ? 'batter' : 'none'}`;
}

/** What a list of everyday breaded dishes has to come to; told under its name. */
export function holdsFor(name: string, list: readonly Everyday[]): void {
  let proposals: Proposal[] = [];
  beforeAll(() => {
    proposals = list.map(proposalFor);
  }, LONG_MS);

  describe(`everyday breaded dishes, ${name}`, () => {
    test('at least nine in ten are proposed in the expected coat, within 15 °C and 25 % of the minutes', () => {
      const far = proposals.filter((p) => !isNear(p));
      expect({ far: names(far).length <= (1 - NEAR.share) * proposals.length, which: names(far) }).toMatchObject({
        far: true,
      });
    });

    test('each stays the kind of dish that it is, works, and is not sent back to the pot', () => {
      expect(names(proposals.filter((p) => !isExpected(p)))).toEqual([]);
      expect(names(proposals.filter((p) => !p.best.works || p.conversion.keepPot !== null))).toEqual([]);
    });

    test('minutes are neither short nor long at the median, and no temperature is a wall', () => {
      const middle = quantile(
        proposals.map((p) => p.minutes / p.dish.practised.minutes),
        0.5,
      );
      expect(middle).toBeGreaterThan(0.9);
      expect(middle).toBeLessThan(1.1);
      const temperatures = proposals.map((p) => p.best.plan.settings.tempC);
      const most = Math.max(...temperatures.map((t) => temperatures.filter((u) => u === t).length));
      expect(most).toBeLessThanOrEqual(proposals.length / 2);
    });

    test('no version is the same thing as another, nor crisper in the very same coat than the pot makes it', () => {
      for (const { conversion, dish } of proposals) {
        const things = conversion.alternatives.map(thingOf);
        expect([dish.what, new Set(things).size]).toEqual([dish.what, things.length]);
        const same = conversion.original.outcomes.crispness!.value;
        expect(same).toBeLessThanOrEqual(conversion.fried.outcomes.crispness!.value + 0.01);
      }
    });

    test('docs/model.md shows them as they are proposed today', () => {
      const { stored, current } = currentIn(`everyday ${name}`, tableOf(proposals));
      expect(stored).toBe(current);
    });
  });
}
