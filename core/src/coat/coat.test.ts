import { parts } from '../../testing/plain.js';
import { KNOWN } from '../foods/index.js';
import fc from 'fast-check';
import {
  layerOf,
  bowlsFor,
  buildCoat,
  consistencyOf,
  correctionFor,
  drainedFilmM,
  flowOf,
  grammarNotes,
  type LayerSpec,
} from './index.js';

const FLOUR = layerOf(['wheat-flour', 60]);
const EGG = layerOf(['egg', 50]);
const CRUMBS = layerOf(['coarse-crumbs', 60]);
const batter = (flour: string, liquid: number): LayerSpec => layerOf([flour, 100], ['water', liquid]);
const build = (...layers: LayerSpec[]) => buildCoat(KNOWN, layers, 'damp', 0.05);

describe('pick-up', () => {
  // Ranges of common practice, no source, g/m².
  test.each([
    ['dust on a damp skin', build(FLOUR)[0], 40, 80],
    ['egg over a dust', build(FLOUR, EGG)[1], 150, 280],
    ['coarse crumbs over egg', build(FLOUR, EGG, CRUMBS)[2], 350, 450],
    ['fine crumbs over egg', build(FLOUR, EGG, layerOf(['fine-crumbs', 60]))[2], 250, 350],
    ['starch over egg', build(EGG, layerOf(['potato-starch', 60]))[1], 160, 260],
    ['crushed cornflakes over egg', build(EGG, layerOf(['cornflakes', 60]))[1], 400, 600],
    ['clumped flour over buttermilk', build(layerOf(['buttermilk', 50]), { ...FLOUR, clumped: true })[1], 300, 500],
  ])('%s', (_, built, least, most) => {
    expect(built.pickUpGm2).toBeGreaterThanOrEqual(least);
    expect(built.pickUpGm2).toBeLessThanOrEqual(most);
  });

  test('pressing and a batter below each hold a fifth more crumb', () => {
    const plain = build(EGG, CRUMBS)[1].pickUpGm2;
    expect(build(EGG, { ...CRUMBS, pressed: true })[1].pickUpGm2 / plain).toBeCloseTo(1.2, 6);
    expect(build(batter('wheat-flour', 120), CRUMBS)[1].pickUpGm2 / plain).toBeCloseTo(1.2, 6);
  });

  test('crumbs on a dry skin hardly hold', () => {
    const [crumbs] = buildCoat(KNOWN, [CRUMBS], 'dry', 0.05);
    expect(crumbs.pickUpGm2).toBeLessThan(60);
    expect(crumbs.grip).toBeLessThan(0.2);
  });
});

describe('batter', () => {
  // Liquid to flour by weight and the cook's word; common practice, no source.
  test.each([
    ['wheat-flour', 90, 'thick'],
    ['wheat-flour', 100, 'thick'],
    ['chickpea-flour', 95, 'thick'],
    ['wheat-flour', 125, 'medium'],
    ['chickpea-flour', 125, 'medium'],
    ['wheat-flour', 170, 'pancake'],
    ['wheat-flour', 240, 'thin'],
  ])('%s with %d %% water is %s', (flour, liquid, word) => {
    expect(consistencyOf(flowOf(parts(batter(flour, liquid).portions))).word).toBe(word);
  });

  test('a standing batter thickens, one of chickpea flour most', () => {
    const thicker = (flour: string): number => {
      const { portions } = batter(flour, 125);
      return flowOf(parts(portions), 20).viscosityPaS / flowOf(parts(portions)).viscosityPaS;
    };
    expect(thicker('chickpea-flour')).toBeGreaterThan(thicker('wheat-flour'));
    expect(thicker('wheat-flour')).toBeGreaterThan(1.05);
    expect(thicker('rice-flour')).toBeLessThan(thicker('wheat-flour'));
  });

  test.each(['thick', 'medium', 'pancake', 'thin'] as const)('what the fork asks for makes any bowl %s', (wanted) => {
    for (const liquid of [85, 110, 130, 180, 240]) {
      const { portions } = batter('wheat-flour', liquid);
      const bowlG = 350;
      const add = correctionFor(parts(portions), bowlG, wanted);
      if (!add) {
        expect(consistencyOf(flowOf(parts(portions))).word).toBe(wanted);
        continue;
      }
      const share = bowlG / (100 + liquid);
      const mixed = [
        ...portions.map((p) => ({ ...p, grams: p.grams * share })),
        { ingredientId: add.ingredientId, grams: add.grams },
      ];
      expect(consistencyOf(flowOf(parts(mixed))).word).toBe(wanted);
    }
  });

  test('too thick asks for its liquid in ml, too thin for its flour in g', () => {
    const thick = correctionFor(parts(batter('chickpea-flour', 95).portions), 300, 'medium')!;
    expect(thick.ingredientId).toBe('water');
    expect(thick.ml).toBeGreaterThan(10);
    const thin = correctionFor(parts(batter('chickpea-flour', 230).portions), 300, 'medium')!;
    expect(thin.ingredientId).toBe('chickpea-flour');
    expect(thin.ml).toBeNull();
    expect(thin.grams).toBeGreaterThan(20);
  });

  test('what stands in the bowl is judged, not the recipe: a bowl that behaves thicker wants more', () => {
    const { portions } = batter('wheat-flour', 125);
    expect(correctionFor(parts(portions), 300, 'medium')).toBeNull();
    expect(correctionFor(parts(portions), 300, 'medium', 0, 'thick')!.ingredientId).toBe('water');
    expect(correctionFor(parts(portions), 300, 'medium', 0, 'pancake')!.ingredientId).toBe('wheat-flour');
  });

  test('egg counts with its water, about three quarters of its weight', () => {
    expect(flowOf(parts(layerOf(['wheat-flour', 100], ['egg', 100]).portions)).hydration).toBeCloseTo(0.76, 1);
  });

  test('longer draining never leaves a thicker film, more water never a thicker batter', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 60, max: 300, noNaN: true }),
        fc.double({ min: 1, max: 60, noNaN: true }),
        (water, seconds) => {
          const flow = flowOf(parts(batter('wheat-flour', water).portions));
          const thinner = flowOf(parts(batter('wheat-flour', water * 1.1).portions));
          expect(drainedFilmM(flow, 1100, 0.05, seconds * 1.5)).toBeLessThanOrEqual(
            drainedFilmM(flow, 1100, 0.05, seconds),
          );
          expect(thinner.viscosityPaS).toBeLessThanOrEqual(flow.viscosityPaS);
        },
      ),
    );
  });
});

describe('grammar', () => {
  test.each([
    ['dry-on-dry', [FLOUR, CRUMBS], [FLOUR, EGG, CRUMBS]],
    ['wet-last', [FLOUR, batter('wheat-flour', 130)], [batter('wheat-flour', 130), CRUMBS]],
    ['crumbs-on-dry-skin', [CRUMBS], [EGG, CRUMBS]],
    ['wet-over-crumbs', [EGG, CRUMBS, EGG], [EGG, FLOUR, EGG, CRUMBS]],
    ['wet-over-crumbs', [EGG, CRUMBS, EGG], [EGG, CRUMBS, EGG, CRUMBS]],
    ['no-binder', [CRUMBS], [EGG, CRUMBS]],
  ])('%s is noticed, and its repair passes', (rule, wrong, right) => {
    const rules = (layers: LayerSpec[]): string[] => grammarNotes(build(...layers)).map((n) => n.rule);
    expect(rules(wrong)).toContain(rule);
    expect(rules(right)).not.toContain(rule);
  });
});

describe('bowls', () => {
  test('hold area times pick-up, a surplus, and whole eggs', () => {
    const [flour, egg, crumbs] = bowlsFor(build(FLOUR, EGG, CRUMBS), 0.2);
    expect(flour.onFoodG).toBeCloseTo(12, 0);
    expect(flour.totalG).toBeGreaterThan(flour.onFoodG + 40);
    expect(egg.parts[0].count).toBe(2);
    expect(egg.parts[0].grams).toBe(100);
    expect(crumbs.parts[0].ml! / 236.588).toBeCloseTo(crumbs.totalG / 60, 6);
  });

  test('a layer with nothing in it is no bowl', () => {
    expect(build(layerOf(['wheat-flour', 0]), EGG)).toHaveLength(1);
  });
});
