import { plain } from '../units/index.js';
import fc from 'fast-check';
import { BEER_BATTERED, MUSHROOMS, NO_LIMITS, PLAIN_FRYER } from '../../testing/plain.js';
import type { Fryer } from '../dish/index.js';
import { KNOWN, DIETS, fitsDiets, ingredient, type Diet } from '../foods/index.js';
import { evaluateFried, type Asked } from '../plan/index.js';
import { EQUAL_WORTH } from './constants.js';
import { convertDish, familiesFor, rankFound, searchFamily, simulationsFor } from './convert.js';
import { coatsFor } from './families.js';
import { FAMILIES, temperaturesFor } from './index.js';
import { isTheirs, strangenessOf, worthOf } from './worth.js';

// Coarse steps, so that a search has few temperatures to try.
const fryer: Fryer = { ...PLAIN_FRYER, basket: { kind: 'round', diameterMm: 200 }, stepC: 10 };
const request: Asked = {
  pantry: KNOWN,
  dish: MUSHROOMS,
  fried: BEER_BATTERED,
  fryer,
  limits: { ...NO_LIMITS, maxMinutes: 24 },
};

describe('converting beer-battered mushrooms', () => {
  const conversion = convertDish(request);

  test('the fried original sets in seconds and comes out crisp', () => {
    expect(conversion.fried.outcomes.setTime!.value).toBeLessThan(1);
    expect(conversion.fried.outcomes.crispness!.band).toBe('good');
  });

  test('put in as it is it fails, because the wet batter runs off', () => {
    expect(conversion.original.works).toBe(false);
    expect(conversion.original.reasons[0].about).toBe('runOff');
    expect(plain(conversion.original.reasons[0].text)).toMatch(/below 75 °C .* % of it drips/);
  });

  test('the best air version works, is golden, and keeps a fraction of the oil', () => {
    const [best] = conversion.alternatives;
    expect(best.works).toBe(true);
    expect(best.outcomes.colourTop!.band).toBe('good');
    expect(best.oilPerPieceG).toBeLessThan(conversion.fried.oilPerPieceG / 4);
    expect(best.badges).toContain('closest');
    expect(best.steps.length).toBeGreaterThanOrEqual(5);
  });

  test('ranked: what works first, then the cook’s own, then what is worth more; of equals the families keep their order', () => {
    const places = conversion.alternatives.map((a) => {
      // Nothing here needs a special shop, which would cost a little as well.
      const worth = worthOf(a, conversion.fried, request.fryer) - strangenessOf(a, conversion.fried);
      return [
        Number(!a.works),
        Number(!isTheirs(a.family, conversion.fried)),
        -Math.round(worth / EQUAL_WORTH),
        FAMILIES.indexOf(a.family),
      ];
    });
    const inOrder = [...places].sort((a, b) => a.map((x, k) => x - b[k]).find((gap) => gap !== 0) ?? 0);
    expect(places).toEqual(inOrder);
  });

  test('the same question gives the same answer', () => {
    const again = convertDish(request);
    expect(again.alternatives.map((a) => a.plan)).toEqual(conversion.alternatives.map((a) => a.plan));
  });
});

describe('the search', () => {
  test('the families can be searched one by one, in any order, with the same result', () => {
    const conversion = convertDish(request);
    const fried = evaluateFried({ pantry: KNOWN, dish: request.dish, fried: request.fried });
    let simulations = 1;
    const found = [...familiesFor(request)].reverse().map((family) => {
      const search = searchFamily(request, family, fried);
      let next = search.next();
      for (; !next.done; next = search.next()) simulations += 1;
      return next.value;
    });
    const ranked = rankFound(request, fried, found, simulations);
    expect(ranked.alternatives.map((a) => a.family)).toEqual(conversion.alternatives.map((a) => a.family));
    expect(ranked.alternatives.map((a) => a.plan)).toEqual(conversion.alternatives.map((a) => a.plan));
    expect(simulations).toBe(conversion.simulations);
    expect(simulations / simulationsFor(request)).toBeGreaterThan(0.8);
    expect(simulations).toBeLessThanOrEqual(simulationsFor(request));
  });

  test('keeps to what the fryer can be set to', () => {
    const temperatures = temperaturesFor({ ...request, fryer: { ...fryer, stepC: 10, maxTempC: 190 } });
    expect(temperatures).toEqual([160, 170, 180, 190]);
    expect(temperaturesFor({ ...request, limits: { ...request.limits, maxTempC: 150 } })).toEqual([150]);
  });

  test('never offers an ingredient that breaks a diet or carries an avoided allergen', () => {
    fc.assert(
      fc.property(
        fc.subarray([...DIETS]),
        fc.subarray(['wheat', 'egg', 'milk', 'soy', 'sesame'] as const),
        (diets, avoidAllergens) => {
          const coats = coatsFor({ ...request, limits: { ...request.limits, diets: diets as Diet[], avoidAllergens } });
          const own = coats.filter((c) => c.family !== 'as-it-is');
          expect(own.length).toBeGreaterThan(0);
          for (const { layers } of own) {
            for (const p of layers.flatMap((l) => l.portions)) {
              expect(fitsDiets(ingredient(KNOWN, p.ingredientId), diets)).toBe(true);
              expect(
                ingredient(KNOWN, p.ingredientId).allergens.filter((a) => avoidAllergens.some((b) => b === a)),
              ).toEqual([]);
            }
          }
        },
      ),
    );
  });

  test('an unknown food is refused by name', () => {
    expect(() =>
      evaluateFried({ pantry: KNOWN, dish: { ...MUSHROOMS, foodId: 'unicorn' }, fried: BEER_BATTERED }),
    ).toThrow('unicorn');
  });
});

describe('a search that is called off', () => {
  const whole = convertDish(request, 'wide');

  test('answers what it has: the original and one family at least, each as it would have been', () => {
    const cut = convertDish(request, 'wide', () => false);
    expect(cut.complete).toBe(false);
    expect(cut.original.id).toBe(whole.original.id);
    expect(cut.alternatives.length).toBeGreaterThan(0);
    expect(cut.simulations).toBeLessThan(whole.simulations / 3);
    const known = new Set(whole.candidates.map((c) => c.id));
    expect(cut.candidates.every((c) => known.has(c.id))).toBe(true);
  });

  test('is whole where nobody calls it off, and its clock is asked all the way', () => {
    let asked = 0;
    const again = convertDish(request, 'wide', () => (asked += 1) > 0);
    expect(again.complete).toBe(true);
    expect(again.alternatives.map((a) => a.id)).toEqual(whole.alternatives.map((a) => a.id));
    expect(asked).toBeGreaterThan(familiesFor(request).length);
  });

  test('after the first families has all of them, and no other ingredients', () => {
    let left = familiesFor(request).length;
    const cut = convertDish(request, 'wide', () => (left -= 1) > 0);
    expect(cut.complete).toBe(false);
    const families = (of: typeof whole) => new Set(of.candidates.map((c) => c.family));
    expect(families(cut)).toEqual(families(whole));
    expect(cut.candidates.length).toBeLessThan(whole.candidates.length);
  });
});
