/** What holds everywhere. Each: what it is, @unit, @range, @source. */

/**
 * Acceleration of free fall.
 * @unit m/s²
 * @range exact
 * @source standard gravity
 */
export const GRAVITY = 9.81;
/**
 * What a sum or a product may be off by for the rounding of the machine.
 * @unit that of the value
 * @range 10⁻⁹–10⁻⁴
 * @source our choice
 */
export const ROUNDING = 1e-6;
/**
 * A US customary cup.
 * @unit ml
 * @range exact
 * @source NIST Handbook 44, from memory
 */
export const US_CUP_ML = 236.588;
/**
 * Added to or held against what may be nothing, so that nothing is divided by it.
 * @unit that of the value
 * @range 10⁻¹²–10⁻⁸
 * @source our choice
 */
export const NEXT_TO_NOTHING = 1e-9;
