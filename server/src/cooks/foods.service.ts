import { Injectable } from '@nestjs/common';
import type { CookReview, SightAnswer } from '@yellowmist/contract';
import {
  ABOUT_SURPRISE,
  clockOfCook,
  momentOfCook,
  plain,
  reallyOffK,
  SAWS,
  sightAt,
  stateOf,
  turnedAtMin,
  type BatchState,
  type CookEvent,
  type CookSeries,
  type CookState,
  type CounterBatch,
} from '@yellowmist/core';
import { ProblemException } from '../common/problem.js';
import { ComputeService } from '../compute/compute.service.js';
import { paceOfCook, simulatedIn, type StoredCook } from './stored.js';
import { CooksStore } from './cooks.store.js';
import { EventsStore } from './events.store.js';
import { truthOf } from './truths.js';

/** A cook at this moment. */
export interface Moment {
  cook: StoredCook;
  events: CookEvent[];
  state: CookState;
  nowS: number;
  at: (s: number) => number;
}

/** How a batch went, as far as its simulation depends on it. */
const wentKey = ({ turnedS, openedS }: BatchState): string => [turnedS ?? -1, ...openedS].map(Math.round).join();

/** What is remembered of a cook with simulated food. */
interface Simulated {
  /** What follows from so many events of its log. */
  known: { events: number; state: CookState; clock: (atMs: number) => number; at: (s: number) => number } | null;
  /** The real cook of each batch, and how it went when it was simulated. */
  series: Map<string, { went: string; series: CookSeries }>;
}

/** The food that really lies in simulated fryers: what eyes see of it, and, at the end, what it was. */
@Injectable()
export class FoodsService {
  private readonly simulated = new Map<string, Simulated>();

  constructor(
    private readonly cooks: CooksStore,
    private readonly events: EventsStore,
    private readonly compute: ComputeService,
  ) {
    events.replaced.subscribe(() => this.simulated.clear());
  }

  private of(id: string): Simulated {
    const known = this.simulated.get(id) ?? {
      known: null,
      series: new Map<string, { went: string; series: CookSeries }>(),
    };
    this.simulated.set(id, known);
    return known;
  }

  /** Forgets a cook that is over: it is simulated anew where somebody asks. */
  forget(id: string): void {
    this.simulated.delete(id);
  }

  /** A cook now. What follows from its log is worked out anew only when something was added to it. */
  async moment(cook: StoredCook): Promise<Moment> {
    const looked = this.of(cook.id);
    const events = await this.events.of(cook.id);
    if (looked.known?.events !== events.length) {
      const pace = paceOfCook(cook.body);
      looked.known = {
        events: events.length,
        state: stateOf(cook.body.programme, pace, events),
        clock: clockOfCook(pace, events),
        at: momentOfCook(pace, events),
      };
    }
    const { state, clock, at } = looked.known;
    return { cook, events, state, nowS: clock(Date.now()), at };
  }

  /** The food that really lies in a simulated fryer, simulated anew when it was opened. */
  async really({ cook, state }: Moment, batch: CounterBatch): Promise<CookSeries> {
    const own = state.batches.get(batch.key)!;
    const went = wentKey(own);
    const known = this.of(cook.id).series.get(batch.key);
    if (known?.went === went) return known.series;
    const truth = truthOf(cook, batch);
    const { programme } = cook.body;
    const series = await this.compute.practise({ programme, batch: batch.key, state: own, truth });
    this.of(cook.id).series.set(batch.key, { went, series });
    return series;
  }

  /** The swatch beside the fryer: the colour that the plan has there by then, B. */
  expected({ cook }: Moment, batch: CounterBatch, atS: number, face: 'up' | 'down'): Promise<number> {
    const { programme } = cook.body;
    return this.compute.expectedColour({ programme, batch: batch.key, atS, face });
  }

  /**
   * What eyes see of a batch in a simulated fryer now.
   * @throws ProblemException 404 where it is real, or does not lie in its fryer
   */
  async sight(id: string, key: string): Promise<SightAnswer> {
    const cook = await this.cooks.kept(id);
    const moment = await this.moment(cook);
    const batch = cook.body.programme.batches.find((b) => b.key === key);
    const own = batch && moment.state.batches.get(batch.key);
    if (!batch || !simulatedIn(cook.body).includes(batch.fryer.name))
      throw new ProblemException(404, `Only what lies in a simulated fryer can be seen from here.`);
    if (!own || own.inS === null) throw new ProblemException(404, `${key} is not in its fryer yet.`);
    const atS = (own.outS ?? moment.nowS) - own.inS;
    const series = await this.really(moment, batch);
    return { batch: key, atS, ...sightAt(series, truthOf(cook, batch), turnedAtMin(batch, own), atS) };
  }

  /** The end of a rehearsal: what was really so. @throws ProblemException 404 for a real cook, 409 while it goes on */
  async review(id: string): Promise<CookReview> {
    const cook = await this.cooks.kept(id);
    const { rehearsal, programme } = cook.body;
    if (!rehearsal) throw new ProblemException(404, 'Only a rehearsal knows how it really was.');
    if (cook.endedAt === null)
      throw new ProblemException(409, 'The rehearsal goes on: what is really so is told when it is over.');
    const { events, nowS } = await this.moment(cook);
    const truths = Object.fromEntries(programme.batches.map((b) => [b.key, truthOf(cook, b)]));
    const batches = await this.compute.review({
      programme,
      pace: paceOfCook(cook.body),
      events: [...events],
      truths,
      nowS,
    });
    const fryers = new Map(
      programme.batches.map((b) => [
        b.fryer.name,
        { offsetC: reallyOffK(truths[b.key]) + b.fryer.offsetC, saidC: b.fryer.offsetC },
      ]),
    );
    return {
      surprises: rehearsal.surprises.map((surprise) => ({ surprise, ...ABOUT_SURPRISE[surprise] })),
      fryers: [...fryers].map(([fryer, off]) => ({ fryer, ...off })),
      batches: batches.map((b) => ({ ...b, cost: plain(b.cost), costParts: b.cost })),
      saws: [...SAWS],
    };
  }
}
