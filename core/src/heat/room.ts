import { ROOM_C, ROOM_HUMIDITY } from './appliances.js';
import { STANDING_SAMPLE_S } from './constants/index.js';
import type { Medium } from './media.js';
import { saturationPa } from './water.js';

/** Where a piece stands when it is not cooked. */
export const PLACES = ['rack', 'plate', 'hold'] as const;
export type Place = (typeof PLACES)[number];

interface PlaceTraits {
  airC: number;
  vapourPa: number;
  hcUp: number;
  hrUp: number;
  hcDown: number;
  hrDown: number;
  /** Share of the air's exchange that vapour has below. */
  ventDown: number;
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
  rack: { airC: ROOM_C, vapourPa: roomPa, hcUp: 5, hrUp: 5, hcDown: 4, hrDown: 4, ventDown: 1 },
  plate: { airC: ROOM_C, vapourPa: roomPa, hcUp: 5, hrUp: 5, hcDown: 0, hrDown: 12, ventDown: 0 },
  hold: { airC: 70, vapourPa: 9000, hcUp: 4, hrUp: 6, hcDown: 3, hrDown: 4, ventDown: 1 },
};

/** Seconds between two steps of what only stands. */
const STANDING_STEP_S = 2;

/** A place where the cooked piece stands. */
export function standingPlace(place: Place): Medium {
  const at = PLACE_TRAITS[place];
  return {
    surround(_time, _steam, out) {
      out.airC = at.airC;
      out.wallC = at.airC;
      out.hcUp = at.hcUp;
      out.hrUp = at.hrUp;
      out.hcDown = at.hcDown;
      out.hrDown = at.hrDown;
      out.vapourPa = at.vapourPa;
      out.ventUp = 1;
      out.ventDown = at.ventDown;
      out.oilUp = false;
      out.oilDown = false;
    },
    give: () => undefined,
    stepS: () => STANDING_STEP_S,
    sampleS: STANDING_SAMPLE_S,
  };
}

/** A tray in the room on which the coat rests before it is cooked: little air reaches below. */
export function restingTray(): Medium {
  const onRack = standingPlace('rack');
  return {
    ...onRack,
    surround(timeS, steam, out) {
      onRack.surround(timeS, steam, out);
      out.hcDown = 2;
      out.hrDown = 2;
    },
    stepS: () => 5,
  };
}
