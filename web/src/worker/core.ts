import { proxy, wrap, type Remote } from 'comlink';
import {
  familiesFor,
  pantryOf,
  rankFound,
  simulationsFor,
  type Alternative,
  type Conversion,
  type Evening,
  type Family,
  type FamilyFound,
  type KeptSearch,
  type TellEvening,
} from '@yellowmist/core';
import type { CoreService } from './core.worker';
import { makePool, type Seat } from './pool';
import type * as Q from './questions';

type Core = Remote<CoreService>;

function open(): Seat<Core> {
  const worker = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
  const died = new Promise<never>((_, reject) => {
    worker.onerror = (event) => reject(new Error(event.message || 'The computation stopped.'));
  });
  died.catch(() => undefined);
  const seat = { tool: wrap<CoreService>(worker), died, close: () => worker.terminate() };
  searching.add(seat.tool);
  died.catch(() => searching.delete(seat.tool));
  return seat;
}

/** Workers that are open: they can be told to stop a search. */
const searching = new Set<Core>();
const listeners = new Set<() => void>();
const crashed = (): void => listeners.forEach((tell) => tell());

/** Tells whenever a worker died and its task was begun again; returns how to stop telling. */
export function onCrash(tell: () => void): () => void {
  listeners.add(tell);
  return () => listeners.delete(tell);
}

/** Evenings are planned by one worker, which remembers the dishes that it has simulated. */
const evening = makePool(open, 1, crashed);

/** A cook at the counter is corrected by one worker, which remembers what it has simulated. */
const counter = makePool(open, 1, crashed);

const MOST_WORKERS = 4;
/** A worker of its own for what is seen at once, so that a search never holds it up. */
const quick = makePool(open, 1, crashed);
/** The answer is read first: it waits for no search, and holds up no hand that drags. */
const answer = makePool(open, 1, crashed);
/** The page and the quick worker rest while a search runs: it may take every core, and two at least. */
const long = makePool(open, Math.min(MOST_WORKERS, Math.max(2, navigator.hardwareConcurrency || 2)), crashed);

type Service = Omit<CoreService, 'search' | 'widen' | 'stopUpTo' | 'planEvening'>;
type QuestionOf<K extends keyof Service> = Parameters<Service[K]>[0];
type AnswerOf<K extends keyof Service> = Awaited<ReturnType<Service[K]>>;

/** In which pool each question is answered. */
const POOLS = {
  evaluate: quick,
  substitutes: quick,
  layout: quick,
  school: long,
  water: long,
  move: long,
  packet: long,
  meantThen: long,
  comparisons: quick,
  guess: quick,
  changes: answer,
  enter: quick,
  bowl: quick,
  recipe: quick,
  reheating: quick,
  tried: quick,
  lesson: quick,
  counter,
} as const;

export type Asked = keyof typeof POOLS;

/**
 * The answer of a worker to a question.
 * @throws the signal's reason when it is aborted before its turn came
 */
export const ask = <K extends Asked>(name: K, question: QuestionOf<K>, signal?: AbortSignal): Promise<AnswerOf<K>> =>
  POOLS[name].run((core) => (core[name] as unknown as (q: QuestionOf<K>) => Promise<AnswerOf<K>>)(question), signal);

export type { AnswerOf, QuestionOf };

export interface Progress {
  done: number;
  of: number;
}

export interface Searching {
  /** Told before anything is searched: something to look at. */
  onGuess: (guess: Alternative) => void;
  onProgress: (progress: Progress) => void;
  /** Told, ranked, whenever another family is finished; from the original as it is on. */
  onFound: (conversion: Conversion) => void;
}

let newest = 0;

/** Opens the worker of what is seen at once, before it is asked anything: it loads the core while the dish is fetched. */
export function warmUp(): void {
  // Whoever asks it something is told when it cannot be opened.
  quick.run(() => Promise.resolve()).catch(() => undefined);
}

/** A search that was kept, shown again: a few simulations, by the worker that has just fried the original. */
export const restore = (question: Q.DishQuestion, kept: KeptSearch, signal: AbortSignal): Promise<Conversion> =>
  quick.run((core) => core.restore(question, kept), signal);

/** What was found before, judged as what is found now. */
export const judgedAgain = (question: Q.FoundQuestion, signal: AbortSignal): Promise<Alternative> =>
  quick.run((core) => core.judgedAgain(question), signal);

type TellsCooks = Parameters<CoreService['search']>[3];

/**
 * Searches all families over the pool: the first coat of each, so that there is something to see at once, then their
 * other coats.
 * @throws the signal's reason when it is aborted
 */
export async function convert(
  question: Q.DishQuestion,
  { onGuess, onProgress, onFound }: Searching,
  signal: AbortSignal,
): Promise<Conversion> {
  const job = ++newest;
  signal.addEventListener('abort', () => {
    for (const core of searching) void core.stopUpTo(job);
  });
  const request = { ...question, pantry: pantryOf(question.own) };
  const of = simulationsFor(request, true);
  const found = new Map<Family, FamilyFound>();
  let done = 1;
  const { fried } = await ask('evaluate', { ...question, plan: null, profiles: false, waits: false }, signal);
  const guess = await ask('guess', question, signal);
  if (guess) onGuess(guess);
  const ranked = (): Conversion => rankFound(request, fried, [...found.values()], done);
  const run = async (
    task: (core: Core, onSimulated: TellsCooks) => Promise<FamilyFound | null>,
  ): Promise<FamilyFound> => {
    let mine = 0;
    const onSimulated = proxy((cooks: number) => {
      mine += cooks;
      done += cooks;
      if (!signal.aborted) onProgress({ done: Math.min(done, of), of });
    });
    const answer = await long.run((core) => {
      // A family that is begun again after a crash counts anew.
      done -= mine;
      mine = 0;
      return task(core, onSimulated);
    }, signal);
    signal.throwIfAborted();
    if (!answer) throw new Error('called off');
    found.set(answer.family, answer);
    if (found.has('as-it-is')) onFound(ranked());
    return answer;
  };
  // The cook's own coat first: it is what lies on the bench.
  const families = familiesFor(request).sort((a, b) => Number(b === guess?.family) - Number(a === guess?.family));
  const search = async (family: Family): Promise<void> => {
    const first = await run((core, told) => core.search(job, question, family, told));
    if (family === 'as-it-is') return;
    const { candidates } = first;
    await run((core, told) => core.widen(job, question, { family, candidates }, told));
  };
  await Promise.all(families.map(search));
  return ranked();
}

/**
 * An evening, planned in a worker of its own.
 * @throws the signal's reason when it is aborted before its turn came
 */
export const planEvening = (question: Q.EveningQuestion, tell: TellEvening, signal: AbortSignal): Promise<Evening> =>
  evening.run((core) => core.planEvening(question, proxy(tell)), signal);
