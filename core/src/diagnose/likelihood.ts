import { BROWNS_OFF, CALLED, CURED, LEAST_LIKELY, NORMAL_TAIL, SLIPS } from './constants.js';
import type { Aims } from './aims.js';
import { missedOf, type Missed } from './missed.js';
import { FIELD_SCALES, type Observation } from './seen.js';
import type { ValueOf } from './values.js';

/** Share of a normal distribution below `z` standard deviations, within 10⁻⁷. */
export function below(z: number): number {
  const t = 1 / (1 + NORMAL_TAIL.p * Math.abs(z));
  const tail =
    NORMAL_TAIL.b.reduceRight((sum, b) => (sum + b) * t, 0) * (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI));
  return z > 0 ? 1 - tail : tail;
}

/** How likely it is to be told so by somebody who just presses anything, 0–1. */
export function atRandom({ field, from, to }: Observation): number {
  const { scaled, range } = FIELD_SCALES[field];
  const whole = scaled(range[1]) - scaled(range[0]);
  return Math.min(1, Math.max(LEAST_LIKELY, (scaled(to) - scaled(from)) / whole));
}

/** How likely it is to be told so of a cook in which the field has this value, 0–1. */
export function likelyTold(observation: Observation, value: number): number {
  const { scaled, off, range } = FIELD_SCALES[observation.field];
  const { from, to } = observation;
  const at = scaled(value);
  // What lies beyond the last word is told with the last word.
  const low = from <= range[0] ? 0 : below((scaled(from) - at) / off);
  const high = to >= range[1] ? 1 : below((scaled(to) - at) / off);
  return (1 - SLIPS) * Math.max(0, high - low) + SLIPS * atRandom(observation);
}

const isColour = ({ field }: Observation): boolean => field === 'colourTop' || field === 'colourUnder';

/** How likely a cook is to call it a failure, 0–1, of which so much is missed. */
function calledFailure(missed: Missed): number {
  const worst = Math.max(0, ...Object.values(missed));
  return CALLED.anyway + (1 - CALLED.anyway) * below((worst - CURED.at) / CALLED.off);
}

/**
 * How likely all of it is to be told of a cook that was simulated, and to be called a failure, as a logarithm; how fast its
 * coat browns is not known.
 * @param aims what was aimed at, where somebody asks what went wrong; null where nobody does
 */
export function logLikelihood(values: ValueOf, observations: readonly Observation[], aims: Aims | null): number {
  const of = (observation: Observation, browningLog: number): number => {
    const value = values(observation, browningLog);
    // What does not apply to the dish says nothing about it.
    return value === undefined ? 0 : Math.log(likelyTold(observation, value));
  };
  const rest = observations.filter((o) => !isColour(o)).reduce((sum, o) => sum + of(o, 0), 0);
  const colours = observations.filter(isColour);
  const mixed = BROWNS_OFF.points.reduce((sum, [z, weight]) => {
    const browningLog = z * BROWNS_OFF.spread;
    const told = Math.exp(colours.reduce((s, o) => s + of(o, browningLog), 0));
    return sum + weight * told * (aims ? calledFailure(missedOf(values, aims, browningLog)) : 1);
  }, 0);
  return rest + Math.log(mixed);
}
