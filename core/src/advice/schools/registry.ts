import { OIL_IN_CRUMBS, FLOUR_FIRST, HANDS, OIL } from './coat.js';
import { AFTERWARDS, SAUCED_WHEN, VEGETABLE } from './food.js';
import { PREHEAT, TEMPERATURE, TURNING, UNDER_FOOD } from './heat.js';
import { DENSE, DONE_WHEN, FREEZING, LID, PREHEAT_HOW, SAUCE_HOW_MUCH, SIZE } from './handling.js';
import { CHEESE_WHEN, DREDGE, FLOUR_OUTSIDE } from './layers.js';
import type { School, Situation } from './school.js';
import { SALT_WHEN, SEASON_WHERE } from './season.js';

/** Every question over which cooks disagree, by its id, in the order of the work. */
export const SCHOOLS = {
  size: SIZE,
  freezing: FREEZING,
  dense: DENSE,
  preheat: PREHEAT,
  'preheat-how': PREHEAT_HOW,
  temperature: TEMPERATURE,
  turning: TURNING,
  oil: OIL,
  'flour-first': FLOUR_FIRST,
  dredge: DREDGE,
  'flour-outside': FLOUR_OUTSIDE,
  season: SEASON_WHERE,
  cheese: CHEESE_WHEN,
  lid: LID,
  'done-when': DONE_WHEN,
  under: UNDER_FOOD,
  hands: HANDS,
  vegetable: VEGETABLE,
  sauce: SAUCED_WHEN,
  'sauce-how-much': SAUCE_HOW_MUCH,
  'salt-when': SALT_WHEN,
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
