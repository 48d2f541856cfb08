import { text } from '../units/index.js';
import { TASK_KINDS, type Task } from './types.js';
import type { Block, Link } from './tasks/block.js';
import { partId } from './schedule/compile.js';
import type { Found } from './schedule/search.js';

/** From blocks and their beginnings to the tasks that a cook reads. */

const TOUCHES = 1e-3;

/** Id of the task that a part of a block is. */
export const taskIdOf = (block: Block, k: number): string =>
  block.parts.length === 1 || (k === 0 && block.stretches) ? block.group : `${block.id}#${partId(block, k)}`;

const waitId = (block: Block): string => `${block.group}~after`;

const lastPart = (block: Block): number =>
  block.parts.reduce((last, p, k) => (p.atMin + p.min > block.parts[last].atMin + block.parts[last].min ? k : last), 0);

/** The part that is over at a minute of its block: what waits for less than the whole waits for that one. */
const partOverAt = (block: Block, min: number): number =>
  block.parts.reduce((best, p, k) => {
    const end = p.atMin + p.min;
    const last = block.parts[best].atMin + block.parts[best].min;
    return end <= min + TOUCHES && (end > last || last > min + TOUCHES) ? k : best;
  }, 0);

/** The tasks of a schedule, in the order of their beginnings; stretches of one work that touch are one. */
export function tasksOf({ compiled, schedule }: Found): Task[] {
  const { blocks, number, pinned } = compiled;
  const { begins, hands } = schedule;
  const doneOf = ({ id, leastMin }: Link): string[] => {
    const at = number.get(id);
    if (at === undefined) return [];
    const before = blocks[at];
    if (leastMin < 0) return [taskIdOf(before, partOverAt(before, before.min + leastMin))];
    return [before.wait && leastMin >= before.wait.min - TOUCHES ? waitId(before) : taskIdOf(before, lastPart(before))];
  };
  const tasks = blocks.flatMap((block, at): Task[] => {
    const begin = begins[at];
    const common = { dishId: block.dishId, batch: block.batch, ahead: false, pinned: !Number.isNaN(pinned[at]) };
    const before = block.after.flatMap(doneOf);
    const parts = block.parts.map((part, k): Task => ({
      ...common,
      id: taskIdOf(block, k),
      kind: part.kind,
      text: part.text,
      reason: part.reason,
      cook: hands[at][k] < 0 ? null : hands[at][k],
      fryer: part.inFryer ? block.fryer : null,
      fromMin: begin + part.atMin,
      toMin: begin + part.atMin + part.min,
      after: k === 0 ? before : [taskIdOf(block, k - 1)],
      takes: { place: part.place, bowls: block.bowls, trays: block.trays },
    }));
    const { wait } = block;
    if (!wait) return parts;
    return [
      ...parts,
      {
        ...common,
        id: waitId(block),
        kind: wait.kind,
        text: wait.text,
        reason: wait.reason,
        cook: null,
        fryer: null,
        fromMin: begin + block.min,
        toMin: begin + block.min + wait.min,
        after: [parts[parts.length - 1].id],
        takes: { place: wait.place, bowls: 0, trays: block.trays },
      },
    ];
  });
  return joinStretches(tasks.sort(byTime));
}

export const byTime = (a: Task, b: Task): number =>
  a.fromMin - b.fromMin || TASK_KINDS.indexOf(a.kind) - TASK_KINDS.indexOf(b.kind) || (a.id < b.id ? -1 : 1);

/** Stretches of one group that touch, by the same hands, become one task; later ones are numbered. */
function joinStretches(tasks: readonly Task[]): Task[] {
  const byId = new Map<string, Task[]>();
  for (const task of tasks) byId.set(task.id, [...(byId.get(task.id) ?? []), task]);
  const joined = [...byId.values()].flatMap((same) => {
    const merged = same.reduce<Task[]>((kept, task) => {
      const last = kept.at(-1);
      const touches = last && last.cook === task.cook && Math.abs(last.toMin - task.fromMin) < TOUCHES;
      return touches ? [...kept.slice(0, -1), { ...last, toMin: task.toMin }] : [...kept, task];
    }, []);
    return merged.map((task, k) =>
      k === 0
        ? task
        : { ...task, text: text`Go on: ${task.text}`, id: `${task.id}/${k + 1}`, after: [idOfStretch(task.id, k)] },
    );
  });
  // Whoever waits for the work waits for its last stretch.
  const lastOf = new Map(
    [...byId.keys()].map((id) => [id, joined.filter((t) => t.id === id || t.id.startsWith(`${id}/`)).at(-1)!.id]),
  );
  return joined
    .map((t) => ({
      ...t,
      after: [...new Set(t.after.map((id) => (t.id.startsWith(`${id}/`) ? id : (lastOf.get(id) ?? id))))],
    }))
    .sort(byTime);
}

const idOfStretch = (id: string, k: number): string => (k === 1 ? id : `${id}/${k}`);
