import type { OilTool } from '../dish/index.js';

/** What is known of oil and what it is put on with. Each: what it is, @unit, @range, @source. */

/**
 * Share of what leaves bottle, can or brush that lands on the food: the rest wets the tray between the pieces, or stays in the bristles.
 * @unit share
 * @range pump 0.4–0.6, can 0.35–0.6, brush 0.8–0.95
 * @source common practice, no source: pieces cover about half of a tray
 */
export const LANDS: Record<OilTool, number> = { pump: 0.5, can: 0.5, brush: 0.9 };
/**
 * Film that one pass leaves where it hits; drops hit at random, so that a cover grows like 1 − exp(−amount/film).
 * @unit g/m²
 * @range pump 7–12, can 4–8, brush 12–25
 * @source coverage by random drops: the Boolean model, from memory; films: common practice, no source
 */
export const FILM_GM2: Record<OilTool, number> = { pump: 9, can: 6, brush: 16 };
/**
 * Density of cooking oil at room temperature.
 * @unit g/ml
 * @range 0.91–0.92
 * @source handbook, from memory
 */
export const OIL_G_PER_ML = 0.915;
/**
 * Bare food of a portion.
 * @unit g
 * @range 120–200
 * @source common practice, no source
 */
export const SERVED_G = 150;
/**
 * How far off an estimate of oil may be, as factors below and above: sprayed, and out of the pot.
 * @unit factor
 * @range 0.6–0.8 and 1.2–1.6
 * @source from memory: fried, breaded products hold 10–20 % of their weight; a spray's share that lands 0.4–0.6
 */
export const UNSURE = { air: [0.75, 1.3], pot: [0.65, 1.5] } as const;
/**
 * Oil that is told of at a place; less is none.
 * @unit g
 * @range 0.005–0.05
 * @source our choice
 */
export const WORTH_WEIGHING_G = 0.01;
