import type { CookSeries } from '../heat/index.js';
import { SENSOR_LAG_S } from './constants.js';

/** What the two sensors of a probe would show: centre and air, each behind what it measures by its own lag. */
export interface Shown {
  centreC: Float64Array;
  airC: Float64Array;
}

function behind({ timeS }: CookSeries, column: ArrayLike<number>, lagS: number): Float64Array {
  const shown = new Float64Array(timeS.length);
  shown[0] = column[0];
  for (let k = 1; k < timeS.length; k++) {
    const stays = Math.exp(-(timeS[k] - timeS[k - 1]) / lagS);
    // Between two samples what is measured rises evenly; its mean is what the sensor follows.
    shown[k] = shown[k - 1] * stays + ((column[k] + column[k - 1]) / 2) * (1 - stays);
  }
  return shown;
}

/** What a probe shows over a cook. */
export const shownBy = (series: CookSeries): Shown => ({
  centreC: behind(series, series.columns.centreC, SENSOR_LAG_S.centre),
  airC: behind(series, series.columns.airC, SENSOR_LAG_S.air),
});
