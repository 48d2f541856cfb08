import type { Dish, FriedCook } from '../dish/index.js';
import type { Cook, PlannedBatch, TaskKind } from '../evening/index.js';
import type { Against } from '../evidence/index.js';
import type { Text } from '../units/index.js';

/** What a cook is led by, as it was planned: it is kept with the cook, and does not change when a dish is changed or deleted. */
export interface Programme {
  name: string;
  /** Pairs of hands. */
  cooks: Cook[];
  dishes: CounterDish[];
  steps: Step[];
  batches: CounterBatch[];
  /** What was to be done on an earlier day, or hours before. */
  ahead: Text[];
  /** s from the beginning to the table. */
  tableS: number;
}

/** A dish of a cook, as it was when the cook began. */
export interface CounterDish {
  id: string;
  name: string;
  dish: Dish;
  fried: FriedCook;
}

/** A batch of a cook: what lies in which fryer, and how it is meant to be cooked there. */
export interface CounterBatch extends PlannedBatch {
  /** "dish:number". */
  key: string;
  /** °C that the centre must reach to be safe; null where it has no such minimum. */
  safeC: number | null;
}

/** One bowl's contents, or what else is measured out in a step. */
export interface StepAmount {
  name: string;
  amount: Text;
}

/** What of a step is drawn. */
export type Picture =
  'knife' | 'bowl' | 'bowls' | 'hand' | 'piece' | 'probe' | 'basket' | 'fryer' | 'wash' | 'plate' | 'rack';

/** One thing to do, or one that goes on by itself. Times in s from the beginning, as they were planned. */
export interface Step {
  id: string;
  kind: TaskKind;
  dishId: string | null;
  /** Key of its batch; null where it belongs to none. */
  batch: string | null;
  /** What to do in a few words, in large letters. */
  head: string;
  text: Text;
  reason: Text;
  amounts: StepAmount[];
  /** What a fryer is set to with it, by the plan; null where it sets none. */
  set: { tempC: number; minutes: number } | null;
  picture: Picture;
  /** What to look at before it is done. */
  checks: Text[];
  cautions: Text[];
  /** Number of the pair of hands; null where it goes on by itself. */
  cook: number | null;
  fryer: string | null;
  fromS: number;
  toS: number;
  /** Steps that must be over before it, and s that it waits after the last of them by itself: a rest on the rack. */
  after: string[];
  restS: number;
  /** s after its batch went in at which it is due, while it cooks; null where it is not such a look. */
  dueS: number | null;
  /** Whether the pieces are turned with it. */
  turns: boolean;
}

/** What can be seen of a batch, with one tap. */
export const SAWS = ['as-expected', 'paler', 'darker', 'soft-under', 'torn', 'floury', 'stuck', 'ran'] as const;
export type Saw = (typeof SAWS)[number];

export const isColour = (saw: Saw): saw is Against => saw === 'as-expected' || saw === 'paler' || saw === 'darker';

/** What happens in a cook. */
export type Deed =
  | { what: 'done' | 'undone' | 'skipped'; step: string }
  /** `shown`: B of the swatch that was beside it, and the face that was looked at. */
  | { what: 'seen'; batch: string; saw: Saw; shown?: number; face?: 'up' | 'down' }
  /** The centre, read by hand. */
  | { what: 'centre'; batch: string; centreC: number }
  | { what: 'time'; batch: string; byS: number }
  | { what: 'paused' | 'resumed' }
  | { what: 'late'; byS: number }
  | { what: 'hands'; name: string }
  /** A probe in a fryer tells. */
  | { what: 'reading'; fryer: string; centreC: number; airC: number; battery: number }
  | { what: 'ended'; how: 'served' | 'stopped' };

/** One line of what happened. Its id is its own, for ever: the same event that comes again is the same. */
export type CookEvent = {
  id: string;
  /** ms since 1970, by the server's clock. */
  atMs: number;
  /** Who says so. */
  by: 'cook' | 'rehearsal' | 'device';
} & Deed;

export type DeedName = Deed['what'];
