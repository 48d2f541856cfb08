import {
  TASK_KINDS,
  type Cook,
  type DishOfEvening,
  type Evening,
  type EveningDish,
  type Task,
} from '../evening/index.js';
import { partsTold } from '../plan/index.js';
import { safeMinimum } from '../safety/index.js';
import { lowered, text } from '../units/index.js';
import type { BowlPart } from '../coat/index.js';
import { headOf } from './heads.js';
import { cautionsAt, checksAt, pictureOf, type At } from './stops.js';
import type { StepAmount, CounterBatch, Programme, Step } from './types.js';

const S_PER_MIN = 60;

export const batchKey = (dishId: string, number: number): string => `${dishId}:${number}`;

const amountsOf = (parts: readonly BowlPart[]): StepAmount[] =>
  parts.map((part) => ({ name: part.name, amount: partsTold([part]) }));

/** The bowl of a coat that a task mixes, and that beside it. */
const bowlOf = ({ id }: Task, dish: EveningDish) => {
  const number = /:mix:(\d+)/.exec(id);
  return number ? dish.bowls[Number(number[1]) - 1] : undefined;
};
const besideOf = ({ id }: Task, dish: EveningDish) =>
  dish.beside.find((b) => id.startsWith(`${dish.id}:sauce:${lowered(b.name)}`));

/** What a step's head calls what it is about: a bowl by its name, anything else by its dish. */
function calledOf(task: Task, dish: EveningDish | undefined): string {
  if (!dish) return '';
  if (task.id === `${dish.id}:station`) return `the bowls of ${lowered(dish.name)} in a row`;
  return (bowlOf(task, dish) ?? besideOf(task, dish))?.name ?? dish.name;
}

/** What a bowl's task measures out: the bowl whose number is in its id, or that of its name beside the coat. */
function measuredIn(task: Task, dish: EveningDish | undefined): StepAmount[] {
  if (!dish) return [];
  return amountsOf((bowlOf(task, dish) ?? besideOf(task, dish))?.parts ?? []);
}

/** Kinds before which the pieces rest on their rack, and how long at most, min. */
const RESTS_FIRST: readonly Task['kind'][] = ['serve', 'finish'];
const LONGEST_REST_MIN = 3;
const COOKS: readonly Task['kind'][] = ['cook', 'second'];
const WHILE_IT_COOKS: readonly Task['kind'][] = ['look'];

/**
 * What each task waits for. What is done while a batch cooks, or while its fryer heats, waits for what set that going; what
 * comes after waits for the cook, or the heat, as well.
 */
function waitsOf(tasks: readonly Task[]): Map<string, string[]> {
  const kinds = new Map(tasks.map((t) => [t.id, t.kind]));
  const isKind = (kind: Task['kind']) => (id: string) => kinds.get(id) === kind;
  /** By block: its last cook, and the heating of its fryer. */
  const cooks = new Map<string, Task>();
  const heats = new Map<string, Task>();
  const waits = new Map<string, string[]>();
  for (const task of tasks) {
    const [block, part] = task.id.split('#');
    const cook = cooks.get(block);
    const heat = heats.get(block);
    const inBlock = part !== undefined;
    if (inBlock && cook && WHILE_IT_COOKS.includes(task.kind)) waits.set(task.id, [...cook.after]);
    else if (inBlock && cook) {
      const looked = task.after.some(isKind('look'));
      const own = task.cook === null ? task.after.filter((id) => !isKind('look')(id)) : task.after;
      waits.set(task.id, task.cook !== null || looked ? [...new Set([...own, cook.id])] : own);
    } else if (inBlock && heat && task.kind === 'oil') waits.set(task.id, [...heat.after]);
    else if (inBlock && heat && task.kind === 'load') waits.set(task.id, [...new Set([...task.after, heat.id])]);
    else waits.set(task.id, [...task.after]);
    if (inBlock && COOKS.includes(task.kind)) cooks.set(block, task);
    if (inBlock && task.kind === 'preheat') heats.set(block, task);
  }
  return waits;
}

/** A rest on the rack that the plan has between what came out and this, s; what is longer is only waiting. */
function restBefore(task: Task, tasks: readonly Task[]): number {
  const out = tasks.filter((t) => task.after.includes(t.id) && t.kind === 'unload');
  if (out.length === 0) return 0;
  const gap = task.fromMin - Math.max(...out.map((t) => t.toMin));
  return Math.round(Math.min(LONGEST_REST_MIN, Math.max(0, gap)) * S_PER_MIN);
}

/** What a look is for, by the minute of the cook at which it is due: looks that come together are one. */
function openingAt(batch: CounterBatch | undefined, dueMin: number | null): { turns: boolean; swaps: boolean } {
  if (!batch || dueMin === null) return { turns: false, swaps: false };
  const { turnAtMin, swapEveryMin } = batch.plan.settings;
  const off = swapEveryMin === null ? Infinity : Math.abs(dueMin / swapEveryMin - Math.round(dueMin / swapEveryMin));
  return {
    turns: turnAtMin !== null && Math.abs(dueMin - turnAtMin) < SAME_LOOK_MIN,
    swaps: batch.load.racksUsed > 1 && off * (swapEveryMin ?? 0) < SAME_LOOK_MIN,
  };
}
const SAME_LOOK_MIN = 1;

/** What a fryer is set to when it is loaded, heated, or cooks on. */
function settingOf(task: Task, batch: CounterBatch | undefined, tasks: readonly Task[]): Step['set'] {
  if (!batch) return null;
  const { settings, second } = batch.plan;
  const first = tasks.find((t) => t.kind === 'load' && t.dishId === task.dishId && t.batch === task.batch);
  if (task.kind === 'preheat') return { tempC: settings.preheatC ?? settings.tempC, minutes: 0 };
  if (task.kind === 'load' && first?.id === task.id) return { tempC: settings.tempC, minutes: settings.minutes };
  if (task.kind === 'load' && second) return { tempC: second.tempC, minutes: second.minutes };
  return null;
}

/** A hand that sets a fryer going, s. */
const SET_GOING_S = 15;
const heats = (id: string): string => `${id}~heats`;

/** A fryer is set going by a hand, and heats by itself. */
function setGoing(step: Step): Step[] {
  if (step.kind !== 'preheat') return [step];
  const set = { ...step, cook: 0, toS: step.fromS + SET_GOING_S };
  const own = { checks: [], cautions: [], amounts: [] };
  return [
    set,
    {
      ...step,
      ...own,
      id: heats(step.id),
      head: step.head.replace(/^Heat (.*), empty$/, '$1 heats'),
      after: [step.id],
      fromS: set.toS,
    },
  ];
}

/** What waited for a fryer to heat waits for its heat, and not for the hand that set it going. */
const waitingForHeat = (steps: readonly Step[]) => {
  const heated = new Set(steps.filter((s) => s.kind === 'preheat').map((s) => s.id));
  return (step: Step): Step =>
    step.kind === 'preheat' ? step : { ...step, after: step.after.map((id) => (heated.has(id) ? heats(id) : id)) };
};

/**
 * The programme of a cook: the tasks of a planned evening as steps, in s from the first of them.
 * @param asked the dishes as they were asked for
 */
export function programmeOf(
  name: string,
  evening: Evening,
  cooks: readonly Cook[],
  asked: readonly DishOfEvening[],
): Programme {
  const { plan, dishes } = evening;
  const tasks = plan.tasks.filter((t) => !t.ahead);
  const firstMin = tasks.reduce((least, t) => Math.min(least, t.fromMin), 0);
  const inS = (min: number): number => Math.round((min - firstMin) * S_PER_MIN);
  const byId = new Map(dishes.map((d) => [d.id, d]));
  const here = new Set(tasks.map((t) => t.id));
  const batches = plan.batches.map((b): CounterBatch => {
    const food = byId.get(b.dishId)!.food;
    return {
      ...b,
      key: batchKey(b.dishId, b.number),
      safeC: safeMinimum(food.food.safety)?.tempC ?? null,
    };
  });
  const byKey = new Map(batches.map((b) => [b.key, b]));
  const cooking = new Map(
    tasks.flatMap((t) => (t.kind === 'cook' && t.batch !== null ? [[batchKey(t.dishId!, t.batch), t]] : [])),
  );
  const openedIn = new Set<string>();
  const waits = waitsOf(tasks);
  const steps = tasks.map((t): Step => {
    const dish = t.dishId === null ? undefined : byId.get(t.dishId);
    const batch = t.batch === null || t.dishId === null ? undefined : byKey.get(batchKey(t.dishId, t.batch));
    const opens = (t.kind === 'look' || t.kind === 'unload') && batch !== undefined;
    const firstOpening = opens && !openedIn.has(batch.key);
    if (opens) openedIn.add(batch.key);
    const cook = batch && cooking.get(batch.key);
    const dueMin = WHILE_IT_COOKS.includes(t.kind) && cook ? t.fromMin - cook.fromMin : null;
    const opening = openingAt(batch, dueMin);
    const at: At = {
      food: dish?.food ?? null,
      plan: batch?.plan ?? dish?.cooked.plan ?? null,
      firstOpening,
      ...opening,
    };
    return {
      id: t.id,
      kind: t.kind,
      dishId: t.dishId,
      batch: batch?.key ?? null,
      head: headOf(t, calledOf(t, dish), batch),
      text: t.text,
      reason: t.reason,
      amounts: measuredIn(t, dish),
      set: settingOf(t, batch, tasks),
      picture: pictureOf(t.kind),
      checks: checksAt(t.kind, at),
      cautions: cautionsAt(t.kind, at),
      cook: t.cook,
      fryer: t.fryer,
      fromS: inS(t.fromMin),
      toS: inS(t.toMin),
      after: waits.get(t.id)!.filter((id) => here.has(id)),
      restS: RESTS_FIRST.includes(t.kind) ? restBefore(t, tasks) : 0,
      dueS: dueMin === null ? null : Math.round(dueMin * S_PER_MIN),
      turns: opening.turns,
    };
  });
  return {
    name,
    cooks: [...cooks],
    dishes: asked.map(({ id, name: dishName, dish, fried }) => ({ id, name: dishName, dish, fried })),
    steps: steps
      .flatMap(setGoing)
      .map(waitingForHeat(steps))
      .sort((a, b) => a.fromS - b.fromS || TASK_KINDS.indexOf(a.kind) - TASK_KINDS.indexOf(b.kind)),
    batches,
    ahead: plan.tasks.filter((t) => t.ahead && t.cook !== null).map((t) => text`${t.text}`),
    tableS: inS(0),
  };
}
