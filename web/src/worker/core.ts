import { proxy, wrap, type Remote } from 'comlink';
import {
  familiesFor,
  rankFound,
  simulationsFor,
  type AirPlan,
  type Asks,
  type Conversion,
  type ConvertRequest,
  type Dish,
  type Family,
  type FamilyFound,
  type Fryer,
  type Label,
  type Layout,
  type Move,
  type SchoolAnswer,
  type Substitute,
  type WaterAdvice,
} from '@yellowmist/core';
import type { Answer, CoreService, Question } from './core.worker';
import { makePool, type Seat } from './pool';

export type { Answer, Question };

type Core = Remote<CoreService>;

/** What every worker has on its shelf beside the known ingredients. */
let own: Label[] = [];

/** Puts the kitchen's own ingredients on the shelf of every worker, those to come included. */
export function stockWorkers(labels: Label[]): void {
  own = labels;
  for (const core of searching) void core.stock(own);
}

function open(): Seat<Core> {
  const worker = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
  const died = new Promise<never>((_, reject) => {
    worker.onerror = (event) => reject(new Error(event.message || 'The computation stopped.'));
  });
  died.catch(() => undefined);
  const seat = { tool: wrap<CoreService>(worker), died, close: () => worker.terminate() };
  void seat.tool.stock(own);
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

const MOST_WORKERS = 4;
const quick = makePool(open, 1, crashed);
/** The page and the quick worker rest while a search runs: it may take every core, and two at least. */
const long = makePool(open, Math.min(MOST_WORKERS, Math.max(2, navigator.hardwareConcurrency || 2)), crashed);

/**
 * What a dish comes out like: some 20 ms in a worker of its own, so that a search never holds it up.
 * @throws the signal's reason when it is aborted before its turn came
 */
export const evaluate = (question: Question, signal?: AbortSignal): Promise<Answer> =>
  quick.run((core) => core.evaluate(question), signal);

/** What each side of a question on which cooks disagree would cost this plan. */
export const askSchool = (request: ConvertRequest, plan: AirPlan, schoolId: string): Promise<SchoolAnswer> =>
  long.run((core) => core.school(request, plan, schoolId));

/** What could stand in for an ingredient of a layer, each simulated in this dish and fryer. */
export const askSubstitutes = (
  request: ConvertRequest,
  plan: AirPlan,
  at: number,
  ingredientId: string,
  asks: Asks,
): Promise<Substitute[]> => quick.run((core) => core.substitutes(request, plan, at, ingredientId, asks));

/** Every way of dealing with the food's water, and the one that is worth its work. */
export const askWater = (request: ConvertRequest, plan: AirPlan): Promise<WaterAdvice> =>
  long.run((core) => core.water(request, plan));

/** Where the pieces of a full batch lie, packed in a worker. */
export const askLayout = (dish: Dish, plan: AirPlan, fryer: Fryer): Promise<Layout> =>
  quick.run((core) => core.layout(dish, plan, fryer));

/** The plan as it would be cooked in another fryer. */
export const askMove = (request: ConvertRequest, plan: AirPlan, fryer: Fryer): Promise<Move> =>
  long.run((core) => core.move(request, plan, fryer));

export interface Progress {
  done: number;
  of: number;
  /** Families that are finished. */
  found: number;
}

export interface Searching {
  onProgress: (progress: Progress) => void;
  /** Told, ranked, whenever another family is finished; from the original as it is on. */
  onFound: (conversion: Conversion) => void;
  /** Told once, when the first coat of every family is found. */
  onFirst: (conversion: Conversion) => void;
}

let newest = 0;
let calledOff = new AbortController();

/** Calls every search off that runs or waits. */
export function stopConverting(): void {
  calledOff.abort(new Error('called off'));
  calledOff = new AbortController();
  for (const core of searching) void core.stopUpTo(newest);
}

/**
 * Searches all families over the pool: the first coat of each, so that there is something to see at once, then their
 * other coats. A newer search calls an older one off, which then answers null.
 */
export async function convert(
  request: ConvertRequest,
  { onProgress, onFound, onFirst }: Searching,
): Promise<Conversion | null> {
  stopConverting();
  const job = ++newest;
  const { signal } = calledOff;
  const of = simulationsFor(request, true);
  const found = new Map<Family, FamilyFound>();
  let done = 1;
  const { fried } = await evaluate({ ...request, plan: null, profiles: false, waits: false });
  const ranked = (): Conversion => rankFound(request, fried, [...found.values()], done);
  let finished = false;
  let firsts = 0;
  const tell = (): void => {
    if (!finished && !signal.aborted) onProgress({ done: Math.min(done, of), of, found: found.size });
  };
  type Told = Parameters<CoreService['search']>[3];
  const run = async (
    task: (core: Core, onSimulated: Told) => Promise<FamilyFound | null>,
  ): Promise<FamilyFound | null> => {
    let mine = 0;
    const onSimulated = proxy((cooks: number) => {
      mine += cooks;
      done += cooks;
      tell();
    });
    const answer = await long.run((core) => {
      // A family that is begun again after a crash counts anew.
      done -= mine;
      mine = 0;
      return task(core, onSimulated);
    }, signal);
    if (!answer || signal.aborted) return null;
    found.set(answer.family, answer);
    if (found.has('as-it-is')) onFound(ranked());
    return answer;
  };
  const families = familiesFor(request);
  const search = async (family: Family): Promise<void> => {
    const first = await run((core, told) => core.search(job, request, family, told));
    firsts += 1;
    if (firsts === families.length && !signal.aborted && found.size === firsts) onFirst(ranked());
    if (!first || family === 'as-it-is') return;
    const { candidates } = first;
    await run((core, told) => core.widen(job, request, { family, candidates }, told));
  };
  try {
    await Promise.all(families.map(search));
    finished = true;
  } catch (error) {
    if (signal.aborted) return null;
    throw error;
  }
  return signal.aborted ? null : ranked();
}
