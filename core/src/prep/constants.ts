/** What is measured of pressing, salting, freezing and blanching. Each: what it is, @unit, @range, @source. */

/**
 * Share of its water that a food gives up under a moderate weight in the end, and how fast it goes there.
 * @unit share, min
 * @range 0.1–0.2, 8–15 min
 * @source common practice, no source: tofu is pressed about 15 minutes
 */
export const PRESS = { most: 0.15, halfwayMin: 7 } as const;
/**
 * The same after freezing and thawing, when ice has opened the curd: it gives up far more, and keeps its size as a sponge.
 * @unit share, min
 * @range 0.25–0.4, 5–10 min
 * @source common practice, no source
 */
export const FROZEN_PRESS = { most: 0.34, halfwayMin: 5, spongy: 0.5 } as const;
/**
 * Share of its water that salt draws out of a slice in the end, the half-time for a half-thickness of 5 mm (it grows with
 * its square), and the salt that stays when it is wiped off, g per 100 g.
 * @unit share, min, g/100 g
 * @range 0.15–0.25; 20–40 min; 0.3–0.8 g
 * @source common practice, no source: 500 g of slices give some 40 g in half an hour
 */
export const SALTING = { most: 0.2, halfwayMin: 28, atHalfMm: 5, saltG: 0.5 } as const;
/**
 * Water that a soak brings back, as a share of the food's weight, and the bowl's temperature.
 * @unit share, °C
 * @range 0.01–0.04; 8–18 °C
 * @source common practice, no source
 */
export const SOAK = { takesUp: 0.02, bowlC: 14 } as const;
/**
 * What a marinade leaves: weight taken up and salt in lean flesh, oil on vegetables, g per 100 g.
 * @unit share, g/100 g
 * @range 0.02–0.05; 0.4–1 g; 2–5 g
 * @source common practice, no source
 */
export const MARINADE = { takesUp: 0.03, saltG: 0.6, oilG: 3 } as const;
/**
 * Diffusivity of salt in wet food: how deep a marinade seasons is √(2·D·t).
 * @unit m²/s
 * @range 0.5–1.5·10⁻⁹
 * @source sodium chloride in lean flesh and vegetables, handbook, from memory, order of magnitude
 */
export const SALT_DIFFUSIVITY = 1e-9;
/**
 * Firmness that freezing leaves of a raw vegetable: ice breaks its cells, as if it were about three-quarters cooked.
 * @unit share
 * @range 0.35–0.55
 * @source common practice, no source
 */
export const FIRMNESS_AFTER_ICE = 0.45;
/**
 * Household freezer, and refrigerator from which raw food comes.
 * @unit °C
 * @range −24…−16; 2–8
 * @source common practice, no source
 */
export const COLD = { freezerC: -18, fridgeC: 6 } as const;
/**
 * Pot for blanching: water to food by weight, and what is left of a hob's heat for each kg of food when the open pot has
 * lost its own; how long it drains.
 * @unit kg/kg, W/kg, min
 * @range 2–6 kg/kg; 700–3000 W/kg
 * @source common practice, no source: a head of florets in two litres on a ring that has 0.6 kW to spare, chosen so that small florets keep the usual 0.6 of their firmness
 */
export const BLANCHING = { waterPerFood: 2.5, burnerWPerKg: 900, leastMin: 1, mostMin: 8, drainsMin: 5 } as const;
/**
 * Pre-roasting in a hot oven: temperature, the firmness at which a fork goes in, the minutes that are usual, when it is
 * turned, and how long it cools on a rack.
 * @unit °C, share, min
 * @range 190–210 °C, 0.15–0.3, 10–30 min
 * @source common practice, no source: large florets about 25 min at 204 °C, turned at 15, 10 min on a rack
 */
export const ROASTING = {
  tempC: 204,
  forkTender: 0.2,
  leastMin: 8,
  mostMin: 30,
  turnShare: 0.6,
  coolsMin: 10,
} as const;
/**
 * Share of the volume of the water lost by which a roasted piece shrinks; the rest leaves pores.
 * @unit share
 * @range 0.5–0.9
 * @source from memory, order of magnitude: vegetables dried in hot air
 */
export const SHRINKS = 0.7;
/**
 * Time in the freezer until small pieces are frozen through, and in the refrigerator to thaw.
 * @unit min
 * @range 240–720; 180–480
 * @source common practice, no source: 4–6 h or overnight on a lined tray
 */
export const FREEZER_MIN = { freezes: 300, thaws: 240 } as const;
/**
 * Ground that pieces cover when they are roasted before the coat, well apart.
 * @unit share
 * @range 0.3–0.6
 * @source our choice
 */
export const ROASTED_APART = 0.4;
