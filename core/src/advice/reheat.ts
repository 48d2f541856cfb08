import { PLAIN_AIR, type AirPlan } from '../dish/index.js';
import { minutesUntil } from '../outcome/index.js';
import { evaluateAir, type Asked, type FriedResult } from '../plan/index.js';
import { safeMinimum } from '../safety/index.js';
import { REHEAT } from './constants.js';

/** How what is left is made hot and crisp again. */
export interface Reheating {
  tempC: number;
  /** Until the centre is as hot as leftovers must be; null where it is not within half an hour. */
  minutes: number | null;
  /** °C that the centre must come to. */
  centreC: number;
}

/** °C of a setting that the fryer has. */
const setTo = (wantedC: number, { minTempC, maxTempC, stepC }: Asked['fryer']): number =>
  Math.min(maxTempC, Math.max(minTempC, Math.round(wantedC / stepC) * stepC));

/**
 * Minutes in which pieces from the refrigerator are hot again: the piece with its coat as it is laid, simulated in this
 * fryer until the centre is safe for leftovers. The coat is dry already by then, so that it is rather a little less.
 * @param fried the original, which the judging of an air cook asks for
 */
export function reheating(asked: Asked, plan: AirPlan, fried: FriedResult): Reheating {
  const tempC = setTo(REHEAT.tempC, asked.fryer);
  const centreC = safeMinimum('reheated')!.tempC;
  const cold: AirPlan = {
    ...plan,
    making: undefined,
    second: null,
    oilGm2: 0,
    settings: {
      ...PLAIN_AIR,
      under: plan.settings.under,
      tempC,
      minutes: REHEAT.mostMin,
      preheated: true,
      turnAtMin: null,
    },
  };
  const dish = { ...asked.dish, startC: REHEAT.fromC, preparation: 'raw' as const, beside: undefined };
  const { series } = evaluateAir({ ...asked, dish }, cold, fried);
  const minutes = minutesUntil(series, series.timeS.length - 1, 'centreC', 'centreC', centreC);
  return { tempC, centreC, minutes: minutes === null ? null : Math.ceil(minutes) };
}
