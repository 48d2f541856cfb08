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
 * Lowest temperature that it searches, up to the fryer's highest, and its finest step.
 * @unit °C
 * @range from 150–170, step 5–10
 * @source common practice, no source: 175–190 °C and longer, or 200–204 °C and watched; ovens go on to 220 °C and more
 */
export const SEARCHED_C = { from: 160, leastStep: 5 } as const;
/**
 * Shortest cook that it proposes.
 * @unit min
 * @range 3–6
 * @source our judgement
 */
export const SHORTEST_MIN = 4;
/**
 * Whole minutes between two that are judged at first; those between are judged beside the best.
 * @unit min
 * @range 1–3
 * @source our choice: a golden window is wider (everyday lists, section 9)
 */
export const MINUTES_AT_FIRST = 2;
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
 * @source our choice, so that a whole search is some 300 to 400 cooks
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
 * What a cook costs beside how it comes out, in likeness: a minute, a g of oil per m², the square of the
 * kelvins beside the usual heat, where more wants watching and less drags on, higher the gentler the air, a second temperature, a stay in the freezer, a cut through every piece, a bowl more than
 * today, a sheet of parchment, another change of the coat, a coat that is not the
 * cook's own, a way to a special shop, another ingredient than the usual.
 * @unit share per min, share per g/m², share per K², share
 * @range 0.002–0.03, 0–0.002, 0–0.0002, 0–0.1
 * @source our judgement, so that the cooks of the fitted list come out at their practised minutes and temperatures
 */
export const COST = {
  perMinute: 0.0045,
  perOilGm2: 0.001,
  heat: { usualC: 185, gentleK: 30, perK2: 0.00018 },
  twoTemperatures: 0.03,
  freezing: 0.05,
  halving: 0.02,
  perLayer: 0.01,
  parchment: 0.005,
  perChange: 0.005,
  notTheirs: 0.1,
  shopping: 0.04,
  unusual: 0.04,
} as const;
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
/**
 * Salt of a coat that is given none.
 * @unit g per 100 g of flour
 * @range 2–8
 * @source common practice, no source: about a teaspoon to a cup of flour
 */
export const PLAIN_SALT_G = 5;
/**
 * Of what is in a coat for its taste, no more goes into another coat than this to 100 g of its flour or crumbs.
 * @unit g per 100 g
 * @range 40–100
 * @source our choice: a finish of nuts alone would leave no crumb
 */
export const MOST_OF_EXTRAS = 60;
/**
 * How many changes to the cook's own coat are made, and what one has to buy, in likeness.
 * @unit count, share
 * @range 3–7; 0.005–0.02
 * @source our choice: what can be told and done in one evening
 */
export const CHANGES = { most: 5, leastGain: 0.01 } as const;
/**
 * Share of a coat's flour that gives way to starch.
 * @unit share
 * @range a fifth to a half
 * @source common practice, no source
 */
export const STARCH_SHARES = [0.2, 0.5] as const;
/**
 * Preheated hotter than it cooks, by so much.
 * @unit K
 * @range 10–30
 * @source common practice, no source
 */
export const HOTTER_START_K = 20;
/**
 * Two temperatures in one cook: by how much each differs from the one that was best, and the share of its minutes for the first.
 * @unit K; share
 * @range 10–25; 0.3–0.6
 * @source common practice, no source: set hot and finish cool, or cook through cool and crisp hot
 */
export const TWO_TEMPERATURES = { byK: 15, firstShare: 0.4 } as const;
/**
 * Rest of a flour that is to clump.
 * @unit min
 * @range 5–20
 * @source common practice, no source
 */
export const CLUMP_REST_MIN = 10;
/**
 * How much hotter a coat is tried that wants a hotter and shorter cook.
 * @unit K
 * @range 0–25
 * @source common practice, no source: fillings go in frozen, hot and short
 */
export const HOTTER_K = [0, 10, 20] as const;
/**
 * Of plans that do not work, the likeness below which the dish is better left in the pot.
 * @unit share
 * @range 0.2–0.4
 * @source our judgement
 */
export const TOO_FAR = 0.35;
/**
 * Worth within which two versions are equal, and the order of the families decides.
 * @unit share
 * @range 0.01–0.03
 * @source our judgement
 */
export const EQUAL_WORTH = 0.02;
/**
 * Temperature of the first guess.
 * @unit °C
 * @range 190–200
 * @source common practice, no source
 */
export const GUESS_C = 195;
