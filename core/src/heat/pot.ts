import { BOILING_WATER_H, ROOM_C } from './appliances.js';
import { QUICK_STEPS, SAMPLE_S, SLOW_S, WATER_HEAT } from './constants/index.js';
import { immersedIn, type Medium } from './media.js';

/** A pot of boiling water for blanching. */
export interface WaterCook {
  /** kg of water to one piece; the load cools it. */
  waterKgPerPiece: number;
  /** What the burner gives to the water, for each piece, W. */
  burnerWPerPiece: number;
}

/** Below this the water has stopped boiling, and from this on it boils again, °C. */
const STILL_C = 99;
const BOILS_C = 99.8;

/** A medium that tells when its water was back at the boil. */
export interface BoilingPot extends Medium {
  /** Seconds after which the water boiled again, 0 when it never stopped; null while it has not. */
  backAtS(): number | null;
}

/** Boiling water on all sides: the load stills it, the burner brings it back. Nothing evaporates from what is under water. */
export function boilingPot(cook: WaterCook): BoilingPot {
  let waterC = 100;
  let last = 0;
  let stilled = false;
  let back: number | null = null;
  return {
    turnsAtS: Infinity,
    begin() {
      waterC = 100;
      last = 0;
      stilled = false;
      back = null;
    },
    surround(timeS, _steam, out) {
      waterC = Math.min(100, waterC + (cook.burnerWPerPiece * (timeS - last)) / (cook.waterKgPerPiece * WATER_HEAT));
      last = timeS;
      stilled ||= waterC < STILL_C;
      if (stilled && back === null && waterC >= BOILS_C) back = timeS;
      immersedIn(out, waterC, BOILING_WATER_H, 'water');
    },
    give(heatJ) {
      waterC = Math.max(ROOM_C, waterC - heatJ / (cook.waterKgPerPiece * WATER_HEAT));
    },
    stepS: (_timeS, fine) => 1 / fine,
    slowS: SLOW_S.water,
    quickSteps: QUICK_STEPS.water,
    sampleS: SAMPLE_S.air,
    backAtS: () => (stilled ? back : 0),
  };
}
