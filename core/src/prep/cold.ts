import { isFlesh } from '../foods/index.js';
import { ROOM_C } from '../heat/index.js';
import { geometryOf, shrunk } from '../piece/index.js';
import { drained, oiled, salted } from './composition.js';
import {
  COLD,
  FIRMNESS_AFTER_ICE,
  FROZEN_PRESS,
  MARINADE,
  PRESS,
  SALT_DIFFUSIVITY,
  SALTING,
  SOAK,
} from './constants.js';
import { withPores } from './pores.js';
import type { Cut, Prepared } from './types.js';

/** What is done to a food's water without heat. Each takes the cut and minutes, and gives the piece that is coated. */

/** Used as it comes. */
export const asItIs = ({ food, shape }: Cut): Prepared => ({
  food,
  shape,
  firmness: 1,
  startC: COLD.fridgeC,
  skin: food.food.comesWet ? 'wet' : 'damp',
  waterLost: 0,
});

/** Share reached after `minutes` of something that is halfway after `halfwayMin`. */
const reached = (minutes: number, halfwayMin: number): number => 1 - 2 ** (-minutes / halfwayMin);

/** Volume that is left when water went out of a cut and took its room along. */
const volumeLeft = (cut: Cut, waterLost: number): number =>
  1 - (waterLost * cut.food.per100g.waterG * cut.food.densityKgM3) / 100 / 1000;

/** Under a moderate weight between boards. */
export function pressed(cut: Cut, minutes: number): Prepared {
  const waterLost = PRESS.most * reached(minutes, PRESS.halfwayMin);
  return {
    ...asItIs(cut),
    food: drained(cut.food, waterLost),
    shape: shrunk(cut.shape, volumeLeft(cut, waterLost), true),
    skin: 'damp',
    startC: 12,
    waterLost,
  };
}

/** Frozen through, thawed and pressed: a chewier, drier sponge that coats key into. */
export function frozenPressed(cut: Cut, minutes: number): Prepared {
  const waterLost = FROZEN_PRESS.most * reached(minutes, FROZEN_PRESS.halfwayMin);
  const gone = 1 - volumeLeft(cut, waterLost);
  const { food, shape } = withPores(cut, waterLost, 1 - gone * (1 - FROZEN_PRESS.spongy), true);
  return {
    ...asItIs(cut),
    food: { ...food, food: { ...food.food, skin: 'rough' } },
    shape,
    skin: 'damp',
    startC: 12,
    waterLost,
  };
}

/** Salted and left to drain, then wiped. Salt draws water through the cut faces: thick pieces take long. */
export function saltDrained(cut: Cut, minutes: number): Prepared {
  const halfMm = geometryOf(cut.shape, cut.food.densityKgM3).halfThicknessM * 1000;
  const halfway = SALTING.halfwayMin * (halfMm / SALTING.atHalfMm) ** 2;
  const waterLost = SALTING.most * reached(minutes, halfway);
  return {
    ...asItIs(cut),
    food: salted(drained(cut.food, waterLost), SALTING.saltG),
    shape: shrunk(cut.shape, volumeLeft(cut, waterLost)),
    skin: 'damp',
    startC: ROOM_C,
    waterLost,
  };
}

/** In cold water: loose starch or brine goes, a little water comes in, the skin is wet. */
export function soaked(cut: Cut, minutes: number): Prepared {
  const takesUp = SOAK.takesUp * reached(minutes, 15);
  const waterLost = -(takesUp * 100) / cut.food.per100g.waterG;
  return { ...asItIs(cut), food: drained(cut.food, waterLost), startC: SOAK.bowlC, skin: 'wet', waterLost };
}

/** Egg, and the soy sauce with its wheat. */
const IN_FLESH_MARINADE = ['egg', 'soy', 'wheat'] as const;

/** Egg, soy and salt on flesh, which takes some up and is wet; oil and spice on everything else. */
export function marinated(cut: Cut, minutes: number): Prepared {
  if (!isFlesh(cut.food)) return { ...asItIs(cut), food: oiled(cut.food, MARINADE.oilG), skin: 'damp', startC: 12 };
  const takesUp = MARINADE.takesUp * reached(minutes, 15);
  const waterLost = -(takesUp * 100) / cut.food.per100g.waterG;
  const taken = salted(drained(cut.food, waterLost), MARINADE.saltG * reached(minutes, 15));
  const food = { ...taken, allergens: [...new Set([...taken.allergens, ...IN_FLESH_MARINADE])] };
  return { ...asItIs(cut), food, skin: 'wet', waterLost };
}

/** Out of the freezer: ice has broken the cells of a vegetable. It is coated and cooked still frozen. */
export const frozen = (cut: Cut): Prepared => ({
  ...asItIs(cut),
  firmness: cut.food.food.safety === 'vegetable' ? FIRMNESS_AFTER_ICE : 1,
  startC: COLD.freezerC,
  skin: 'damp',
});

/** How deep salt has come after `minutes` in a marinade or a brine, mm. */
export const seasonedToMm = (minutes: number): number => 1000 * Math.sqrt(2 * SALT_DIFFUSIVITY * minutes * 60);
