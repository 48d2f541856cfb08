import { MIX_BOWL_MIN, TO_THE_TABLE_MIN } from '../card/index.js';
import { WARMED } from '../advice/index.js';
import { PREHEAT_MIN } from '../outcome/index.js';
import * as C from './constants/index.js';

/** How long one thing takes in a kitchen: a first value, and how far a cook may change it. */
export interface PaceEntry {
  id: string;
  value: number;
  unit: 's' | 'min';
  min: number;
  max: number;
  /** What is timed, as the cook reads it. */
  words: string;
}

const pace = <Id extends string>(
  id: Id,
  value: number,
  unit: PaceEntry['unit'],
  [min, max]: readonly [number, number],
  words: string,
) => ({ id, value, unit, min, max, words });

/** Every pace of the work, in its order. The sources stand beside the constants. */
export const PACES = [
  pace('cutPieceS', C.CUT_PIECE_S, 's', [1, 60], 'cutting one piece'),
  pace('mixBowlMin', MIX_BOWL_MIN, 'min', [0.5, 10], 'mixing one bowl'),
  pace('sauceMin', C.SAUCE_MIN, 'min', [1, 30], 'stirring one sauce'),
  pace('stationMin', C.STATION_MIN, 'min', [0.5, 10], 'setting the bowls out'),
  pace('coatPieceS', C.COAT_PIECE_S, 's', [4, 60], 'one piece through three bowls'),
  pace('oilPieceS', C.OIL_PIECE_S, 's', [0.5, 15], 'oiling one piece'),
  pace('preheatMin', PREHEAT_MIN, 'min', [1, 15], 'preheating a fryer'),
  pace('loadPieceS', C.LOAD_PIECE_S, 's', [0.5, 15], 'laying one piece into the basket'),
  pace('turnPieceS', C.TURN_PIECE_S, 's', [0.5, 10], 'turning one piece'),
  pace('checkMin', C.CHECK_MIN, 'min', [0.2, 3], 'reading the thermometer'),
  pace('unloadPieceS', C.UNLOAD_PIECE_S, 's', [0.5, 15], 'lifting one piece out'),
  pace('reloadMin', C.RELOAD_MIN, 'min', [0, 10], 'wiping the basket between batches'),
  pace('restMin', TO_THE_TABLE_MIN, 'min', [0, 10], 'rest on the rack before the table'),
  pace('brushPieceS', C.BRUSH_PIECE_S, 's', [0.5, 15], 'brushing one piece with sauce'),
  pace('tossMin', C.TOSS_MIN, 'min', [0.3, 5], 'tossing a batch in its sauce'),
  pace('warmMin', WARMED.bunsMin, 'min', [1, 10], 'warming buns in the hot fryer'),
  pace('serveMin', C.SERVE_MIN, 'min', [0, 5], 'carrying a dish to the table'),
  pace('washHandsMin', C.WASH_HANDS_MIN, 'min', [0.5, 10], 'washing up after raw meat or fish'),
  pace('washBowlsMin', C.WASH_BOWLS_MIN, 'min', [0.5, 15], 'washing up the bowls of one dish'),
  pace('washAllMin', C.WASH_ALL_MIN, 'min', [1, 30], 'washing up for a guest with an allergy'),
  pace('bagMin', C.BAG_MIN, 'min', [1, 20], 'bagging what was frozen ahead'),
] as const;

export type PaceId = (typeof PACES)[number]['id'];
export type Pace = Record<PaceId, number>;

/** The paces of a kitchen: the usual ones, but for those that it has changed. */
export const paceOf = (changed: Partial<Pace> = {}): Pace => ({
  ...(Object.fromEntries(PACES.map(({ id, value }) => [id, value])) as Pace),
  ...changed,
});
