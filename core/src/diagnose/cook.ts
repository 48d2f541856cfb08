import {
  stateOf,
  type CookEvent,
  type CookPace,
  type CookState,
  type CounterBatch,
  type Programme,
  type Saw,
} from '../counter/index.js';
import { fingerprint } from '../dish/index.js';
import type { Pantry } from '../foods/index.js';
import { Remembered } from '../units/index.js';
import { afterNext, priorsFrom, type Helped } from './after.js';
import { changeFor, type DiagnosedChange } from './change.js';
import { OTHER_RECIPE } from './constants.js';
import { complaintsOf, diagnosed, type DiagnosedCause, type Diagnosis } from './diagnose.js';
import type { OtherRecipe } from '../plan/index.js';
import { byOtherRecipe, didAtCounter, meantBatch } from './meant.js';
import { posteriorOf, type Posterior, type Priors } from './posterior.js';
import { rankedCauses } from './ranked.js';
import { observationsOf, type Seen } from './seen.js';
import { Simulated } from './simulated.js';

/** One dish of a cook as it is kept, and how it came out. */
export interface LoggedCook {
  programme: Programme;
  dish: string;
  pace: CookPace;
  events: readonly CookEvent[];
  /** A packet's or another recipe's word by which it was cooked; null by its plan. */
  recipe: OtherRecipe | null;
  seen: Seen;
}

/** What was tapped at the counter, as what was seen. */
const TAPPED: Partial<Record<Saw, Seen>> = {
  'soft-under': { soggyUnder: true },
  torn: { bald: true },
  floury: { floury: true },
  stuck: { stuck: true },
  ran: { ranOff: true },
};

/** The batch by which a dish is judged: the first that went in, or the first. */
export function batchOfDish({ batches }: Programme, dish: string, state: CookState): CounterBatch | undefined {
  const own = batches.filter((b) => b.dishId === dish);
  return own.find((b) => (state.batches.get(b.key)?.inS ?? null) !== null) ?? own[0];
}

/** What the counter knows of how a batch came out, by what was tapped and read at its end. */
export function seenAtCounter(batch: CounterBatch, state: CookState): Seen {
  const own = state.batches.get(batch.key);
  if (!own) return {};
  const taps = own.seen.flatMap(({ saw }) => TAPPED[saw] ?? []);
  const centre = own.evidence.findLast((e) => e.what === 'centre' && e.by === 'hand');
  return {
    ...Object.assign({}, ...taps),
    ...(centre?.what === 'centre' ? { centreC: centre.tempC, atMin: centre.atS / 60 } : {}),
  };
}

/** What was seen of a cook with what its counter knows; what was noted by hand comes first. */
function seenOf({ programme, recipe, seen }: LoggedCook, batch: CounterBatch, state: CookState): Seen {
  const { centreC: _c, atMin: _a, ...tapped } = seenAtCounter(batch, state);
  const centre = seen.centreC === undefined ? seenAtCounter(batch, state) : {};
  const did = recipe ? {} : didAtCounter(programme, batch, state);
  return { ...tapped, ...centre, ...seen, did: { ...did, ...seen.did } };
}

interface Case {
  simulated: Simulated;
  seen: Seen;
}

function caseOf(pantry: Pantry, cook: LoggedCook): Case | null {
  const state = stateOf(cook.programme, cook.pace, cook.events);
  const batch = batchOfDish(cook.programme, cook.dish, state);
  if (!batch) return null;
  const planned = meantBatch(pantry, cook.programme, batch);
  const seen = seenOf(cook, batch, state);
  const waits = seen.crunchLater !== undefined || seen.atMin !== undefined;
  const byPlan = new Simulated(planned, waits);
  // Another recipe is held to what the plan aims at.
  const simulated = cook.recipe ? new Simulated(byOtherRecipe(planned, cook.recipe), waits, byPlan.aims) : byPlan;
  return { simulated, seen };
}

const believed = ({ simulated, seen }: Case, priors: Priors = {}): Posterior =>
  posteriorOf(simulated, observationsOf(seen), seen.did, priors);

/** Whether anything that was told of it is not as it should be: where nothing is, no cause is looked for. */
const isAmiss = ({ simulated, seen }: Case): boolean => complaintsOf(observationsOf(seen), simulated.aims).length > 0;

/** Posteriors hold every simulation that they rest on: few are kept. Their shares are small. */
const POSTERIORS = new Remembered<Posterior | null>(2);
const SHARES = new Remembered<Posterior['shares'] | null>(500);

/** What is believed of a cook by itself; null where nothing in it is amiss. */
const byItself = (pantry: Pantry, cook: LoggedCook, key = fingerprint(cook)): Posterior | null =>
  POSTERIORS.get(key, () => {
    const found = caseOf(pantry, cook);
    return found && isAmiss(found) ? believed(found) : null;
  });

/** The shares of its causes; null where nothing in it is amiss. */
function sharesByItself(pantry: Pantry, cook: LoggedCook): Posterior['shares'] | null {
  const key = fingerprint(cook);
  return SHARES.get(key, () => byItself(pantry, cook, key)?.shares ?? null);
}

/** What was found of a cook, by itself and by the cooks around it. */
export interface CookFound {
  diagnosis: Diagnosis;
  /** The change that was proposed after the cook of this dish before; null without one. */
  proposed: DiagnosedChange | null;
  /** What this cook teaches of the one before, where that change was made. */
  followUp: Helped | null;
}

/** What comes out of another recipe is not the plan's doing. */
const ofRecipe = (cause: DiagnosedCause): DiagnosedCause =>
  cause.cause === 'as-it-went' ? { ...cause, words: 'This is how that recipe comes out in this fryer' } : cause;

const NOT_DIAGNOSED: Diagnosis = { complaints: [], causes: [], none: 0, change: null, test: null };

/**
 * What went wrong in one dish of a cook, with what this kitchen's past says, and whether the change that was proposed after
 * the cook of this dish before has helped.
 * @param past other cooks that something was noted of, the latest first, and how many days ago
 * @param before the cook of this dish before; null where it is the first
 * @param didChange whether the change that was proposed then was made
 */
export function diagnoseCook(
  pantry: Pantry,
  cook: LoggedCook,
  past: readonly (LoggedCook & { daysAgo: number })[],
  before: LoggedCook | null,
  didChange: boolean,
): CookFound {
  const own = caseOf(pantry, cook);
  if (!own) return { diagnosis: NOT_DIAGNOSED, proposed: null, followUp: null };
  const found = past.flatMap(({ daysAgo, ...p }) => {
    const shares = sharesByItself(pantry, p);
    return shares ? [{ shares, daysAgo }] : [];
  });
  const usual = cook.recipe ? { 'as-it-went': OTHER_RECIPE } : {};
  const diagnosis = isAmiss(own) ? diagnosed(believed(own, { ...priorsFrom(found), ...usual })) : NOT_DIAGNOSED;
  const told = cook.recipe ? { ...diagnosis, causes: diagnosis.causes.map(ofRecipe) } : diagnosis;
  const posterior = before && byItself(pantry, before);
  if (!posterior) return { diagnosis: told, proposed: null, followUp: null };
  const proposed = changeFor(posterior, rankedCauses(posterior));
  const next = { meant: own.simulated.meant, seen: own.seen, removes: proposed?.removes ?? [] };
  return { diagnosis: told, proposed, followUp: proposed && didChange ? afterNext(posterior, next) : null };
}
