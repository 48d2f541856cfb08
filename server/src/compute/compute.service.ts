import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import type { Chosen, SimulateRequest } from '@yellowmist/contract';
import type { ConvertRequest } from '@yellowmist/core';
import { Piscina } from 'piscina';
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

  convert(request: ConvertRequest): Promise<ReturnType<typeof worker.convert>> {
    return this.pool.run(request, { name: 'convert' });
  }

  simulate(request: SimulateRequest): Promise<ReturnType<typeof worker.simulate>> {
    return this.pool.run(request, { name: 'simulate' });
  }

  choose(request: ConvertRequest): Promise<Chosen> {
    return this.pool.run(request, { name: 'choose' });
  }

  onApplicationShutdown(): Promise<void> {
    return this.pool.destroy();
  }
}
