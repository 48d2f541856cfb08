import { nowFor, type CookState, type LivePlan, type Programme, type Step } from '../counter/index.js';

/** A step that the rehearsal's own hands have done by now, and when they were done with it. */
export interface DoneByHands {
  step: string;
  atS: number;
}

/** How quickly a hand goes to a fryer that rings, s. */
const REACTION_S = 6;
/** From the drawer pulled open to the pieces off their hot ground, s. */
const LIFTED_S = 15;

/**
 * What the rehearsal's own hands have done next by the cook's clock; null while they are still at it. Each pair does one
 * thing after the other, as long as the plan says, and what cannot wait first.
 * @param leaves kinds that they leave to the cook, and wait for
 */
export function nextByHands(
  programme: Programme,
  state: CookState,
  live: LivePlan,
  leaves: readonly Step['kind'][] = [],
): DoneByHands | null {
  const lastDone = (hand: number): number =>
    Math.max(
      0,
      ...[...state.over].flatMap(([id, { atS, by }]) => {
        const step = programme.steps.find((s) => s.id === id);
        return step?.cook === hand || by === 'cook' ? [atS] : [];
      }),
    );
  const done = state.hands.flatMap((_, hand): DoneByHands[] => {
    const { step: now, urgent } = nowFor(live, hand);
    if (!now || now.state !== 'ready' || leaves.includes(now.step.kind)) return [];
    const plannedS = now.step.toS - now.step.fromS;
    // What is out of the fryer cooks no more, however long it takes to lay it on its rack.
    const takesS = now.step.kind === 'unload' ? Math.min(plannedS, LIFTED_S) : plannedS;
    const beganS = urgent ? now.mayS + REACTION_S : Math.max(now.mayS, lastDone(hand));
    const atS = beganS + takesS;
    return atS <= live.nowS ? [{ step: now.step.id, atS }] : [];
  });
  return done.sort((a, b) => a.atS - b.atS)[0] ?? null;
}
