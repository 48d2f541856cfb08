/** What a recipe means where it does not say so. Each: what it is, @unit, @range, @source. */

/**
 * Less oil than this is a pan's, and no pot's.
 * @unit g
 * @range 150–400
 * @source common practice, no source
 */
export const LITTLE_OIL_G = 260;
/**
 * Flour against liquid below which the two only thicken: a wash, and no batter.
 * @unit g/g
 * @range 0.2–0.38
 * @source the thinnest batters that cooks speak of have 2.6 of liquid; common practice, no source
 */
export const THIN_BELOW = 0.3;
/**
 * Flour that dusts before a batter, where the recipe parts it and does not say how much.
 * @unit g
 * @range 20–60
 * @source common practice, no source
 */
export const DUSTING_G = 30;
/**
 * A bottle or a can of beer, cider or soda of which no size is said.
 * @unit ml
 * @range 330–500
 * @source common practice, no source
 */
export const BOTTLE_ML = 330;
/**
 * Less of a food than this is no dish, but a part of one.
 * @unit g
 * @range 40–120
 * @source our choice
 */
export const LITTLE_FOOD_G = 60;
/**
 * A food of which so much is said is likely the one that is fried.
 * @unit g
 * @range 150–300
 * @source our choice
 */
export const MUCH_FOOD_G = 200;
/**
 * Overnight in a marinade.
 * @unit min
 * @range 480–720
 * @source common practice, no source
 */
export const OVERNIGHT_MIN = 480;
/**
 * Heat of oil that a recipe may mean: another number is something else.
 * @unit °C
 * @range exact
 * @source the range that a pot is simulated in
 */
export const LEAST_OIL_C = 120;
/**
 * The same, at most.
 * @unit °C
 * @range exact
 * @source the range that a pot is simulated in
 */
export const MOST_OIL_C = 210;
/**
 * A number without a unit from which on it is °F.
 * @unit °F
 * @range 220–290
 * @source no oil is that hot in °C
 */
export const FAHRENHEIT_FROM = 250;
/**
 * A food that is heavier by the piece is no bite by itself: twelve onions are no twelve bhajis, twelve prawns are.
 * @unit g
 * @range 40–80
 * @source our choice
 */
export const NO_BITE_G = 60;
