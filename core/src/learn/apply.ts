import { asItsPage, type Fryer } from '../dish/index.js';
import type { LearnedFryer } from './learned.js';
import { LEARNED_WITHIN } from './constants.js';

const within = (value: number, { min, max, step }: { min: number; max: number; step: number }): number =>
  Number((Math.round(Math.min(max, Math.max(min, value)) / step) * step).toFixed(2));

/**
 * A fryer as the cooks in it have taught it: thermostat, air and browning in the place of what its page says. In steps, so
 * that a plan does not move with every digit.
 */
export function asLearned(fryer: Fryer, { belief, spread, taught }: LearnedFryer): Fryer {
  const page = asItsPage(fryer);
  const { offsetK, airLog, browningLog, lowerLog } = belief.mean;
  const lower = within(Math.exp(lowerLog), LEARNED_WITHIN.browning);
  if (taught.length === 0 && !page.readings?.length) return page;
  return {
    ...page,
    offsetC: within(offsetK, LEARNED_WITHIN.offsetC),
    airFactor: within(page.airFactor * Math.exp(airLog), LEARNED_WITHIN.airFactor),
    browning: within(Math.exp(browningLog), LEARNED_WITHIN.browning),
    ...(page.racks > 1 && lower !== 1 && { lower }),
    learned: {
      cooks: taught.length,
      offK: Number(spread.offsetK.toFixed(1)),
      airOff: Number(spread.airLog.toFixed(2)),
      browningOff: Number(spread.browningLog.toFixed(2)),
      page: { offsetC: page.offsetC, airFactor: page.airFactor },
    },
  };
}
