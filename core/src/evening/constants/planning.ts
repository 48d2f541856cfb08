/** How an evening is planned. Each: what it is, @unit, @range, @source. */

/**
 * Hours of freezing on a lined tray until coated pieces can be bagged, and how long before supper that is begun: the
 * evening before.
 * @unit h
 * @range 4–12; 20–28
 * @source 4–6 h or overnight; common practice, no source
 */
export const FREEZE_AHEAD = { hours: 5, beforeH: 24 } as const;
/**
 * How long before supper a cold sauce is made when it is made ahead, bowls that keep are mixed, and food is made ready.
 * @unit h
 * @range 2–3; 4–24; 6–12
 * @source common practice, no source
 */
export const AHEAD_H = { sauces: 2.5, bowls: 8, morning: 9 } as const;
/**
 * Raw meat, fish and egg out of the cold in all, at most, and the same in a hot kitchen; and from how many °C it is hot; and
 * from how many °C on hot food may be held.
 * @unit min, °C, °C
 * @range 60–120; 32; 60
 * @source 40–140 °F for no more than 2 hours, 1 hour above 90 °F; FSIS, from memory
 */
export const OUT_OF_COLD = { mostMin: 120, hotMin: 60, hotC: 32, hotFoodC: 60 } as const;
/**
 * How long a coat may wait wet on its tray before it suffers.
 * @unit min
 * @range 30–60
 * @source common practice, no source
 */
export const COAT_WAITS_MIN = 60;
/**
 * Crispness that a coat loses with every minute that it waits wet beyond that.
 * @unit 1/min
 * @range 0.005–0.04
 * @source our choice: ten minutes too long make a good crust a fair one
 */
export const WET_COSTS = 0.03;
/**
 * A fryer that has stood open and empty for longer is preheated again.
 * @unit min
 * @range 5–15
 * @source our choice
 */
export const STAYS_HOT_MIN = 10;
/**
 * Crisping all pieces of a dish again, together in the hot fryer.
 * @unit min
 * @range 2–3
 * @source common practice, no source
 */
export const CRISP_AGAIN_MIN = 2;
/**
 * Waits on the rack after which crisping again is simulated, min; between them it is read off a line.
 * @unit min
 * @range 0–90
 * @source our choice
 */
export const CRISP_AGAIN_AFTER = [8, 45] as const;
/**
 * From how many °C of its centre downward a piece is lukewarm at the table, at how many it is cold, and what cold costs
 * against being as soft as bread.
 * @unit °C, 1
 * @range 45–60; 20–35; 0.1–0.4
 * @source our choice: crispness comes first
 */
export const LUKEWARM = { fromC: 50, coldC: 25, costs: 0.2 } as const;
/**
 * Crispness by which crisping again must raise a dish before it is worth its trouble.
 * @unit 1
 * @range 0.02–0.1
 * @source our choice
 */
export const CRISP_AGAIN_WORTH = 0.04;
/**
 * Dishes of an evening come to the table within so many minutes, where nobody says otherwise.
 * @unit min
 * @range 0–30
 * @source common practice, no source
 */
export const TOGETHER_MIN = 5;
/**
 * Longest stretch of cutting, coating or brushing between which a hand can be free for the fryer.
 * @unit min
 * @range 2–6
 * @source our choice
 */
export const STRETCH_MIN = 4;
/**
 * Schedules that a search tries: so many divided by the square of the evening's blocks of work, since each takes longer the
 * more there are; the fewest and the most; and the walks that they are shared out over.
 * @unit 1
 * @range 2000000–8000000; 100–300; 2000–6000; 1–5
 * @source our choice: six dishes in under two seconds
 */
export const TRIES = { work: 3200000, least: 150, most: 4000, walks: 3 } as const;
/**
 * Two dishes may share one basket or lie on two racks where their settings differ by no more than this.
 * @unit °C, min
 * @range 10–20; 2–6
 * @source our choice
 */
export const CLOSE_SETTINGS = { tempC: 15, minutes: 5 } as const;
/**
 * Share of one basket's ground that two dishes may cover together.
 * @unit 1
 * @range 0.5–0.7
 * @source our choice: what a full batch of mixed pieces comes to when it is packed
 */
export const SHARED_COVERAGE = 0.6;
/**
 * From-frozen cooks that are simulated: °C above the plan's own setting, and minutes as shares of its own.
 * @unit °C; 1
 * @range 0–15; 1–1.6
 * @source the same or 10–15 °C more, up to half as long again; common practice, no source
 */
export const FROM_FROZEN = { warmerC: [0, 10], longer: [1, 1.15, 1.3, 1.45, 1.6, 1.8] } as const;
/**
 * How often a search moves what: a place in the fryers’ order, a block earlier or later, a dish to the beginning of the
 * time in which all come to the table, crisping again on or off; else how its sauce goes round. And how often a block’s
 * move is taken back instead.
 * @unit share
 * @range 0–1
 * @source our choice
 */
export const SEARCH_MOVES = { chain: 0.4, block: 0.35, early: 0.1, again: 0.1, blockBack: 0.3 } as const;
