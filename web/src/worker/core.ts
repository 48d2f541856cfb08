import { proxy, wrap, type Remote } from 'comlink';
import {
  familiesFor,
  rankFound,
  simulationsFor,
  type Alternative,
  type Conversion,
  type ConvertRequest,
} from '@yellowmist/core';
import type { Answer, CoreService, Question } from './core.worker';
import { makePool, type Seat } from './pool';

export type { Answer, Question };

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

/** Workers that can be told to stop a search. */
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
/** One core is left to the page. */
const long = makePool(open, Math.min(MOST_WORKERS, Math.max(1, (navigator.hardwareConcurrency || 2) - 1)), crashed);

/** What a dish comes out like: some 20 ms in a worker of its own, so that a search never holds it up. */
export const evaluate = (question: Question): Promise<Answer> => quick.run((core) => core.evaluate(question));

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
}

let newest = 0;
let calledOff = new AbortController();

/** Calls every search off that runs or waits. */
export function stopConverting(): void {
  calledOff.abort(new Error('called off'));
  calledOff = new AbortController();
  for (const core of searching) void core.stopUpTo(newest);
}

/** Searches all families over the pool; a newer search calls an older one off, which then answers null. */
export async function convert(request: ConvertRequest, { onProgress, onFound }: Searching): Promise<Conversion | null> {
  stopConverting();
  const job = ++newest;
  const { signal } = calledOff;
  const of = simulationsFor(request);
  const found: Alternative[] = [];
  let done = 1;
  const { fried } = await evaluate({ ...request, plan: null, profiles: false, waits: false });
  const ranked = (): Conversion => rankFound(fried, found, done);
  let finished = false;
  const tell = (): void => {
    if (!finished && job === newest) onProgress({ done: Math.min(done, of), of, found: found.length });
  };
  const search = async (family: (typeof families)[number]): Promise<void> => {
    let mine = 0;
    const onSimulated = proxy((cooks: number) => {
      mine += cooks;
      done += cooks;
      tell();
    });
    const alternative = await long.run((core) => {
      // A family that is begun again after a crash counts anew.
      done -= mine;
      mine = 0;
      return core.search(job, request, family, onSimulated);
    }, signal);
    if (!alternative || signal.aborted) return;
    found.push(alternative);
    if (found.some((a) => a.family === 'as-it-is')) onFound(ranked());
  };
  const families = familiesFor(request);
  try {
    await Promise.all(families.map(search));
    finished = true;
  } catch (error) {
    if (signal.aborted) return null;
    throw error;
  }
  return signal.aborted ? null : ranked();
}
