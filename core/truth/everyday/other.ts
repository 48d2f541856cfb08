import { layerOf } from '../../src/index.js';
import { EGG, everyday, FINE, FLOUR, rod, slab, type Everyday } from './dish.js';

/**
 * What is on the bone, wrapped, or bought with its coat on, in a full basket. On these the juice on a bone, the fat of a
 * skin and the browning of sheets were fitted. Common practice, no source.
 */

const DREDGE = layerOf(['wheat-flour', 80], ['corn-starch', 20], ['paprika', 4], ['salt', 5]);
const BOUGHT = [FLOUR, EGG, layerOf(['fine-crumbs', 80], ['rapeseed-oil', 12])];
const FROZEN = { startC: -18, preparation: 'frozen', skin: 'dry', readyCoated: true } as const;
const WING = { kind: 'irregular', longestMm: 90, thicknessMm: 26, massG: 45 } as const;

export const OTHERS: readonly Everyday[] = [
  everyday(
    'wings in starch and baking powder',
    'chicken-wing',
    WING,
    [layerOf(['corn-starch', 20], ['baking-powder', 6], ['salt', 4])],
    [200, 22],
    { pot: [180, 9], expects: ['starch'] },
  ),
  everyday('wings in seasoned flour', 'chicken-wing', WING, [DREDGE], [195, 21], { pot: [180, 9], expects: ['flour'] }),
  everyday(
    'drumsticks, buttermilk and flour',
    'chicken-drumstick',
    rod(42, 110),
    [layerOf(['buttermilk', 120]), { ...DREDGE, clumped: true }],
    [190, 24],
    { pot: [165, 14], expects: ['flour'] },
  ),
  everyday(
    'thighs on the bone, buttermilk and flour',
    'chicken-thigh-on-bone',
    slab(110, 80, 35),
    [layerOf(['buttermilk', 120]), { ...DREDGE, clumped: true }],
    [190, 26],
    { pot: [165, 14], expects: ['flour'] },
  ),
  everyday('fish fingers, bought frozen', 'cod', slab(90, 25, 15), BOUGHT, [200, 10.5], {
    pot: [180, 4],
    dish: FROZEN,
    expects: ['fine'],
  }),
  everyday('chicken nuggets, bought frozen', 'chicken-breast', slab(40, 35, 16), BOUGHT, [200, 10.5], {
    pot: [180, 4],
    dish: FROZEN,
    expects: ['fine'],
  }),
  everyday('spring rolls', 'roll-filling', rod(22, 90), [layerOf(['spring-roll-sheet', 50])], [195, 12], {
    pot: [175, 3],
    expects: ['sheet'],
  }),
  everyday('rice paper rolls', 'roll-filling', rod(22, 80), [layerOf(['rice-paper', 50])], [200, 14], {
    pot: [175, 3.5],
    expects: ['sheet'],
  }),
  everyday('breaded mozzarella, bought frozen', 'mozzarella', slab(70, 15, 15), [...BOUGHT, EGG, FINE], [200, 7.5], {
    pot: [185, 2],
    dish: FROZEN,
    expects: ['fine'],
  }),
];
