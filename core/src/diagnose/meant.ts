import { lyingOf, type BatchState, type CookState, type CounterBatch, type Programme } from '../counter/index.js';
import { takenG } from '../beside/index.js';
import { dishAs, readyPiece, wholeOf, type Dish, type FriedCook, type Fryer, type AirPlan } from '../dish/index.js';
import { meant as asPlanned, NOTHING_KNOWN, type Lying } from '../evidence/index.js';
import type { Pantry } from '../foods/index.js';
import { byRecipe, coatedG, evaluateFried, loadFor, type OtherRecipe } from '../plan/index.js';
import { didIn, type Doing } from './did.js';
import type { Did } from './seen.js';
import type { Put } from './put.js';

/** A dish with its plan for one fryer. */
export interface PlannedDish {
  dish: Dish;
  fried: FriedCook;
  fryer: Fryer;
  plan: AirPlan;
}

/** The sauce in which it is tossed when it is done: no coat is still crisp in it ten minutes later, and none is blamed for that. */
function tossedIn({ pantry, dish, plan }: Lying): Put['tossed'] {
  const bowl = dish.beside?.find(({ use }) => use === 'tossed');
  if (!bowl || plan.second?.sauce) return undefined;
  const made = dishAs(dish, plan);
  const { layers } = readyPiece(pantry, made, plan.layers);
  const { areaM2 } = wholeOf(pantry, made);
  return { sauce: { portions: bowl.portions }, gm2: takenG(bowl, coatedG(pantry, made, layers), 1) / areaM2 };
}

const doingOf = (lying: Lying): Doing => ({
  lying,
  unknowns: NOTHING_KNOWN,
  happened: asPlanned(lying),
  waits: lying.plan.afterwards === 'at-once' ? 'plate' : lying.plan.afterwards === 'held' ? 'hold' : 'rack',
  tossed: tossedIn(lying),
});

const putOf = (lying: Lying, fried: FriedCook): Put => ({
  ...doingOf(lying),
  pot: evaluateFried({ pantry: lying.pantry, dish: lying.dish, fried }).pot,
});

/** A cook as its plan means it. @throws Refusal for an unknown food or ingredient */
export function meantCook(pantry: Pantry, { dish, fried, fryer, plan }: PlannedDish): Put {
  const made = dishAs(dish, plan);
  const ready = readyPiece(pantry, made, plan.layers, plan.second);
  const load = loadFor({ pantry, dish: made, fryer }, ready, plan.laying);
  return putOf({ pantry, dish, plan, fryer, load }, fried);
}

/** A batch of a cook at the counter, as its plan means it. @throws Refusal for an unknown food or ingredient */
export function meantBatch(pantry: Pantry, programme: Programme, batch: CounterBatch): Put {
  const { fried } = programme.dishes.find((d) => d.id === batch.dishId)!;
  return putOf(lyingOf(pantry, programme, batch), fried);
}

/** What a batch's plan says is done: what does not apply to it is missing. Nothing is simulated. */
export function plannedDid(pantry: Pantry, programme: Programme, batch: CounterBatch): Did {
  const doing = doingOf(lyingOf(pantry, programme, batch));
  const { piece } = readyPiece(pantry, dishAs(doing.lying.dish, batch.plan), batch.plan.layers);
  return didIn(doing, doing, piece.areaM2);
}

/** A cook by another recipe than its plan: all else as it was meant. */
export function byOtherRecipe(put: Put, recipe: OtherRecipe): Put {
  const lying = { ...put.lying, plan: byRecipe(put.lying.plan, recipe) };
  return { ...put, lying, happened: asPlanned(lying) };
}

const inMinutes = (seconds: number): number => Math.round((seconds / 60) * 10) / 10;

/** What the log of a cook knows of how one batch was done; what it does not know is missing. */
export function didAtCounter(programme: Programme, batch: CounterBatch, state: CookState): Did {
  const own = state.batches.get(batch.key);
  if (!own || own.inS === null) return {};
  const { turnAtMin } = batch.plan.settings;
  const skipped = (kind: string): boolean =>
    programme.steps.some((s) => s.batch === batch.key && s.kind === kind && state.over.get(s.id)?.how === 'skipped');
  return {
    ...timesOf(batch, own),
    ...(turnAtMin === null ? {} : turnedOf(own)),
    ...(skipped('oil') ? { oilG: 0 } : {}),
    ...(skipped('preheat') ? { preheated: false } : {}),
    piecesAtOnce: batch.pieces,
  };
}

function timesOf({ plan }: CounterBatch, { inS, outS }: BatchState): Did {
  // A second cook has its own stretch: only what is cooked in one is a length that can be compared.
  return inS === null || outS === null || plan.second ? {} : { minutes: inMinutes(outS - inS) };
}

const turnedOf = ({ turnedS, outS }: BatchState): Did => {
  if (turnedS !== null) return { turned: true, turnedAtMin: inMinutes(turnedS) };
  return outS === null ? {} : { turned: false };
};
