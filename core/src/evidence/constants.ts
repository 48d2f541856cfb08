/** What is not known of a cook before it is read, and how far a reading is believed. Each: what it is, @unit, @range, @source. */

/**
 * How far a fryer's thermostat is off.
 * @unit K, one standard deviation
 * @range 3–15
 * @source our choice, after what oven thermometers show
 */
export const OFFSET_SPREAD_K = 6;
/**
 * How far its air is faster or slower than that of its kind, as a logarithm.
 * @unit log
 * @range 0.1–0.25
 * @source our choice
 */
export const AIR_SPREAD = 0.15;
/**
 * How much faster or slower this coat browns in this kitchen, as a logarithm.
 * @unit log
 * @range 0.1–0.3
 * @source our choice
 */
export const BROWNING_SPREAD = 0.2;
/**
 * How far the food is colder or warmer than said.
 * @unit K
 * @range 2–6
 * @source our choice: a refrigerator's shelves, and minutes on the board
 */
export const START_SPREAD_K = 3;
/**
 * How far the piece that is read is thicker or thinner than said, as a logarithm.
 * @unit log
 * @range 0.05–0.15
 * @source our choice: cut by hand
 */
export const SIZE_SPREAD = 0.07;
/**
 * What a centre's reading may be off by: the sensor, where its tip sits, and what the simulation leaves out.
 * @unit K
 * @range 0.2–3
 * @source our choice
 */
export const CENTRE_SPREAD_K = 0.3;
/**
 * The same of a reading by hand, where the place is looked for anew.
 * @unit K
 * @range 2–4
 * @source our choice
 */
export const BY_HAND_SPREAD_K = 3;
/**
 * What a reading of the air may be off by.
 * @unit K
 * @range 2–5
 * @source our choice
 */
export const AIR_READING_SPREAD_K = 1.5;
/**
 * Degrees of freedom of a reading's errors: tails so heavy that one wrong reading does not carry the others away.
 * @unit 1
 * @range 3–6
 * @source our choice
 */
export const TAILS = 4;
/**
 * Readings of one sensor that are nearer to each other than this tell the same once.
 * @unit s
 * @range 20–60
 * @source our choice: the errors of a minute go together
 */
export const TOGETHER_S = 30;
/**
 * How much more or less colour "darker" or "paler" means, as a logarithm of B, and what such a word may be off by.
 * @unit log
 * @range 0.2–0.4; 0.1–0.2
 * @source our choice: a step that is seen beside a swatch
 */
export const WORD = { step: 0.25, spread: 0.08 } as const;
/**
 * Time that the tip of a probe takes to follow its surroundings.
 * @unit s
 * @range 5–20
 * @source from memory, order of magnitude: a steel needle of some 5 mm in meat, and a sensor in moving air
 */
export const SENSOR_LAG_S = { centre: 8, air: 15 } as const;
/**
 * What a forecast of a time may be off by beside what is not known of fryer and food, as a share of the time and never less
 * than so much: until the centre is done, and until it is brown.
 * @unit share; s
 * @range 0.002–0.08; 3–20
 * @source our choice, checked by cooks with a hidden truth
 */
export const FORECAST_OFF = { centre: { share: 0.002, leastS: 1 }, golden: { share: 0.03, leastS: 10 } } as const;
/**
 * Most steps of a fit.
 * @unit 1
 * @range 3–8
 * @source our choice
 */
export const MOST_FIT_STEPS = 4;
/**
 * A fit is done when no unknown moves by more than this share of what it was not known by.
 * @unit share
 * @range 0.01–0.1
 * @source our choice
 */
export const SETTLED = 0.04;
/**
 * How far an unknown is changed to see what it does, as a share of what it is not known by.
 * @unit share
 * @range 0.3–1
 * @source our choice
 */
export const NUDGE = 0.5;
/**
 * How far beyond its plan a cook is followed for a forecast: so many times its minutes, and so many more.
 * @unit 1; min
 * @range 1.5–2.5; 2–6
 * @source our choice: beyond it nobody waits
 */
export const FOLLOWED = { times: 1.8, moreMin: 3 } as const;
/**
 * Paler than this a face has not begun to brown: what an eye tells of it is not how fast it does.
 * @unit 1 = golden
 * @range 0.02–0.1
 * @source our choice
 */
export const BARELY_BROWN = 0.05;
/**
 * A face is as brown as planned from this share of the planned colour on.
 * @unit share
 * @range 0.9–1
 * @source our choice: no eye sees the rest
 */
export const AS_BROWN = 0.97;
/**
 * A fryer that was learned is still otherwise from one evening to the next: its thermostat, its air, and how this coat
 * browns, as logarithms. One standard deviation each.
 * @unit K; log; log
 * @range 1–3; 0.03–0.08; 0.05–0.12
 * @source our choice: how tightly the drawer is shut, how wet the kitchen's air is, how the coat turned out
 */
export const FROM_DAY_TO_DAY = { offsetK: 1.5, airLog: 0.05, browningLog: 0.1 } as const;
