import { ANYTHING, BREADED, BREADED_PLAN, slabsOf, spec } from '../../testing/plain.js';
import { readyPiece, type AirPlan } from '../dish/index.js';
import { KNOWN } from '../foods/index.js';
import type { LayerSpec } from '../coat/index.js';
import { plain } from '../units/index.js';
import { planNotes } from './planNotes.js';
import { repairPlan } from './repair.js';

const dish = slabsOf('halloumi');
const planOf = (layers: LayerSpec[], tempC = 190, oilGm2 = 15): AirPlan => ({
  ...BREADED_PLAN,
  layers,
  oilGm2,
  settings: { ...BREADED_PLAN.settings, tempC },
});
const notesOn = (plan: AirPlan) => planNotes(plan, readyPiece(KNOWN, dish, plan.layers).layers);

const STARCH = [spec(['egg', 50]), spec(['potato-starch', 60])];
const COCONUT = [spec(['wheat-flour', 60]), spec(['egg', 50]), spec(['desiccated-coconut', 60])];

describe('what of an air plan cannot come right', () => {
  test('nothing of flour, egg and crumbs', () => expect(notesOn(planOf(BREADED))).toEqual([]));

  test.each<[string, AirPlan, string]>([
    ['a starch shell without oil', planOf(STARCH, 190, 0), 'dry-starch'],
    ['coconut at full heat', planOf(COCONUT, 200), 'burns-in-finish'],
    ['crumbs on bare skin', planOf([spec(['coarse-crumbs', 60])]), 'crumbs-on-dry-skin'],
    [
      'flour on flour',
      planOf([spec(['wheat-flour', 60]), spec(['corn-starch', 60]), ...BREADED.slice(1)]),
      'dry-on-dry',
    ],
    ['a batter outermost', planOf([spec(['wheat-flour', 100], ['water', 150])]), 'wet-last'],
  ])('%s, and the repair that it names mends it', (_, plan, rule) => {
    const notes = notesOn(plan);
    const note = notes.find((n) => n.rule === rule);
    expect(notes.map((n) => n.rule)).toContain(rule);
    expect(plain(note!.text).endsWith('.')).toBe(true);
    const mended = notesOn(repairPlan(plan, note!, ANYTHING));
    expect(mended.map((n) => n.rule)).not.toContain(rule);
  });

  test('a starch shell with oil, and coconut in a mild heat, are left alone', () => {
    expect(notesOn(planOf(STARCH, 190, 30))).toEqual([]);
    expect(notesOn(planOf(COCONUT, 160))).toEqual([]);
  });
});
