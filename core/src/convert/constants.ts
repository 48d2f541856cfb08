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
 * Racks change places this often when a batch takes more than one.
 * @unit min
 * @range 4–7
 * @source common practice, no source (C5)
 */
export const SWAP_EVERY_MIN = 5;
/**
 * What a minute, a g of oil per m², a way to a special shop and another ingredient than the usual cost, in likeness.
 * @unit share per min, share per g/m², share, share
 * @range 0.005–0.03, 0–0.002, 0–0.1, 0–0.04
 * @source our judgement, so that C1, C2 and C7 come out at their practised minutes
 */
export const COST = { perMinute: 0.016, perOilGm2: 0.001, shopping: 0.04, unusual: 0.02 } as const;
/**
 * What a finish that tastes of none of the cook's own costs, and a glue that does, in likeness.
 * @unit share
 * @range 0.05–0.2; 0.02–0.1
 * @source our judgement: crumbs of another grain are another dish, but one that a cook would eat
 */
export const TASTE_COST = { finish: 0.1, glue: 0.06 } as const;
/**
 * Water to flour of a batter that glues crumbs, and of one that stays where it is put.
 * @unit g/g
 * @range 1.1–1.4; 0.9–1.1
 * @source common practice, no source
 */
export const HYDRATION = { glue: 1.25, staying: 1.05 } as const;
/**
 * Oil that a starch shell needs on all sides so that no white shows.
 * @unit g/m²
 * @range 20–40
 * @source common practice, no source
 */
export const STARCH_OIL_GM2 = 25;
/**
 * A finish that burns: the share of it, the sugar or the browning speed that counts, and the temperature that it bears.
 * @unit share, g per 100 g, –, °C
 * @range 0.1–0.3; 185–195 °C
 * @source common practice, no source: cheese and coconut brown early
 */
export const BURNING_FINISH = { share: 0.15, sugarG: 20, browning: 1.35, aboveC: 190 } as const;
/**
 * What work and waiting before the heat cost, in likeness, where waiting beyond a night counts no more; and what each
 * thing that is only fair costs, though the pot does no better.
 * @unit share per min, share per min, min, share
 * @range 0.002–0.01; 0–0.001; 0.02–0.08
 * @source our judgement
 */
export const PREP_COST = { perHandsMin: 0.004, perWaitMin: 0.0003, longestMin: 480, perFair: 0.04 } as const;
