import { asItsPage, type AirPlan, type Fryer } from '../dish/index.js';
import {
  byRecipe,
  evaluateAir,
  type AirResult,
  type Asked,
  type FriedResult,
  type OtherRecipe,
} from '../plan/index.js';
import { NEAR_AS_MEANT } from './constants.js';
import { nearestTo, type Meant } from './meant.js';
import { settable } from './move.js';

/** A fryer of the same kind and size, as its maker may have tried the words of a packet. */
const usual = (fryer: Fryer): Fryer => ({ ...asItsPage(fryer), airFactor: 1, offsetC: 0, hotSpots: undefined });

/**
 * "200 °C, 18 min", asked for this fryer: what that would give here, and the setting that gives what was meant.
 * @param plan the dish's plan: its coat, oil and laying stay
 * @param word what the packet or the other recipe says
 * @param writtenFor the appliance that the word is for; a usual one of this kind without
 */
export function packetHere(
  request: Asked,
  plan: AirPlan,
  word: OtherRecipe,
  fried: FriedResult,
  writtenFor: Fryer | null = null,
): Meant {
  const { fryer } = request;
  const there = writtenFor ?? usual(fryer);
  const cooked = (at: Fryer, tempC: number, minutes: number): AirResult =>
    evaluateAir({ ...request, fryer: at }, byRecipe(plan, { ...word, tempC, minutes }), fried);
  // How pieces were laid by hand holds for the basket that they were laid in.
  const laid = there.name === fryer.name ? plan : { ...plan, laying: undefined };
  const meant = evaluateAir(
    { ...request, fryer: there },
    byRecipe(laid, { ...word, tempC: settable(word.tempC, there) }),
    fried,
  );
  const mostC = there.kind === fryer.kind ? NEAR_AS_MEANT.mostC : NEAR_AS_MEANT.acrossC;
  return nearestTo(meant, fryer, (tempC, minutes) => cooked(fryer, tempC, minutes), mostC);
}
