import type { Text } from '../units/index.js';
import type { Caution } from '../safety/index.js';
import type { Serving } from '../plan/index.js';

/** A thing with its amount, as a cook measures it: "2 tbsp (30 g)" of "soy sauce". */
export interface CardItem {
  amount: Text;
  name: string;
}

/** A bowl of the card: one of the coat in the order of dipping, or one beside it. */
export interface CardBowl {
  name: string;
  /** What it is for, in a few words: "first and third", "tossed with the cooked pieces". */
  note: string;
  items: CardItem[];
}

/** How the fryer is set. */
export interface CardSettings {
  fryer: string;
  setting: Text;
  minutes: number;
  /** What it is preheated to; null where it goes in cold. */
  preheat: Text | null;
  turnAtMin: number | null;
  batches: number;
  piecesPerBatch: number;
}

/** A converted dish as it is handed on: all that another kitchen needs, and nothing of the simulation. */
export interface RecipeCard {
  name: string;
  note: string;
  people: number;
  pieces: number;
  food: CardItem[];
  bowls: CardBowl[];
  beside: CardBowl[];
  /** Oil for the coat in all, and where it goes. */
  oil: CardItem | null;
  settings: CardSettings;
  /** Minutes before the fryer, in it with all batches, and in all: estimates. */
  times: { prepMin: number; cookMin: number; totalMin: number };
  steps: Text[];
  /** What is checked before it is served. */
  checks: Text[];
  cautions: Caution[];
  perServing: Serving;
}
