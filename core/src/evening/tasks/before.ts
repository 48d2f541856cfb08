import { cutTold, soldAs } from '../../cut/index.js';
import { partsTold, sauceSteps } from '../../plan/index.js';
import { counted, joined, listed, lowered, spoken, text } from '../../units/index.js';
import type { SideBowlAmounts } from '../../beside/index.js';
import { isRawFlesh } from '../../supper/index.js';
import { CUT_TAKES } from '../constants/index.js';
import type { Pace } from '../pace.js';
import type { EveningDish } from '../types.js';
import { byHand, forPieces, single, type Block, type Link, type PlaceKind } from './block.js';

/** What is done before the coat: knife, water, bowls, sauces. */

const foodName = ({ food, dish }: EveningDish): string => {
  const cut = dish.bought ? cutTold(food, dish.bought.cut) : '';
  return `${spoken(food.name)}${cut}`;
};

const trimmed = ({ dish, food }: EveningDish): boolean =>
  dish.bought ? soldAs(food).cuts.some((c) => c.id === dish.bought!.cut && c.id === 'whole') : false;

/** Cutting. Bought ready, it is not there. */
export function cutBlocks(d: EveningDish, pace: Pace): Block[] {
  if (d.dish.readyCoated) return [];
  const { count } = d.dish;
  const share = d.dish.bought ? CUT_TAKES[d.dish.bought.cut] : 1;
  const how = d.cutting ? ` ${d.cutting}` : '';
  const part = byHand(
    'cut',
    forPieces(count, pace.cutPieceS * share, 1),
    text`${trimmed(d) ? 'Trim and wipe' : 'Cut'} ${counted(count, 'piece')} of ${foodName(d)}.${how}`,
    text`${counted(count, 'piece')}, even ones: they are done at the same time.`,
  );
  // Raw flesh stays in the cold until it is needed.
  return [single(`${d.id}:cut`, d, part, [], { dull: !isRawFlesh(d), stretches: true })];
}

const PLACE_OF_WAY: Partial<Record<EveningDish['ready']['way'], PlaceKind>> = {
  blanched: 'hob',
  'pre-cooked': 'oven',
  marinated: 'refrigerator',
  frozen: 'freezer',
  'frozen-pressed': 'freezer',
};

/** Making ready in the chosen way: hands, and the wait that follows by itself. */
export function readyBlocks(d: EveningDish, after: readonly Link[]): Block[] {
  const { ready } = d;
  if (ready.way === 'raw' || ready.handsMin <= 0) return [];
  const marinade = d.beside.find((b) => b.use === 'marinade');
  const mixed = marinade ? joined(' ', partsTold(marinade.parts), '.') : '';
  const place = PLACE_OF_WAY[ready.way] ?? null;
  const part = byHand('prepare', ready.handsMin, text`${ready.label}: ${ready.does}${mixed}`, text`${ready.reason}`);
  const wait =
    ready.waitMin > 0
      ? {
          kind: 'prepare' as const,
          text: text`${ready.label}: it works by itself.`,
          reason: text`${ready.reason}`,
          min: ready.waitMin,
          place,
        }
      : null;
  return [single(`${d.id}:prepare`, d, { ...part, place: place === 'hob' ? 'hob' : null }, after, { wait })];
}

/** What brings bubbles along, which are gone in a quarter of an hour. */
const bubbles = (layer: EveningDish['layers'][number] | undefined): boolean =>
  layer?.portions.some((p) => p.ingredient.wet?.bubbles || p.ingredient.group === 'leavening') ?? false;

/** Whether a bowl keeps covered and cold until it is used: no egg in it, and nothing that lifts. Common practice, no source. */
export const keepsInBowl = (layer: EveningDish['layers'][number] | undefined): boolean =>
  layer !== undefined && !bubbles(layer) && !layer.portions.some((p) => p.ingredient.origin === 'egg');

/**
 * Every bowl of the coat, mixed; dry ones may be early.
 * @param which those that keep until they are used, those that do not, or all
 */
export function mixBlocks(d: EveningDish, pace: Pace, which: 'all' | 'keeping' | 'fresh' = 'all'): Block[] {
  return d.bowls.flatMap((bowl, k) => {
    // It stands there already: it was mixed for both.
    if (bowl.sharedFrom) return [];
    const layer = d.layers[bowl.layerAt];
    if (which !== 'all' && keepsInBowl(layer) !== (which === 'keeping')) return [];
    const kept =
      which === 'keeping' && layer.wet ? ' Cover it and keep it cold: it thickens, thin it a little before use.' : '';
    const part = byHand(
      'mix',
      pace.mixBowlMin,
      text`Mix ${lowered(bowl.name)}${bowl.sharedWith ? `, for ${listed(bowl.sharedWith)} as well` : ''}: ${partsTold(bowl.parts)}.${kept}`,
      bubbles(layer)
        ? text`Late: its bubbles are gone in a quarter of an hour.`
        : text`Bowl ${k + 1} of ${d.bowls.length}, measured for ${counted(d.dish.count, 'piece')}.`,
    );
    // What is wet is mixed when it is needed: egg stays in the cold, batter does not stand.
    return [single(`${d.id}:mix:${k + 1}`, d, part, [], { dull: layer !== undefined && !layer.wet, bowls: 1 })];
  });
}

/** Setting the bowls out in the order of dipping, when all are mixed. */
export function stationBlock(d: EveningDish, pace: Pace, after: readonly Link[]): Block[] {
  if (d.bowls.length === 0) return [];
  const row = d.bowls.map((b) => `${lowered(b.name)}${b.sharedFrom ? ` of ${b.sharedFrom.name}` : ''}`).join(', ');
  const part = byHand(
    'mix',
    pace.stationMin,
    text`Set out, in this order: ${row}, and the tray.`,
    text`Whatever is needed stands there before a hand is wet.`,
  );
  return [single(`${d.id}:station`, d, part, after)];
}

/** A sauce, a dip or a spice salt. */
export function sauceBlock(d: EveningDish, bowl: SideBowlAmounts, pace: Pace): Block {
  const { made, days } = bowl.keeping;
  const hot = bowl.thickening !== null || made === 'while-it-cooks';
  const part = byHand(
    'sauce',
    pace.sauceMin + (bowl.thickening?.minutes ?? 0),
    joined(...sauceSteps([bowl], made === 'before' ? 'ahead' : made)),
    hot
      ? text`It waits warm for ${d.name}; stirred while the fryer runs, it costs no time.`
      : text`Cold, it is better for an hour of standing${days > 1 ? ` and keeps ${counted(days, 'day')}` : ''}.`,
  );
  return single(`${d.id}:sauce:${lowered(bowl.name)}`, d, { ...part, place: hot ? 'hob' : null }, [], { dull: !hot });
}
