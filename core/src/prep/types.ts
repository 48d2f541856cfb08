import type { SkinWater } from '../coat/index.js';
import type { Food } from '../foods/index.js';
import type { Inside } from '../heat/index.js';
import type { PieceShape } from '../piece/index.js';

/** A piece as it was cut. */
export interface Cut {
  food: Food;
  shape: PieceShape;
}

/** The piece as it is when it is coated. */
export interface Prepared extends Cut {
  /** Share of its raw firmness that is left, 0–1. */
  firmness: number;
  /** Where it is softer or drier than on the whole, after a cook; missing where it is even. */
  inside?: Inside;
  /** °C of its middle when it is coated. */
  startC: number;
  /** Its skin before anybody pats it dry. */
  skin: SkinWater;
  /** Share of its water that is gone; negative where it took some up. */
  waterLost: number;
}
