import type { Layout } from '../basket/index.js';
import type { AirPlan, Dish, FriedCook, Fryer } from '../dish/index.js';
import type { Food } from '../foods/index.js';
import type { Place } from '../heat/index.js';
import type { AirResult, FriedResult } from '../plan/index.js';
import type { QuantityKind, Text } from '../units/index.js';

/** Short lessons: a question of the craft, a small cook to play with, and what its simulation says of it. */

export const LESSON_IDS = ['wet-batter', 'dust', 'oil', 'basket', 'resting', 'colour', 'golden-window'] as const;
export type LessonId = (typeof LESSON_IDS)[number];

/** Something to play with. */
export type Control =
  | {
      kind: 'slider';
      id: string;
      label: string;
      min: number;
      max: number;
      step: number;
      value: number;
      /** What it measures; a bare number of `unit` without. */
      quantity?: QuantityKind;
      unit?: string;
    }
  | { kind: 'choice'; id: string; label: string; options: readonly { value: string; label: string }[]; value: string };

/** How the controls stand, by their ids. */
export type Values = Readonly<Record<string, number | string>>;

/** One cook of a lesson. */
export interface Scene {
  /** "In the pot", "Small basket". */
  name: string;
  dish: Dish;
  fried: FriedCook;
  fryer: Fryer;
  /** The pot itself without one. */
  plan: AirPlan | null;
  /** Where the cooked piece is followed afterwards. Default nowhere. */
  waits?: readonly Place[];
}

/** A cook of a lesson with what came of it. */
export interface Shown {
  scene: Scene;
  fried: FriedResult;
  /** null in the pot. */
  air: AirResult | null;
  food: Food;
  /** How thick a piece of it is when it is coated, mm. */
  foodMm: number;
  /** Where the pieces of a full batch lie; null in the pot. */
  layout: Layout | null;
}

/** A lesson's cooks, and what is said of them. */
export interface Played {
  shown: Shown[];
  said: Text[];
}

/** A figure that a lesson rests on, with where it comes from. */
export interface Figure {
  text: Text;
  source: string;
}

/** What is drawn of a lesson's cooks. */
export type LessonPicture = 'cutaways' | 'windows' | 'waiting' | 'baskets';

export interface Lesson {
  id: LessonId;
  title: string;
  /** What it answers, in a few words: where a reason leads to it. */
  short: string;
  /** What is seen without playing, in a sentence. */
  lead: Text;
  controls: readonly Control[];
  picture: LessonPicture;
  scenes: (values: Values) => Scene[];
  /** What the simulation of these cooks says, the most important first. */
  said: (shown: readonly Shown[], values: Values) => Text[];
  /** Why it is so, and what to do about it. */
  why: readonly Text[];
  figures: readonly Figure[];
}
