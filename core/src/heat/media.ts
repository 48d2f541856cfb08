import { saturationPa } from './water.js';

/** What one step of the simulation feels from outside, W/m²K, °C and Pa; written in place every step. */
export interface Surroundings {
  airC: number;
  wallC: number;
  hcUp: number;
  hrUp: number;
  hcDown: number;
  hrDown: number;
  vapourPa: number;
  /** Liquid oil on a face: no evaporation into air, pores fill with oil. */
  oilUp: boolean;
  oilDown: boolean;
}

/** Something to cook in: knows only what surrounds the food at a time, and that heat was taken from it. */
export interface Medium {
  /** Writes the surroundings at `timeS` since the food went in; `steamKgM2S` is what bubbles out now. */
  surround(timeS: number, steamKgM2S: number, out: Surroundings): void;
  /** Tells how much heat one piece took in the last step, J. */
  give(heatJ: number): void;
  /** Length of a time step that resolves this medium at `timeS`, s. */
  stepS(timeS: number): number;
}

export type FryerKind = 'drawer' | 'oven-type' | 'fan-oven' | 'still-oven';
export type UnderFood = 'basket' | 'rack' | 'parchment';

export const emptySurroundings = (): Surroundings => ({
  airC: 20,
  wallC: 20,
  hcUp: 0,
  hrUp: 0,
  hcDown: 0,
  hrDown: 0,
  vapourPa: 0,
  oilUp: false,
  oilDown: false,
});

interface FryerTraits {
  hc: number;
  hr: number;
  /** Time constants of warming up, s. */
  warmColdS: number;
  warmPreheatedS: number;
  /** Fall of the air's temperature when it is opened to turn, as a share of its distance from the room. */
  openingLoss: number;
}

/** Middle of the practised ranges; tuned on C1, C2 and C8. */
export const FRYERS: Record<FryerKind, FryerTraits> = {
  drawer: { hc: 52, hr: 14, warmColdS: 75, warmPreheatedS: 25, openingLoss: 0.35 },
  'oven-type': { hc: 32, hr: 14, warmColdS: 220, warmPreheatedS: 45, openingLoss: 0.35 },
  'fan-oven': { hc: 20, hr: 15, warmColdS: 400, warmPreheatedS: 30, openingLoss: 0.25 },
  'still-oven': { hc: 10, hr: 18, warmColdS: 500, warmPreheatedS: 30, openingLoss: 0.25 },
};

/** What reaches the underside of the piece, as shares of the air's and the walls' coefficients. Common practice, no source. */
export const UNDER: Record<UnderFood, { hc: number; hr: number }> = {
  basket: { hc: 0.72, hr: 0.75 },
  rack: { hc: 0.88, hr: 0.85 },
  parchment: { hc: 0.3, hr: 0.3 },
};

/** Air touches less of the food from this share of covered basket on, and loses this much per share above. Common practice, no source. */
export const CROWDED_FROM = 0.6;
const CROWDING_LOSS = 1.3;
const ROOM_C = 20;
/** Vapour in a closed, vented fryer, Pa. */
const FRYER_VAPOUR_PA = 6000;

export interface AirCook {
  fryer: FryerKind;
  tempC: number;
  preheated: boolean;
  /** Minutes after which the piece is turned; null = not turned. */
  turnAtMin: number | null;
  under: UnderFood;
  /** Share of the basket's ground that food covers, 0–1. */
  coverage: number;
  /** Multiplies the air speed's coefficient for this one fryer. */
  airFactor: number;
  /** Added to the set temperature for this one fryer, K. */
  offsetK: number;
}

/** Moving hot air that warms up, loses heat when opened, and reaches the underside less than the top. */
export function airMedium(cook: AirCook): Medium {
  const traits = FRYERS[cook.fryer];
  const under = UNDER[cook.under];
  const crowding = Math.max(0.25, 1 - CROWDING_LOSS * Math.max(0, cook.coverage - CROWDED_FROM));
  const hc = traits.hc * cook.airFactor * crowding;
  const target = cook.tempC + cook.offsetK;
  const tau = cook.preheated ? traits.warmPreheatedS : traits.warmColdS;
  const startC = cook.preheated ? target - (target - ROOM_C) * 0.35 : ROOM_C;
  const turnS = cook.turnAtMin === null ? Infinity : cook.turnAtMin * 60;
  const recoverS = Math.min(tau, 40);
  return {
    surround(timeS, _steam, out) {
      let airC = target - (target - startC) * Math.exp(-timeS / tau);
      if (timeS >= turnS) airC -= (target - ROOM_C) * traits.openingLoss * Math.exp(-(timeS - turnS) / recoverS);
      const turned = timeS >= turnS;
      const hcUnder = hc * under.hc;
      const hrUnder = traits.hr * under.hr;
      out.airC = airC;
      out.wallC = airC;
      out.hcUp = turned ? hcUnder : hc;
      out.hrUp = turned ? hrUnder : traits.hr;
      out.hcDown = turned ? hc : hcUnder;
      out.hrDown = turned ? traits.hr : hrUnder;
      out.vapourPa = FRYER_VAPOUR_PA;
      out.oilUp = false;
      out.oilDown = false;
    },
    give() {
      // The heater makes up for what the food takes; the thermostat holds the air.
    },
    stepS: () => 1,
  };
}

export interface OilCook {
  tempC: number;
  /** kg of oil to one piece in the pot; the load cools it. */
  oilKgPerPiece: number;
}

/**
 * W/m²K while steam bubbles stir the oil, and when it is quiet. Hubbard and Farkas (1999) measured 250–280 without and
 * 300–1100 with bubbles, from memory; the plunge itself stirs like bubbles.
 */
const BUBBLING_H = 480;
const QUIET_H = 250;
const PLUNGE_S = 10;
const BUBBLES_FROM_KGM2S = 0.0004;
const OIL_HEAT = 2200;
/** The burner brings a cooled pot back with this time constant, s. Common practice, no source. */
const BURNER_TAU_S = 90;

/** A pot of hot oil on all sides: violent while water boils out, cooled by what it gives. */
export function deepOil(cook: OilCook): Medium {
  let oilC = cook.tempC;
  let last = 0;
  return {
    surround(timeS, steamKgM2S, out) {
      oilC += (cook.tempC - oilC) * (1 - Math.exp(-(timeS - last) / BURNER_TAU_S));
      last = timeS;
      const bubbling = timeS < PLUNGE_S || steamKgM2S > BUBBLES_FROM_KGM2S;
      const h = bubbling ? BUBBLING_H : QUIET_H;
      out.airC = oilC;
      out.wallC = oilC;
      out.hcUp = h;
      out.hcDown = h;
      out.hrUp = 0;
      out.hrDown = 0;
      out.vapourPa = 0;
      out.oilUp = true;
      out.oilDown = true;
    },
    give(heatJ) {
      oilC -= heatJ / (cook.oilKgPerPiece * OIL_HEAT);
    },
    stepS: (timeS) => (timeS < 20 ? 0.25 : 0.5),
  };
}

export interface PanCook {
  tempC: number;
  turnAtMin: number;
}

/** A pan with a finger of oil: one face in the oil, the other in warm air, turned once. */
export function panOil(cook: PanCook): Medium {
  return {
    surround(timeS, steamKgM2S, out) {
      const turned = timeS >= cook.turnAtMin * 60;
      const h = timeS < PLUNGE_S || steamKgM2S > BUBBLES_FROM_KGM2S ? BUBBLING_H : QUIET_H;
      out.airC = cook.tempC;
      out.wallC = cook.tempC;
      out.hcUp = turned ? h : PAN_TOP_H;
      out.hcDown = turned ? PAN_TOP_H : h;
      out.hrUp = 0;
      out.hrDown = 0;
      out.vapourPa = PAN_VAPOUR_PA;
      out.oilUp = turned;
      out.oilDown = !turned;
    },
    give() {
      // The burner under a pan follows; its oil is held at the set temperature.
    },
    stepS: (timeS) => (timeS < 20 ? 0.25 : 0.5),
  };
}

/** The upper face of a piece in shallow oil is washed by steam and splashes: W/m²K against the oil's temperature. Common practice, no source. */
const PAN_TOP_H = 15;
/** Steam of the food over the pan, Pa. Common practice, no source. */
const PAN_VAPOUR_PA = 20_000;

/** A room in which the coat rests before it is cooked. */
export function restingRoom(roomC = ROOM_C): Medium {
  return {
    surround(_time, _steam, out) {
      out.airC = roomC;
      out.wallC = roomC;
      out.hcUp = 5;
      out.hrUp = 5;
      out.hcDown = 2;
      out.hrDown = 2;
      out.vapourPa = 0.5 * saturationPa(roomC);
      out.oilUp = false;
      out.oilDown = false;
    },
    give() {
      // A room is large.
    },
    stepS: () => 5,
  };
}
