import { adaptCoat, choiceOf, evaluateAir, type AirResult, type Asked, type FriedResult } from '../../plan/index.js';
import { foodOf, ingredient } from '../../foods/index.js';
import { CHANGES, retimed, worthOf } from '../../search/index.js';
import { spoken, type Text } from '../../units/index.js';
import { differences, type Difference } from '../compare.js';
import { CHANGE_TELLS } from '../constants.js';
import type { Change, ChangeId } from './change.js';
import { cookChanges, foodChanges } from './cook.js';
import { coatChanges } from './layers.js';

/** Everything in which an evaluated plan differs from the cook's own coat put in as it is, in the order of the work. */
export function changesIn(asked: Asked, fried: FriedResult, result: AirResult): Change[] {
  const { pantry, dish } = asked;
  const { plan } = result;
  const own = adaptCoat(asked.fried.layers, choiceOf(asked)).layers;
  const food = spoken(foodOf(pantry, dish.foodId).name);
  const coat = coatChanges(pantry, own, plan.layers, result.layers, fried.layers, food);
  return [
    ...foodChanges(result, food),
    ...coat.map(({ without, ...change }) => ({ ...change, without: { ...plan, layers: without } })),
    ...cookChanges(result, (id) => spoken(ingredient(pantry, id).name)),
  ];
}

/** What is better by the way: it is never why a change is made. */
const UNTOLD: readonly Difference['about'][] = ['works', 'batches', 'bowls', 'waste', 'oilKept', 'allergens'];

const OTHERWISE: readonly ChangeId[] = ['replaced', 'left-out'];

/** One change and what it buys by itself: the plan simulated without it. */
export interface WorthChange {
  id: ChangeId;
  text: Text;
  /** What is better with it than without, the most important first. */
  buys: Text[];
  /** What it buys, in worth of a cook; see search/worth. */
  gain: number;
  /** Without it the plan fails. */
  needed: boolean;
}

function worthOfChange(asked: Asked, fried: FriedResult, result: AirResult, change: Change): WorthChange | null {
  // In its own best minutes: else every change would be told as a minute too few.
  const without = evaluateAir(asked, retimed(asked, fried, change.without), fried);
  const gain = worthOf(result, fried, asked.fryer) - worthOf(without, fried, asked.fryer);
  const needed = result.works && !without.works;
  // What stands in the place of the cook's own is told whatever it buys: nobody could follow the rest without.
  const told = OTHERWISE.includes(change.id);
  if (!needed && !told && gain < CHANGES.leastGain) return null;
  const better = differences(without, result).filter((d) => d.better && !UNTOLD.includes(d.about));
  if (better.length === 0 && !told) return null;
  return {
    id: change.id,
    text: change.text,
    buys: better.slice(0, CHANGE_TELLS.most).map((d) => d.text),
    gain,
    needed,
  };
}

/**
 * What a plan changes of the cook's own coat and cook, each with what it alone buys, in the order of the work. What buys
 * nothing is left out, and of many the ones that buy least.
 * @param result the plan, evaluated
 */
export function changesWorth(asked: Asked, fried: FriedResult, result: AirResult): WorthChange[] {
  const worth = changesIn(asked, fried, result)
    .map((change) => worthOfChange(asked, fried, result, change))
    .filter((w): w is WorthChange => w !== null);
  const most = [...worth].sort((a, b) => Number(b.needed) - Number(a.needed) || b.gain - a.gain);
  const told = new Set(most.slice(0, CHANGES.most));
  return worth.filter((w) => told.has(w));
}
