export * from './unknowns.js';
export { AGAINST, believed, offBy, studentWeight, thinned, type Against, type Evidence } from './fit.js';
export { forecast, type AboutS, type Forecast } from './forecast.js';
export { inverse, solve } from './symmetric.js';
export { SENSOR_LAG_S } from './constants.js';
export { shownBy } from './sensor.js';
export {
  centreAtS,
  colourUnder,
  meant,
  seriesUnder,
  simulatedUnder,
  valueAt,
  wantedCentre,
  wholeMinutes,
  type Face,
  type Lying,
  type LyingOtherwise,
  type SimulatedBatch,
} from './lying.js';
