import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
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
  Refusal,
  type BatchReview,
  type ConvertRequest,
  type CookSeries,
  type Evening,
  type EveningRequest,
  type PlannedExperiment,
  type RecipeReading,
  type Seen,
} from '@yellowmist/core';
import { Piscina } from 'piscina';
import { asker } from '../common/asker.js';
import { ShelfService } from '../shelf/shelf.service.js';
import { FairQueue } from './fairQueue.js';
import type * as worker from './worker.js';

const IDLE_MS = 30_000;
const MOST_THREADS = 2;
/** A conversion takes a second or two: a queue is half empty after ten. */
const ROOM = { running: MOST_THREADS, waiting: 24, waitingOfOne: 16, retryAfterS: 10 } as const;

/** The core in a small pool of threads. */
@Injectable()
export class ComputeService implements OnApplicationShutdown {
  private readonly pool = new Piscina({
    filename: new URL('./worker.js', import.meta.url).href,
    minThreads: 0,
    maxThreads: MOST_THREADS,
    idleTimeout: IDLE_MS,
  });

  private readonly queue = new FairQueue(ROOM);

  constructor(private readonly shelf: ShelfService) {}

  /** @param signal calls the work off: nobody waits for it any more */
  convert(request: ConvertRequest, signal?: AbortSignal): Promise<ConvertAnswer> {
    return this.run<ConvertAnswer>('convert', request, signal);
  }

  simulate(request: SimulateRequest, signal?: AbortSignal): Promise<SimulateAnswer> {
    return this.run<SimulateAnswer>('simulate', request, signal);
  }

  readRecipe(request: ReadRecipeRequest): Promise<RecipeReading> {
    return this.run<RecipeReading>('readRecipe', request);
  }

  writeRecipe(request: worker.ToWrite): Promise<string> {
    return this.run<string>('writeRecipe', request);
  }

  /** @param signal calls the work off */
  planEvening(request: EveningRequest, signal?: AbortSignal): Promise<Evening> {
    return this.run<Evening>('planEvening', request, signal);
  }

  /** What was seen and read of a cook, put into the simulation. */
  correct(request: worker.ToCorrect): Promise<worker.SlimCorrection[]> {
    return this.run<worker.SlimCorrection[]>('correct', request);
  }

  /** The cook that really happens in a simulated fryer. */
  practise(request: worker.ToPractise): Promise<CookSeries> {
    return this.run<CookSeries>('practise', request);
  }

  /** The colour that a batch is expected to have by what is believed of it, B. */
  expectedColour(request: worker.ToExpect): Promise<number> {
    return this.run<number>('expectedColour', request);
  }

  review(request: worker.ToReview): Promise<BatchReview[]> {
    return this.run<BatchReview[]>('review', request);
  }

  /** @param signal calls the work off */
  diagnose(request: DiagnoseRequest, signal?: AbortSignal): Promise<DiagnoseAnswer> {
    return this.run<DiagnoseAnswer>('diagnose', request, signal);
  }

  /** What went wrong in a cook that is kept. */
  diagnoseLogged(request: worker.ToDiagnose): Promise<Omit<CookDiagnosis, 'dish'>> {
    return this.run<Omit<CookDiagnosis, 'dish'>>('diagnoseLogged', request);
  }

  /** What the cooks taught of the fryers. */
  learn(request: worker.ToLearn): Promise<worker.Learned> {
    return this.run<worker.Learned>('learn', request);
  }

  /** A fair comparison in one batch. */
  planExperiment(request: worker.ToPlanExperiment): Promise<PlannedExperiment> {
    return this.run<PlannedExperiment>('planExperiment', request);
  }

  /** How right plans have been. */
  honesty(request: worker.ToLearn): Promise<worker.HonestFryer[]> {
    return this.run<worker.HonestFryer[]>('honesty', request);
  }

  writeDown(request: worker.ToWriteDown): Promise<Seen> {
    return this.run<Seen>('writeDown', request);
  }

  choose(request: ConvertRequest): Promise<Chosen> {
    return this.run<Chosen>('choose', request);
  }

  /**
   * A thread knows the kitchen's own ingredients only by what comes with the task.
   * @throws ProblemException 503 when too much waits already; Refusal when it cannot be computed as it was asked
   */
  private async run<T>(name: keyof typeof worker, request: unknown, signal?: AbortSignal): Promise<T> {
    const own = await this.shelf.own();
    const compute = (): Promise<unknown> => this.pool.run({ request, own }, { name, signal });
    const worked = (await this.queue.run(asker(), compute, signal)) as worker.Worked<T>;
    if ('refused' in worked) throw new Refusal(worked.refused);
    return worked.answer;
  }

  onApplicationShutdown(): Promise<void> {
    return this.pool.destroy();
  }
}
