import { BURNER_TAU_S, OIL_H, OIL_HEAT, PAN_TOP, STIRRING } from './appliances.js';
import { QUICK_STEPS, SAMPLE_S, SETTING_S, SLOW_S, STEPS_S } from './constants/index.js';
import { expose, immersedIn, type Medium } from './media.js';

export interface OilCook {
  tempC: number;
  /** kg of oil to one piece in the pot; the load cools it. */
  oilKgPerPiece: number;
}

const oilH = (timeS: number, steamKgM2S: number): number =>
  timeS < STIRRING.plungeS || steamKgM2S > STIRRING.steamKgM2S ? OIL_H.bubbling : OIL_H.quiet;

/** A wet coat sets within seconds: the first of them are taken in small steps. */
const oilStepS = (timeS: number, fine: number): number => (timeS < SETTING_S ? STEPS_S.first : STEPS_S.later) / fine;

/** A pot of hot oil on all sides: violent while water boils out, cooled by what it gives. */
export function deepOil(cook: OilCook): Medium {
  let oilC = cook.tempC;
  let last = 0;
  return {
    turnsAtS: Infinity,
    begin() {
      oilC = cook.tempC;
      last = 0;
    },
    surround(timeS, steamKgM2S, out) {
      oilC += (cook.tempC - oilC) * (1 - Math.exp(-(timeS - last) / BURNER_TAU_S));
      last = timeS;
      immersedIn(out, oilC, oilH(timeS, steamKgM2S), 'oil');
    },
    give(heatJ) {
      oilC -= heatJ / (cook.oilKgPerPiece * OIL_HEAT);
    },
    stepS: oilStepS,
    slowS: SLOW_S.oil,
    quickSteps: QUICK_STEPS.oil,
    sampleS: SAMPLE_S.oil,
  };
}

export interface PanCook {
  tempC: number;
  turnAtMin: number;
}

/** A pan with a finger of oil: one face in the oil, the other in warm air, turned once. The burner holds its temperature. */
export function panOil(cook: PanCook): Medium {
  return {
    turnsAtS: cook.turnAtMin * 60,
    begin: () => undefined,
    surround(timeS, steamKgM2S, out) {
      out.airC = cook.tempC;
      out.wallC = cook.tempC;
      out.vapourPa = PAN_TOP.vapourPa;
      expose(out.top, PAN_TOP.h, 0, 1);
      expose(out.under, oilH(timeS, steamKgM2S), 0, 1, true);
    },
    give: () => undefined,
    stepS: oilStepS,
    slowS: SLOW_S.oil,
    quickSteps: QUICK_STEPS.oil,
    sampleS: SAMPLE_S.oil,
  };
}
