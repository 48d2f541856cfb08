import type { AirPlan } from '../../dish/index.js';
import type { Text } from '../../units/index.js';

/** Everything in which a plan can differ from putting the cook's own coat into the fryer as it is. */
export type ChangeId =
  | 'patted'
  | 'halved'
  | 'frozen'
  | 'later'
  | 'dust-first'
  | 'second-dredge'
  | 'crumbs-over'
  | 'added'
  | 'left-out'
  | 'replaced'
  | 'thicker'
  | 'starch'
  | 'oil-in-finish'
  | 'pressed'
  | 'clumped'
  | 'rest'
  | 'spray'
  | 'turn'
  | 'parchment'
  | 'hotter-start'
  | 'two-temperatures';

/** One thing that is done otherwise than today. */
export interface Change {
  id: ChangeId;
  /** What to do: "Press fine crumbs on." */
  text: Text;
  /** The plan without it, all else as it is. */
  without: AirPlan;
}
