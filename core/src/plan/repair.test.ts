import { ANYTHING } from '../../testing/plain.js';
import { layerOf, buildCoat, type LayerSpec } from '../coat/index.js';
import { PLAIN_AIR, type AirPlan } from '../dish/index.js';
import { KNOWN, fitsDiets, ingredient, type Diet } from '../foods/index.js';
import { planNotes } from './index.js';
import { repairPlan } from './repair.js';
import type { Choice } from './types.js';

const FLOUR = layerOf(['wheat-flour', 60]);
const EGG = layerOf(['egg', 50]);
const CRUMBS = layerOf(['coarse-crumbs', 60]);
const BATTER = layerOf(['wheat-flour', 100], ['water', 120]);
const STARCH = layerOf(['potato-starch', 60]);
const CHEESY = layerOf(['coarse-crumbs', 60], ['hard-cheese', 20]);
const COCONUT = layerOf(['desiccated-coconut', 40], ['coarse-crumbs', 40]);

const choice = (diets: Diet[] = []): Choice => ({ ...ANYTHING, diets });

const plan = (layers: LayerSpec[], more: { oilGm2?: number; tempC?: number } = {}): AirPlan => ({
  layers,
  restMin: 5,
  oilGm2: more.oilGm2 ?? 30,
  second: null,
  settings: { ...PLAIN_AIR, tempC: more.tempC ?? 185, minutes: 12, preheated: false, turnAtMin: 6, under: 'basket' },
});

const notesOf = (p: AirPlan) => planNotes(p, buildCoat(KNOWN, p.layers, 'damp', 0.05));
const rulesOf = (p: AirPlan): string[] => notesOf(p).map((n) => n.rule);

describe('each rule has a coat that breaks it, one that keeps it, and a repair that mends it', () => {
  test.each<[string, AirPlan, AirPlan]>([
    ['dry-on-dry', plan([FLOUR, CRUMBS]), plan([FLOUR, EGG, CRUMBS])],
    ['crumbs-on-dry-skin', plan([CRUMBS]), plan([EGG, CRUMBS])],
    ['no-binder', plan([FLOUR, CRUMBS]), plan([BATTER, CRUMBS])],
    ['wet-over-crumbs', plan([EGG, CRUMBS, EGG]), plan([FLOUR, EGG, CRUMBS])],
    ['wet-last', plan([FLOUR, BATTER]), plan([BATTER, CRUMBS])],
    ['dry-starch', plan([EGG, STARCH], { oilGm2: 4 }), plan([EGG, STARCH])],
    ['burns-in-finish', plan([FLOUR, EGG, CHEESY], { tempC: 200 }), plan([FLOUR, EGG, CHEESY])],
    ['burns-in-finish', plan([EGG, COCONUT], { tempC: 205 }), plan([EGG, CRUMBS], { tempC: 205 })],
  ])('%s', (rule, wrong, right) => {
    const note = notesOf(wrong).find((n) => n.rule === rule)!;
    expect(note.text).not.toEqual([]);
    expect(rulesOf(right)).not.toContain(rule);
    expect(rulesOf(repairPlan(wrong, note, choice()))).not.toContain(rule);
  });
});

test('repairing one complaint after another ends in a coat without any', () => {
  let current = plan([CRUMBS, FLOUR, BATTER]);
  for (let i = 0; i < 8; i++) {
    const [note] = notesOf(current);
    if (!note) break;
    current = repairPlan(current, note, choice());
  }
  expect(rulesOf(current)).toEqual([]);
});

test.each<Diet>(['vegan', 'gluten-free', 'egg-free'])('a repair puts in nothing that breaks "%s"', (diet) => {
  const bare = plan([layerOf(['puffed-rice', 60])]);
  const repaired = repairPlan(bare, notesOf(bare)[0], choice([diet]));
  expect(repaired.layers.length).toBeGreaterThan(1);
  for (const p of repaired.layers.flatMap((l) => l.portions))
    expect(fitsDiets(ingredient(KNOWN, p.ingredientId), [diet])).toBe(true);
});
