import { BREADED, BREADED_PLAN, PLAIN_FRYER, slabsOf } from '../../testing/plain.js';
import { KNOWN } from '../foods/index.js';
import { evaluateAir, evaluateFried, type Asked } from '../plan/index.js';
import { plain, Refusal } from '../units/index.js';
import { planExperiment } from './plan.js';
import type { ToCompare } from './types.js';
import { comparisonsFor, type ComparedWay } from './ways.js';

const FRYER = { ...PLAIN_FRYER, hotSpots: [3, 3, 2, 2, 2, 2, 1, 1, 1] };
const ASKED: Asked = {
  pantry: KNOWN,
  dish: slabsOf('tofu', { shape: { kind: 'slab', lengthMm: 50, widthMm: 25, thicknessMm: 14 }, count: 24 }),
  fried: { layers: BREADED, medium: 'deep-oil', oilId: 'rapeseed-oil', tempC: 175, minutes: 4 },
  fryer: FRYER,
  limits: { diets: [], avoidAllergens: [], without: [], maxTempC: 200, maxMinutes: 30, preheat: false },
};
const FRIED = evaluateFried(ASKED);
const SPRAYED: ComparedWay = { what: 'oil', how: 'sprayed' };
const MIXED: ComparedWay = { what: 'oil', how: 'in-crumbs' };
const compare = (ways: ComparedWay[], more: Partial<ToCompare> = {}, asked: Asked = ASKED) =>
  planExperiment(asked, BREADED_PLAN, { ways, asks: 'crisper', laying: 'mixed', seed: 1, ...more }, FRIED);

describe('a comparison in one batch', () => {
  const found = compare([SPRAYED, MIXED]);
  const [sprayed, mixed] = found.ways;

  test('gives each way as many pieces, marked where they lie', () => {
    const marked = found.racks.flat().map((p) => p.way);
    expect(sprayed.pieces).toBe(mixed.pieces);
    expect(marked.filter((w) => w === 0)).toHaveLength(sprayed.pieces);
    expect(marked.filter((w) => w === null)).toHaveLength(found.over);
    expect(found.ways.map((w) => [w.mark, w.name])).toEqual([
      ['A', 'oil sprayed on'],
      ['B', 'oil in the crumbs'],
    ]);
  });

  test('what is alike is mixed once for all pieces, and only what is not for each way', () => {
    expect([sprayed.sprayOilG > 0, mixed.sprayOilG]).toEqual([true, 0]);
    expect(found.bowls.map((b) => b.ways)).toEqual([[0, 1], [0, 1], [0], [1]]);
    const oil = ({ bowl }: (typeof found.bowls)[number]) => bowl.parts.some((p) => p.ingredientId === 'rapeseed-oil');
    expect(found.bowls.map(oil)).toEqual([false, false, false, true]);
    const [flour, , crumbs] = found.bowls.map((b) => b.bowl);
    // As much flour as the whole batch takes; crumbs for half of it.
    const batch = evaluateAir(
      { ...ASKED, dish: { ...ASKED.dish, count: sprayed.pieces + mixed.pieces } },
      sprayed.plan,
      FRIED,
    );
    expect(flour.onFoodG).toBeCloseTo(batch.bowls[0].onFoodG, 6);
    expect(crumbs.onFoodG).toBeCloseTo(batch.bowls[2].onFoodG / 2, 6);
  });

  test('lies so that the hot back of the basket does not decide, as it would side by side', () => {
    expect(found.tested).toBe(true);
    expect(found.fair).toBe(true);
    expect(found.hotPercent).toBeLessThan(3);
    const left = { ...ASKED, fryer: { ...FRYER, hotSpots: [3, 2, 1, 3, 2, 1, 3, 2, 1] } };
    expect(compare([SPRAYED, MIXED], {}, left).sidePercent).toBeGreaterThan(20);
  });

  test('two halves are fair since the basket is turned round', () => {
    const halves = compare([SPRAYED, MIXED], { laying: 'halves' });
    expect(halves.ways.every((w) => w.plan.settings.basketTurned)).toBe(true);
    expect(halves.fair).toBe(true);
    expect(plain(halves.steps.at(-3)!)).toMatch(/Turn the basket round by half/);
  });

  test('says which one the simulation holds for better, and nothing where it cannot know', () => {
    const oil = compare([{ what: 'oil', how: 'none' }, SPRAYED]);
    expect(oil.ways.map((w) => w.expected! >= 0 && w.expected! <= 1)).toEqual([true, true]);
    const own = compare([{ what: 'planned' }, { what: 'own', says: 'crumbs of the old loaf' }]);
    expect(own.expects).toBeNull();
    expect(own.ways[1].name).toBe('crumbs of the old loaf');
  });

  test('says what is done otherwise before they lie together', () => {
    const steps = compare([
      { what: 'rest', min: 10 },
      { what: 'rest', min: 0 },
    ]).steps.map(plain);
    expect(steps[1]).toBe('Coat the one that rests longest first: A rests 10 minutes and B goes in at once.');
    const wet: Asked = { ...ASKED, dish: { ...ASKED.dish, skin: 'wet' } };
    const patted = [true, false].map((is): ComparedWay => ({ what: 'patted', patted: is }));
    expect(compare(patted, {}, wet).steps.map(plain)[1]).toBe('A is patted dry first and B is left as it is.');
    const own = compare([{ what: 'planned' }, { what: 'own', says: 'rye crumbs' }]).steps.map(plain);
    expect(own[1]).toBe('B is yours to make: rye crumbs.');
    expect(compare([SPRAYED, MIXED]).steps).toHaveLength(5);
  });

  test('every comparison that is offered can be planned', () => {
    const offered = comparisonsFor(ASKED, BREADED_PLAN);
    expect(offered.map((o) => o.id)).toEqual(expect.arrayContaining(['oil', 'rest', 'swap-0', 'swap-2']));
    for (const { ways } of offered) {
      const first = ways.slice(0, 4);
      expect(compare(first.map((w) => w.way)).ways.map((w) => w.name)).toEqual(first.map((w) => w.name));
    }
  });

  test('the same seed lays the same, another one otherwise', () => {
    expect(compare([SPRAYED, MIXED])).toEqual(found);
    const others = Array.from({ length: 6 }, (_, seed) => JSON.stringify(compare([SPRAYED, MIXED], { seed }).racks));
    expect(new Set(others).size).toBeGreaterThan(1);
  });
});

describe('what cannot be compared is said', () => {
  const few = { ...ASKED, dish: { ...ASKED.dish, count: 3 } };
  test.each<[string, () => unknown, RegExp]>([
    ['one way', () => compare([SPRAYED]), /2 to 4 ways/],
    ['five ways', () => compare([0, 5, 10, 15, 20].map((min) => ({ what: 'rest', min }))), /2 to 4 ways, and not 5/],
    ['the same twice', () => compare([SPRAYED, SPRAYED]), /the same: “oil sprayed on”/],
    [
      'what comes to the same',
      () => compare([{ what: 'planned' }, { what: 'rest', min: BREADED_PLAN.restMin }]),
      /come to the same/,
    ],
    [
      'three halves',
      () => compare([SPRAYED, MIXED, { what: 'oil', how: 'none' }], { laying: 'halves' }),
      /Only two ways/,
    ],
    [
      'too few pieces',
      () =>
        compare(
          [0, 5, 10, 15].map((min) => ({ what: 'rest', min })),
          {},
          few,
        ),
      /A batch of this dish is 3 pieces/,
    ],
    [
      'a layer that is not there',
      () => compare([SPRAYED, { what: 'swap', layer: 7, from: 'egg', to: 'milk' }]),
      /Layer 8 .* has no egg/,
    ],
  ])('%s', (_what, ask, says) => {
    expect(ask).toThrow(Refusal);
    expect(ask).toThrow(says);
  });
});
