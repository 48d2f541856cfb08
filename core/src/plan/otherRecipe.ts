import type { AirPlan } from '../dish/index.js';
import { TURN_AT_SHARE } from './constants.js';

/** Another recipe's word, or a packet's: what its fryer was set to, for how long, and whether the pieces were turned. */
export interface OtherRecipe {
  tempC: number;
  minutes: number;
  turned: boolean;
}

/** A plan in the words of another recipe, put into a cold fryer: all else as it is. */
export function byRecipe(plan: AirPlan, { tempC, minutes, turned }: OtherRecipe): AirPlan {
  const settings = {
    ...plan.settings,
    tempC,
    minutes,
    turnAtMin: turned ? minutes * TURN_AT_SHARE : null,
    preheated: false,
    looks: 0,
  };
  return { ...plan, second: null, settings };
}
