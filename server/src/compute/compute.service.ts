import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import type { Chosen, SimulateRequest } from '@yellowmist/contract';
import type { ConvertRequest } from '@yellowmist/core';
import { Piscina } from 'piscina';
import { PantryService } from '../pantry/pantry.service.js';
import type * as worker from './worker.js';

const IDLE_MS = 30_000;
const MOST_THREADS = 2;
const MOST_WAITING = 16;

/** The core in a small pool of threads. */
@Injectable()
export class ComputeService implements OnApplicationShutdown {
  private readonly pool = new Piscina({
    filename: new URL('./worker.js', import.meta.url).href,
    minThreads: 0,
    maxThreads: MOST_THREADS,
    maxQueue: MOST_WAITING,
    idleTimeout: IDLE_MS,
  });

  constructor(private readonly pantry: PantryService) {}

  convert(request: ConvertRequest): Promise<ReturnType<typeof worker.convert>> {
    return this.run('convert', request);
  }

  simulate(request: SimulateRequest): Promise<ReturnType<typeof worker.simulate>> {
    return this.run('simulate', request);
  }

  choose(request: ConvertRequest): Promise<Chosen> {
    return this.run('choose', request);
  }

  /** A thread knows the kitchen's own ingredients only by what comes with the task. */
  private async run<T>(name: keyof typeof worker, request: unknown): Promise<T> {
    return (await this.pool.run({ request, own: await this.pantry.own() }, { name })) as T;
  }

  onApplicationShutdown(): Promise<void> {
    return this.pool.destroy();
  }
}
