import { updateConduction, updateHeatCapacity } from './conduct.js';
import { turnOver, type Cooking } from './cooking.js';
import { isOily, type Medium } from './media.js';
import { PROCESSES } from './processes.js';

export interface RunOptions {
  /** Divides the steps and the time between two updates. */
  fine: number;
  /** They are `QUICK_STEPS` times as long instead. */
  quick: boolean;
  /** Off the heat: vapour moves inside the coat and condenses there. */
  standing: boolean;
  /** Told after every step, s since this run began; false ends the run. */
  onStep: (timeS: number) => boolean;
}

const SOON_S = 1e-9;

/**
 * What would be left for a last step that is shorter than this part of the others is done with the one before it: what
 * liquid has brought up in the last update boils in the next step, and in a short one that looks like a burst (one and a
 * half times as much steam a second in half a step, twice in a quarter). Our choice.
 */
const LEAST_OF_STEP = 0.5;

/** Runs a piece in one medium for `seconds`. Nothing is allocated in the loop. */
export function runIn(
  cook: Cooking,
  medium: Medium,
  seconds: number,
  { fine, quick, standing, onStep }: RunOptions,
): void {
  const { body, work, around, step } = cook;
  const divided = quick ? 1 / medium.quickSteps : fine;
  const here = PROCESSES.filter(({ only }) => only === undefined || (only === 'standing') === standing);
  const inSteps = here.filter(({ everySlow }) => everySlow === undefined);
  const slow = here.filter(({ everySlow }) => everySlow !== undefined);
  const since = new Float64Array(slow.length);
  const slowS = medium.slowS / divided - SOON_S;
  let sinceSlowS = 0;
  let turned = false;
  let lastStepS = 1;
  step.steamKg = 0;
  medium.begin();
  medium.surround(0, 0, around);
  updateHeatCapacity(body, work);
  updateConduction(body, work, isOily(around));
  let ended = false;
  for (let timeS = 0; timeS < seconds - SOON_S && !ended;) {
    const wantedS = medium.stepS(timeS, divided);
    const leftS = seconds - timeS;
    const stepS = leftS < wantedS * (1 + LEAST_OF_STEP) ? leftS : wantedS;
    timeS += stepS;
    medium.surround(timeS, step.steamKg / lastStepS / (2 * body.faceM2), around);
    if (!turned && timeS >= medium.turnsAtS) {
      turned = true;
      turnOver(cook);
    }
    const last = timeS >= seconds - SOON_S;
    for (let p = 0; p < inSteps.length; p++) inSteps[p].run(cook, stepS);
    sinceSlowS += stepS;
    if (last || sinceSlowS >= slowS) {
      for (let p = 0; p < slow.length; p++) {
        since[p] += sinceSlowS;
        if (!last && since[p] < slow[p].everySlow! * slowS) continue;
        slow[p].run(cook, since[p]);
        since[p] = 0;
      }
      sinceSlowS = 0;
    }
    medium.give(step.heatJ, stepS);
    lastStepS = stepS;
    ended = !onStep(timeS);
  }
}
