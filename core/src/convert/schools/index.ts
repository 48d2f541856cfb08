import { foodOf } from '../../foods/index.js';
import { CRUMBS, FLOUR_FIRST, HANDS, OIL } from './coat.js';
import { AFTERWARDS, SAUCE, VEGETABLE } from './food.js';
import { PREHEAT, TEMPERATURE, TURNING, UNDER } from './heat.js';
import type { Scene, School } from './school.js';

export * from './school.js';

const ALL: readonly School[] = [
  PREHEAT,
  TEMPERATURE,
  TURNING,
  OIL,
  FLOUR_FIRST,
  UNDER,
  HANDS,
  VEGETABLE,
  SAUCE,
  AFTERWARDS,
  CRUMBS,
];

/** How many questions there are in all. */
export const SCHOOL_COUNT = ALL.length;

/** The questions over which cooks disagree that this dish and coat raise, in the order of the work. */
export function schoolsFor(scene: Scene): School[] {
  return ALL.filter((school) => {
    if (school === VEGETABLE && foodOf(scene.dish.foodId).food.safety !== 'vegetable') return false;
    return school.options.some((o) => o.holds(scene)) && school.options.some((o) => !o.holds(scene) && o.apply(scene));
  });
}
