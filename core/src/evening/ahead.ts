import { counted, text } from '../units/index.js';
import { AHEAD_H, FREEZE_AHEAD } from './constants/index.js';
import { cutBlocks, mixBlocks, readyBlocks, sauceBlock, stationBlock } from './tasks/before.js';
import { byHand, forPieces, single, type Batch, type Block } from './tasks/block.js';
import { coatBlocks } from './tasks/coating.js';
import { taskIdOf } from './emit.js';
import type { EveningAsked, EveningDish, Task } from './types.js';

/** What is done on an earlier day or hours before: one thing after the other, by one pair of hands. */

/** Waits of a way of making ready that are longer belong to an earlier time of the day, min. */
const LONG_WAIT_MIN = 90;

/** Whether the making ready of a dish waits so long by itself that it is begun ahead, asked for or not. */
export const mustBeAhead = ({ ready }: EveningDish): boolean => ready.waitMin > LONG_WAIT_MIN;

const STAGES = ['frozen', 'ready', 'bowls', 'sauces'] as const;

/** From when before supper a stage is done, h. */
const startH = (stage: (typeof STAGES)[number], longestMin: number): number => {
  if (stage === 'frozen') return FREEZE_AHEAD.beforeH;
  if (stage === 'bowls') return AHEAD_H.bowls;
  if (stage === 'sauces') return AHEAD_H.sauces;
  return longestMin > AHEAD_H.morning * 60 - LONG_WAIT_MIN ? FREEZE_AHEAD.beforeH : AHEAD_H.morning;
};

/** Freezing all pieces of a dish, coated and oiled: on a lined tray, then bagged. */
function freezingBlocks(d: EveningDish, asked: EveningAsked): Block[] {
  const { pace } = asked;
  const cut = cutBlocks(d, pace);
  const ready = readyBlocks(d, []);
  const bowls = mixBlocks(d, pace);
  const all: Batch = { dish: d, number: 1, of: 1, pieces: d.dish.count, cooked: d.cooked, raw: false };
  const coat = coatBlocks(all, pace, [], 1).map((b) => ({ ...b, id: `${d.id}:coat`, group: `${d.id}:coat` }));
  const oil = single(
    `${d.id}:oil`,
    d,
    byHand(
      'oil',
      forPieces(d.dish.count, pace.oilPieceS, 1),
      text`Oil ${counted(d.dish.count, 'piece')}, both sides, and lay them on a lined tray in one layer.`,
      text`Oil keeps ice crystals away, and is there already when they are cooked.`,
    ),
    [],
    {
      wait: {
        kind: 'rest',
        text: text`Freeze them on the tray, ${FREEZE_AHEAD.hours} hours or overnight.`,
        reason: text`Frozen apart, they stay apart in the bag.`,
        min: FREEZE_AHEAD.hours * 60,
        place: 'freezer',
      },
    },
  );
  const bag = single(
    `${d.id}:bag`,
    d,
    byHand(
      'prepare',
      pace.bagMin,
      text`Bag the frozen pieces with the air out.`,
      text`They go into the fryer still frozen, and the centre is checked.`,
    ),
    [],
  );
  return [...cut, ...ready, ...bowls, ...stationBlock(d, pace, []), ...coat, oil, bag];
}

/** What of a dish is done at which stage. */
function blocksAt(stage: (typeof STAGES)[number], d: EveningDish, asked: EveningAsked): Block[] {
  const ahead = asked.options[d.id]?.ahead ?? [];
  const frozen = ahead.includes('frozen');
  if (stage === 'frozen') return frozen ? freezingBlocks(d, asked) : [];
  if (stage === 'ready') {
    if (frozen || !(ahead.includes('ready') || mustBeAhead(d))) return [];
    return [...cutBlocks(d, asked.pace), ...readyBlocks(d, [])];
  }
  if (stage === 'bowls') return ahead.includes('bowls') && !frozen ? mixBlocks(d, asked.pace, 'keeping') : [];
  if (!ahead.includes('sauces')) return [];
  return d.beside.filter((b) => b.use !== 'marinade').map((b) => sauceBlock(d, b, asked.pace));
}

/**
 * The tasks that are done ahead, in minutes from the table.
 * @param firstMin the evening's own beginning: they are over by then
 */
export function aheadTasks(asked: EveningAsked, firstMin: number): Task[] {
  return STAGES.flatMap((stage) => {
    const work = asked.dishes.map((d) => ({ d, blocks: blocksAt(stage, d, asked) })).filter((w) => w.blocks.length > 0);
    if (work.length === 0) return [];
    const hands = work.reduce((sum, w) => sum + w.blocks.reduce((s, b) => s + b.min, 0), 0);
    const longest = Math.max(0, ...work.flatMap((w) => w.blocks.map((b) => b.wait?.min ?? 0)));
    let at = Math.min(
      -startH(stage, longest) * 60,
      firstMin - hands - (stage === 'frozen' || stage === 'ready' ? longest : 0),
    );
    const tasks: Task[] = [];
    for (const { blocks } of work) {
      let last: string[] = [];
      for (const block of blocks) {
        // Bagging waits for the freezer, and is done in passing.
        const waited = tasks.at(-1);
        const begin = block.id.endsWith(':bag') && waited ? waited.toMin : at;
        const task = taskAt(block, begin, last);
        tasks.push(task);
        last = [task.id];
        if (block.id.endsWith(':bag')) continue;
        at = begin + block.min;
        if (block.wait) {
          tasks.push(waitAt(block, at, last));
          last = [tasks[tasks.length - 1].id];
        }
      }
    }
    return tasks;
  });
}

const taskAt = (block: Block, fromMin: number, after: string[]): Task => ({
  id: taskIdOf(block, 0),
  dishId: block.dishId,
  batch: null,
  kind: block.parts[0].kind,
  text: block.parts[0].text,
  reason: block.parts[0].reason,
  cook: 0,
  fryer: null,
  fromMin,
  toMin: fromMin + block.min,
  after,
  ahead: true,
  pinned: false,
  takes: { place: block.parts[0].place, bowls: block.bowls, trays: block.trays },
});

const waitAt = (block: Block, fromMin: number, after: string[]): Task => ({
  ...taskAt(block, fromMin, after),
  id: `${block.group}~after`,
  kind: block.wait!.kind,
  text: block.wait!.text,
  reason: block.wait!.reason,
  cook: null,
  toMin: fromMin + block.wait!.min,
  takes: { place: block.wait!.place, bowls: 0, trays: block.trays },
});
