/** What the small words of a recipe amount to. Each: what it is, @unit, @range, @source. */

/**
 * A pinch: what two fingers hold.
 * @unit tsp
 * @range 0.05–0.13
 * @source sold as a measuring spoon of 1/16 tsp; common practice, no source
 */
export const PINCH_TSP = 1 / 16;
/**
 * A dash, or a shake of the jar.
 * @unit tsp
 * @range 0.1–0.2
 * @source sold as a measuring spoon of 1/8 tsp; common practice, no source
 */
export const DASH_TSP = 1 / 8;
/**
 * A splash, a glug, a drizzle: a quick tilt of the bottle.
 * @unit tbsp
 * @range 0.5–2
 * @source common practice, no source
 */
export const SPLASH_TBSP = 1;
/**
 * A handful of something dry.
 * @unit cup
 * @range 0.25–0.5
 * @source common practice, no source
 */
export const HANDFUL_CUP = 1 / 3;
/**
 * A bunch of soft herbs, its leaves chopped.
 * @unit cup
 * @range 0.3–1
 * @source common practice, no source
 */
export const BUNCH_CUP = 1 / 2;
/**
 * A sprig of herbs, its leaves chopped.
 * @unit tbsp
 * @range 0.5–1.5
 * @source common practice, no source
 */
export const SPRIG_TBSP = 1;
/**
 * An inch of ginger, a thumb of it: grated.
 * @unit tbsp
 * @range 0.8–2
 * @source common practice, no source
 */
export const INCH_TBSP = 1;
/**
 * A knob of butter.
 * @unit tbsp
 * @range 0.5–2
 * @source common practice, no source
 */
export const KNOB_TBSP = 1;
/**
 * A heaped or rounded spoon against a level one.
 * @unit 1
 * @range 1.3–2
 * @source common practice, no source
 */
export const HEAPED = 1.5;
/**
 * A scant cup or spoon against a level one.
 * @unit 1
 * @range 0.85–0.95
 * @source common practice, no source
 */
export const SCANT = 0.9;
/**
 * Share of a cup or a spoon that a chopped or grated food fills; the rest is air.
 * @unit 1
 * @range 0.45–0.75
 * @source a cup of chopped onion 160 g, of grated cheese 113 g, of diced apple 125 g: USDA FoodData Central, from memory
 */
export const CHOPPED_FILL = 0.6;
/**
 * A stick of butter as it is sold in the US: a quarter of a pound.
 * @unit g
 * @range exact
 * @source US retail packing, from memory
 */
export const STICK_G = 113.4;
/**
 * More of one thing than a bowl of a household takes: it is asked for again.
 * @unit g
 * @range 1000–3000
 * @source our choice
 */
export const MOST_IN_BOWL_G = 1500;
/**
 * More pieces counted one by one (eggs) than a household breaks: it is asked for again.
 * @unit 1
 * @range 8–24
 * @source our choice
 */
export const MOST_COUNTED = 12;
/**
 * From here on oil is to fry in, and not a part of a coat.
 * @unit g
 * @range 120–400
 * @source our choice
 */
export const FRYING_OIL_FROM_G = 180;
/**
 * Liquid against flour from which the two make a batter rather than a dust and a dip.
 * @unit g/g
 * @range 0.4–0.7
 * @source the thickest batters that cooks speak of are 0.8–0.9; common practice, no source
 */
export const BATTER_FROM = 0.5;
/**
 * More food than a household cooks at once: it is asked for again.
 * @unit g
 * @range 5000–20000
 * @source our choice
 */
export const MOST_FOOD_G = 8000;
/**
 * So many times as much may be meant all the same, for a feast; more is a slip of the hand.
 * @unit 1
 * @range 2–5
 * @source our choice
 */
export const FEAST_TIMES = 3;
/**
 * Answers that are offered where something is asked again.
 * @unit 1
 * @range 3–6
 * @source our choice
 */
export const MOST_LIKELY = 4;
/**
 * Food from the refrigerator.
 * @unit °C
 * @range 3–10
 * @source common practice, no source
 */
export const FROM_COLD_C = 8;
/**
 * A pot of which nothing was said, for a battered piece.
 * @unit °C
 * @range 175–195
 * @source common practice, no source
 */
export const BATTER_POT_C = 185;
/**
 * A pot of which nothing was said, for a dry coat.
 * @unit °C
 * @range 165–185
 * @source common practice, no source
 */
export const DRY_POT_C = 175;
