import { NEXT_TO_NOTHING } from '../../units/index.js';
import { LUKEWARM } from '../constants/index.js';
import { afterMinutes, againAfter, coolness, crispFor, isSoft } from '../crisp.js';
import type { AtTable } from '../types.js';
import type { Network } from '../tasks/network.js';
import type { Block } from '../tasks/block.js';
import type { Compiled } from './compile.js';
import type { Schedule } from './decode.js';

/** Where the blocks of a batch stand among all, so that they are looked up once. */
export interface BatchPlace {
  /** Its cook, its last cook, its dish's crisping again (−1 without) and its way to the table. */
  batch: number;
  last: number;
  again: number;
  served: number;
  /** Its coat (−1 without), and what takes its dish out of the cold. */
  coat: number;
  out: number[];
  /** Everything that takes the same fryer. */
  inFryer: number[];
}

/** The places of all batches of a network. */
export function placesOf(
  { batches, within }: Network,
  blocks: readonly Block[],
  number: ReadonlyMap<string, number>,
): BatchPlace[] {
  return batches.map(({ dish, number: k, cooked }) => {
    const at = (id: string): number => number.get(id) ?? -1;
    const own = `${dish.id}:batch:${k}`;
    const batch = at(within.get(own) ?? own);
    const round = at(`${dish.id}:round:${k}`);
    const coats = `${dish.id}:coat:`;
    const takesOut = (b: Block): boolean =>
      b.group.startsWith(coats) || (dish.ready.waitMin === 0 && b.group === `${dish.id}:cut`);
    return {
      batch,
      last: round >= 0 ? round : batch,
      again: at(`${dish.id}:again`),
      served: at(`${dish.id}:serve`),
      coat: at(`${coats}${k}`),
      out: blocks.flatMap((b, i) => (b.dishId === dish.id && takesOut(b) ? [i] : [])),
      inFryer: blocks.flatMap((b, i) => (b.fryer === cooked.fryer.name ? [i] : [])),
    };
  });
}

/** How every batch stands when it is eaten. */
export function standings(
  { batches }: Network,
  places: readonly BatchPlace[],
  { blocks }: Compiled,
  { begins }: Schedule,
): AtTable[] {
  return batches.map(({ dish, number: batch, pieces, cooked }, k): AtTable => {
    const { last, again, served, inFryer } = places[k];
    const eatenMin = begins[served] + blocks[served].min;
    const readyMin = begins[last] + blocks[last].cookedMin;
    let how: AtTable['how'] = 'rack';
    let curve = cooked.onRack;
    let [crispness, centreC] = [0, 0];
    if (again >= 0) {
      how = 'crisped again';
      const back = againAfter(cooked, begins[again] - readyMin);
      const kept = afterMinutes(curve, eatenMin - begins[again] - blocks[again].cookedMin);
      crispness = (back.crispness * kept) / Math.max(NEXT_TO_NOTHING, curve[0]);
      centreC = back.centreC;
    } else {
      const isHeld = cooked.plan.afterwards === 'held' && inFryer.every((other) => begins[other] <= begins[last]);
      if (isHeld) [how, curve] = ['held', cooked.held];
      crispness = afterMinutes(curve, eatenMin - readyMin);
      centreC = afterMinutes(cooked.centreC, eatenMin - readyMin);
    }
    return {
      dishId: dish.id,
      batch,
      fryer: cooked.fryer.name,
      pieces,
      readyMin,
      eatenMin,
      ifFresh: cooked.fresh,
      crispness,
      centreC,
      how,
      crispMin: crispFor(curve),
    };
  });
}

/** Pieces that are no longer crisp when they are eaten, and what crispness and warmth are lost on the whole, dish by dish. */
export function crispLost(table: readonly AtTable[]): { softPieces: number; lost: number } {
  const pieces = new Map<string, number>();
  for (const b of table) pieces.set(b.dishId, (pieces.get(b.dishId) ?? 0) + b.pieces);
  let softPieces = 0;
  let lost = 0;
  for (const b of table) {
    if (isSoft(b.crispness, b.ifFresh)) softPieces += b.pieces;
    const cost = Math.max(0, b.ifFresh - b.crispness) + LUKEWARM.costs * coolness(b.centreC);
    lost += (cost * b.pieces) / Math.max(1, pieces.get(b.dishId)!);
  }
  return { softPieces, lost };
}
