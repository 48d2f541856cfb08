import { crispLife, crispness } from './crisp.js';
import { burning, colours, dryPatches, racks, sizes, spots } from './crust.js';
import { bite, oil } from './fat.js';
import { adhesion, setTime } from './hold.js';
import { centre, doneness, juice } from './inside.js';
import { blowOff, chew, runOff, stick } from './loose.js';
import { OUTCOMES, type Outcome, type Outcomes, type Reason } from './types.js';
import type { Judged } from './view.js';

/** All outcomes of a cook at one moment; those that do not apply to the food or coat are left out. */
export function judge(j: Judged): Outcomes {
  const all = [
    centre(j),
    doneness(j),
    setTime(j),
    runOff(j),
    stick(j),
    adhesion(j),
    crispness(j),
    crispLife(j),
    ...colours(j),
    racks(j),
    spots(j),
    sizes(j),
    dryPatches(j),
    bite(j),
    blowOff(j),
    burning(j),
    chew(j),
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
