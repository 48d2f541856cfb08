/** What advice weighs. Each: what it is, @unit, @range, @source. */

/**
 * What work and waiting before the heat cost, in likeness, where waiting beyond a night counts no more; and what each
 * thing that is only fair costs, though the pot does no better.
 * @unit share per min, share per min, min, share
 * @range 0.002–0.01; 0–0.001; 0.02–0.08
 * @source our judgement
 */
export const PREP_COST = { perHandsMin: 0.004, perWaitMin: 0.0003, longestMin: 480, perFair: 0.04 } as const;
/**
 * Temperatures that are tried in another fryer beside the same one: it may be fiercer, or gentler.
 * @unit °C
 * @range −30 to 20
 * @source our choice
 */
export const COOLER_C = [0, -10, -20, -30, 10] as const;
/**
 * Air of another fryer that differs by less is not told, as a ratio of coefficients; a thermostat by less.
 * @unit ratio, °C
 * @range 1.1–1.3; 2–6
 * @source our judgement
 */
export const TOLD = { air: 1.15, offsetC: 4 } as const;
/**
 * Differences of two cooks that are worth a sentence, and how much each counts in full: minutes, oil, waste, minutes of
 * crispness.
 * @unit least; full
 * @range our choice
 * @source our judgement
 */
export const WORTH_A_SENTENCE = {
  minutes: { least: 0.5, full: 15, most: 0.6 },
  oilG: { least: 0.03, full: 1, most: 0.5 },
  wasteG: { least: 2, weight: 0.15 },
  crispMin: { least: 1.5, full: 20, most: 0.5 },
  works: 1.2,
  hotter: 0.1,
  bowls: 0.25,
  batches: 0.3,
  allergens: { gone: 0.4, come: 0.5 },
} as const;
/**
 * How much is told of what one change buys.
 * @unit count
 * @range 1–3
 * @source our choice
 */
export const CHANGE_TELLS = { most: 2 } as const;
/**
 * Thicknesses of a piece whose minutes are told, against its own.
 * @unit 1
 * @range 0.5–2
 * @source our choice
 */
export const THICKNESSES_TOLD = [0.7, 1, 1.4] as const;
/**
 * How long it is watched for the centre to be done.
 * @unit min
 * @range 10–30
 * @source our choice
 */
export const THICKNESS_WATCHED_MIN = 20;
/**
 * Reheating what is left: from the refrigerator, hot enough to crisp and not to darken, watched for so long at most.
 * @unit °C, °C, min
 * @range 3–6, 170–190, 20–40
 * @source common practice, no source
 */
export const REHEAT = { fromC: 5, tempC: 180, mostMin: 30 } as const;
/**
 * Buns that go with it, in the fryer while it is hot; a slice of cheese on the pieces in the switched-off one.
 * @unit min, °C
 * @range 1–3, 180–205
 * @source common practice, no source
 */
export const WARMED = { bunsMin: 2, bunsC: 200, cheeseMin: 1.5 } as const;
/**
 * What counts as near to what a packet meant: a colour as a logarithm of B, a centre, and, of two that are alike, the setting
 * nearer to its word; how far about its temperature is looked, in an appliance of the same kind and of another, and how many
 * times its minutes at most.
 * @unit log; K; K; °C; °C; 1
 * @range 0.1–0.15; 2–4; 30–60; 15–30; 25–40; 2–3
 * @source our choice: what neighbours tell apart
 */
export const NEAR_AS_MEANT = {
  colourLog: 0.12,
  centreK: 3,
  settingK: 40,
  mostC: 20,
  acrossC: 35,
  longest: 2.5,
} as const;
