import { BREADED, spec } from '../../testing/plain.js';
import { ingredient, KNOWN, totalGrams } from '../foods/index.js';
import { crumbsOiled, hasOil, withoutOil } from './crumbOil.js';

const OIL = 'rapeseed-oil';

describe('oil in the crumbs', () => {
  const oiled = crumbsOiled(KNOWN, BREADED, OIL)!;

  test('goes into the finish alone', () => {
    expect(oiled.map((l) => hasOil(KNOWN, l))).toEqual([false, false, true]);
    expect(oiled.slice(0, 2)).toEqual(BREADED.slice(0, 2));
  });

  // Common practice, no source: a tablespoon to a cup.
  test('is a tablespoon to a cup of them', () => {
    const finish = oiled.at(-1)!;
    const crumbs = finish.portions.find((p) => p.ingredientId !== OIL)!;
    const cups = crumbs.grams / ingredient(KNOWN, crumbs.ingredientId).cupG!;
    expect((totalGrams(finish.portions) - crumbs.grams) / cups).toBeCloseTo(13.6, 0);
  });

  test('once is enough: oiled crumbs are oiled anew, not more', () => {
    expect(crumbsOiled(KNOWN, oiled, OIL)).toEqual(oiled);
    expect(crumbsOiled(KNOWN, oiled, 'olive-oil')!.at(-1)!.portions).toHaveLength(2);
  });

  test('is taken out again without a trace', () => expect(withoutOil(KNOWN, oiled)).toEqual(BREADED));

  test('does not go into a wet finish, nor into no coat at all', () => {
    expect(crumbsOiled(KNOWN, [spec(['wheat-flour', 100], ['water', 150])], OIL)).toBeNull();
    expect(crumbsOiled(KNOWN, [], OIL)).toBeNull();
    expect(hasOil(KNOWN, undefined)).toBe(false);
  });
});
