import type { Pantry } from '../foods/index.js';
import { Refusal } from '../units/index.js';
import { aheadTasks, mustBeAhead } from './ahead.js';
import { cannotOf } from './cannot.js';
import { byTime, tasksOf } from './emit.js';
import { scheduled } from './scheduled.js';
import type { TellTries } from './schedule/search.js';
import { warningsOf } from './warnings.js';
import type { EveningAsked, EveningPlan, Task } from './types.js';

/** What is begun ahead without being asked for, because it waits so long by itself. */
const withNecessary = (asked: EveningAsked): EveningAsked => ({
  ...asked,
  options: Object.fromEntries(
    asked.dishes.map((d) => {
      const wish = asked.options[d.id] ?? {};
      const ahead = new Set(wish.ahead ?? []);
      if (mustBeAhead(d) && !ahead.has('frozen')) ahead.add('ready');
      return [d.id, { ...wish, ahead: [...ahead] }];
    }),
  ),
});

const busyOf = (tasks: readonly Task[], asked: EveningAsked): EveningPlan['busy'] => ({
  cooks: asked.cooks.map((_, c) =>
    tasks.reduce((sum, t) => sum + (t.cook === c && !t.ahead ? t.toMin - t.fromMin : 0), 0),
  ),
  fryers: Object.fromEntries(
    [...new Set(tasks.flatMap((t) => t.fryer ?? []))].map((fryer) => [
      fryer,
      tasks
        .filter((t) => t.fryer === fryer && ['preheat', 'cook', 'second', 'load', 'unload', 'warm'].includes(t.kind))
        .reduce((sum, t) => sum + t.toMin - t.fromMin, 0),
    ]),
  ),
});

/**
 * Plans an evening: a schedule that works back from the table, what stands how when it is eaten, what to know of it, and
 * what cannot be done as it was asked, with the cheapest change. Minutes count from the table.
 * @throws Refusal without a dish or a pair of hands
 */
export function planEvening(given: EveningAsked, pantry: Pantry, tell?: TellTries): EveningPlan {
  if (given.dishes.length === 0) throw new Refusal('An evening needs at least one dish with an air version.');
  if (given.cooks.length === 0) throw new Refusal('An evening needs at least one pair of hands.');
  const asked = withNecessary(given);
  const { found, tried, warnings } = scheduled(asked, pantry, { tell });
  const evening = tasksOf(found);
  const firstMin = evening.reduce((least, t) => Math.min(least, t.fromMin), 0);
  const tasks = [...aheadTasks(asked, firstMin), ...evening].sort(byTime);
  const lateMin = asked.tableInMin === null ? 0 : Math.max(0, -firstMin - asked.tableInMin);
  return {
    tasks,
    table: found.table,
    warnings: [...warningsOf(asked, found), ...warnings],
    cannot: cannotOf(asked, pantry, found, lateMin),
    lateMin,
    busy: busyOf(tasks, asked),
    tried,
  };
}
