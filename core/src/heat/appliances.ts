/** What is measured of fryers, ovens, racks and rooms: the numbers behind the media. */

/**
 * Kinds of appliance.
 * @unit none
 * @range the five that are told apart
 * @source our choice
 */
export const FRYER_KINDS = ['drawer', 'oven-type', 'lid', 'fan-oven', 'still-oven'] as const;
export type FryerKind = (typeof FRYER_KINDS)[number];
export type UnderFood = 'basket' | 'rack' | 'parchment';
/** Where a piece lies in an appliance with racks one above the other. */
export type Level = 'only' | 'upper' | 'lower';

interface FryerTraits {
  hc: number;
  hr: number;
  /** Fall of the air's temperature when it is opened, as a share of its distance from the room. */
  openingLoss: number;
  /** Heat that the moving air carries per kelvin, W/K: what the load takes cools it by that much. */
  streamWK: number;
}

/**
 * Convection and radiation from above (W/m²K), fall at an opening, and heat carried by the air stream (W/K).
 * @unit W/m²K, share, W/K
 * @range hc: drawer 40–55, oven-type 28–38, lid 35–45, fan oven 15–25, still oven 6–10; hr 12–18; stream 15–60
 * @source middle of the practised ranges, tuned on C1, C2 and C8; stream: heater power over a rise of some 50 K, from memory, order of magnitude
 */
export const FRYERS: Record<FryerKind, FryerTraits> = {
  drawer: { hc: 52, hr: 14, openingLoss: 0.35, streamWK: 30 },
  'oven-type': { hc: 32, hr: 14, openingLoss: 0.35, streamWK: 40 },
  // Heater and fan in a lid over a deep pot: hard from above, and the pot's walls take their share.
  lid: { hc: 40, hr: 18, openingLoss: 0.45, streamWK: 25 },
  'fan-oven': { hc: 24, hr: 15, openingLoss: 0.25, streamWK: 60 },
  'still-oven': { hc: 10, hr: 18, openingLoss: 0.25, streamWK: 30 },
};

/**
 * Power of a usual appliance of its kind; one with more warms up faster, and its air is cooled less by the load.
 * @unit W
 * @range drawer 1200–2000, oven-type 1500–2200, lid 1300–1700, ovens 2000–3500
 * @source usual rating plates, from memory
 */
export const USUAL_POWER_W: Record<FryerKind, number> = {
  drawer: 1500,
  'oven-type': 1700,
  lid: 1500,
  'fan-oven': 2600,
  'still-oven': 2400,
};
/**
 * What an appliance takes for itself: to warm its metal from the room, and to hold it hot against the room. With its
 * power this is how it warms up.
 * @unit J/K, W/K
 * @range drawer 0.6–1.5 kJ/K, oven 8–20 kJ/K
 * @source heater power over the time to warm up, from memory, order of magnitude
 */
export const OWN_HEAT: Record<FryerKind, { metalJK: number; lossWK: number }> = {
  drawer: { metalJK: 900, lossWK: 1.6 },
  'oven-type': { metalJK: 2500, lossWK: 3 },
  lid: { metalJK: 2000, lossWK: 2.5 },
  'fan-oven': { metalJK: 12_000, lossWK: 5 },
  'still-oven': { metalJK: 12_000, lossWK: 5 },
};
/**
 * What reaches the underside of the piece, as shares of the air's and the walls' coefficients, and how freely its vapour leaves.
 * @unit share
 * @range basket 0.6–0.75, raised rack 0.8–0.9, parchment 0.25–0.35, its vent 0.05–0.3
 * @source common practice, no source
 */
export const UNDER: Record<UnderFood, { hc: number; hr: number; vent: number }> = {
  basket: { hc: 0.72, hr: 0.75, vent: 1 },
  rack: { hc: 0.88, hr: 0.85, vent: 1 },
  parchment: { hc: 0.3, hr: 0.3, vent: 0.15 },
};

/**
 * Share of a ball's lower half that stands in the air as freely as its top.
 * @unit share
 * @range 0.3–0.6
 * @source geometry: the lower half of a ball below 45° is under a third of it
 */
export const FREE_FLANK = 0.45;

/**
 * What two racks one above the other do to a piece: the upper one is near the glowing heater and the fan, and shades the lower.
 * @unit share of the coefficients of a single rack
 * @range upper hr 1.3–2, lower hr 0.3–0.7
 * @source common practice, no source: the upper rack browns faster (C5)
 */
export const LEVELS: Record<Level, { hcUp: number; hrUp: number; hcDown: number; hrDown: number }> = {
  only: { hcUp: 1, hrUp: 1, hcDown: 1, hrDown: 1 },
  upper: { hcUp: 1.12, hrUp: 1.6, hcDown: 0.95, hrDown: 0.7 },
  lower: { hcUp: 0.88, hrUp: 0.45, hcDown: 1.02, hrDown: 1 },
};

/**
 * Share of covered ground from which air touches less of the food, and what it then loses per share above.
 * @unit share
 * @range 0.5–0.7
 * @source common practice, no source
 */
export const CROWDED_FROM = 0.6;
/**
 * Loss of the air's coefficient per share of ground covered above that.
 * @unit per share
 * @range 1–2
 * @source common practice, no source
 */
export const CROWDING_LOSS = 1.3;
/**
 * What is left of the air's coefficient however full the basket is.
 * @unit share
 * @range 0.2–0.4
 * @source common practice, no source
 */
export const CROWDED_LEAST = 0.25;

/**
 * Kitchen in which food is coated, rests and stands.
 * @unit °C
 * @range 15–28
 * @source common practice, no source
 */
export const ROOM_C = 20;
/**
 * Relative humidity of that kitchen.
 * @unit share
 * @range 0.3–0.7
 * @source common practice, no source
 */
export const ROOM_HUMIDITY = 0.5;
/**
 * Vapour in a closed, vented fryer, and with a tray of boiling water in it.
 * @unit Pa
 * @range 4000–8000; with the tray 10 000–15 000
 * @source common practice, no source
 */
export const FRYER_VAPOUR_PA = { dry: 6000, 'water-tray': 13_000 } as const;
/**
 * Time constant with which the food's steam takes the place of the room's air in a closed fryer.
 * @unit s
 * @range 60–180
 * @source common practice, no source
 */
export const STEAMS_UP_S = 100;
/**
 * Time for which a little tray of boiling water steams, what its boiling takes from the air, and how fast it fills it with vapour.
 * @unit min, K, s
 * @range 8–15 min, 3–8 K
 * @source common practice, no source
 */
export const WATER_TRAY = { minutes: 12, coolsK: 5, steamsUpS: 20 } as const;
/**
 * Share of its distance from the room that the air has lost when a preheated fryer has been opened and loaded.
 * @unit share
 * @range 0.2–0.5
 * @source common practice, no source
 */
export const LOADING_LOSS = 0.35;
/**
 * Time constant with which the air is back after an opening, at most.
 * @unit s
 * @range 20–60
 * @source common practice, no source
 */
export const RECOVERY_S = 40;
/**
 * Time over which the load's cooling of the air is felt.
 * @unit s
 * @range 10–30
 * @source from memory, order of magnitude: air in the chamber changed some times over
 */
export const LOAD_LAG_S = 15;

/**
 * Heat from frying oil while steam bubbles stir it, and when it is quiet; the plunge itself stirs like bubbles.
 * @unit W/m²K
 * @range bubbling 300–1100, quiet 150–280
 * @source Hubbard and Farkas (1999), from memory
 */
export const OIL_H = { bubbling: 480, quiet: 250 } as const;
/**
 * How long the plunge stirs, and the steam from which bubbles do.
 * @unit s, kg/(m² s)
 * @range 5–15 s
 * @source from memory, order of magnitude
 */
export const STIRRING = { plungeS: 10, steamKgM2S: 0.0004 } as const;
/**
 * Specific heat of hot frying oil.
 * @unit J/(kg K)
 * @range 2000–2400
 * @source handbook, from memory
 */
export const OIL_HEAT = 2200;
/**
 * Time constant with which the burner brings a cooled pot back.
 * @unit s
 * @range 60–150
 * @source common practice, no source
 */
export const BURNER_TAU_S = 90;
/**
 * The upper face of a piece in shallow oil, washed by steam and splashes, against the oil's temperature; and the steam over it.
 * @unit W/m²K, Pa
 * @range 10–25 W/m²K
 * @source common practice, no source
 */
export const PAN_TOP = { h: 15, vapourPa: 20_000 } as const;
/**
 * Heat from boiling water to what is blanched in it.
 * @unit W/m²K
 * @range 800–2500
 * @source natural convection with bubbles, handbook, from memory, order of magnitude
 */
export const BOILING_WATER_H = 1200;
