/** How long the work before the fryer takes, on a card that has no schedule. */

/**
 * Setting out and mixing one bowl.
 * @unit min
 * @range 1–4
 * @source common practice, no source
 */
export const MIX_BOWL_MIN = 2;
/**
 * Taking one piece through all bowls.
 * @unit s
 * @range 8–25
 * @source common practice, no source
 */
export const COAT_S = 15;
/**
 * Rest on a rack until it is eaten.
 * @unit min
 * @range 3–5
 * @source common practice, no source
 */
export const TO_THE_TABLE_MIN = 4;
