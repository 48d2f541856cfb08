import { asTaken, type AirPlan, type Fryer, type TakenAs } from '../dish/index.js';
import { evaluateAir, type AirResult, type Asked, type FriedResult } from '../plan/index.js';
import { NEXT_TO_NOTHING } from '../units/index.js';
import { differences, type Difference } from './compare.js';
import { NEAR_AS_MEANT } from './constants.js';
import { settable } from './move.js';

/** What was meant somewhere else, what the same setting gives here, and the setting that gives what was meant. */
export interface Meant {
  meant: AirResult;
  here: AirResult;
  /** What is otherwise here. */
  differs: Difference[];
  /** The setting of this fryer that comes nearest to what was meant, and what is otherwise all the same. */
  nearest: AirResult;
  left: Difference[];
}

/** Browning of both faces, paler first, and the centre, °C, at the end. */
function endOf({ series }: AirResult): { paler: number; browner: number; centreC: number } {
  const { colourUp, colourDown, centreC } = series.columns;
  const last = series.timeS.length - 1;
  const [up, down] = [colourUp[last], colourDown[last]];
  return { paler: Math.min(up, down), browner: Math.max(up, down), centreC: centreC[last] };
}

const logOf = (b: number): number => Math.log(Math.max(NEXT_TO_NOTHING, b));

/** How far one cook ends from another, in what a cook would notice. */
function apart(a: AirResult, b: AirResult): number {
  const [one, other] = [endOf(a), endOf(b)];
  const colours = Math.abs(logOf(one.paler) - logOf(other.paler)) + Math.abs(logOf(one.browner) - logOf(other.browner));
  return (
    colours / (2 * NEAR_AS_MEANT.colourLog) +
    Math.abs(one.centreC - other.centreC) / NEAR_AS_MEANT.centreK +
    Math.abs(a.plan.settings.tempC - b.plan.settings.tempC) / NEAR_AS_MEANT.settingK
  );
}

/** Temperatures about the one that was said that this fryer can be set to. */
function temperatures({ stepC, ...fryer }: Fryer, tempC: number, mostC: number): number[] {
  const many = Math.round(mostC / stepC);
  const all = Array.from({ length: 2 * many + 1 }, (_, k) => settable(tempC + (k - many) * stepC, { stepC, ...fryer }));
  return [...new Set(all)];
}

/** Cooks the dish here at a temperature for some minutes. */
type CooksHere = (tempC: number, minutes: number) => AirResult;

/** At one temperature, the whole minutes after which the paler face is as brown as it was meant to be; and one less. */
function timed(cook: (minutes: number) => AirResult, meant: AirResult, longestMin: number): AirResult[] {
  const wanted = endOf(meant).paler;
  let [least, most] = [1, longestMin];
  while (least < most) {
    const middle = (least + most) >> 1;
    if (endOf(cook(middle)).paler >= wanted) most = middle;
    else least = middle + 1;
  }
  return [least, Math.max(1, least - 1)].map(cook);
}

/**
 * The setting of a fryer that gives what was meant somewhere else.
 * @param meant the cook as it was meant
 * @param cook the same dish here; it is asked for whole minutes, and for temperatures that the fryer has
 * @param mostC how far about the meant temperature is looked, °C
 */
export function nearestTo(meant: AirResult, fryer: Fryer, cook: CooksHere, mostC: number = NEAR_AS_MEANT.mostC): Meant {
  const { tempC, minutes } = meant.plan.settings;
  const here = cook(settable(tempC, fryer), minutes);
  const longestMin = Math.min(fryer.timeLimitMin ?? Infinity, Math.ceil(minutes * NEAR_AS_MEANT.longest));
  const tried = temperatures(fryer, tempC, mostC).flatMap((at) => timed((min) => cook(at, min), meant, longestMin));
  const nearest = [here, ...tried].reduce((best, one) => (apart(one, meant) < apart(best, meant) ? one : best));
  // The setting is another one by what it is for.
  const left = differences(meant, nearest).filter(({ about }) => about !== 'minutes' && about !== 'temperature');
  return { meant, here, differs: differences(meant, here), nearest, left };
}

/** The same plan, set otherwise: what is done on the way keeps its share of the time. */
function setOtherwise(plan: AirPlan, tempC: number, minutes: number): AirPlan {
  const { turnAtMin, minutes: before } = plan.settings;
  const turn = turnAtMin === null ? null : Math.round((turnAtMin / before) * minutes * 2) / 2;
  return { ...plan, settings: { ...plan.settings, tempC, minutes, turnAtMin: turn } };
}

/**
 * A plan that was chosen when its fryer was taken for another one: what it gives in it by now, and the setting that gives
 * what was meant.
 * @param then what the fryer was taken for
 */
export function asMeantThen(request: Asked, plan: AirPlan, then: TakenAs, fried: FriedResult): Meant {
  const { fryer } = request;
  const meant = evaluateAir({ ...request, fryer: asTaken(fryer, then) }, plan, fried);
  const cook: CooksHere = (tempC, minutes) => evaluateAir(request, setOtherwise(plan, tempC, minutes), fried);
  return nearestTo(meant, fryer, cook);
}
