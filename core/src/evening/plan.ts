import type { Pantry } from '../foods/index.js';
import { Refusal, text } from '../units/index.js';
import { aheadTasks, mustBeAhead } from './ahead.js';
import { cannotOf } from './cannot.js';
import { byTime, tasksOf } from './emit.js';
import { scheduled } from './scheduled.js';
import type { TellTries } from './schedule/search.js';
import { warningsOf } from './warnings.js';
import type { DishOptions, EveningAsked, EveningPlan, Task, Warning } from './types.js';

/**
 * What is begun ahead: what was asked for, and what waits so long by itself that it has to be; without freezing what never
 * gets hot from frozen.
 */
function withAhead(asked: EveningAsked): { asked: EveningAsked; warnings: Warning[] } {
  const warnings: Warning[] = [];
  const options = asked.dishes.map((d): [string, DishOptions] => {
    const wish = asked.options[d.id] ?? {};
    const ahead = new Set(wish.ahead ?? []);
    // A plan that freezes its coated pieces takes hours for it.
    const byPlan = d.cooked.plan.making?.frozen ?? false;
    if (byPlan) ahead.add('frozen');
    else if (ahead.has('frozen') && asked.otherwise(d.id, { frozen: true }) === null) {
      ahead.delete('frozen');
      warnings.push({
        about: 'ahead',
        dishId: d.id,
        text: text`${d.name} is not frozen ahead: from frozen its centre is not done before its coat is too dark.`,
      });
    }
    if (mustBeAhead(d) && !ahead.has('frozen')) ahead.add('ready');
    return [d.id, { ...wish, ahead: [...ahead] }];
  });
  return { asked: { ...asked, options: Object.fromEntries(options) }, warnings };
}

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
  const { asked, warnings: aheads } = withAhead(given);
  const { found, tried, warnings } = scheduled(asked, pantry, { tell });
  const evening = tasksOf(found);
  const firstMin = evening.reduce((least, t) => Math.min(least, t.fromMin), 0);
  const tasks = [...aheadTasks(asked, firstMin), ...evening].sort(byTime);
  const lateMin = asked.tableInMin === null ? 0 : Math.max(0, -firstMin - asked.tableInMin);
  return {
    tasks,
    batches: found.network.batches.map(({ dish, number, of, pieces, cooked: { fryer, plan, load } }) => ({
      dishId: dish.id,
      number,
      of,
      pieces,
      fryer,
      plan,
      load,
    })),
    table: found.table,
    warnings: [...warningsOf(asked, found), ...warnings, ...aheads],
    cannot: cannotOf(asked, pantry, found, lateMin),
    lateMin,
    busy: busyOf(tasks, asked),
    tried,
  };
}
