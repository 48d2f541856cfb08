import type { CoatKind } from '../coat/index.js';

/** What a plan is judged and mended by. Each: what it is, @unit, @range, @source. */

/**
 * How unlike two kinds of coat are to whoever bites them, in likeness: what a failure of the cook costs, and a little
 * less where they are neighbours. Of a pair that stands under the other's name it is the same.
 * @unit share
 * @range 0.15–0.7
 * @source our judgement
 */
export const KIND_APART: Partial<Record<CoatKind, Partial<Record<CoatKind, number>>>> = {
  'thin-batter': {
    'thick-batter': 0.3,
    flour: 0.4,
    starch: 0.35,
    meal: 0.5,
    fine: 0.5,
    coarse: 0.55,
    flake: 0.6,
    nuts: 0.6,
  },
  'thick-batter': { flour: 0.35, starch: 0.4, meal: 0.4, fine: 0.35, coarse: 0.35, flake: 0.45, nuts: 0.5 },
  flour: { starch: 0.3, meal: 0.3, fine: 0.35, coarse: 0.45, flake: 0.5, nuts: 0.5 },
  starch: { meal: 0.4, fine: 0.45, coarse: 0.5, flake: 0.5, nuts: 0.55 },
  meal: { fine: 0.2, coarse: 0.3, flake: 0.35, nuts: 0.4 },
  fine: { coarse: 0.25, flake: 0.3, nuts: 0.25 },
  coarse: { flake: 0.2, nuts: 0.3 },
  flake: { nuts: 0.35 },
};
/**
 * Any other pair: a coat and none.
 * @unit share
 * @range 0.5–0.8
 * @source our judgement
 */
export const BARE_APART = 0.6;
/**
 * Under crumbs the batter is still there: what is left of the distance then.
 * @unit share
 * @range 0.5–0.8
 * @source our judgement
 */
export const BATTER_UNDER_CRUMBS = 0.6;

/**
 * What a finish that tastes of none of the cook's own costs, and a glue that does, in likeness.
 * @unit share
 * @range 0.05–0.2; 0.02–0.1
 * @source our judgement: crumbs of another grain are another dish, but one that a cook would eat
 */
export const TASTE_COST = { finish: 0.1, glue: 0.06 } as const;
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
 * Racks change places this often when a batch takes more than one.
 * @unit min
 * @range 4–7
 * @source common practice, no source (C5)
 */
export const SWAP_EVERY_MIN = 5;
/**
 * Starch that gives a plant binder its body.
 * @unit g per 100 g
 * @range 5–15
 * @source common practice, no source: "more starch when it will not thicken"
 */
export const STARCH_IN_PLANT_GLUE = 10;
/**
 * How much of the likeness a coat of another thickness costs: each step of the logarithm beyond what nobody sees, and
 * what every coat is taken to be thicker by, so that the thinnest do not differ without end.
 * @unit –, –, m
 * @range 0.1–0.3; 0.2–0.5; 0.05–0.2 mm
 * @source our judgement
 */
export const THICKNESS_COST = { perGap: 0.15, unseenGap: 0.3, bareM: 0.1e-3 } as const;
/**
 * When a piece is turned: so far into its minutes, a little after half time, when the side below has had less.
 * @unit share
 * @range 0.5–0.6
 * @source common practice, no source: at half time or soon after
 */
export const TURN_AT_SHARE = 0.55;
/**
 * A sauce that waits at the table: pantry id and amount.
 * @unit g/m²
 * @range 100–250
 * @source common practice, no source
 */
export const TABLE_SAUCE = { id: 'tomato-sauce', gm2: 150 } as const;
/**
 * Food energy of a gram.
 * @unit kcal/g
 * @range exact
 * @source Regulation (EU) No 1169/2011, Annex XIV, from memory
 */
export const KCAL_G = { protein: 4, fat: 9, carbohydrate: 4, fibre: 2 } as const;
/**
 * How sure an amount is that is eaten, one standard deviation as a share: the food against its table, what clings of a
 * coat, what stays of the oil, what is taken of a sauce.
 * @unit 1
 * @range 0.05–0.4
 * @source our judgement: varieties in composition tables, pick-up from hand to hand, oil uptake of fried coats
 */
export const SERVING_UNSURE = { food: 0.08, coat: 0.2, oil: 0.3, beside: 0.2 } as const;
