/** How ways of doing a dish are compared in one batch. Each: what it is, @unit, @range, @source. */

/**
 * Ways in one batch.
 * @unit 1
 * @range 2–4
 * @source our choice: five pieces one after the other are more than a tongue remembers
 */
export const WAYS_AT_ONCE = { least: 2, most: 4 } as const;
/**
 * Tasters, and rounds of each, that a comparison takes.
 * @unit 1
 * @range 1–12; 1–4
 * @source our choice: a table
 */
export const TASTING_MOST = { tasters: 12, answers: 48 } as const;
/**
 * Ways of which one browns faster by its places alone by more than so much are not laid fairly.
 * @unit %
 * @range 2–5
 * @source our choice: a third of a word of colour
 */
export const FAIR_WITHIN_PERCENT = 3;
/**
 * Layouts begun with, each bettered by changing two pieces as long as that helps; the fairest is taken.
 * @unit 1
 * @range 5–30
 * @source our choice; see lay.test
 */
export const LAYOUTS_TRIED = 12;
/**
 * What no bread test has told is balanced as well, and counts so much against what it has told.
 * @unit 1
 * @range 0.01–0.1
 * @source our choice
 */
export const UNTOLD_COUNTS = 0.02;
/**
 * How sure one may be, by how often pure chance would part the ways as far: told apart; leaning to one side.
 * @unit 1
 * @range 0.01–0.05; 0.1–0.25
 * @source ISO 5495 takes 5 % for a paired comparison, from memory; the second our choice
 */
export const BY_CHANCE = { sure: 0.05, leaning: 0.2 } as const;
/**
 * Answers that are thought on to say how many more would settle it.
 * @unit 1
 * @range 6–24
 * @source our choice
 */
export const MORE_ANSWERS = 12;
/**
 * The simulation holds one way for better where it lies so far ahead of the next, in its own measure of 0–1.
 * @unit 1
 * @range 0.02–0.05
 * @source our choice: less nobody notices
 */
export const EXPECTED_AHEAD = 0.02;
/**
 * Usual minutes that a coated piece rests, against none.
 * @unit min
 * @range 5–20
 * @source common practice, no source
 */
export const RESTED_MIN = 10;
/**
 * Oil mist on all sides, where a plan has none to compare with.
 * @unit g/m²
 * @range 20–60
 * @source our choice: a thin coat, as the oil board has it
 */
export const SPRAYED_GM2 = 35;
/**
 * From which chance on it is told as "nearly every time", and as "every other time"; below as one time in so many.
 * @unit 1
 * @range 0.7–0.9; 0.35–0.5
 * @source our choice
 */
export const SAID_FROM_CHANCE = { nearlyAll: 0.75, half: 0.4 } as const;
/**
 * Rankings of more than two ways up to which every one that chance could bring is reckoned out.
 * @unit 1
 * @range 12–30
 * @source our choice: beyond, chi-squared is off by less than a fifth where one would call it settled
 */
export const EXACT_UP_TO = 24;
