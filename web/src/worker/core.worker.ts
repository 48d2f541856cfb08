import {
  asMeantThen,
  changesWorth,
  comparisonsFor,
  corrected,
  evaluateAir,
  evaluateFried,
  eveningOf,
  fingerprint,
  foodOf,
  firstGuess,
  judgedAgain,
  layoutOf,
  loadOf,
  lotOf,
  lyingOf,
  movedTo,
  packetHere,
  pantryOf,
  KNOWN,
  plannedSeries,
  playLesson,
  readyPiece,
  reheating,
  restored,
  schoolAnswer,
  searchFamily,
  stateOf,
  substitutions,
  wantedCentre,
  waterAdvice,
  widenFamily,
  triedOf,
  type AirResult,
  type Alternative,
  type Asked,
  type Conversion,
  type Evening,
  type Family,
  type FamilyFound,
  type FriedResult,
  type KeptSearch,
  type Label,
  type Layout,
  type Move,
  type Pantry,
  type Played,
  type Reheating,
  type SchoolAnswer,
  type Substitute,
  type Suits,
  type TellEvening,
  type Tried,
  type WaterAdvice,
  type WorthChange,
} from '@yellowmist/core';
import { expose } from 'comlink';
import { enterDish, readBowl } from './entering';
import { readForPage } from './reading';
import type * as Q from './questions';

const SLICE_MS = 40;
/** How often it is told how far a search is, ms: faster than one reads, and no work for the page. */
const TELL_MS = 250;

/** Lets messages in: a call to stop is heard between two slices. */
const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

/** Searches up to this one have been called off. */
let stoppedUpTo = 0;

/** The last of something that was made of `from`, made anew only when that changes. */
function lastOf<From, T>(make: (from: From) => T): (from: From) => T {
  let last: { key: string; made: T } | null = null;
  return (from) => {
    const key = fingerprint(from);
    if (last?.key !== key) last = { key, made: make(from) };
    return last.made;
  };
}

/** The door: labels become a pantry, once for each kitchen. */
const pantryFor: (own: Label[]) => Pantry = lastOf(pantryOf);
const asked = <T extends { own: Label[] }>(question: T): T & { pantry: Pantry } => ({
  ...question,
  pantry: pantryFor(question.own),
});

interface Pot extends Pick<Asked, 'dish' | 'fried'> {
  own: Label[];
  hurried?: boolean;
}

/** Part of the usual cells in a quick look: with half of them the centre jumped by up to 2 K when the hand came to rest. */
const HURRIED_FINE = 0.75;
const fineFor = (hurried = false): number => (hurried ? HURRIED_FINE : 1);

/** The fried original, simulated anew only when it changed: while air settings are dragged it stays. */
const fryOnce: (pot: Pot) => FriedResult = lastOf(({ hurried, ...pot }) =>
  evaluateFried(asked(pot), { profiles: true, fine: fineFor(hurried) }),
);
const potOf = ({ dish, fried, own, hurried }: Pot): FriedResult => fryOnce({ dish, fried, own, hurried });

/** The plan on the bench, evaluated. */
const onBench = (question: Q.PlanQuestion, waits = false): AirResult =>
  evaluateAir(asked(question), question.plan, potOf(question), { waits });

type Told = (cooks: number) => void | Promise<void>;

/** Runs a search in slices, so that a call to stop is heard; tells how many cooks it simulated since it last told. */
async function inSlices<T>(job: number, steps: Generator<number, T, undefined>, onSimulated: Told): Promise<T | null> {
  let since = performance.now();
  let told = since;
  let cooks = 0;
  for (let next = steps.next(); ; next = steps.next()) {
    if (job <= stoppedUpTo) return null;
    if (next.done) {
      // Heard before the answer: they come by different ways.
      await onSimulated(cooks);
      return next.value;
    }
    cooks += 1;
    const now = performance.now();
    if (now - told > TELL_MS) {
      void onSimulated(cooks);
      cooks = 0;
      told = now;
    }
    if (now - since > SLICE_MS) {
      await breathe();
      since = performance.now();
    }
  }
}

const service = {
  evaluate(question: Q.EvaluateQuestion): Q.Evaluation {
    const { plan, profiles, waits } = question;
    const fine = fineFor(question.hurried);
    const fried = potOf(question);
    const { pantry } = asked(question);
    const food = foodOf(pantry, question.dish.foodId);
    const foodMm = readyPiece(pantry, question.dish, []).piece.heightM * 1000;
    const air = plan ? evaluateAir(asked(question), plan, fried, { profiles, waits, fine }) : null;
    return { food, foodMm, fried, air };
  },

  /** Something to look at while a search goes on. */
  guess: (question: Q.DishQuestion): Alternative | null => firstGuess(asked(question), potOf(question)),

  /** What was found before, judged as what is found now. */
  judgedAgain: ({ family, ...question }: Q.FoundQuestion): Alternative =>
    judgedAgain(asked(question), potOf(question), { family, plan: question.plan }),

  /** What the plan changes of the cook's own coat, and what each change buys. */
  changes: (question: Q.PlanQuestion): WorthChange[] =>
    changesWorth(asked(question), potOf(question), onBench(question)),

  /** Searches the first coat of one family for search number `job`. Null when called off. */
  search: (job: number, question: Q.DishQuestion, family: Family, onSimulated: Told): Promise<FamilyFound | null> =>
    inSlices(job, searchFamily(asked(question), family, potOf(question)), onSimulated),

  /** Searches the other coats of a family around what its first came to. Null when called off. */
  widen: (
    job: number,
    question: Q.DishQuestion,
    first: Pick<FamilyFound, 'family' | 'candidates'>,
    onSimulated: Told,
  ): Promise<FamilyFound | null> => inSlices(job, widenFamily(asked(question), first, potOf(question)), onSimulated),

  /** A search that was kept, shown again. */
  restore: (question: Q.DishQuestion, kept: KeptSearch): Conversion => restored(asked(question), kept, potOf(question)),

  /** What each side of a question on which cooks disagree would cost this plan. */
  school: (question: Q.SchoolQuestion): SchoolAnswer =>
    schoolAnswer(asked(question), question.schoolId, potOf(question), onBench(question, true)),

  /** What could stand in for one ingredient of a layer of this plan, each simulated. */
  substitutes(question: Q.SubstituteQuestion): Substitute[] {
    const { at, ingredientId, asks } = question;
    const request = asked(question);
    const choice = { ...asks, pantry: request.pantry };
    return substitutions(request, onBench(question), potOf(question), at, ingredientId, choice);
  },

  /** Every way of dealing with the food's water, simulated through to the plate. */
  water: (question: Q.PlanQuestion): WaterAdvice => waterAdvice(asked(question), potOf(question), onBench(question)),

  /** Where the pieces of a full batch lie. */
  layout({ dish, plan, fryer, own }: Q.LayoutQuestion): Layout {
    const pantry = pantryFor(own);
    const lot = lotOf(pantry, readyPiece(pantry, dish, plan.layers), dish);
    return layoutOf(lot, loadOf(lot, fryer, plan.laying), fryer, plan.laying);
  },

  /** What the cooks of a lesson come to. */
  lesson: ({ id, values }: Q.LessonQuestion): Played => playLesson(KNOWN, id, values),

  /** What of a plan could be compared in one batch. */
  comparisons(question: Q.ComparisonsQuestion): Suits[] {
    return comparisonsFor(asked(question), question.plan);
  },

  /** What a packet's word comes to, and the setting that gives what it meant: what is shown of it. */
  packet(question: Q.PacketQuestion): Q.PacketLook {
    const { here, differs, nearest, left } = packetHere(
      asked(question),
      question.plan,
      question.word,
      potOf(question),
      question.writtenFor,
    );
    return { here: here.plan, unsafe: nearest.unsafe, differs, plan: nearest.plan, left };
  },

  /** A plan of before its fryer was learned: what it gives by now, and the setting that gives what was meant. */
  meantThen(question: Q.MeantThenQuestion): Q.PacketLook {
    const meant = asMeantThen(asked(question), question.plan, question.then, potOf(question));
    const { here, differs, nearest, left } = meant;
    return { here: here.plan, unsafe: nearest.unsafe, differs, plan: nearest.plan, left };
  },

  /** The plan as it would be cooked in another fryer. */

  move: (question: Q.MoveQuestion): Move => movedTo(asked(question), question.to, potOf(question), onBench(question)),

  /** How what is left is made hot again in this fryer. */
  reheating: (question: Q.PlanQuestion): Reheating => reheating(asked(question), question.plan, potOf(question)),

  /** A dish in a cook's words, as it is understood. */
  enter: (question: Q.EnterQuestion): Q.EnteredDish => enterDish(pantryFor(question.own), question),

  /** One bowl in a cook's words, as it is understood. */
  bowl: (question: Q.BowlQuestion): Q.BowlRead => readBowl(pantryFor(question.own), question),

  /** A fried recipe, as it is understood. */
  recipe: (question: Q.RecipeQuestion): Promise<Q.RecipeAnswer> => readForPage(pantryFor(question.own), question),

  /** An evening, planned; tells how far it is. */
  planEvening: (question: Q.EveningQuestion, tell: TellEvening): Evening =>
    eveningOf(pantryFor(question.own), question, tell),

  /** What was seen and read of a cook, put into the simulation; and how its batches are meant to look. */
  counter({ programme, pace, events, own }: Q.CounterQuestion): Q.CounterAnswer {
    const pantry = pantryFor(own);
    const found = corrected(pantry, programme, stateOf(programme, pace, events));
    const planned = programme.batches.map((batch) => {
      const lying = lyingOf(pantry, programme, batch);
      const series = plannedSeries(lying);
      return { key: batch.key, series, wantedC: wantedCentre(lying, series) };
    });
    return { corrections: [...found.values()], planned };
  },

  /** Tries of a dish, each simulated as it went. */
  tried: ({ cooks, own }: Q.TriedQuestion): Tried[] => cooks.map((cook) => triedOf(pantryFor(own), cook)),

  stopUpTo(job: number): void {
    stoppedUpTo = Math.max(stoppedUpTo, job);
  },
};

export type CoreService = typeof service;

expose(service);
