import { burning, colours, crispness, dryPatches } from './crust.js';
import { oil } from './fat.js';
import { adhesion, runOff, setTime } from './hold.js';
import { centre, doneness, juice } from './inside.js';
import { OUTCOMES, type Outcome, type Outcomes, type Reason } from './types.js';
import type { Judged } from './view.js';

/** All outcomes of a cook at one moment; those that do not apply to the food or coat are left out. */
export function judge(j: Judged): Outcomes {
  const [colourTop, colourUnder] = colours(j);
  const all = [
    centre(j),
    doneness(j),
    setTime(j),
    runOff(j),
    adhesion(j),
    crispness(j),
    colourTop,
    colourUnder,
    dryPatches(j),
    burning(j),
    juice(j),
    oil(j),
  ].filter((o): o is Outcome => o !== undefined);
  return Object.fromEntries(all.map((o) => [o.key, o]));
}

/** The reasons of all outcomes, worst first. */
export function reasonsOf(outcomes: Outcomes): Reason[] {
  const all = OUTCOMES.flatMap((key) => outcomes[key]?.reasons ?? []);
  return all.sort((a, b) => b.weight - a.weight);
}
