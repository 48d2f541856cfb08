import {
  CROWDED_FROM,
  CROWDED_LEAST,
  CROWDING_LOSS,
  FREE_FLANK,
  FRYER_VAPOUR_PA,
  FRYERS,
  LEVELS,
  LOAD_LAG_S,
  LOADING_LOSS,
  OWN_HEAT,
  RECOVERY_S,
  ROOM_C,
  ROOM_HUMIDITY,
  STEAMS_UP_S,
  UNDER,
  USUAL_POWER_W,
  WATER_TRAY,
  type FryerKind,
  type Level,
  type UnderFood,
} from './appliances.js';
import { ROUNDING } from '../units/index.js';
import { AIR_CALMS_S, AIR_STEPS, QUICK_STEPS, SAMPLE_S, SLOW_S } from './constants/index.js';
import { expose, type Medium, type Surroundings } from './media.js';
import { saturationPa } from './water.js';

/** Vapour of the room's air, Pa. */
const ROOM_PA = ROOM_HUMIDITY * saturationPa(ROOM_C);

/** One cook in moving hot air. */
export interface AirCook {
  fryer: FryerKind;
  tempC: number;
  preheated: boolean;
  /** °C that it has when the food goes in, where it is hot and not at its setting. */
  preheatC?: number;
  /** It goes on without having been opened: a second temperature of one cook. */
  unopened?: boolean;
  /** The cook that it goes on from: it is no hotter at first than that one had come to, however it is set by then. */
  after?: AirMedium;
  /** Minutes after which the piece is turned; null = not turned. */
  turnAtMin: number | null;
  under: UnderFood;
  /** How little of the lower half lies on it: 0 a slab … 1 a ball, which touches at one spot. */
  roundness: number;
  /** A little tray of boiling water in the basket. */
  waterTray: boolean;
  /** Minutes at which it is opened for anything but turning: a look, a touch-up, a swap of racks. */
  opensAtMin: readonly number[];
  /** Where the piece starts, and the minutes after which the racks change places; null = never. */
  level: Level;
  swapEveryMin: number | null;
  /** Share of the basket's ground that food covers, 0–1. */
  coverage: number;
  /** Pieces that cook at the same time: their heat comes out of the same air. */
  pieces: number;
  /** Multiplies the air speed's coefficient for this one fryer. */
  airFactor: number;
  /** Added to the set temperature for this one fryer, K. */
  offsetK: number;
  /** Power on its rating plate, W; the usual one of its kind without. */
  powerW?: number;
}

/** The air of one cook. */
export interface AirMedium extends Medium {
  /** °C that metal and air have by now, were nothing blown out and nothing cooling them. */
  ownC(): number;
}

/** Share of the air's coefficient that a basket covered to `coverage` (0–1) leaves. */
export const crowdingShare = (coverage: number): number =>
  Math.max(CROWDED_LEAST, 1 - CROWDING_LOSS * Math.max(0, coverage - CROWDED_FROM));

/** What reaches the lower half: the flanks of a round piece stand in the moving air. */
function underOf({ under, roundness }: AirCook): (typeof UNDER)[UnderFood] {
  const flat = UNDER[under];
  const free = FREE_FLANK * roundness;
  const mixed = (share: number): number => share + (1 - share) * free;
  return { hc: mixed(flat.hc), hr: mixed(flat.hr), vent: mixed(flat.vent) };
}

/** Whether the piece lies on the rack on which it did not start, `timeS` into the cook. */
const swapped = (timeS: number, swapEveryMin: number | null): boolean =>
  swapEveryMin !== null && Math.floor(timeS / (swapEveryMin * 60)) % 2 === 1;

function levelAt(cook: AirCook, timeS: number): Level {
  if (cook.level === 'only' || !swapped(timeS, cook.swapEveryMin)) return cook.level;
  return cook.level === 'upper' ? 'lower' : 'upper';
}

/** A hand at the door is as exact as that, parts of a second: no step that leads to it is shorter. */
const HAND_PER_S = 10;

/** When it is opened by hand that is to be opened at a minute, s. */
const byHand = (minute: number): number => Math.round(minute * 60 * HAND_PER_S) / HAND_PER_S;

/** How many steps lead from one sample to the next, `sinceS` seconds after the door was shut. */
const stepsAfter = (sinceS: number): number => (sinceS < AIR_CALMS_S ? AIR_STEPS.disturbed : AIR_STEPS.calm);

/**
 * Moving hot air that its heater warms as far as its power goes, that is cooled by its load and by every opening, and
 * that reaches the underside, a lower rack and a crowded basket less.
 */
export function airMedium(cook: AirCook): AirMedium {
  const traits = FRYERS[cook.fryer];
  const { metalJK, lossWK } = OWN_HEAT[cook.fryer];
  const under = underOf(cook);
  const hc = traits.hc * cook.airFactor * crowdingShare(cook.coverage);
  const target = cook.tempC + cook.offsetK;
  const powerW = cook.powerW ?? USUAL_POWER_W[cook.fryer];
  const streamWK = traits.streamWK * (powerW / USUAL_POWER_W[cook.fryer]);
  const turnS = cook.turnAtMin === null ? Infinity : byHand(cook.turnAtMin);
  const opensS = [...cook.opensAtMin.map(byHand), turnS].filter(Number.isFinite);
  const fallK = (target - ROOM_C) * traits.openingLoss;
  const startC = cook.preheated ? (cook.preheatC ?? cook.tempC) + cook.offsetK : ROOM_C;
  const loadingK = cook.preheated && !cook.unopened ? (startC - ROOM_C) * LOADING_LOSS : 0;
  let ownC = startC;
  let loadK = 0;
  let loadW = 0;
  let last = 0;

  /** The heater warms metal and air by what loss and load leave of its power, and holds the setting once it is there. */
  const warm = (seconds: number): void => {
    const wouldReachC = ROOM_C + (powerW - loadW * cook.pieces) / lossWK;
    const heated = wouldReachC + (ownC - wouldReachC) * Math.exp((-seconds * lossWK) / metalJK);
    if (ownC <= target) ownC = Math.min(target, heated);
    else ownC = Math.max(target, cooled(ownC, seconds));
  };

  /** Hotter than its setting the heater is off: loss and load alone cool it. */
  const cooled = (fromC: number, seconds: number): number => {
    const restsAtC = ROOM_C - (loadW * cook.pieces) / lossWK;
    return restsAtC + (fromC - restsAtC) * Math.exp((-seconds * lossWK) / metalJK);
  };

  /** What has blown out when it was loaded and opened, and has not come back from the hot metal yet, K. */
  const blownOutK = (timeS: number): number => {
    let k = loadingK * Math.exp(-timeS / RECOVERY_S);
    for (const openS of opensS) if (timeS >= openS) k += fallK * Math.exp(-(timeS - openS) / RECOVERY_S);
    return k;
  };

  return {
    turnsAtS: turnS,
    begin() {
      loadK = loadW = last = 0;
      ownC = cook.after ? Math.min(startC, cook.after.ownC()) : startC;
    },
    ownC: () => ownC,
    surround(timeS, _steam, out: Surroundings) {
      warm(timeS - last);
      // Air that passes the food is cooled by what the food takes; half of that fall is felt on the way.
      const fallTo = (loadW * cook.pieces) / (2 * streamWK);
      loadK += (fallTo - loadK) * (1 - Math.exp((last - timeS) / LOAD_LAG_S));
      last = timeS;
      const steaming = cook.waterTray && timeS < WATER_TRAY.minutes * 60;
      const airC = Math.max(ROOM_C, ownC - blownOutK(timeS) - loadK - (steaming ? WATER_TRAY.coolsK : 0));
      const at = LEVELS[levelAt(cook, timeS)];
      out.airC = airC;
      out.wallC = airC;
      expose(out.top, hc * at.hcUp, traits.hr * at.hrUp, 1);
      expose(out.under, hc * under.hc * at.hcDown, traits.hr * under.hr * at.hrDown, under.vent);
      const steamy = FRYER_VAPOUR_PA[steaming ? 'water-tray' : 'dry'];
      out.vapourPa = steamy + (ROOM_PA - steamy) * Math.exp(-timeS / (steaming ? WATER_TRAY.steamsUpS : STEAMS_UP_S));
    },
    give(heatJ, stepS) {
      loadW = Math.max(0, heatJ / stepS);
    },
    stepS(timeS, fine) {
      let sinceS = timeS;
      let untilS = SAMPLE_S.air - (timeS % SAMPLE_S.air);
      for (const openS of opensS) {
        if (timeS >= openS) sinceS = Math.min(sinceS, timeS - openS);
        else untilS = Math.min(untilS, openS - timeS);
      }
      const wantedS = SAMPLE_S.air / (fine * stepsAfter(sinceS));
      // Even steps lead to where a sample is due, and to where the fryer is opened.
      return untilS > ROUNDING ? untilS / Math.max(1, Math.ceil(untilS / wantedS - ROUNDING)) : wantedS;
    },
    slowS: SLOW_S.air,
    quickSteps: QUICK_STEPS.air,
    sampleS: SAMPLE_S.air,
  };
}
