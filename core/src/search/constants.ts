/** What a search tries, and what it prefers. Each: what it is, @unit, @range, @source. */

/**
 * Oil to try on the finished coat: hardly any, a fine spray, a generous one.
 * @unit g/m²
 * @range 0–40
 * @source common practice, no source
 */
export const OILS_GM2 = [6, 18, 30] as const;
/**
 * Oil of the first round.
 * @unit g/m²
 * @range 10–25
 * @source common practice, no source: about 7 g on a tray of strips
 */
export const FIRST_OIL_GM2 = 18;
/**
 * Temperatures between which it searches.
 * @unit °C
 * @range 150–210
 * @source common practice, no source: 175–190 °C and longer, or 200–204 °C and watched
 */
export const SEARCHED_C = { from: 160, to: 205, leastStep: 5 } as const;
/**
 * Shortest cook that it proposes.
 * @unit min
 * @range 3–6
 * @source our judgement
 */
export const SHORTEST_MIN = 4;
/**
 * A cook whose browner face is beyond this is not followed any longer: it is burnt.
 * @unit B
 * @range 2.5–5
 * @source our judgement
 */
export const BURNT_BEYOND = 3.2;
/**
 * Temperatures at which a family's other coats are tried.
 * @unit count
 * @range 2–4
 * @source our choice
 */
export const WIDE_TEMPERATURES = 3;
/**
 * How many of a family's other coats get every oil and turning.
 * @unit count
 * @range 4–12
 * @source our choice, so that a whole search is some 800 cooks
 */
export const WIDE_COATS = 12;
/**
 * Fineness of cells and steps while a family's other coats are searched, 1 = as everywhere.
 * @unit share
 * @range 0.5 or 1
 * @source our choice: half as fine is over twice as fast, and finds the same coats within a minute and 5 °C
 */
export const WIDE_FINENESS = 0.5;
/**
 * How far beyond a coat's best minutes another oil, turning or ingredient is followed.
 * @unit share, min
 * @range 1.3–2; 1–4
 * @source our choice, so that a search does not follow what is done long ago
 */
export const REACH = { factor: 1.5, plusMin: 2 } as const;
/**
 * What a minute, a g of oil per m², a way to a special shop and another ingredient than the usual cost, in likeness.
 * @unit share per min, share per g/m², share, share
 * @range 0.005–0.03, 0–0.002, 0–0.1, 0–0.04
 * @source our judgement, so that C1, C2 and C7 come out at their practised minutes
 */
export const COST = { perMinute: 0.016, perOilGm2: 0.001, shopping: 0.04, unusual: 0.02 } as const;
/**
 * Water to flour of a batter that glues crumbs, and of one that stays where it is put.
 * @unit g/g
 * @range 1.1–1.4; 0.9–1.1
 * @source common practice, no source
 */
export const HYDRATION = { glue: 1.25, staying: 1.05 } as const;
/**
 * Oil mixed into a finish that is kept, of its weight.
 * @unit share
 * @range 0.08–0.2
 * @source common practice, no source: a tablespoon to a cup of crumbs
 */
export const OIL_IN_FINISH = 0.12;
/**
 * How many other ingredients are tried for each use.
 * @unit count
 * @range 3–8
 * @source our choice
 */
export const OTHERS_PER_USE = 5;
/**
 * Too unlike the original to be shown for another merit.
 * @unit share
 * @range 0.3–0.5
 * @source our judgement
 */
export const STILL_LIKE = 0.4;
/**
 * What likeness counts against a g of oil when the least oil is looked for, and against a bowl when the fewest are.
 * @unit g per likeness, bowls per likeness
 * @range 0.005–0.05; 0.05–0.3
 * @source our choice: it parts what is alike
 */
export const TIE = { oil: 0.01, bowls: 0.1 } as const;
/**
 * A piece is turned no sooner.
 * @unit min
 * @range 2–5
 * @source common practice, no source: an early turn tears what has not set
 */
export const LEAST_TURN_MIN = 3;
