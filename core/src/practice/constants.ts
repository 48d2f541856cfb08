/** How practice fryers and the stand-in of a probe differ from what is said of them. Each: what it is, @unit, @range, @source. */

/**
 * How far a practice fryer's thermostat is off: at least, so that there is something to find, and at most.
 * @unit K
 * @range 5–20
 * @source our choice
 */
export const PRACTICE_OFF_K = { least: 6, most: 15 } as const;
/**
 * How far its air is faster or slower, and how fast it browns, at most, as a logarithm.
 * @unit log
 * @range 0.1–0.3
 * @source our choice
 */
export const PRACTICE_LOG = { air: 0.22, browning: 0.15 } as const;
/**
 * How much colder than said, and how much thicker or thinner, the food of one batch may be.
 * @unit K, log
 * @range 0–6 K, 0–0.1
 * @source our choice
 */
export const PRACTICE_FOOD = { colderK: 4, sizeLog: 0.06 } as const;
/**
 * What a surprise of a rehearsal is: a fryer that is hotter, that much more liquid in a batter, so many more pieces, opened every so often.
 * @unit K; 1; 1; min
 * @range 10–20; 1.3–2; 1.3–2; 1–3
 * @source our choice
 */
export const SURPRISING = { hotterK: 14, thinner: 1.6, crowded: 1.6, openedEveryMin: 2 } as const;
/**
 * Noise of the simulated sensors.
 * @unit K, one standard deviation
 * @range 0.2–1
 * @source our choice, after what cheap thermometers promise
 */
export const NOISE_K = { centre: 0.4, air: 1.2 } as const;
/**
 * How often the simulated probe tells, and the share of its readings that is lost on the way.
 * @unit s, share
 * @range 2–10 s, 0.02–0.1
 * @source our choice
 */
export const TELLS = { everyS: 5, lost: 0.05 } as const;
/**
 * How long a full battery lasts, what a weak one has left, and from which share on it is called low.
 * @unit h, share, share
 * @range 10–60 h
 * @source our choice
 */
export const BATTERY = { hours: 30, weak: 0.06, low: 0.1 } as const;
/**
 * What is seen beside a swatch: a difference of colour as a logarithm of B, white powder and batter that ran as shares of what is there; and the B below which everything is pale.
 * @unit log; share; share; B
 * @range 0.08–0.2; 0.1–0.5; 0.1–0.3; 0.02–0.1
 * @source our choice: some three to four ΔE₀₀ side by side
 */
export const SEEN = { step: 0.1, floury: 0.3, ran: 0.15, least: 0.05 } as const;
