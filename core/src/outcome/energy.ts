import { OIL_TO_FOOD } from '../dish/index.js';
import { OIL_HEAT, OWN_HEAT, ROOM_C, type FryerKind } from '../heat/index.js';
import { FAT_KCAL_G, POT } from './constants/index.js';

const J_PER_KWH = 3.6e6;

/** Electricity for a whole dish, and what its oil feeds; estimates within a factor of about one and a half. */
export interface Energy {
  airKwh: number;
  potKwh: number;
  /** Food energy of the oil that all pieces keep, kcal, in air and from the pot. */
  airOilKcal: number;
  potOilKcal: number;
}

interface AirWork {
  fryer: FryerKind;
  tempC: number;
  /** Minutes of one batch, its second cook counted. */
  minutes: number;
  batches: number;
  preheated: boolean;
  heatJPerPiece: number;
  oilGPerPiece: number;
}

interface PotWork {
  tempC: number;
  minutes: number;
  batches: number;
  massKgPerBatch: number;
  heatJPerPiece: number;
  oilGPerPiece: number;
}

/** Minutes that a preheating fryer runs empty. Common practice, no source. */
export const PREHEAT_MIN = 3;

/** Energy of a dish of `count` pieces in air and in the pot, with what the appliances take for themselves. */
export function energyOf(count: number, air: AirWork, pot: PotWork): Energy {
  const own = OWN_HEAT[air.fryer];
  const airK = air.tempC - ROOM_C;
  const airS = 60 * (air.minutes * air.batches + (air.preheated ? PREHEAT_MIN : 0));
  const airJ = own.metalJK * airK + own.lossWK * airK * airS + air.heatJPerPiece * count;
  const oilKg = OIL_TO_FOOD * pot.massKgPerBatch;
  const potS = 60 * pot.minutes * pot.batches;
  const potJ = oilKg * OIL_HEAT * (pot.tempC - ROOM_C) + POT.lossW * potS + pot.heatJPerPiece * count;
  return {
    airKwh: airJ / J_PER_KWH,
    potKwh: potJ / POT.efficiency / J_PER_KWH,
    airOilKcal: air.oilGPerPiece * count * FAT_KCAL_G,
    potOilKcal: pot.oilGPerPiece * count * FAT_KCAL_G,
  };
}
