import { plain } from '../units/index.js';
import { KNOWN, foodOf } from '../foods/index.js';
import fc from 'fast-check';
import { parts, spec } from '../../testing/plain.js';
import {
  bowlsFor,
  buildCoat,
  flowOf,
  handFor,
  looseSpice,
  PLAIN_STATION,
  seasoningOf,
  salted,
  spiceInside,
  spreadMm,
  stationOf,
  thicknessFromSpread,
  batterNotes,
} from './index.js';

const FLOUR = spec(['wheat-flour', 60]);
const EGG = spec(['egg', 50]);
const CRUMBS = spec(['coarse-crumbs', 60]);
const build = (...specs: ReturnType<typeof spec>[]) => buildCoat(KNOWN, specs, 'damp', 0.05);

describe('the dipping station', () => {
  test('a double dredge visits flour and egg twice and needs three bowls, not five', () => {
    const layers = build(FLOUR, EGG, FLOUR, EGG, CRUMBS);
    const bowls = bowlsFor(layers, 0.2, 20);
    const stops = stationOf(bowls, layers, PLAIN_STATION, 'right', false);
    expect(stops.map((s) => s.visits)).toEqual([[1, 3], [2, 4], [5]]);
    const once = bowlsFor(build(FLOUR, EGG, CRUMBS), 0.2, 20);
    expect(bowls[0].onFoodG).toBeGreaterThan(1.5 * once[0].onFoodG);
  });

  test('the hand that writes does the dry bowls, the other one the wet ones, for left-handers as well', () => {
    const layers = build(FLOUR, EGG, CRUMBS);
    const bowls = bowlsFor(layers, 0.2, 20);
    const grips = (writes: 'left' | 'right') =>
      stationOf(bowls, layers, PLAIN_STATION, writes, false).map((s) => s.grip);
    expect(grips('right')).toEqual(['right', 'left', 'right']);
    expect(grips('left')).toEqual(['left', 'right', 'left']);
    expect(handFor(true, 'left')).toBe('right');
  });

  test('a shaker box takes flour, hands press crumbs; a fork does all', () => {
    const layers = build(FLOUR, EGG, CRUMBS);
    const bowls = bowlsFor(layers, 0.2, 20);
    const by = (handling: 'shaker' | 'fork') =>
      stationOf(bowls, layers, { handling, surplus: 1 }, 'right', false).map((s) => s.grip);
    expect(by('shaker')).toEqual(['shaker', 'left', 'right']);
    expect(by('fork')).toEqual(['fork', 'fork', 'fork']);
  });

  test('crumbs that raw pieces soil are put out in goes; others all at once', () => {
    const layers = build(FLOUR, EGG, CRUMBS);
    const bowls = bowlsFor(layers, 0.3, 20);
    const out = (soils: boolean) => stationOf(bowls, layers, PLAIN_STATION, 'right', soils).map((s) => s.portionsOut);
    expect(out(true)[2]).toBeGreaterThan(1);
    expect(out(true).slice(0, 2)).toEqual([1, 1]);
    expect(out(false)).toEqual([1, 1, 1]);
  });
});

describe('amounts', () => {
  const bowlOf = (areaM2: number, surplus = 1) =>
    bowlsFor(build(FLOUR, EGG, CRUMBS), areaM2, 20, { handling: 'hands', surplus });

  test('what goes in is on the food, lost or left over', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 1, noNaN: true }),
        fc.double({ min: 0.5, max: 2, noNaN: true }),
        (area, surplus) => {
          for (const b of bowlOf(area, surplus)) expect(b.onFoodG + b.lostG + b.leftG).toBeCloseTo(b.totalG, 6);
        },
      ),
    );
  });

  test('a larger surplus is more left over, and nothing more on the food', () => {
    const [small, large] = [bowlOf(0.2, 0.5)[2], bowlOf(0.2, 2)[2]];
    expect(large.leftG).toBeCloseTo(4 * small.leftG, 6);
    expect(large.onFoodG).toBe(small.onFoodG);
  });

  test('eggs are whole, what beaten egg would weigh is said, and so is how far the bowl reaches', () => {
    const egg = bowlOf(0.2)[1];
    expect(egg.parts[0].count).toBeGreaterThanOrEqual(1);
    expect(egg.totalG).toBe(50 * egg.parts[0].count!);
    expect(egg.weighedEggG!).toBeLessThanOrEqual(egg.totalG * 1.15);
    expect(egg.reachesPieces).toBeGreaterThanOrEqual(15);
  });

  test('twice the food needs less than twice the bowls: the surplus stays', () => {
    const total = (areaM2: number) => bowlOf(areaM2).reduce((sum, b) => sum + b.totalG, 0);
    expect(total(0.4)).toBeLessThan(1.85 * total(0.2));
  });
});

describe('the drop on a plate', () => {
  const chickpea = (hydration: number) => parts(spec(['chickpea-flour', 100], ['water', 100 * hydration]).portions);

  test('spreads the farther the thinner the batter is', () => {
    const spreads = [0.9, 1.25, 1.7, 2.3].map((h) => spreadMm(flowOf(chickpea(h)), 1100));
    expect(spreads).toEqual([...spreads].sort((a, b) => a - b));
    expect(spreads[0]).toBeGreaterThan(30);
    expect(spreads[3]).toBeLessThan(200);
  });

  test('measured where the recipe has it, nothing is corrected; there and back is the same', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.9, max: 2.3, noNaN: true }),
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        (h, times) => {
          const flow = flowOf(chickpea(h));
          const real = { ...flow, viscosityPaS: flow.viscosityPaS * times, yieldPa: flow.yieldPa * times };
          const density = 1 / (100 / (100 + 100 * h) / 1450 + (100 * h) / (100 + 100 * h) / 1000);
          const measured = spreadMm(real, density);
          expect(thicknessFromSpread(flow, chickpea(h), measured) / times).toBeCloseTo(1, 1);
        },
      ),
    );
  });

  test('a bowl measured thicker lies thicker on the piece', () => {
    const recipe = { portions: chickpea(1.25) };
    const [asMixed] = build(recipe);
    const [thicker] = build({ ...recipe, spreadMm: 55 });
    const [thinner] = build({ ...recipe, spreadMm: 110 });
    expect(thicker.thicknessM).toBeGreaterThan(1.3 * asMixed.thicknessM);
    expect(thinner.thicknessM).toBeLessThan(0.8 * asMixed.thicknessM);
  });
});

describe('mixing', () => {
  test('gluten is warned of where it can form, lumps where flour drinks slowly, and neither for egg alone', () => {
    expect(batterNotes(KNOWN, spec(['wheat-flour', 100], ['water', 120])).join(' ')).toMatch(/fold/);
    expect(batterNotes(KNOWN, { ...spec(['wheat-flour', 100], ['water', 120]), beaten: true }).join(' ')).toMatch(
      /chewy/,
    );
    expect(batterNotes(KNOWN, spec(['chickpea-flour', 100], ['water', 120])).join(' ')).toMatch(
      /Sift the chickpea flour/,
    );
    expect(batterNotes(KNOWN, spec(['rice-flour', 100], ['beer', 120])).join(' ')).not.toMatch(/gluten/);
    expect(batterNotes(KNOWN, EGG)).toEqual([]);
  });
});

describe('salt', () => {
  const foodG = 680;
  // C1: a teaspoon of salt in half a cup of flour for 680 g of courgette. Common practice, no source.
  test('the practised teaspoon in the flour seasons a pound and a half', () => {
    const layers = build(spec(['wheat-flour', 63], ['salt', 6]), EGG, CRUMBS);
    const { share, word } = seasoningOf(layers, 0.24, foodOf(KNOWN, 'courgette'), foodG);
    expect(word).toBe('seasoned');
    expect(share).toBeLessThan(0.01);
  });

  test('nothing salted is bland, and one touch brings it into the band', () => {
    const specs = [FLOUR, EGG, spec(['polenta', 60])];
    const layers = build(...specs);
    expect(seasoningOf(layers, 0.24, foodOf(KNOWN, 'courgette'), foodG).word).toBe('bland');
    const better = salted(KNOWN, specs, layers, 0.24, foodOf(KNOWN, 'courgette'), foodG);
    expect(better[0].portions.some((p) => p.ingredientId === 'salt')).toBe(true);
    expect(seasoningOf(build(...better), 0.24, foodOf(KNOWN, 'courgette'), foodG).word).toBe('seasoned');
    expect(specs[0].portions).toHaveLength(1);
  });

  test('ground spice in the finish burns when it is hot, and is safe inside', () => {
    const specs = [FLOUR, EGG, spec(['coarse-crumbs', 60], ['paprika', 3], ['salt', 2])];
    expect(looseSpice(KNOWN, specs, 200)).toEqual([{ ingredientId: 'paprika', name: 'Paprika, ground', burns: true }]);
    expect(looseSpice(KNOWN, specs, 175)[0].burns).toBe(false);
    const inside = spiceInside(KNOWN, specs);
    expect(looseSpice(KNOWN, inside, 200)).toEqual([]);
    expect(inside[0].portions.map((p) => p.ingredientId)).toEqual(['wheat-flour', 'paprika']);
    expect(inside[2].portions.map((p) => p.ingredientId)).toEqual(['coarse-crumbs', 'salt']);
    expect(looseSpice(KNOWN, [spec(['wheat-flour', 60], ['paprika', 3])], 200)).toEqual([]);
  });

  test('a salty cheese needs none of the coat', () => {
    const said = seasoningOf(build(spec(['wheat-flour', 60], ['salt', 6])), 0.2, foodOf(KNOWN, 'halloumi'), 400);
    expect(said.word).toBe('salty');
    expect(plain(said.move)).toMatch(/brings its own/);
  });
});

test('tossed together in a bowl, nothing has to be left to dip into', () => {
  const specs = [spec(['egg', 50]), spec(['potato-starch', 80])];
  const laid = buildCoat(KNOWN, specs, 'damp', 0.02);
  const dipped = bowlsFor(laid, 0.1, 20);
  const tossed = bowlsFor(laid, 0.1, 20, { handling: 'tossed', surplus: 1 });
  expect(tossed[1].totalG).toBeLessThan(dipped[1].totalG);
  expect(tossed[1].leftG).toBeCloseTo(0, 6);
  expect(tossed[1].onFoodG).toBeCloseTo(dipped[1].onFoodG, 6);
});
