import fc from 'fast-check';
import { BEER_BATTERED, MUSHROOMS, NO_LIMITS, parts, PLAIN_FRYER, spec } from '../../testing/plain.js';
import type { Fryer } from '../dish/index.js';
import {
  KNOWN,
  ALLERGEN_IDS,
  allowed,
  DIETS,
  KNOWN_INGREDIENTS,
  pantryWith,
  ingredientFromLabel,
} from '../foods/index.js';
import { adaptCoat, asThickAs, evaluateAir, evaluateFried, type Asked } from '../plan/index.js';
import { convertDish, familiesFor, paretoSet } from '../search/index.js';
import { plain } from '../units/index.js';
import { differences } from './compare.js';
import { substitutions } from './index.js';
import { schoolAnswer } from './schoolCosts.js';
import { SCHOOLS, schoolsFor } from './schools/registry.js';
import { flowOf } from '../coat/index.js';

// Coarse steps, so that a search has few temperatures to try.
const fryer: Fryer = { ...PLAIN_FRYER, basket: { kind: 'round', diameterMm: 200 }, stepC: 10 };
const request: Asked = {
  pantry: KNOWN,
  dish: MUSHROOMS,
  fried: BEER_BATTERED,
  fryer,
  limits: { ...NO_LIMITS, maxMinutes: 20 },
};
const pot = evaluateFried(request);
const best = convertDish(request).alternatives.find((a) => a.family === 'dust-egg-crumbs')!;
const current = evaluateAir(request, best.plan, pot, { waits: true });

describe('the questions over which cooks disagree', () => {
  const scene = { ...request, plan: current.plan };

  test('are twenty-three, and each that this dish raises has one side that is so now and another to choose', () => {
    expect(Object.keys(SCHOOLS)).toHaveLength(23);
    const raised = schoolsFor(scene);
    expect(raised.length).toBeGreaterThanOrEqual(9);
    for (const school of raised) {
      const { sides } = schoolAnswer(request, school.id, pot, current);
      expect(sides.filter((s) => s.now)).toHaveLength(1);
      expect(sides.length).toBeGreaterThanOrEqual(2);
      for (const side of sides) expect(side.reason.length).toBeGreaterThan(10);
    }
  });

  test('the side that is chosen is so from then on', () => {
    for (const school of schoolsFor(scene)) {
      for (const option of school.options) {
        const changed = option.holds(scene) ? null : option.apply(scene);
        if (changed) expect(option.holds({ ...scene, ...changed })).toBe(true);
      }
    }
  });

  test('preheating sets the coat sooner and saves minutes; no oil at all eats drier', () => {
    const preheated = schoolAnswer(request, 'preheat', pot, current).sides.find((s) => s.id === 'hot')!;
    expect(preheated.costs.find((d) => d.about === 'setTime')?.better).toBe(true);
    const none = schoolAnswer(request, 'oil', pot, current).sides.find((s) => s.id === 'none')!;
    expect(none.costs.find((d) => d.about === 'bite')?.better).toBe(false);
  });

  test('a temperature that a side names is a setting of this fryer, which the screen puts into the cook’s unit and its steps', () => {
    const { sides } = schoolAnswer(request, 'temperature', pot, current);
    expect(sides.map((s) => plain(s.label))).toEqual(['175 °C to 190 °C, and longer', '200 °C, and watch it']);
    const told = sides.flatMap((s) => [
      s.label,
      ...s.costs.filter((d) => d.about === 'temperature').map((d) => d.text),
    ]);
    const numbers = told.flat().filter((part) => typeof part !== 'string');
    expect(numbers).toHaveLength(5);
    for (const number of numbers) expect(number).toMatchObject({ kind: 'setting', stepC: fryer.stepC });
  });

  test('a question that a dish does not raise is refused by name', () => {
    expect(() => schoolAnswer(request, 'racks-of-heaven', pot, current)).toThrow('racks-of-heaven');
    const halloumi = { ...scene, dish: { ...MUSHROOMS, foodId: 'halloumi' } };
    expect(schoolsFor(halloumi).map((s) => s.id)).not.toContain('vegetable');
  });
});

describe('differences between two cooks', () => {
  test('a cook does not differ from itself', () => expect(differences(current, current)).toEqual([]));

  test('what one gains the other gives up', () => {
    const egg = substitutions(request, current, pot, 1, 'egg', {
      pantry: KNOWN,
      diets: ['egg-free'],
      avoidAllergens: [],
      without: [],
    });
    expect(egg.length).toBeGreaterThan(1);
    const other = evaluateAir(request, egg[0].plan, pot);
    const [there, back] = [differences(current, other), differences(other, current)];
    expect(there.length).toBeGreaterThan(0);
    expect(back.map((d) => d.about).sort()).toEqual(there.map((d) => d.about).sort());
    expect(there.find((d) => d.about === 'allergens' && d.better)?.text.join()).toContain('egg');
  });
});

describe('a coat made to fit', () => {
  const asks = { pantry: KNOWN, diets: ['gluten-free', 'egg-free'], avoidAllergens: [], without: [] } as const;

  test('the beer batter without gluten keeps its consistency', () => {
    const { layers, swaps } = adaptCoat(BEER_BATTERED.layers, asks);
    expect(swaps.map((s) => s.fromId)).toEqual(['wheat-flour', 'beer']);
    const [before, after] = [flowOf(parts(BEER_BATTERED.layers[0].portions)), flowOf(parts(layers[0].portions))];
    expect(after.viscosityPaS / before.viscosityPaS).toBeGreaterThan(0.7);
    expect(after.viscosityPaS / before.viscosityPaS).toBeLessThan(1.4);
  });

  test('a plant binder in the place of egg gets starch', () => {
    const { layers } = adaptCoat([spec(['wheat-flour', 60]), spec(['egg', 50]), spec(['coarse-crumbs', 60])], asks);
    expect(layers[1].portions.some((p) => p.ingredientId.endsWith('starch'))).toBe(true);
  });

  test('nothing that breaks what is asked is ever in it, whatever the coat', () => {
    const coatIds = KNOWN_INGREDIENTS.filter((i) => !i.food).map((i) => i.id);
    fc.assert(
      fc.property(
        fc.array(fc.subarray(coatIds, { minLength: 1, maxLength: 4 }), { minLength: 1, maxLength: 4 }),
        fc.subarray([...DIETS]),
        fc.subarray([...ALLERGEN_IDS]),
        (coat, diets, avoidAllergens) => {
          const wanted = { pantry: KNOWN, diets, avoidAllergens, without: ['water'] };
          const { layers } = adaptCoat(
            coat.map((ids) => spec(...ids.map((id): [string, number] => [id, 50]))),
            wanted,
          );
          for (const p of layers.flatMap((l) => l.portions)) expect(allowed(p.ingredientId, wanted)).toBe(true);
        },
      ),
      { numRuns: 300 },
    );
  });

  test('as thick as before: another flour is given more or less liquid', () => {
    const wheat = spec(['wheat-flour', 100], ['water', 120]).portions;
    const oat = asThickAs(KNOWN, wheat, spec(['oat-flour', 100], ['water', 120]).portions);
    expect(oat[1].grams).toBeGreaterThan(125);
  });
});

describe('the whole search', () => {
  const wide = convertDish(request, 'wide');

  test('tries hundreds of cooks and finds nothing worse than the first look', () => {
    expect(wide.candidates.length).toBeGreaterThan(400);
    // Several oils come out of one simulation: fewer are simulated than compared.
    expect(wide.simulations).toBeGreaterThan(200);
    expect(wide.simulations).toBeLessThan(0.8 * wide.candidates.length);
    expect(wide.alternatives[0].likeness).toBeGreaterThanOrEqual(best.likeness - 0.01);
    expect(new Set(wide.alternatives.flatMap((a) => a.badges)).size).toBe(5);
  });

  test('holds to what is locked', () => {
    const locked = { ...request, limits: { ...request.limits, keep: ['polenta'], maxTempC: 190 } };
    const found = convertDish(locked);
    expect(found.alternatives.length).toBeGreaterThan(0);
    for (const { plan } of found.alternatives) {
      expect(plan.layers.flatMap((l) => l.portions).map((p) => p.ingredientId)).toContain('polenta');
      expect(plan.settings.tempC).toBeLessThanOrEqual(190);
    }
  });

  test('two locks that no family can hold leave the original alone', () => {
    const limits = { ...request.limits, keep: ['polenta', 'cornflakes', 'sesame-seeds'] };
    expect(familiesFor({ ...request, limits })).toEqual(['as-it-is']);
  });

  test('an own ingredient is searched with when it is locked', () => {
    const own = ingredientFromLabel({
      id: 'own-test-crumbs',
      name: 'Test crumbs',
      likeId: 'coarse-crumbs',
      fatG: 3,
      carbohydrateG: 70,
      sugarG: 3,
      fibreG: 5,
      proteinG: 12,
      saltG: 1,
      allergens: [],
      origin: 'none',
      cupG: null,
    });
    const limits = { ...request.limits, keep: [own.id] };
    const found = convertDish({ ...request, pantry: pantryWith([own]), limits });
    expect(found.alternatives.length).toBeGreaterThan(0);
    expect(() => convertDish({ ...request, limits })).toThrow(own.id);
  });
});

describe('the Pareto set', () => {
  type Point = readonly [number, number, number];
  const merits = [(p: Point) => p[0], (p: Point) => -p[1], (p: Point) => p[2]];
  const beats = (a: Point, b: Point): boolean =>
    a[0] >= b[0] && a[1] <= b[1] && a[2] >= b[2] && (a[0] > b[0] || a[1] < b[1] || a[2] > b[2]);

  test('nothing in it is beaten by anything, and everything outside it is beaten by something in it', () => {
    const point = fc.tuple(
      fc.integer({ min: 0, max: 6 }),
      fc.integer({ min: 0, max: 6 }),
      fc.integer({ min: 0, max: 3 }),
    );
    fc.assert(
      fc.property(fc.array(point, { maxLength: 40 }), (points) => {
        const front = paretoSet<Point>(points, merits);
        for (const p of front) expect(points.some((q) => beats(q, p))).toBe(false);
        for (const p of points) if (!front.includes(p)) expect(front.some((q) => beats(q, p))).toBe(true);
      }),
    );
  });
});
