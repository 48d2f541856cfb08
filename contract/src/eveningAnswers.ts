import type { AtTable, Change, Cook, DishOptions, Guest, Pin, Shop, TaskKind, Text, Warning } from '@yellowmist/core';
import type { ConversionBody, EveningDocument, KitchenBody } from './types.js';

/** What is asked and answered of evenings. */

/** A whole conversion that is to be cooked; its place in the list, from 1, is its id where it has none. */
export interface DishToPlan extends ConversionBody {
  id?: string;
}

/** What may be said beside. */
export interface PlanEveningOptions {
  /** Dishes come to the table within so many minutes. Default 5. */
  togetherMin?: number;
  /** °C of the kitchen. Default 21. */
  roomC?: number;
  /** IANA time zone of the answer's times; the offset of `serveAt` or `startAt` without. */
  timeZone?: string;
  /** The moment before which nothing can begin; now without. */
  now?: string;
  /** Pairs of hands by name, and what each leaves to others; in the place of `cooks`. */
  hands?: Cook[];
  pins?: Pin[];
  /** How single dishes are treated, by id. */
  byDish?: Record<string, DishOptions>;
}

export interface PlanEveningRequest {
  dishIds?: string[];
  dishes?: DishToPlan[];
  /** Pairs of hands. Default 1. */
  cooks?: number;
  /** Default the stored one. */
  kitchen?: KitchenBody;
  guests?: Guest[];
  /** When all is on the table; or when it is begun; as soon as it can be without either. */
  serveAt?: string;
  startAt?: string;
  options?: PlanEveningOptions;
}

/** One task; minutes count from the first one. */
export interface TaskAnswer {
  id: string;
  dishId: string | null;
  batch: number | null;
  kind: TaskKind;
  text: string;
  textParts: Text;
  reason: string;
  reasonParts: Text;
  cook: number | null;
  fryer: string | null;
  fromAt: string;
  toAt: string;
  fromMin: number;
  toMin: number;
  after: string[];
  ahead: boolean;
  pinned: boolean;
}

/** A batch when it is eaten; minutes count from the first task. */
export type BatchAtTable = Omit<AtTable, 'crispMin'>;

export interface WarningAnswer {
  about: Warning['about'];
  dishId: string | null;
  text: string;
  textParts: Text;
}

export interface CannotAnswer {
  why: string;
  whyParts: Text;
  cheapest: string;
  cheapestParts: Text;
  change: Change | null;
}

export interface ShopAnswer {
  shop: Shop;
  items: { id: string; name: string; amount: string; for: string[] }[];
}

export interface MeasuredAnswer {
  dishId: string;
  name: string;
  bowls: { bowl: string; parts: string }[];
}

/** A planned evening. */
export interface EveningAnswer {
  tasks: TaskAnswer[];
  table: { at: string; atMin: number; batches: BatchAtTable[] };
  warnings: WarningAnswer[];
  cannot: CannotAnswer[];
  order: { dishId: string; why: string; wash: string }[];
  shopping: ShopAnswer[];
  measuring: MeasuredAnswer[];
  /** Schedules that were tried. */
  tried: number;
}

/** A stored evening with its plan; null with the reason where it cannot be planned. */
export interface PlannedEvening extends EveningDocument {
  plan: EveningAnswer | null;
  problem: string;
}
