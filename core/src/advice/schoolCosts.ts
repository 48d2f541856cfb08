import { evaluateAir, type AirResult, type Asked, type FriedResult } from '../plan/index.js';
import { retimed } from '../search/index.js';
import { Refusal, text, type Text } from '../units/index.js';
import { differences, type Difference } from './compare.js';
import { schoolsFor, type RaisedSchool, type SchoolId } from './schools/registry.js';
import type { Changed, SchoolOption, Situation } from './schools/school.js';

/** One side of a question as it stands for this dish. */
export interface SideOfSchool {
  id: string;
  label: Text;
  reason: string;
  /** This is how the plan does it now. */
  now: boolean;
  /** The dish and plan done this way; null where it is so already, or makes no sense here. */
  changed: Changed | null;
  /** What it changes for this dish by the model, the most important first. */
  costs: Difference[];
}

export interface SchoolAnswer {
  id: SchoolId;
  question: string;
  sides: SideOfSchool[];
}

/** What it comes to when the cook waits where this side lets it wait: how long it stays crisp there. */
function waitingCosts(current: AirResult, { place, where }: NonNullable<SchoolOption['waits']>): Difference[] {
  const waiting = current.waiting.find((w) => w.place === place && !w.sauced);
  if (!waiting) return [];
  const { crispMin } = waiting;
  const time = crispMin === null ? 'over half an hour' : `${Math.max(1, Math.round(crispMin))} min`;
  return [{ about: 'stays', text: text`${where} it stays crisp ${time}.`, better: null, weight: 0.5 }];
}

function sideOf(
  request: Asked,
  situation: Situation,
  fried: FriedResult,
  current: AirResult,
  school: RaisedSchool,
  option: SchoolOption,
): SideOfSchool {
  const { id, reason } = option;
  const label = typeof option.label === 'string' ? [option.label] : option.label(situation);
  const now = option.holds(situation);
  const changed = now ? null : option.apply(situation);
  if (option.waits) return { id, label, reason, now, changed, costs: waitingCosts(current, option.waits) };
  if (!changed) return { id, label, reason, now, changed: null, costs: [] };
  const asked = { ...request, dish: changed.dish };
  const plan = school.retime ? retimed(asked, fried, changed.plan) : changed.plan;
  const result = evaluateAir(asked, plan, fried, { waits: school.waits ?? false });
  return { id, label, reason, now, changed: { dish: changed.dish, plan }, costs: differences(current, result) };
}

/**
 * One question with what each side would cost this dish. A side of heat or preparation is given the minutes that it
 * needs, so that the costs are of the choice and not of a plan that was cut for another.
 * @param current the plan as it is, evaluated with `waits`
 * @throws Refusal for a question that this dish does not raise
 */
export function schoolAnswer(request: Asked, schoolId: string, fried: FriedResult, current: AirResult): SchoolAnswer {
  const situation: Situation = { ...request, plan: current.plan };
  const school = schoolsFor(situation).find((s) => s.id === schoolId);
  if (!school) throw new Refusal(`"${schoolId}" is no question of this dish.`);
  const sides = school.options.map((o) => sideOf(request, situation, fried, current, school, o));
  return { id: school.id, question: school.question, sides: sides.filter((s) => s.now || s.changed) };
}
