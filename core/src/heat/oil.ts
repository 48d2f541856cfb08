import { BURNER_TAU_S, OIL_H, OIL_HEAT, PAN_TOP, STIRRING } from './appliances.js';
import { SAMPLE_S } from './constants/index.js';
import { immersedIn, type Medium } from './media.js';

export interface OilCook {
  tempC: number;
  /** kg of oil to one piece in the pot; the load cools it. */
  oilKgPerPiece: number;
}

const oilH = (timeS: number, steamKgM2S: number): number =>
  timeS < STIRRING.plungeS || steamKgM2S > STIRRING.steamKgM2S ? OIL_H.bubbling : OIL_H.quiet;

/** A wet coat sets within seconds: the first of them are taken in small steps. */
const oilStepS = (timeS: number): number => (timeS < 20 ? 0.25 : 0.5);

/** A pot of hot oil on all sides: violent while water boils out, cooled by what it gives. */
export function deepOil(cook: OilCook): Medium {
  let oilC = cook.tempC;
  let last = 0;
  return {
    surround(timeS, steamKgM2S, out) {
      if (timeS <= 0) {
        oilC = cook.tempC;
        last = 0;
      }
      oilC += (cook.tempC - oilC) * (1 - Math.exp(-(timeS - last) / BURNER_TAU_S));
      last = timeS;
      immersedIn(out, oilC, oilH(timeS, steamKgM2S), 'oil');
    },
    give(heatJ) {
      oilC -= heatJ / (cook.oilKgPerPiece * OIL_HEAT);
    },
    stepS: oilStepS,
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
    surround(timeS, steamKgM2S, out) {
      const turned = timeS >= cook.turnAtMin * 60;
      const h = oilH(timeS, steamKgM2S);
      out.airC = cook.tempC;
      out.wallC = cook.tempC;
      out.hcUp = turned ? h : PAN_TOP.h;
      out.hcDown = turned ? PAN_TOP.h : h;
      out.hrUp = 0;
      out.hrDown = 0;
      out.vapourPa = PAN_TOP.vapourPa;
      out.ventUp = 1;
      out.ventDown = 1;
      out.oilUp = turned;
      out.oilDown = !turned;
    },
    give: () => undefined,
    stepS: oilStepS,
    sampleS: SAMPLE_S.oil,
  };
}
