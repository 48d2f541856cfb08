import type { Load } from '../basket/index.js';
import type { SideBowlAmounts } from '../beside/index.js';
import type { Bowl } from '../coat/index.js';
import type { AirPlan, Dish, Fryer, ReadyPiece } from '../dish/index.js';
import type { Pantry } from '../foods/index.js';
import type { OilAmount } from '../oil/index.js';
import { counted, setTo, type Quantity } from '../units/index.js';
import type { AirResult } from './types.js';

/** A plan as it stands, with all that its steps tell. */
export interface Told {
  pantry: Pantry;
  dish: Dish;
  plan: AirPlan;
  fryer: Fryer;
  ready: ReadyPiece;
  load: Load;
  oil: readonly OilAmount[];
  bowls: readonly Bowl[];
  also: AirResult['also'];
  beside: readonly SideBowlAmounts[];
  unsafe: AirResult['unsafe'];
}

export const { round } = Math;
export const minutes = (m: number): string => counted(round(m), 'minute');
export const setting = (tempC: number, { stepC }: Fryer): Quantity => setTo(tempC, stepC);
