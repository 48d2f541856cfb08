import type { Turn } from './order.js';

/** A dish's time in a fryer, minutes from the first one's going in. */
export interface FryerTurn {
  dishId: string;
  name: string;
  batches: number;
  batchMin: number;
  fromMin: number;
  toMin: number;
}

export interface FryerQueue {
  fryer: string;
  turns: FryerTurn[];
  totalMin: number;
}

/** To empty, wipe and load a fryer again between two batches, and to wash its basket. Common practice, no source. */
const RELOAD_MIN = 1;
const WASH_MIN = 5;

/** What each fryer does one after the other, in the order of the evening: batches, reloading, and washing where it must be. */
export function fryerQueues(order: readonly Turn[]): FryerQueue[] {
  const queues = new Map<string, FryerQueue>();
  for (const { dish, wash } of order) {
    const { name: fryer } = dish.fryer;
    const queue = queues.get(fryer) ?? { fryer, turns: [], totalMin: 0 };
    const pause = queue.turns.length === 0 ? 0 : wash.what === 'everything' ? WASH_MIN : RELOAD_MIN;
    const fromMin = queue.totalMin + pause;
    const { batches } = dish.load;
    const toMin = fromMin + batches * dish.batchMin + (batches - 1) * RELOAD_MIN;
    queue.turns.push({ dishId: dish.id, name: dish.name, batches, batchMin: dish.batchMin, fromMin, toMin });
    queue.totalMin = toMin;
    queues.set(fryer, queue);
  }
  return [...queues.values()].sort((a, b) => b.totalMin - a.totalMin);
}
