import type { AirPlan, AirSettings } from '../../dish/index.js';
import type { Place } from '../../heat/index.js';
import type { Asked } from '../../plan/index.js';
import type { Text } from '../../units/index.js';

/** The dish and plan that a question is asked of. */
export interface Situation extends Pick<Asked, 'pantry' | 'dish' | 'fryer' | 'limits'> {
  plan: AirPlan;
}

/** The part of a situation that a side of a question changes. */
export type Changed = Pick<Situation, 'dish' | 'plan'>;

/** One side of a question. */
export interface SchoolOption {
  id: string;
  label: string | ((now: Situation) => Text);
  /** Why those who do it so do it so. */
  reason: string;
  holds: (now: Situation) => boolean;
  /** The situation done this way; null where it makes no sense for this dish. */
  apply: (now: Situation) => Changed | null;
  /** It changes nothing of the cook, but where the piece waits: that it stays crisp there is what it costs. */
  waits?: { place: Place; where: string };
}

/** A question over which cooks disagree. Both sides: common practice, no source. */
export interface School {
  question: string;
  options: readonly SchoolOption[];
  /** Whether a dish raises it at all; every dish whose plan has a side of it without. */
  raisedBy?: (now: Situation) => boolean;
  /** The minutes are searched anew for each side. */
  retime?: true;
  /** What it costs shows in how long the coat stays crisp. */
  waits?: true;
}

/** The situation with another plan. */
export const withPlan = (now: Situation, change: Partial<AirPlan>): Changed => ({
  dish: now.dish,
  plan: { ...now.plan, ...change },
});

/** The situation with other settings of the fryer. */
export const withSettings = (now: Situation, change: Partial<AirSettings>): Changed =>
  withPlan(now, { settings: { ...now.plan.settings, ...change } });
