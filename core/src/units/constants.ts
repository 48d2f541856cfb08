/** What holds everywhere. Each: what it is, @unit, @range, @source. */

/**
 * Acceleration of free fall.
 * @unit m/s²
 * @range exact
 * @source standard gravity
 */
export const GRAVITY = 9.81;
/**
 * A US customary cup.
 * @unit ml
 * @range exact
 * @source NIST Handbook 44, from memory
 */
export const US_CUP_ML = 236.588;
