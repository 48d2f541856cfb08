import { proxy, wrap, type Remote } from 'comlink';
import type { Conversion, ConvertRequest } from '@yellowmist/core';
import type { Answer, CoreService, Progress, Question } from './core.worker';

export type { Answer, Progress, Question };

interface Seat {
  worker: Worker;
  core: Remote<CoreService>;
  /** Rejects when the worker dies, so that nobody waits for it for ever. */
  died: Promise<never>;
}

function open(): Seat {
  const worker = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
  const died = new Promise<never>((_, reject) => {
    worker.onerror = (event) => reject(new Error(event.message || 'The computation stopped.'));
  });
  died.catch(() => undefined);
  return { worker, core: wrap<CoreService>(worker), died };
}

/** A worker that is opened when first asked, and anew after it died. */
function lane() {
  let seat: Seat | null = null;
  return async <T>(ask: (core: Remote<CoreService>) => Promise<T>): Promise<T> => {
    seat ??= open();
    const mine = seat;
    return Promise.race([ask(mine.core), mine.died]).catch((error: unknown) => {
      mine.worker.terminate();
      if (seat === mine) seat = null;
      throw error;
    });
  };
}

const quick = lane();
const long = lane();

/** What a dish comes out like: some 20 ms. */
export const evaluate = (question: Question): Promise<Answer> => quick((core) => core.evaluate(question));

/** The whole search, in a worker of its own; null when a newer search or `stopConverting` overtook it. */
export const convert = (request: ConvertRequest, onProgress: (p: Progress) => void): Promise<Conversion | null> =>
  long((core) => core.convert(request, proxy(onProgress)));

export const stopConverting = (): Promise<void> => long((core) => core.stop());
