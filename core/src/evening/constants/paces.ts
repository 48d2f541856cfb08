import type { CutId } from '../../cut/index.js';

/**
 * How long the work of an evening takes. What is named a pace is a first value that a kitchen may change (see pace.ts).
 * Each: what it is, @unit, @range, @source.
 */

/**
 * One cut with the knife that makes a piece, the peeling and trimming shared out over the pieces.
 * @unit s
 * @range 1–60
 * @source common practice, no source
 */
export const CUT_PIECE_S = 5;
/**
 * How long one piece takes by its cut, against a slice: a whole one is only trimmed, cubes fall many at a stroke, rings are
 * pushed apart, a prawn is slit and its thread drawn.
 * @unit 1
 * @range 0.2–4
 * @source our choice, after how the cuts are made
 */
export const CUT_TAKES: Readonly<Record<CutId, number>> = {
  whole: 0.4,
  rings: 0.8,
  rounds: 0.6,
  slabs: 1.2,
  strips: 0.8,
  cubes: 0.3,
  'bite-size': 0.8,
  florets: 1,
  halves: 0.8,
  'halved-flat': 3,
  butterflied: 4,
  wedges: 0.8,
  torn: 0.6,
  balls: 3,
  rods: 2.5,
  patties: 4,
  portions: 1.5,
};
/**
 * One piece through three bowls by hand and onto the tray.
 * @unit s
 * @range 8–25
 * @source common practice, no source
 */
export const COAT_PIECE_S = 15;
/**
 * What the first bowl and each further one take of that: laying down is in the first.
 * @unit share
 * @range 0.5–0.7; 0.15–0.25
 * @source our choice: one bowl 9 s, three 15 s, five 21 s
 */
export const COAT_SHARE = { first: 0.6, more: 0.2 } as const;
/**
 * How long coating takes another way, against by hand: a fork is slower, a box takes a piece in a shake, tossing takes all
 * at once.
 * @unit 1
 * @range 0.2–1.3
 * @source common practice, no source
 */
export const COAT_BY = { hands: 1, fork: 1.15, shaker: 0.6, tossed: 0.25 } as const;
/**
 * Setting the bowls, the tray and a cloth out in the order of dipping.
 * @unit min
 * @range 1–5
 * @source common practice, no source
 */
export const STATION_MIN = 2;
/**
 * Stirring a sauce, a dip or a spice salt, measured out; on the hob its bubbling comes on top.
 * @unit min
 * @range 2–15
 * @source common practice, no source
 */
export const SAUCE_MIN = 5;
/**
 * Oiling one piece on the tray, all sides.
 * @unit s
 * @range 1–6
 * @source common practice, no source
 */
export const OIL_PIECE_S = 2;
/**
 * Laying one piece into the basket, not touching the others; and lifting one out with something thin.
 * @unit s
 * @range 1–6
 * @source common practice, no source
 */
export const LOAD_PIECE_S = 2.5;
/**
 * Lifting one piece out onto the rack.
 * @unit s
 * @range 1–6
 * @source common practice, no source
 */
export const UNLOAD_PIECE_S = 1.5;
/**
 * Turning one piece; all of a batch take no less than the first and no more than the second of LOOK_S.
 * @unit s
 * @range 1–5
 * @source common practice, no source
 */
export const TURN_PIECE_S = 2.5;
/**
 * The drawer open for a look, a turn, a swap of racks, a touch-up: shortest and longest.
 * @unit s
 * @range 20–60
 * @source common practice, no source
 */
export const LOOK_S = { least: 20, most: 60 } as const;
/**
 * Thermometer into the thickest piece, until it stands still.
 * @unit min
 * @range 0.3–1
 * @source common practice, no source
 */
export const CHECK_MIN = 0.5;
/**
 * Tossing a batch in its sauce off the heat, or scattering and tossing a spice salt.
 * @unit min
 * @range 0.5–3
 * @source common practice, no source
 */
export const TOSS_MIN = 1;
/**
 * Brushing one piece with sauce.
 * @unit s
 * @range 2–8
 * @source common practice, no source
 */
export const BRUSH_PIECE_S = 3;
/**
 * Carrying one dish to the table.
 * @unit min
 * @range 0.5–3
 * @source common practice, no source
 */
export const SERVE_MIN = 1;
/**
 * Emptying crumbs and wiping the basket between two batches.
 * @unit min
 * @range 0.5–3
 * @source common practice, no source
 */
export const RELOAD_MIN = 1;
/**
 * Washing hands, board and tongs after raw meat, fish or poultry.
 * @unit min
 * @range 1–5
 * @source twenty seconds for the hands (FSIS, from memory), the board and tongs besides: common practice, no source
 */
export const WASH_HANDS_MIN = 2;
/**
 * Washing up the bowls of one dish so that another can use them.
 * @unit min
 * @range 1–6
 * @source common practice, no source
 */
export const WASH_BOWLS_MIN = 2;
/**
 * Washing basket, tray, tongs, brush and hands with soap before food for a guest with an allergy.
 * @unit min
 * @range 4–15
 * @source common practice, no source
 */
export const WASH_ALL_MIN = 6;
/**
 * Bagging frozen coated pieces with the air out.
 * @unit min
 * @range 2–10
 * @source common practice, no source
 */
export const BAG_MIN = 4;
/**
 * Loading or lifting out takes no less, however few the pieces.
 * @unit min
 * @range 0.2–0.5
 * @source our choice
 */
export const LEAST_HANDLING_MIN = 0.3;
