/** How much of a sauce, a dip or a marinade a dish takes, and how it thickens and keeps. Each: what it is, @unit, @range, @source. */

/**
 * Sauce in which cooked pieces are tossed, g per 100 g of coated food.
 * @unit g
 * @range 35–50
 * @source common practice, no source
 */
export const TOSSED_G = 42;
/**
 * Sauce that is brushed on, g per 100 g of coated food.
 * @unit g
 * @range 10–20
 * @source common practice, no source
 */
export const BRUSHED_G = 15;
/**
 * A dip for one person.
 * @unit g
 * @range 25–60
 * @source common practice, no source
 */
export const DIP_G = 40;
/**
 * Marinade that wets all sides of pieces in a bag or bowl, g per 100 g of food.
 * @unit g
 * @range 15–40
 * @source common practice, no source
 */
export const MARINADE_G = 25;
/**
 * Spice salt scattered over hot pieces, g per 100 g of coated food.
 * @unit g
 * @range 0.5–2
 * @source about a teaspoon for a plate of four; common practice, no source
 */
export const SPICE_SALT_G = 0.9;
/**
 * A topping scattered over all, g per 100 g of coated food.
 * @unit g
 * @range 3–20
 * @source common practice, no source
 */
export const TOPPING_G = 8;
/**
 * Share of a marinade that stays on the food and is eaten.
 * @unit 1
 * @range 0.2–0.5
 * @source common practice, no source
 */
export const MARINADE_KEPT = 0.35;
/**
 * Coated food that one person eats, as a main course.
 * @unit g
 * @range 150–250
 * @source common practice, no source
 */
export const SERVING_G = 200;
/**
 * Thickening by a pure starch, g per 100 g of what is liquid in the sauce: thin below the first, coats a spoon, glossy and
 * thick, and from the last on it sets to a jelly.
 * @unit g per 100 g
 * @range 1–12
 * @source a glaze of 5 g starch to 85 g of liquid is glossy and thick; common practice, no source
 */
export const THICKENED = [1.2, 3.5, 8] as const;
/**
 * Thickening power of flour against pure starch.
 * @unit 1
 * @range 0.4–0.6
 * @source common practice, no source
 */
export const FLOUR_POWER = 0.5;
/**
 * Minutes that a starch-thickened sauce bubbles until it is clear.
 * @unit min
 * @range 2–4
 * @source common practice, no source
 */
export const BUBBLES_MIN = 2.5;
/**
 * Days that a bowl keeps, covered and cold, that met nothing raw: with egg, dairy or fresh herbs; without; and dry.
 * @unit d
 * @range 1–60
 * @source common practice, no source
 */
export const KEEPS_DAYS = { delicate: 2, usual: 5, dry: 60 } as const;
/**
 * Sugar in a sauce from which it browns early when it is cooked on, g per 100 g.
 * @unit g per 100 g
 * @range 8–20
 * @source common practice, no source
 */
export const BROWNS_EARLY_SUGAR_G = 12;
