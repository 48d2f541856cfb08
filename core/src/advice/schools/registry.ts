import { OIL_IN_CRUMBS, FLOUR_FIRST, HANDS, OIL } from './coat.js';
import { AFTERWARDS, SAUCED_WHEN, VEGETABLE } from './food.js';
import { PREHEAT, TEMPERATURE, TURNING, UNDER_FOOD } from './heat.js';
import type { School, Situation } from './school.js';

/** Every question over which cooks disagree, by its id, in the order of the work. */
export const SCHOOLS = {
  preheat: PREHEAT,
  temperature: TEMPERATURE,
  turning: TURNING,
  oil: OIL,
  'flour-first': FLOUR_FIRST,
  under: UNDER_FOOD,
  hands: HANDS,
  vegetable: VEGETABLE,
  sauce: SAUCED_WHEN,
  afterwards: AFTERWARDS,
  crumbs: OIL_IN_CRUMBS,
} as const satisfies Record<string, School>;

export type SchoolId = keyof typeof SCHOOLS;

/** A question with its id. */
export type RaisedSchool = School & { id: SchoolId };

/** The questions that this dish and coat raise, in the order of the work. */
export const schoolsFor = (now: Situation): RaisedSchool[] =>
  (Object.entries(SCHOOLS) as [SchoolId, School][])
    .filter(([, { raisedBy = () => true, options }]) => {
      const open = options.some((o) => o.holds(now)) && options.some((o) => !o.holds(now) && o.apply(now));
      return open && raisedBy(now);
    })
    .map(([id, school]) => ({ ...school, id }));
