import { ROOM_C, ROOM_HUMIDITY } from './appliances.js';
import { SLOW_S, STANDING_SAMPLE_S } from './constants/index.js';
import { expose, type Exposure, type Medium } from './media.js';
import { saturationPa } from './water.js';

/** Where a piece stands when it is not cooked. */
export const PLACES = ['rack', 'plate', 'hold'] as const;
export type Place = (typeof PLACES)[number];

interface PlaceTraits {
  airC: number;
  vapourPa: number;
  top: Omit<Exposure, 'oil'>;
  under: Omit<Exposure, 'oil'>;
}

const roomPa = ROOM_HUMIDITY * saturationPa(ROOM_C);

/**
 * A rack in the room; a plate, on which no vapour gets away below; the switched-off fryer, warm and moist with the
 * steam of its food.
 * @unit °C, Pa, W/m²K
 * @range still air 4–6 W/m²K of convection, 5–6 of radiation; a plate conducts 10–40; hold 60–80 °C
 * @source natural convection and radiation near 50 °C, handbook, from memory; hold: common practice, no source
 */
export const PLACE_TRAITS: Record<Place, PlaceTraits> = {
  rack: { airC: ROOM_C, vapourPa: roomPa, top: { hc: 5, hr: 5, vent: 1 }, under: { hc: 4, hr: 4, vent: 1 } },
  plate: { airC: ROOM_C, vapourPa: roomPa, top: { hc: 5, hr: 5, vent: 1 }, under: { hc: 0, hr: 12, vent: 0 } },
  hold: { airC: 70, vapourPa: 9000, top: { hc: 4, hr: 6, vent: 1 }, under: { hc: 3, hr: 4, vent: 1 } },
};

/** Seconds between two steps of what only stands. */
const STANDING_STEP_S = 2;

/** A place where the cooked piece stands. */
export function standingPlace(place: Place): Medium {
  const at = PLACE_TRAITS[place];
  return {
    turnsAtS: Infinity,
    begin: () => undefined,
    surround(_time, _steam, out) {
      out.airC = at.airC;
      out.wallC = at.airC;
      out.vapourPa = at.vapourPa;
      expose(out.top, at.top.hc, at.top.hr, at.top.vent);
      expose(out.under, at.under.hc, at.under.hr, at.under.vent);
    },
    give: () => undefined,
    stepS: (_timeS, fine) => STANDING_STEP_S / fine,
    slowS: SLOW_S.standing,
    quickSteps: 1,
    sampleS: STANDING_SAMPLE_S,
  };
}

/** Air and radiation under a piece that lies on a tray, W/m²K: little of both. From memory, order of magnitude. */
const UNDER_ON_TRAY = { hc: 2, hr: 2 } as const;

/** Seconds between two steps of a coat that rests: against 1¼ s nine in ten cooks end within 0.02 K and 0.05 % of colour. */
const TRAY_STEP_S = 30;

/** A tray in the room on which the coat rests before it is cooked: little air reaches below. */
export function restingTray(): Medium {
  const onRack = standingPlace('rack');
  return {
    ...onRack,
    surround(timeS, steam, out) {
      onRack.surround(timeS, steam, out);
      expose(out.under, UNDER_ON_TRAY.hc, UNDER_ON_TRAY.hr, 1);
    },
    stepS: (_timeS, fine) => TRAY_STEP_S / fine,
    slowS: SLOW_S.tray,
    quickSteps: 1,
  };
}
