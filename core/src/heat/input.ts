import type { CoatLayer } from '../coat/index.js';
import type { Food } from '../foods/index.js';
import type { PieceGeometry } from '../piece/index.js';
import type { Inside } from './inside.js';
import type { Medium } from './media.js';
import type { Place } from './room.js';

/** A sauce on the cooked piece, and a second cook under it; either may be missing. */
export interface SecondCook {
  sauce: CoatLayer | null;
  /** Minutes on a rack before it. */
  coolMin: number;
  medium: Medium;
  minutes: number;
}

/** Everything that one simulation of one piece depends on. */
export interface CookInput {
  piece: PieceGeometry;
  food: Food;
  layers: readonly CoatLayer[];
  /** °C of the food when it is coated; below −1 it is frozen. */
  startC: number;
  /** Firmness at the start, 1 raw … about 0.6 blanched; the mean of the piece. */
  startFirmness: number;
  /** Where an earlier cook left it soft and dry. Default even. */
  inside?: Inside;
  /** The coat has set before: it was fried for a moment where it was bought. Default false. */
  coatSet?: boolean;
  /** Minutes that the finished coat rests before the cook. */
  restMin: number;
  /** Oil rubbed on the bare food before the coat, g per m² of skin. Default none. */
  rubGm2?: number;
  /** Oil put on the finished coat, g per m² of skin. */
  oilGm2: number;
  /** Oil put on the face that lies up by then. Default none. */
  touchUp?: { atMin: number; gm2: number };
  medium: Medium;
  minutes: number;
  second?: SecondCook;
}

/** How the cooked piece waits for its eater: where, and under which sauce. */
export interface Waiting {
  place: Place;
  sauce: CoatLayer | null;
  /** How long it is followed, min. Default half an hour. */
  minutes?: number;
}

export interface SimulateOptions {
  /** Record every cell for the cutaway. Default false. */
  profiles?: boolean;
  /**
   * Multiplies the cells; above 1 it divides the steps as well, to check that the answer does not depend on them. Below 1,
   * steps are `QUICK_STEPS` times as long. Default 1.
   */
  fine?: number;
  /** All cells, in the long steps of a quick look: cooks that are compared, and not shown. Default false. */
  longSteps?: boolean;
  /**
   * Other amounts of oil on the finished coat, g/m²: oil on a set surface hardly touches the heat, so that one cook tells
   * how each of them browns and crisps. Not for a coat that is wet outside, or a skin that gives off its own fat. Default none.
   */
  otherOilsGm2?: readonly number[];
  /** Go on for half an hour after the cook, once for each. Default none. */
  waiting?: readonly Waiting[];
  /** Stop, and end the series, once the browner face is darker than this, B: nobody cooks on. Default never. */
  untilColour?: number;
}
