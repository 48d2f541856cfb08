import { batchOfDish, type LoggedCook } from '../diagnose/index.js';
import { byRecipe } from '../plan/index.js';
import { corrected, lyingOf, stateOf, wentOn, type CounterBatch, type CookState } from '../counter/index.js';
import type { Happened } from '../dish/index.js';
import { meant, NOTHING_KNOWN, seriesUnder, type Lying, type Unknowns } from '../evidence/index.js';
import type { Pantry } from '../foods/index.js';
import type { CookSeries } from '../heat/index.js';
import { plain, type Text } from '../units/index.js';
import { cameTo, particularsOf, type Particular } from './particulars.js';
import { batchesThatWent, type Reading } from './went.js';

/** One try of a dish, to be put beside another. */
export interface Tried {
  particulars: Particular[];
  /** As it went by all that is known of it, simulated; null where it has no batch. */
  series: CookSeries | null;
  /** Minutes that the simulation was asked for. */
  minutes: number;
  /** The centre as it was read, by probe or by hand. */
  centre: Reading[];
}

/**
 * How a batch lay and happened: by its plan or the other recipe; what was told by hand comes before what the counter knows,
 * and that before the plan.
 */
export function happenedIn(
  byPlan: Lying,
  cook: LoggedCook,
  batch: CounterBatch,
  state: CookState,
): { lying: Lying; happened: Happened } {
  const lying = cook.recipe ? { ...byPlan, plan: byRecipe(byPlan.plan, cook.recipe) } : byPlan;
  const own = state.batches.get(batch.key);
  const planned = meant(lying);
  const { did = {} } = cook.seen;
  const took = own && own.inS !== null && own.outS !== null ? own.outS - own.inS : planned.minutes * 60;
  const went = cook.recipe ? planned : wentOn(lying, own)(took);
  const happened = {
    ...went,
    ...(typeof did.minutes === 'number' ? { minutes: did.minutes } : {}),
    ...(typeof did.turnedAtMin === 'number' ? { turnAtMin: did.turnedAtMin } : {}),
    ...(did.turned === false ? { turnAtMin: null } : {}),
  };
  return { lying, happened };
}

/** What was learned at the counter of fryer and food; nothing where nothing was read. */
function learnedOf(pantry: Pantry, cook: LoggedCook, batch: CounterBatch, state: CookState): Unknowns {
  const found = cook.recipe ? undefined : corrected(pantry, cook.programme, state).get(batch.key);
  return found && found.told > 0 ? found.belief.mean : NOTHING_KNOWN;
}

/**
 * One dish of a cook as it went: what it was made of, its simulation with what was read and told of it, and what was read.
 * @throws Refusal for a food or an ingredient that is not in the pantry
 */
export function triedOf(pantry: Pantry, cook: LoggedCook): Tried {
  const state = stateOf(cook.programme, cook.pace, cook.events);
  const batch = batchOfDish(cook.programme, cook.dish, state);
  const particulars = particularsOf(pantry, cook);
  if (!batch) return { particulars, series: null, minutes: 0, centre: [] };
  const { lying, happened } = happenedIn(lyingOf(pantry, cook.programme, batch), cook, batch, state);
  const went = batchesThatWent(cook.programme, state, cook.dish).find((b) => b.key === batch.key)!;
  const byHand = went.centres.map(({ centreC, atMin }) => ({ atS: atMin * 60, tempC: centreC }));
  const noted =
    cook.seen.centreC !== undefined && cook.seen.atMin !== undefined
      ? [{ atS: cook.seen.atMin * 60, tempC: cook.seen.centreC }]
      : [];
  return {
    particulars,
    series: seriesUnder(lying, learnedOf(pantry, cook, batch, state), happened),
    minutes: happened.minutes,
    centre: [...went.probe.centre, ...byHand, ...noted],
  };
}

/** Something in which one try differs from another. */
export interface Changed {
  key: string;
  label: string;
  /** null where the try has no such thing. */
  from: Text | null;
  to: Text | null;
}

/** All in which a try differs from the one before, as both came to be, in the order of the work. */
export function changedBetween(before: readonly Particular[], after: readonly Particular[]): Changed[] {
  const labels = new Map([...after, ...before].map((p) => [p.key, p.label]));
  const keys = after.map((p) => p.key);
  // What is there no more stands where it stood.
  before.forEach(({ key }, at) => {
    if (!keys.includes(key)) keys.splice(at === 0 ? 0 : keys.indexOf(before[at - 1].key) + 1, 0, key);
  });
  const of = (all: readonly Particular[], key: string): Text | null => {
    const found = all.find((p) => p.key === key);
    return found ? cameTo(found) : null;
  };
  return keys.flatMap((key): Changed[] => {
    const [from, to] = [of(before, key), of(after, key)];
    const alike = from !== null && to !== null && plain(from) === plain(to);
    return alike ? [] : [{ key, label: labels.get(key)!, from, to }];
  });
}
