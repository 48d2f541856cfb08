import type { Load } from '../basket/index.js';
import type { SideBowlAmounts } from '../beside/index.js';
import type { Bowl } from '../coat/index.js';
import type { AirPlan, Dish, Fryer } from '../dish/index.js';
import type { Preparation } from '../foods/index.js';
import type { AirResult } from '../plan/index.js';
import type { Guest, SupperDish } from '../supper/index.js';
import type { Text } from '../units/index.js';
import type { Pace } from './pace.js';

/** Kinds of tasks, in the order of the work. */
export const TASK_KINDS = [
  'cut',
  'prepare',
  'mix',
  'sauce',
  'coat',
  'rest',
  'oil',
  'preheat',
  'load',
  'cook',
  'look',
  'unload',
  'check',
  'second',
  'finish',
  'warm',
  'wash',
  'serve',
] as const;
export type TaskKind = (typeof TASK_KINDS)[number];

/** How a dish comes out of one fryer, and how that fares while it waits. */
export interface Cooked {
  fryer: Fryer;
  plan: AirPlan;
  load: Load;
  unsafe: AirResult['unsafe'];
  /** Crispness at the end of the cook, 0–1. */
  fresh: number;
  /** The same every minute that it waits on a rack, and held in the switched-off fryer. */
  onRack: number[];
  held: number[];
  /** °C of the centre, every minute on a rack. */
  centreC: number[];
  /** Crispness and °C of the centre when it has waited and all was crisped again together; empty where it was not simulated. */
  again: { afterMin: number; crispness: number; centreC: number }[];
}

/** A bowl of an evening: mixed for other dishes as well, or one that stands there already. */
export interface EveningBowl extends Bowl {
  /** Names of the dishes that use it after this one. */
  sharedWith?: string[];
  /** The dish for which it was mixed. */
  sharedFrom?: { id: string; name: string };
}

/** One dish of an evening, with all that its work needs. */
export interface EveningDish extends SupperDish {
  bowls: readonly EveningBowl[];
  /** As it is made for this plan. */
  dish: Dish;
  /** What must be done to the food before its coat, and how long that takes by hand and of itself. */
  ready: { way: Preparation; label: string; does: string; reason: string; handsMin: number; waitMin: number };
  /** Whether it has to be cut at all. */
  cutting: string | null;
  beside: SideBowlAmounts[];
  /** As it is cooked in its own fryer. */
  cooked: Cooked;
  /** mm² that all pieces cover on a tray. */
  groundMm2: number;
  /** g of the food as it is cut and as it is bought, and of a second food. */
  rawG: number;
  boughtG: number;
  alsoG: number;
  /** g of oil that is sprayed, brushed or touched up, and which. */
  sprayG: number;
  oilId: string;
  oilName: string;
}

/** A pair of hands. */
export interface Cook {
  name: string;
  /** Kinds of tasks that it leaves to others. */
  leaves?: TaskKind[];
}

/** What of a dish is done on an earlier day or hours before. */
export const AHEADS = ['sauces', 'bowls', 'ready', 'frozen'] as const;
export type Ahead = (typeof AHEADS)[number];

/** How a dish of this evening is treated. */
export interface DishOptions {
  /** Another fryer of the kitchen, or `both` of it and its own; its own without. */
  fryer?: string;
  ahead?: Ahead[];
  /** Buns are warmed in its fryer when it is done. */
  buns?: boolean;
  /** Never crisped again, or always; where it helps without. */
  again?: boolean;
  /** Cooked together with this dish: in one basket, or on racks one above the other. */
  with?: string;
}

/** A task that the cook has set to a time: it begins so many minutes before the table. */
export interface Pin {
  id: string;
  beforeMin: number;
}

/** How else a dish might be cooked: in another fryer, from frozen, or with the settings of another dish. */
export interface Otherwise {
  fryer?: string;
  frozen?: boolean;
  /** Id of the dish whose settings it is cooked with, in that one's fryer. */
  with?: string;
}

/** What an evening is planned with. */
export interface EveningAsked {
  dishes: EveningDish[];
  guests: Guest[];
  cooks: Cook[];
  fryers: Fryer[];
  /** Bowls and trays of the kitchen; 0 where it has not said, as many as are needed then. */
  bowls: number;
  trays: { widthMm: number; depthMm: number }[];
  pace: Pace;
  options: Record<string, DishOptions>;
  /** Dishes come to the table within so many minutes. */
  togetherMin: number;
  /** °C of the kitchen. */
  roomC: number;
  pins: Pin[];
  /** Minutes from now to the table; null when it is to be served as soon as it can be. */
  tableInMin: number | null;
  /** Simulates a dish otherwise; null where that cannot be. Asked only where it is needed. */
  otherwise: (dishId: string, how: Otherwise) => Cooked | null;
  /** Fixes the search. */
  seed?: number;
}

/** One task of the evening, in minutes from the table: −90 is an hour and a half before it. */
export interface Task {
  id: string;
  dishId: string | null;
  batch: number | null;
  kind: TaskKind;
  text: Text;
  reason: Text;
  /** Number of the pair of hands; null where none is needed. */
  cook: number | null;
  fryer: string | null;
  fromMin: number;
  toMin: number;
  /** Tasks that must be done before it. */
  after: string[];
  /** Done on an earlier day, or hours before. */
  ahead: boolean;
  pinned: boolean;
  /** What else it takes up. */
  takes: { place: 'hob' | 'oven' | 'freezer' | 'refrigerator' | null; bowls: number; trays: number };
}

/** How a batch stands when it is eaten. */
export interface AtTable {
  dishId: string;
  batch: number;
  fryer: string;
  pieces: number;
  /** Minutes before the table at which it is cooked, as a negative number, and at which it is eaten. */
  readyMin: number;
  eatenMin: number;
  /** Crispness when it is eaten, and as it was fresh, 0–1. */
  crispness: number;
  ifFresh: number;
  /** °C of its centre when it is eaten. */
  centreC: number;
  /** How it waited. */
  how: 'rack' | 'held' | 'crisped again';
  /** Minutes that it stays crisp where it waits. */
  crispMin: number;
}

/** A batch as it is planned: what lies in which fryer, and how it is cooked there. */
export interface PlannedBatch {
  dishId: string;
  /** Number within its dish, from 1, and of how many. */
  number: number;
  of: number;
  pieces: number;
  fryer: Fryer;
  plan: AirPlan;
  load: Load;
}

/** What cannot be done as it was asked, and the cheapest change that would do. */
export interface Cannot {
  why: Text;
  cheapest: Text;
  /** The change, to be made by a touch; null where there is none. */
  change: Change | null;
}

/** A change of what was asked. */
export type Change =
  | { what: 'later'; byMin: number }
  | { what: 'fryer'; dishId: string; fryer: string }
  | { what: 'cooks'; cooks: number }
  | { what: 'ahead'; dishId: string; ahead: Ahead[] }
  | { what: 'unpin'; id: string }
  | { what: 'leave-out'; dishId: string };

/** Something to know of the plan, worst first. */
export interface Warning {
  about: 'unsafe' | 'cold' | 'soft' | 'coat' | 'bowls' | 'trays' | 'guest' | 'fryer' | 'split' | 'together' | 'ahead';
  dishId: string | null;
  text: Text;
}

/** An evening, planned. */
export interface EveningPlan {
  tasks: Task[];
  batches: PlannedBatch[];
  table: AtTable[];
  warnings: Warning[];
  cannot: Cannot[];
  /** Minutes by which the table is later than it was asked for. */
  lateMin: number;
  /** Minutes of hands' work, by pair of hands, and of each fryer. */
  busy: { cooks: number[]; fryers: Record<string, number> };
  /** Schedules that were tried. */
  tried: number;
}
