import { differences, type Difference } from './compare.js';
import { evaluateAir } from './evaluate.js';
import { retimed } from './search.js';
import { schoolsFor, type Changed, type School, type Scene } from './schools/index.js';
import type { AirResult, ConvertRequest, FriedResult } from './types.js';

/** One side of a question as it stands for this dish. */
export interface SideOfSchool {
  id: string;
  label: string;
  reason: string;
  /** This is how the plan does it now. */
  now: boolean;
  /** The dish and plan done this way; null where it is so already, or makes no sense here. */
  changed: Changed | null;
  /** What it changes for this dish by the model, the most important first. */
  costs: Difference[];
}

export interface SchoolAnswer {
  id: string;
  question: string;
  sides: SideOfSchool[];
}

/** What it comes to when the cook waits 5 minutes the way that is chosen: crisp life of the place. */
function afterwardsCosts(current: AirResult, id: string): Difference[] {
  const place = id === 'held' ? 'hold' : id === 'at-once' ? 'plate' : 'rack';
  const waiting = current.waiting.find((w) => w.place === place && !w.sauced);
  if (!waiting) return [];
  const { crispMin } = waiting;
  const said = crispMin === null ? 'over half an hour' : `${Math.max(1, Math.round(crispMin))} min`;
  const text = id === 'at-once' ? `On a plate it stays crisp ${said}.` : `There it stays crisp ${said}.`;
  return [{ about: 'stays', text, better: null, weight: 0.5 }];
}

function sideOf(
  request: ConvertRequest,
  scene: Scene,
  fried: FriedResult,
  current: AirResult,
  school: School,
  option: School['options'][number],
): SideOfSchool {
  const { id, label, reason } = option;
  const now = option.holds(scene);
  const applied = now ? null : option.apply(scene);
  if (school.id === 'afterwards') {
    return { id, label, reason, now, changed: applied, costs: afterwardsCosts(current, id) };
  }
  if (!applied) return { id, label, reason, now, changed: null, costs: [] };
  const asked = { ...request, dish: applied.dish };
  const plan = school.retime ? retimed(asked, fried, applied.plan) : applied.plan;
  const result = evaluateAir(applied.dish, plan, request.fryer, fried, { waits: school.waits ?? false });
  return { id, label, reason, now, changed: { dish: applied.dish, plan }, costs: differences(current, result) };
}

/**
 * One question with what each side would cost this dish. A side of heat or preparation is given the minutes that it
 * needs, so that the costs are of the choice and not of a plan that was cut for another.
 * @param current the plan as it is, evaluated with `waits`
 * @throws RangeError for a question that this dish does not raise
 */
export function schoolAnswer(
  request: ConvertRequest,
  schoolId: string,
  fried: FriedResult,
  current: AirResult,
): SchoolAnswer {
  const scene: Scene = { dish: request.dish, plan: current.plan, fryer: request.fryer, limits: request.limits };
  const school = schoolsFor(scene).find((s) => s.id === schoolId);
  if (!school) throw new RangeError(`"${schoolId}" is no question of this dish.`);
  const sides = school.options.map((o) => sideOf(request, scene, fried, current, school, o));
  return { id: school.id, question: school.question, sides: sides.filter((s) => s.now || s.changed) };
}
