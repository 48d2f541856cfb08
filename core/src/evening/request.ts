import type { AirPlan, Fryer } from '../dish/index.js';
import type { ConvertRequest } from '../plan/index.js';
import type { Guest, SharedBowl, Turn } from '../supper/index.js';
import type { MeasuredDish } from './lists/measuring.js';
import type { ShopList } from './lists/shopping.js';
import type { Pace } from './pace.js';
import type { Cook, DishOptions, EveningDish, EveningPlan, Pin } from './types.js';

/** A stored dish that is to be cooked in an evening. */
export interface DishOfEvening extends ConvertRequest {
  id: string;
  name: string;
  plan: AirPlan;
}

/** What a kitchen has for an evening. */
export interface EveningKitchen {
  fryers: Fryer[];
  bowls: readonly unknown[];
  trays: { widthMm: number; depthMm: number }[];
  paces?: Partial<Pace>;
}

/** An evening as it is asked for. Times in minutes; no clock is in it. */
export interface EveningRequest {
  dishes: DishOfEvening[];
  guests: Guest[];
  cooks: Cook[];
  kitchen: EveningKitchen;
  /** Pantry ids that are in the house: not bought. */
  have: string[];
  options: Record<string, DishOptions>;
  togetherMin: number;
  roomC: number;
  pins: Pin[];
  /** Minutes from now to the table; null for as soon as it can be. */
  tableInMin: number | null;
}

/** How far it is: dishes simulated, and then schedules tried. */
export type TellEvening = (done: number, of: number, what: 'dishes' | 'schedules') => void;

/** An evening, planned, with all that is told of it. */
export interface Evening {
  plan: EveningPlan;
  dishes: EveningDish[];
  /** The order that allergens and raw juice ask for, with its reasons, and bowls that may be shared. */
  order: Turn[];
  bowls: SharedBowl[];
  shopping: ShopList[];
  measuring: MeasuredDish[];
}
