/** What the food inside the coat is judged by. Each: what it is, @unit, @range, @source. */

/**
 * Firmness from which a vegetable counts as done with a bite, tender, and mush.
 * @unit share of raw
 * @range done 0.45–0.6, tender 0.3–0.4, mush 0.05–0.12
 * @source common practice, no source
 */
export const FIRMNESS = { done: 0.5, tender: 0.35, mush: 0.08, raw: 0.7 } as const;
/**
 * Done as the original: what the pot left firmer than done need not be softer here, up to this much.
 * @unit share of raw
 * @range 0.6–0.75
 * @source common practice, no source: rings and beans keep their bite
 */
export const FIRM_AS_FRIED = 0.7;
/**
 * Share of its juice that meat or fish keeps: good and fair from here, and "juicy".
 * @unit share
 * @range 0.4–0.8
 * @source chicken in crumbs is still juicy in the 80s °C: common practice, no source
 */
export const JUICE = { juicy: 0.7, good: 0.58, fair: 0.42 } as const;
/**
 * Juice squeezed out per kelvin above the temperature from which meat shrinks, and the most of it.
 * @unit 1/K, °C, share
 * @range 0.005–0.012 per K
 * @source from memory, order of magnitude
 */
export const SQUEEZE = { perK: 0.008, fromC: 60, most: 0.3 } as const;
/**
 * A centre that goes on rising by less while it rests is not told.
 * @unit K
 * @range 1–2
 * @source our judgement
 */
export const CARRIES_ON_K = 1.5;
/**
 * Degrees short of its best at which a food that needs no minimum is warm, and not cold.
 * @unit K
 * @range 5–12
 * @source our judgement
 */
export const WARM_K = 8;
/**
 * Of the juice that lean meat loses by the same heat, what a piece with skin and bone loses.
 * @unit share
 * @range 0.3–0.6
 * @source common practice, no source: wings and drumsticks are cooked to 85–90 °C and stay juicy
 */
export const ON_BONE = 0.45;
/**
 * Meat that is best from so hot on is dark, and loses this share of the juice that lean meat does.
 * @unit °C, share
 * @range 78–82; 0.6–0.8
 * @source common practice, no source: boned thighs are cooked to 85 °C and more and stay juicy
 */
export const DARK_MEAT = { eatAtC: 80, loses: 0.7 } as const;
/**
 * Dripping fat of one piece that is worth a word, and the setting from which it smokes on hot metal.
 * @unit g, °C
 * @range 0.3–2; 190–205
 * @source common practice, no source
 */
export const DRIPS = { fromG: 0.5, smokesFromC: 195 } as const;
/**
 * How a coat holds a filling that runs: the warmth that it bears beyond where the filling would run by itself; the
 * thickness that seals; the share of its setting from which it holds, and how cold the filling has to be by then for it
 * to hold all of that; the warmth beyond in which all of it runs out.
 * @unit K, mm, share, °C, K
 * @range 10–20; 1–2.5; 0.8–0.95; 10–30; 10–25
 * @source our judgement, on common practice: cheese in crumbs runs at about 65 °C on average unless it was frozen
 */
export const LEAKS = { heldK: 16, sealingMm: 2, setFrom: 0.9, coldC: 20, overK: 16 } as const;
