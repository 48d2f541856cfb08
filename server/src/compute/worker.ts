import { isDishFile, readDishFile } from '@yellowmist/contract';
import type {
  Chosen,
  ConvertAnswer,
  CookDiagnosis,
  DiagnoseAnswer,
  DiagnoseRequest,
  ReadRecipeRequest,
  SimulateAnswer,
  SimulateRequest,
} from '@yellowmist/contract';
import {
  changesWorth,
  convertDish,
  cardJsonLd,
  cardMarkdown,
  cardOf,
  cardText,
  evaluateAir,
  evaluateFried,
  eveningOf,
  pantryOf,
  readingOfDish,
  readRecipe as read,
  Refusal,
  diagnose as coreDiagnose,
  diagnoseCook,
  honestyOf,
  learnFryer,
  meanOff,
  observedOf,
  saidOfFryer,
  byOtherRecipe,
  causeOf,
  meantBatch,
  meantCook,
  writtenDown,
  plain,
  colourUnder,
  corrected,
  followedS,
  lyingOf,
  plannedSeries,
  reviewOf,
  stateOf,
  trueSeries,
  wentOn,
  type AirPlan,
  type BatchCorrection,
  type BatchReview,
  type BatchState,
  type ConvertRequest,
  type CookEvent,
  type CookPace,
  type CookSeries,
  type CounterBatch,
  type Face,
  type CauseKey,
  type LoggedCook,
  type OtherRecipe,
  type Seen,
  type Forecast,
  type Programme,
  type Truth,
  type Evening,
  type EveningRequest,
  type Fryer,
  type Label,
  type Honesty,
  type LearnedFryer,
  type ObservedCook,
  type LearningCook,
  type Pantry,
  type RecipeCard,
  type RecipeReading,
  type RecipeSource,
  type Text,
} from '@yellowmist/core';
import { conversionAnswer } from './answers.js';
import { diagnosisAnswer, followUpAnswer, isByHand } from './diagnosing.js';
import { simulated } from './simulated.js';

/** What a thread is asked, with the kitchen's own ingredients. */
export interface Task<T> {
  request: T;
  own: Label[];
}

/** What it answers. A refusal loses its kind on the way between threads, and so goes by itself. */
export type Worked<T> = { answer: T } | { refused: string };

const work =
  <T, R>(compute: (pantry: Pantry, request: T) => R) =>
  ({ request, own }: Task<T>): Worked<R> => {
    try {
      return { answer: compute(pantryOf(own), request) };
    } catch (error) {
      if (error instanceof Refusal) return { refused: error.message };
      throw error;
    }
  };

/** Runs in a thread of the pool, so that a conversion does not hold up other requests. */
export const convert = work((pantry, request: ConvertRequest): ConvertAnswer => {
  const asked = { ...request, pantry };
  const found = convertDish(asked, 'wide');
  const [best] = found.alternatives;
  return conversionAnswer(found, best ? changesWorth(asked, found.fried, best) : []);
});

export const simulate = work((pantry, request: SimulateRequest): SimulateAnswer => simulated(pantry, request));

/** The best plan of a conversion, for the demo's dishes. */
export const choose = work((pantry, request: ConvertRequest): Chosen => {
  const [best] = convertDish({ ...request, pantry }).alternatives;
  return { family: best.family, by: 'search', plan: best.plan };
});

/** A recipe as it is understood; a dish of Yellowmist's own is known already. */
export const readRecipe = ({ request, own }: Task<ReadRecipeRequest>): Worked<RecipeReading> => {
  const json = parsedOwn(request);
  if (json === undefined)
    return work((pantry, asked: ReadRecipeRequest) => read(pantry, asked as RecipeSource))({ request, own });
  const file = readDishFile(json, own);
  if (!file.ok) return { refused: file.errors.map((e) => e.message).join('; ') };
  return work(readingOfDish)({
    request: file.value.body,
    own: [...own, ...file.value.own.filter(({ id }) => own.every((o) => o.id !== id))],
  });
};

/** The dish of Yellowmist's own that was sent, as JSON or as its text; undefined for anything else. */
function parsedOwn({ text, json }: ReadRecipeRequest): unknown {
  const given = typeof json === 'string' ? json : text;
  if (given === undefined) return isDishFile(json) ? json : undefined;
  if (!/^\s*\{/.test(given)) return undefined;
  try {
    const parsed: unknown = JSON.parse(given);
    return isDishFile(parsed) ? parsed : undefined;
  } catch {
    return undefined;
  }
}

const WRITERS = {
  'json-ld': (card: RecipeCard): string => `${JSON.stringify(cardJsonLd(card), null, 2)}\n`,
  markdown: (card: RecipeCard): string => cardMarkdown(card),
  text: (card: RecipeCard): string => cardText(card),
} as const;

/** What is written of a converted dish. */
export interface ToWrite extends ConvertRequest {
  name: string;
  note: string;
  plan: AirPlan;
  form: keyof typeof WRITERS;
}

/** A converted dish, simulated and written out. */
export const writeRecipe = work((pantry, { name, note, plan, form, ...request }: ToWrite): string => {
  const asked = { ...request, pantry };
  const air = evaluateAir(asked, plan, evaluateFried(asked));
  return WRITERS[form](cardOf({ name, note }, asked, air));
});

/** An evening, its dishes simulated and its work scheduled. */
export const planEvening = work((pantry, request: EveningRequest): Evening => eveningOf(pantry, request));

/** A cook as far as it is known. */
export interface ToCorrect {
  programme: Programme;
  pace: CookPace;
  events: CookEvent[];
}

/** A correction without the curves that it comes from. */
export interface SlimCorrection extends Omit<BatchCorrection, 'forecast'> {
  forecast: Pick<Forecast, 'wantedC' | 'centre' | 'golden' | 'out'> | null;
}

/** What was seen and read of a cook, batch by batch. */
export const correct = work((pantry, { programme, pace, events }: ToCorrect): SlimCorrection[] =>
  [...corrected(pantry, programme, stateOf(programme, pace, events)).values()].map(({ forecast, ...rest }) => ({
    ...rest,
    forecast: forecast && {
      wantedC: forecast.wantedC,
      centre: forecast.centre,
      golden: forecast.golden,
      out: forecast.out,
    },
  })),
);

/** A batch in a simulated fryer. */
export interface ToPractise {
  programme: Programme;
  batch: string;
  state: BatchState;
  truth: Truth;
}

const batchOf = (programme: Programme, key: string): CounterBatch => programme.batches.find((b) => b.key === key)!;

export const practise = work((pantry, { programme, batch, state, truth }: ToPractise): CookSeries => {
  const lying = lyingOf(pantry, programme, batchOf(programme, batch));
  return trueSeries(lying, truth, wentOn(lying, state)(followedS(lying)));
});

/** A batch by its plan. */
export interface ToExpect {
  programme: Programme;
  batch: string;
  atS: number;
  face: Face;
}

export const expectedColour = work((pantry, { programme, batch, atS, face }: ToExpect): number =>
  colourUnder(plannedSeries(lyingOf(pantry, programme, batchOf(programme, batch))), face, atS, 0),
);

/** The end of a rehearsal. */
export interface ToReview extends ToCorrect {
  truths: Record<string, Truth>;
  nowS: number;
}

/** What was seen of a dish, without storing anything. */
export const diagnose = work((pantry, { conversion, seen }: DiagnoseRequest): DiagnoseAnswer =>
  diagnosisAnswer(coreDiagnose(meantCook(pantry, conversion), seen)),
);

/** A cook with the cooks around it. */
export interface ToDiagnose {
  cook: LoggedCook;
  past: (LoggedCook & { daysAgo: number })[];
  before: (LoggedCook & { id: string }) | null;
  didChange: boolean;
}

export const diagnoseLogged = work(
  (pantry, { cook, past, before, didChange }: ToDiagnose): Omit<CookDiagnosis, 'dish'> => {
    const { id: _, ...earlier } = before ?? { id: '' };
    const last = before ? (earlier as LoggedCook) : null;
    const { diagnosis, proposed, followUp } = diagnoseCook(pantry, cook, past, last, didChange);
    return {
      ...diagnosisAnswer(diagnosis),
      proposedBefore:
        before && proposed
          ? { cook: before.id, text: plain(proposed.text), parts: proposed.text, byHand: isByHand(proposed) }
          : null,
      followUp: before && proposed && followUp ? followUpAnswer(before.id, proposed, followUp) : null,
    };
  },
);

/** A cook of the demo's past: what went otherwise in it. */
export interface ToWriteDown {
  programme: Programme;
  dish: string;
  recipe: OtherRecipe | null;
  cause: readonly [CauseKey, number] | null;
}

export const writeDown = work((pantry, { programme, dish, recipe, cause }: ToWriteDown): Seen => {
  const batch = programme.batches.find((b) => b.dishId === dish)!;
  const planned = meantBatch(pantry, programme, batch);
  const put = recipe ? byOtherRecipe(planned, recipe) : planned;
  return writtenDown((cause && causeOf(cause[0]).put(put, cause[1])) ?? put);
});

export const review = work((pantry, { programme, pace, events, truths, nowS }: ToReview): BatchReview[] =>
  reviewOf(pantry, programme, pace, events, ({ key }) => truths[key], nowS),
);

/** Fryers as their pages have them, and all cooks that may teach something of them. */
export interface ToLearn {
  pages: Fryer[];
  cooks: LearningCook[];
}

/** What was learned of a fryer, with its sentence. */
export interface LearnedFryerSaid {
  page: Fryer;
  learned: LearnedFryer;
  says: string;
  parts: Text;
}

/** What cooks say of their fryers; one dish that cannot be read any more says nothing, and the others do. */
function listened(pantry: Pantry, cooks: readonly LearningCook[]): ObservedCook[] {
  return cooks.flatMap((cook) => {
    try {
      return observedOf(pantry, { ...cook, id: `${cook.id}.${cook.dish}` }) ?? [];
    } catch (error) {
      if (error instanceof Refusal) return [];
      throw error;
    }
  });
}

export const learn = work((pantry, { pages, cooks }: ToLearn): LearnedFryerSaid[] => {
  const observed = listened(pantry, cooks);
  return pages.map((page) => {
    const own = observed.filter((o) => o.fryer === page.name);
    const learned = learnFryer(page, own);
    const parts = saidOfFryer(page.name, learned);
    return { page, learned, says: plain(parts), parts };
  });
});

/** How right plans have been for one fryer. */
export type HonestFryer = Honesty & { fryer: string } & Record<'colour' | 'centre', ReturnType<typeof meanOff>>;

export const honesty = work((pantry, { pages, cooks }: ToLearn): HonestFryer[] => {
  const observed = listened(pantry, cooks);
  return pages.map((page) => {
    const own = honestyOf(
      page,
      observed.filter((o) => o.fryer === page.name),
    );
    return { fryer: page.name, ...own, colour: meanOff(own, 'colour'), centre: meanOff(own, 'centre') };
  });
});
