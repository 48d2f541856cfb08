import { NO_LIMITS, PLAIN_FRYER, spec } from '../../../testing/plain.js';
import { PLAIN_AIR, type AirPlan, type Dish } from '../../dish/index.js';
import { KNOWN } from '../../foods/index.js';
import { evaluateAir, evaluateFried, type Asked } from '../../plan/index.js';
import { plain } from '../../units/index.js';
import { changesIn, changesWorth } from './changes.js';

const FLOUR = spec(['wheat-flour', 60], ['salt', 2]);
const EGG = spec(['egg', 50]);
const FINE = spec(['fine-crumbs', 80]);
const BATTER = spec(['wheat-flour', 100], ['beer', 150]);
const dish = (more: Partial<Dish> = {}): Dish => ({
  foodId: 'cod',
  shape: { kind: 'slab', lengthMm: 100, widthMm: 50, thicknessMm: 20 },
  count: 8,
  startC: 8,
  skin: 'damp',
  preparation: 'raw',
  ...more,
});
const asked = (layers: Asked['fried']['layers'], more: Partial<Dish> = {}): Asked => ({
  pantry: KNOWN,
  dish: dish(more),
  fried: { layers, medium: 'deep-oil', oilId: 'rapeseed-oil', tempC: 178, minutes: 4 },
  fryer: PLAIN_FRYER,
  limits: NO_LIMITS,
});
const plan = (
  layers: AirPlan['layers'],
  more: Partial<AirPlan> = {},
  settings: Partial<AirPlan['settings']> = {},
): AirPlan => ({
  layers,
  restMin: 0,
  oilGm2: 0,
  settings: { ...PLAIN_AIR, tempC: 195, minutes: 11, preheated: true, turnAtMin: null, under: 'basket', ...settings },
  second: null,
  ...more,
});
const idsOf = (request: Asked, p: AirPlan): string[] => {
  const fried = evaluateFried(request);
  return changesIn(request, fried, evaluateAir(request, p, fried)).map((c) => c.id);
};

describe('in what a plan differs from the cook’s own', () => {
  const own = [FLOUR, EGG, FINE];
  const oiled = { ...FINE, portions: [...FINE.portions, { ingredientId: 'rapeseed-oil', grams: 10 }] };

  test('the own coat put in as it is differs in nothing', () => expect(idsOf(asked(own), plan(own))).toEqual([]));

  test.each<[string, Asked, AirPlan]>([
    ['patted', asked(own, { skin: 'wet' }), plan(own, { making: { patted: true } })],
    ['halved', asked(own), plan(own, { making: { halved: true } })],
    ['frozen', asked(own), plan(own, { making: { frozen: true } })],
    ['dust-first', asked([EGG, FINE]), plan([FLOUR, EGG, FINE])],
    ['second-dredge', asked(own), plan([...own, EGG, FINE])],
    ['crumbs-over', asked([FLOUR, BATTER]), plan([FLOUR, BATTER, FINE])],
    ['left-out', asked(own), plan([EGG, FINE])],
    ['replaced', asked(own), plan([FLOUR, EGG, spec(['coarse-crumbs', 60])])],
    ['thicker', asked([BATTER]), plan([spec(['wheat-flour', 100], ['beer', 120])])],
    ['starch', asked([EGG, FLOUR]), plan([EGG, spec(['wheat-flour', 48], ['corn-starch', 12], ['salt', 2])])],
    ['oil-in-finish', asked(own), plan([FLOUR, EGG, oiled])],
    ['pressed', asked(own), plan([FLOUR, EGG, { ...FINE, pressed: true }])],
    ['clumped', asked([EGG, FLOUR]), plan([EGG, { ...FLOUR, clumped: true }])],
    [
      'later',
      asked([FLOUR, EGG, spec(['fine-crumbs', 60], ['hard-cheese', 30])]),
      plan([FLOUR, EGG, spec(['fine-crumbs', 60])], {
        making: { later: [{ ingredientId: 'hard-cheese', grams: 30 }] },
      }),
    ],
    ['rest', asked(own), plan(own, { restMin: 7 })],
    ['spray', asked(own), plan(own, { oilGm2: 15 })],
    ['turn', asked(own), plan(own, {}, { turnAtMin: 6 })],
    ['parchment', asked([BATTER]), plan([BATTER], {}, { under: 'parchment' })],
    ['hotter-start', asked(own), plan(own, {}, { preheatC: 205 })],
    [
      'two-temperatures',
      asked(own),
      plan(own, { second: { sauce: null, sauceGm2: 0, coolMin: 0, tempC: 180, minutes: 4 } }),
    ],
  ])('%s, and without it the plan has it no more', (id, request, p) => {
    expect(idsOf(request, p)).toEqual([id]);
    const fried = evaluateFried(request);
    const [change] = changesIn(request, fried, evaluateAir(request, p, fried));
    expect(idsOf(request, change.without)).toEqual([]);
    expect(plain(change.text)).toMatch(/^[A-Z].*\.$/);
  });
});

describe('what each change buys', () => {
  const request = asked([EGG, FINE], { skin: 'wet' });
  const fried = evaluateFried(request);
  const result = evaluateAir(
    request,
    plan([FLOUR, EGG, { ...FINE, pressed: true }], { restMin: 7, oilGm2: 18, making: { patted: true } }),
    fried,
  );
  const worth = changesWorth(request, fried, result);

  test('is told by what is better with it than without, and at most five are', () => {
    expect(worth.length).toBeGreaterThan(1);
    expect(worth.length).toBeLessThanOrEqual(5);
    for (const { buys, gain, needed } of worth) {
      expect(buys.length).toBeGreaterThan(0);
      expect(needed || gain > 0).toBe(true);
    }
    const dust = worth.find((w) => w.id === 'dust-first');
    expect(dust?.buys.map(plain).join()).toMatch(/[Ss]ticks better/);
  });

  test('what buys nothing is left out: a rest that changes nothing is not told', () => {
    const again = changesWorth(request, fried, evaluateAir(request, { ...result.plan, restMin: 0.01 }, fried));
    expect(again.map((w) => w.id)).not.toContain('rest');
  });
});
