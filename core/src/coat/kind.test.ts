import { KNOWN } from '../foods/index.js';
import { spec } from '../../testing/plain.js';
import { buildCoat, isLace, kindOf, puffs, type CoatLayer, type LayerSpec } from './index.js';

const coat = (...layers: LayerSpec[]): CoatLayer[] => buildCoat(KNOWN, layers, 'damp', 0.05);
const FLOUR = spec(['wheat-flour', 60], ['salt', 2]);
const EGG = spec(['egg', 50]);
const batter = (flour: string, liquid: string, grams: number, ...more: [string, number][]): LayerSpec =>
  spec([flour, 100], [liquid, grams], ...more);

describe('the kind of a coat', () => {
  test.each<[string, LayerSpec[]]>([
    ['bare', []],
    ['thick-batter', [FLOUR, batter('wheat-flour', 'beer', 120)]],
    ['thin-batter', [batter('wheat-flour', 'water', 170)]],
    ['flour', [EGG, FLOUR]],
    ['starch', [EGG, spec(['potato-starch', 60])]],
    ['meal', [spec(['buttermilk', 100]), spec(['cornmeal', 90], ['wheat-flour', 20])]],
    ['fine', [FLOUR, EGG, spec(['fine-crumbs', 80])]],
    ['fine', [FLOUR, EGG, spec(['fine-crumbs', 70], ['sesame-seeds', 15])]],
    ['coarse', [FLOUR, EGG, spec(['coarse-crumbs', 60], ['rapeseed-oil', 8])]],
    ['flake', [FLOUR, EGG, spec(['cornflakes', 80])]],
    ['nuts', [FLOUR, EGG, spec(['chopped-hazelnuts', 60], ['fine-crumbs', 40])]],
    ['sheet', [spec(['rice-paper', 50])]],
  ])('%s', (kind, layers) => expect(kindOf(coat(...layers))).toBe(kind));
});

describe('lace', () => {
  test.each<[string, LayerSpec[]]>([
    ['starch and sparkling water', [spec(['wheat-flour', 70], ['corn-starch', 30], ['sparkling-water', 160])]],
    ['flour, egg and cold water', [batter('wheat-flour', 'water', 160, ['egg', 50])]],
    ['rice flour and water', [batter('rice-flour', 'water', 150)]],
  ])('is a thin batter of %s', (_, layers) => expect(isLace(coat(...layers))).toBe(true));

  test.each<[string, LayerSpec[]]>([
    ['a thin paste of flour and water', [batter('wheat-flour', 'water', 170)]],
    ['thin beer batter', [batter('wheat-flour', 'beer', 180)]],
    ['egg and milk', [batter('wheat-flour', 'milk', 200, ['egg', 50])]],
    ['the same so thick that it stays', [spec(['wheat-flour', 70], ['corn-starch', 30], ['sparkling-water', 110])]],
    ['lace under crumbs', [batter('rice-flour', 'water', 150), spec(['coarse-crumbs', 60])]],
    ['nothing', []],
  ])('is not %s', (_, layers) => expect(isLace(coat(...layers))).toBe(false));
});

test('a batter with leavening, egg or bubbles rises, flour and water does not, and nothing rises under crumbs', () => {
  const rises = (...layers: LayerSpec[]): boolean => puffs(coat(...layers));
  expect(rises(batter('wheat-flour', 'milk', 120, ['baking-powder', 3]))).toBe(true);
  expect(rises(batter('self-raising-flour', 'milk', 120))).toBe(true);
  expect(rises(batter('wheat-flour', 'water', 120))).toBe(false);
  expect(rises(batter('wheat-flour', 'milk', 120, ['baking-powder', 3]), spec(['fine-crumbs', 60]))).toBe(false);
});

test('a sheet weighs what it weighs, whatever it lies on, and does not run', () => {
  const [alone] = coat(spec(['spring-roll-sheet', 50]));
  const [, , over] = coat(FLOUR, EGG, spec(['spring-roll-sheet', 20]));
  expect(alone.pickUpGm2).toBe(over.pickUpGm2);
  expect(alone).toMatchObject({ sheet: true, wet: true, batter: false, grip: 1 });
});
