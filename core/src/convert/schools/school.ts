import type { AirPlan, AirSettings, Dish, Fryer } from '../../dish/index.js';
import type { Limits } from '../types.js';

/** The dish and plan that a school is applied to. */
export interface Scene {
  dish: Dish;
  plan: AirPlan;
  fryer: Fryer;
  limits: Limits;
}

/** The part of a scene that a school changes. */
export type Changed = Pick<Scene, 'dish' | 'plan'>;

/** One side of a question. */
export interface SchoolOption {
  id: string;
  label: string;
  /** Why those who do it so do it so. */
  reason: string;
  holds: (scene: Scene) => boolean;
  /** The scene done this way; null where it makes no sense for this dish. */
  apply: (scene: Scene) => Changed | null;
}

/** A question over which cooks disagree. Both sides: common practice, no source. */
export interface School {
  id: string;
  question: string;
  options: readonly SchoolOption[];
  /** The minutes are searched anew for each side. */
  retime?: true;
  /** What it costs shows in how long the coat stays crisp. */
  waits?: true;
}

/** The scene with another plan. */
export const withPlan = (scene: Scene, change: Partial<AirPlan>): Changed => ({
  dish: scene.dish,
  plan: { ...scene.plan, ...change },
});
/** The scene with other settings of the fryer. */
export const withSettings = (scene: Scene, change: Partial<AirSettings>): Changed =>
  withPlan(scene, { settings: { ...scene.plan.settings, ...change } });
