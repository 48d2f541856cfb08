/** How a cook is led at the counter. Each: what it is, @unit, @range, @source. */

/**
 * How far re-planned minutes go from the planned ones, as shares of them.
 * @unit share
 * @range 0.5–2
 * @source our choice: beyond it something else is wrong, and the cook must look
 */
export const REPLANNED = { least: 0.6, most: 1.7 } as const;
/**
 * From which difference on it is said that a batch is ahead or behind.
 * @unit s
 * @range 20–60
 * @source our choice: what a cook would act upon
 */
export const WORTH_SAYING_S = 30;
/**
 * A thermostat that is off by this share of its own step is worth another setting, when it is known to half of that.
 * @unit share of a step
 * @range 0.8–2
 * @source our choice
 */
export const OTHER_SETTING = 1;
/**
 * Readings that no food or fryer can have.
 * @unit °C
 * @range −40 … 320
 * @source our choice: a freezer, and beyond every fryer's setting
 */
export const BELIEVABLE = { centre: [-30, 130], air: [0, 300] } as const;
/**
 * A probe stands still that moves by less than so much in so many seconds while it should have moved by this much.
 * @unit K, s, K
 * @range 0.3–1, 60–180, 4–10
 * @source our choice
 */
export const STANDS_STILL = { movesK: 0.5, forS: 90, shouldK: 6 } as const;
/**
 * A probe is lost that has told nothing for so long.
 * @unit s
 * @range 20–120
 * @source our choice
 */
export const LOST_AFTER_S = 40;
/**
 * A step is urgent when what it waits for is over, or will be within so long.
 * @unit s
 * @range 0–30
 * @source our choice: the way to the fryer
 */
export const AT_HAND_S = 8;
