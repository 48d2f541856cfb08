import { asItsPage, type AirPlan, type Fryer } from '../dish/index.js';
import {
  byRecipe,
  evaluateAir,
  type AirResult,
  type Asked,
  type FriedResult,
  type OtherRecipe,
} from '../plan/index.js';
import { NEXT_TO_NOTHING } from '../units/index.js';
import { differences, type Difference } from './compare.js';
import { NEAR_AS_MEANT } from './constants.js';
import { settable } from './move.js';

/** What a packet's word, or another recipe's, comes to in a fryer, and the setting that gives what it meant. */
export interface PacketHere {
  /** Set as it says: in a usual fryer of this kind, for which such words are written, and in this one. */
  meant: AirResult;
  here: AirResult;
  /** What is otherwise here. */
  differs: Difference[];
  /** The setting of this fryer that comes nearest to what was meant, and what is otherwise all the same. */
  nearest: AirResult;
  left: Difference[];
}

/** A fryer of the same kind and size, as its maker may have tried the words of a packet. */
const usual = (fryer: Fryer): Fryer => ({ ...asItsPage(fryer), airFactor: 1, offsetC: 0, hotSpots: undefined });

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
function temperatures({ stepC, ...fryer }: Fryer, tempC: number): number[] {
  const many = Math.round(NEAR_AS_MEANT.mostC / stepC);
  const all = Array.from({ length: 2 * many + 1 }, (_, k) => settable(tempC + (k - many) * stepC, { stepC, ...fryer }));
  return [...new Set(all)];
}

/** At one temperature, the whole minutes after which the paler face is as brown as it was meant to be; and one less. */
function timed(
  cook: (minutes: number) => AirResult,
  word: OtherRecipe,
  meant: AirResult,
  mostMin: number,
): AirResult[] {
  const wanted = endOf(meant).paler;
  let [least, most] = [1, Math.min(mostMin, Math.ceil(word.minutes * NEAR_AS_MEANT.longest))];
  while (least < most) {
    const middle = (least + most) >> 1;
    if (endOf(cook(middle)).paler >= wanted) most = middle;
    else least = middle + 1;
  }
  return [least, Math.max(1, least - 1)].map(cook);
}

/**
 * "200 °C, 18 min", asked for this fryer: what that would give here, and the setting that gives what was meant.
 * @param plan the dish's plan: its coat, oil and laying stay
 * @param word what the packet or the other recipe says; it is taken to be written for a usual fryer of the same kind
 */
export function packetHere(request: Asked, plan: AirPlan, word: OtherRecipe, fried: FriedResult): PacketHere {
  const { fryer } = request;
  const cooked = (at: Fryer, tempC: number, minutes: number): AirResult =>
    evaluateAir({ ...request, fryer: at }, byRecipe(plan, { ...word, tempC, minutes }), fried);
  const meant = cooked(usual(fryer), word.tempC, word.minutes);
  const here = cooked(fryer, settable(word.tempC, fryer), word.minutes);
  const mostMin = fryer.timeLimitMin ?? Infinity;
  const tried = temperatures(fryer, word.tempC).flatMap((tempC) =>
    timed((minutes) => cooked(fryer, tempC, minutes), word, meant, mostMin),
  );
  const nearest = [here, ...tried].reduce((best, one) => (apart(one, meant) < apart(best, meant) ? one : best));
  // The setting is another one by what it is for.
  const left = differences(meant, nearest).filter(({ about }) => about !== 'minutes' && about !== 'temperature');
  return { meant, here, differs: differences(meant, here), nearest, left };
}
