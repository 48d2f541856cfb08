/** What a knife and a hand make of a whole one. Each: what it is, @unit, @range, @source. */

/**
 * Mean width of the slices across a ball, against its diameter: a slice's area is π/4·(D² − 4z²), and its mean over the
 * height is two thirds of the largest.
 * @unit 1
 * @range exact
 * @source geometry: √(2/3)
 */
export const MEAN_SLICE = Math.sqrt(2 / 3);
/**
 * Mean outer diameter of the rings that a sliced onion falls into, against the onion.
 * @unit 1
 * @range 0.65–0.85
 * @source common practice, no source
 */
export const MEAN_RING = 0.75;
/**
 * Least hole of a ring, against its outside.
 * @unit 1
 * @range 0.2–0.4
 * @source our choice
 */
export const LEAST_HOLE = 0.3;
/**
 * How much shorter, at the rounded ends, strips are than what they come from.
 * @unit 1
 * @range 0.75–0.95
 * @source common practice, no source
 */
export const STRIP_LENGTH = 0.85;
/**
 * A bite: its width and thickness against its length.
 * @unit 1
 * @range 0.6–1
 * @source common practice, no source
 */
export const BITE_SHAPE = { width: 0.9, thickness: 0.75 } as const;
/**
 * A torn piece: width and thickness against its length, and how much of that box it fills.
 * @unit 1
 * @range 0.2–0.8
 * @source common practice, no source
 */
export const TORN_SHAPE = { width: 0.7, thickness: 0.45, filled: 0.6 } as const;
/**
 * A patty's thickness against its diameter.
 * @unit 1
 * @range 0.2–0.4
 * @source common practice, no source
 */
export const PATTY = 0.3;
/**
 * A shaped rod's length against its diameter.
 * @unit 1
 * @range 2–4
 * @source common practice, no source
 */
export const ROD = 2.7;
/**
 * A wedge of a flat wheel: its length against the wheel's diameter, and how thick it is against its height.
 * @unit 1
 * @range 0.5–0.8
 * @source geometry of an eighth
 */
export const WHEEL = { long: 0.55, thick: 0.7 } as const;
/**
 * Slabs through the stem of a head: across and up, against its diameter.
 * @unit 1
 * @range 0.6–0.9
 * @source common practice, no source
 */
export const HEAD_SLAB = { long: 0.8, wide: 0.75 } as const;
/**
 * Minutes in the pot grow with the thickness to this power: between a thin film's 1 and a solid's 2.
 * @unit 1
 * @range 1–2
 * @source common practice, no source
 */
export const MINUTES_BY_THICKNESS = 1.4;
/**
 * Nobody leaves a piece for less or for longer in the pot.
 * @unit min
 * @range 0.5–20
 * @source common practice, no source
 */
export const POT_MINUTES = { least: 1, most: 18 } as const;
