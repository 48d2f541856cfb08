/** What is not known of a kitchen before it has cooked, and how far what is told of a cook is believed. Each: what it is, @unit, @range, @source. */

/**
 * How far a fryer is off what its page says before anything was cooked in it: its thermostat, its air against that of its
 * kind, how fast things brown in it, and on its lower rack beside, as logarithms. One standard deviation each.
 * @unit K; log; log; log
 * @range 6–12; 0.1–0.2; 0.1–0.2; 0.1–0.2
 * @source our choice, after what oven thermometers show
 */
export const FRYER_SPREADS = { offsetK: 8, airLog: 0.14, browningLog: 0.14, lowerLog: 0.14 } as const;
/**
 * How far one cook's food lies off what was said of it: how cold it went in, how thick its pieces were, how fast its coat
 * browns. One standard deviation each.
 * @unit K; log; log
 * @range 2–6; 0.05–0.15; 0.05–0.15
 * @source our choice: cut by hand, mixed by the cup
 */
export const FOOD_SPREADS = { startK: 3, sizeLog: 0.07, coatLog: 0.08 } as const;
/**
 * What is told may lie off by so much beside the width of its word: a colour as a logarithm of B, also where nothing was
 * told but that it was good; a centre noted, or read by hand; a probe's centre and its air, which the model's own errors
 * are part of; one reading of an oven thermometer against the setting; a share of the skin that is bald.
 * @unit log; log; K; K; K; K; 1
 * @range 0.1–0.2; 0.2–0.35; 2–4; 1.5–4; 2–5; 3–6; 0.05–0.2
 * @source our choice: neighbours tell the same piece one word apart; a thermostat swings
 */
export const LEARNED_FROM = {
  colour: 0.13,
  good: 0.28,
  centreK: 3,
  probeK: 2,
  airK: 3.2,
  thermometerK: 4.5,
  bald: 0.1,
} as const;
/**
 * Readings of one sensor in one cook go wrong together: however many there are, they count as no more than so many.
 * @unit 1
 * @range 1–4
 * @source our choice: where its tip sits is wrong in all of them
 */
export const READINGS_COUNT = 2;
/**
 * Colours that a word without an end is held to have, B.
 * @unit B
 * @range 0.05–0.15; 4–6
 * @source our choice
 */
export const COLOUR_ENDS = { least: 0.1, most: 5 } as const;
/**
 * Evidence counts half as much after so many days.
 * @unit d
 * @range 200–600
 * @source our choice: seals, filters and heaters age over years
 */
export const FADES_DAYS = 365;
/**
 * The simulation is taken so closely, how often the sum is linearised anew, and over which part of a spread slopes are
 * taken.
 * @unit 1; 1; 1
 * @range 0.5 or 1; 2–5; 0.3–1
 * @source our choice; see joint.test
 */
export const LEARNED_BY = { fine: 0.5, rounds: 3, nudge: 0.5 } as const;
/**
 * A fryer is held to have changed when what it taught before and after a day lies so far apart (squared, in spreads), each
 * side by so many cooks; what is usual counts by so much of its weight there, so that both sides speak for themselves.
 * @unit 1; cooks; 1
 * @range 14–20; 2–4; 0.05–0.2
 * @source chi-squared of three degrees of freedom, 16.3 at one in a thousand, from memory; our choice
 */
export const CHANGED_AT = { apart: 16.3, cooks: 3, weak: 0.1 } as const;
/**
 * What was learned is used in steps, and within these ends: thermostat, air against its kind, browning.
 * @unit °C; 1; 1
 * @range −40–40; 0.4–2.5; 0.5–2
 * @source what a fryer's page may say; our choice
 */
export const LEARNED_WITHIN = {
  offsetC: { min: -40, max: 40, step: 0.5 },
  airFactor: { min: 0.4, max: 2.5, step: 0.02 },
  browning: { min: 0.5, max: 2, step: 0.02 },
} as const;
/**
 * What a fryer is off by less is not worth a word.
 * @unit K; %
 * @range 1–3; 3–6
 * @source our choice
 */
export const SAID_FROM = { kelvin: 1.5, percent: 4 } as const;
/**
 * Degrees of freedom of the errors of what is told of a cook: tails so heavy that one absurd entry does not carry the others
 * away.
 * @unit 1
 * @range 3–6
 * @source our choice
 */
export const TOLD_TAILS = 4;
/**
 * Half of the 80 % range of a normal distribution.
 * @unit standard deviations
 * @range 1.2816
 * @source Abramowitz and Stegun, table 26.1, from memory
 */
export const EIGHTY_RANGE = 1.2816;
/**
 * How long a cook is followed to see when it would have been as brown as it was told, times its minutes; colours that are
 * told too soon to say when they came, B; halvings of the time in which that is looked for; how far to each side it is seen
 * how fast it browns.
 * @unit 1; B; 1; s
 * @range 1.4–2; 0.15–0.3; 20–30; 15–60
 * @source our choice
 */
export const FORETOLD = { longer: 1.6, leastB: 0.2, halvings: 24, aboutS: 30 } as const;
/**
 * Something was told of a lower rack where less than so much of its usual spread is left.
 * @unit 1
 * @range 0.9–0.99
 * @source our choice
 */
export const TOLD_OF_LOWER = 0.97;
/**
 * How far this kitchen's hands are off what is usual before anything was weighed or timed: what sticks of wet layers, of dry
 * ones, and the pace of coating, as logarithms; g of oil a stroke against what a sprayer of its kind gives. One standard
 * deviation each.
 * @unit log
 * @range 0.15–0.3; 0.15–0.3; 0.2–0.5; 0.2–0.4
 * @source our choice: neighbours at one table
 */
export const HAND_SPREADS = { dips: 0.2, crumbs: 0.2, pace: 0.35, stroke: 0.25 } as const;
/**
 * What a weighing and a stopwatch may lie off by: all that sticks on the pieces, what left the last bowl, the seconds of
 * coating one batch, as logarithms; strokes among each other, and the bottle on the scale.
 * @unit log; log; log; log; g
 * @range 0.05–0.15; 0.1–0.2; 0.3–0.5; 0.05–0.15; 0.1–1
 * @source our choice: drips, crumbs beside the bowl, a telephone that rings
 */
export const WEIGHED_OFF = { coat: 0.1, bowl: 0.15, timed: 0.4, strokes: 0.08, scaleG: 0.3 } as const;
/**
 * Oil that a stroke of a pump, or a second of a can, usually gives.
 * @unit g
 * @range 0.1–0.3; 0.3–1
 * @source common practice, no source
 */
export const USUAL_STROKE_G = { pump: 0.2, can: 0.5 } as const;
/**
 * Hands are used in steps, and within these ends, as factors; seconds a piece within what a pace may be.
 * @unit 1
 * @range 0.5–2
 * @source our choice
 */
export const HAND_WITHIN = { min: 0.6, max: 1.7, step: 0.05 } as const;
/**
 * What lies farther from the usual than so many times is a coat that was interrupted, or a slip of the hand.
 * @unit 1
 * @range 4–8
 * @source our choice
 */
export const TIMED_WITHIN = 6;
/**
 * A step that the plan begins so soon after the one before is begun at once.
 * @unit s
 * @range 15–60
 * @source our choice
 */
export const AT_ONCE_S = 30;
/**
 * Rounds in which what lies far off is weighed down.
 * @unit 1
 * @range 5–20
 * @source our choice; see hands.test
 */
export const WEIGHED_ROUNDS = 12;
