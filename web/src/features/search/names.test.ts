import { KNOWN, convertDish, planId, type Alternative, type Conversion } from '@yellowmist/core';
import { exampleConversion, type Chosen } from '@yellowmist/contract';
import { betterThan, choicesIn, isBetter, isTaken, keyOf, namesOf, withTaken } from './names';

const conversion: Conversion = convertDish({ ...exampleConversion(), pantry: KNOWN });
const choices = choicesIn(conversion);
const chosenOf = ({ family, plan }: Alternative): Chosen => ({ family, by: 'cook', plan });

describe('the versions to choose from', () => {
  test('are the original as it is, then the best first; none before there is a search', () => {
    expect(choices[0]).toBe(conversion.original);
    expect(choices.slice(1)).toEqual(conversion.alternatives);
    expect(choicesIn(null)).toEqual([]);
  });

  test('each has a name that no other has, also among many of one coat', () => {
    const many = [...choices, ...choices.map((a) => ({ ...a, id: `${a.id} again` }))];
    const names = namesOf(many);
    expect(new Set(many.map((a) => names.get(a))).size).toBe(many.length);
  });

  test('of two of one coat the later one says what sets it apart', () => {
    const [first] = conversion.alternatives;
    const { settings } = first.plan;
    const cooler = { ...first, plan: { ...first.plan, settings: { ...settings, tempC: settings.tempC - 10 } } };
    const drier = { ...first, plan: { ...first.plan, oilGm2: 0 } };
    const names = namesOf([first, cooler, drier]);
    expect(names.get(cooler)).toBe(`${names.get(first)}, cooler`);
    expect(names.get(drier)).toBe(`${names.get(first)}, less oil`);
  });

  test('the one on the bench is known by what it is, not by how it is written', () => {
    const [first, second] = conversion.alternatives;
    const written = JSON.parse(JSON.stringify(chosenOf(first))) as Chosen;
    expect(isTaken(first, written)).toBe(true);
    expect(isTaken(second, written)).toBe(false);
    expect(isTaken(first, null)).toBe(false);
  });

  test('a better one is announced to whom the search gave another, and to nobody who chose', () => {
    const [best] = conversion.alternatives;
    const far = conversion.alternatives.find((a) => isBetter(best, a))!;
    expect(betterThan(conversion, { ...chosenOf(far), by: 'search' })).toBe(best);
    expect(betterThan(conversion, chosenOf(far))).toBeNull();
    expect(betterThan(conversion, { ...chosenOf(best), by: 'search' })).toBeNull();
    expect(betterThan(null, chosenOf(far))).toBeNull();
    expect(betterThan(conversion, null)).toBeNull();
  });

  describe('what lies on the bench is among them', () => {
    const [best] = conversion.alternatives;
    const longer = { ...best, id: 'longer', plan: { ...best.plan, restMin: best.plan.restMin + 3 } };
    const id = (a: Alternative): Alternative => ({ ...a, id: planId(a.plan) });
    const guess = id(longer);
    const taken = (c: Conversion, chosen: Chosen): number => choicesIn(c).filter((a) => isTaken(a, chosen)).length;

    test('as it was found, once', () => {
      expect(withTaken(conversion, [], chosenOf(best))).toBe(conversion);
      expect(withTaken(conversion, [], null)).toBe(conversion);
    });

    test('one that the search laid there stands in the place of one of its family that is hardly better', () => {
      const chosen: Chosen = { ...chosenOf(guess), by: 'search' };
      const all = withTaken(conversion, [guess], chosen);
      expect(taken(all, chosen)).toBe(1);
      expect(all.alternatives).toHaveLength(conversion.alternatives.length);
    });

    test('one that the cook chose stands beside what was found', () => {
      const all = withTaken(conversion, [guess], chosenOf(guess));
      expect(all.alternatives).toHaveLength(conversion.alternatives.length + 1);
    });

    test('also where the original put in as it is is the very same cook: it is another version', () => {
      const same: Alternative = { ...conversion.original, family: 'kept-finish' };
      const chosen: Chosen = { ...chosenOf(same), by: 'search' };
      expect(taken(withTaken(conversion, [same], chosen), chosen)).toBe(1);
    });
  });

  test('what works is better than what does not; of two that do, one that is clearly more like it', () => {
    expect(isBetter({ works: true, likeness: 0.4 }, { works: false, likeness: 0.9 })).toBe(true);
    expect(isBetter({ works: true, likeness: 0.9 }, { works: true, likeness: 0.88 })).toBe(false);
    expect(isBetter({ works: true, likeness: 0.9 }, { works: true, likeness: 0.8 })).toBe(true);
  });

  test('keys are for one version each', () => {
    expect(new Set(choices.map(keyOf)).size).toBe(choices.length);
  });
});
