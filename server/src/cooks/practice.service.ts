import { Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import {
  firstStretch,
  livePlan,
  nextByHands,
  saysOf,
  sightAt,
  tellsAt,
  turnedAtMin,
  type CookEvent,
  type Corrections,
  type Step,
} from '@yellowmist/core';
import { ComputeService } from '../compute/compute.service.js';
import { ProbesService } from '../devices/probes.service.js';
import { CooksService } from './cooks.service.js';
import { CooksStore } from './cooks.store.js';
import { paceOfCook, simulatedIn, type StoredCook } from './stored.js';
import { EventsStore } from './events.store.js';
import { FoodsService, type Moment } from './foods.service.js';
import { eventIdOf, truthOf } from './truths.js';

/** Simulated fryers are looked after so often, ms. */
const EVERY_MS = 200;
/** Readings are kept no nearer to each other than this many s of the room's clock, and no more of them at a time. */
const KEPT_EVERY_S = { slow: 5, fast: 0.3 };
const MOST_AT_ONCE = 40;
/** Steps that a rehearsal's hands do in one round: a server that was away catches up. */
const MOST_STEPS = 12;
/** A cook that was left alone is looked after no longer than this, s of its clock; a rehearsal ends then. */
const LONGEST_S = 10 * 3600;
const LOOKED_AT: readonly Step['kind'][] = ['look', 'check', 'unload'];

/** What is known of a cook that is looked after. */
interface Looked {
  busy: boolean;
  corrections: Corrections;
  /** Evidence that the corrections are of. */
  evidence: number;
  correcting: boolean;
}

/** Runs what is not there: the food in simulated fryers, their probes, and a rehearsal's own hands. */
@Injectable()
export class PracticeService implements OnApplicationBootstrap, OnApplicationShutdown {
  private readonly log = new Logger('Practice');
  private readonly looked = new Map<string, Looked>();
  private timer: NodeJS.Timeout | null = null;
  private round = Promise.resolve();

  constructor(
    private readonly cooks: CooksService,
    private readonly store: CooksStore,
    private readonly events: EventsStore,
    private readonly compute: ComputeService,
    private readonly probes: ProbesService,
    private readonly foods: FoodsService,
  ) {
    events.replaced.subscribe(() => this.looked.clear());
  }

  onApplicationBootstrap(): void {
    this.timer = setInterval(() => void this.all(), EVERY_MS);
  }

  async onApplicationShutdown(): Promise<void> {
    if (this.timer) clearInterval(this.timer);
    this.timer = null;
    await this.round;
  }

  /** One round over all cooks that go on. */
  private async all(): Promise<void> {
    try {
      const running = await this.store.simulatedRunning();
      await Promise.all(running.map((cook) => this.safely(cook)));
    } catch (error) {
      // The next round comes in a moment; on stopping there is none.
      if (this.timer !== null) this.log.warn(`Simulated fryers wait for a moment: ${String(error)}`);
    }
  }

  private of(id: string): Looked {
    const known = this.looked.get(id) ?? {
      busy: false,
      corrections: new Map(),
      evidence: -1,
      correcting: false,
    };
    this.looked.set(id, known);
    return known;
  }

  private async safely(cook: StoredCook): Promise<void> {
    const looked = this.of(cook.id);
    if (looked.busy || this.timer === null) return;
    looked.busy = true;
    try {
      this.round = this.lookAfter(cook, looked);
      await this.round;
    } catch (error) {
      if (this.timer !== null) this.log.warn(`The rehearsal “${cook.body.name}” hangs for a moment: ${String(error)}`);
    } finally {
      looked.busy = false;
    }
  }

  private async lookAfter(cook: StoredCook, looked: Looked): Promise<void> {
    const moment = await this.foods.moment(cook);
    if (moment.state.ended || moment.state.pausedS !== null) return;
    if (moment.nowS > LONGEST_S) return cook.body.rehearsal ? this.end(moment, 'stopped') : undefined;
    await this.readProbes(moment);
    void this.correct(moment, looked);
    if (cook.body.rehearsal && cook.body.rehearsal.help !== 'none') await this.lendHands(cook, looked);
  }

  /** What the probes in simulated fryers have told since they were last heard. */
  private async readProbes(moment: Moment): Promise<void> {
    const { cook, state, nowS, at } = moment;
    const simulated = simulatedIn(cook.body);
    const { rate } = paceOfCook(cook.body);
    const told: CookEvent[] = [];
    for (const batch of cook.body.programme.batches) {
      const own = state.batches.get(batch.key)!;
      if (!simulated.includes(batch.fryer.name) || own.inS === null || !firstStretch(own)) continue;
      const probe = this.probes.of(batch.fryer.name);
      const named = `${cook.id}/${batch.key}`;
      const series = await this.foods.really(moment, batch);
      this.probes.put(named, series);
      const followedToS = series.timeS[series.timeS.length - 1];
      const lastS = own.evidence.reduce((last, e) => (e.what === 'air' ? Math.max(last, e.atS) : last), 0);
      const everyS = Math.max(probe.everyS, (rate === 1 ? KEPT_EVERY_S.slow : KEPT_EVERY_S.fast) * rate);
      const due = tellsAt(Math.min(nowS - own.inS, followedToS)).filter((s) => s > lastS + everyS - probe.everyS / 2);
      let nextS = lastS + everyS;
      for (const s of due) {
        if (s < nextS - probe.everyS / 2 || told.length >= MOST_AT_ONCE) continue;
        const reading = probe.read(named, s);
        nextS = s + everyS;
        if (!reading) continue;
        told.push({
          id: eventIdOf(cook.id, batch.key, 'reading', s),
          atMs: Math.round(at(own.inS + s)),
          by: 'device',
          what: 'reading',
          fryer: batch.fryer.name,
          ...reading,
        });
      }
    }
    if (told.length > 0) await this.cooks.add(cook.id, told);
  }

  /** Puts what was read and seen into the simulation, one time after the other. */
  private async correct({ cook, events, state }: Moment, looked: Looked): Promise<void> {
    const evidence = [...state.batches.values()].reduce((sum, b) => sum + b.evidence.length + Math.abs(b.addedS), 0);
    if (looked.correcting || evidence === looked.evidence) return;
    looked.correcting = true;
    try {
      const { programme } = cook.body;
      const found = await this.compute.correct({ programme, pace: paceOfCook(cook.body), events: [...events] });
      looked.corrections = new Map(
        // A server's plan needs no curves.
        found.map((c) => [c.batch, { ...c, forecast: null }]),
      );
      looked.evidence = evidence;
    } catch {
      // Too much waits already: the next round asks again.
    } finally {
      looked.correcting = false;
    }
  }

  /** The rehearsal's own hands: what they have done by now, and what they see. */
  private async lendHands(cook: StoredCook, looked: Looked): Promise<void> {
    const { programme, rehearsal } = cook.body;
    const leaves = rehearsal!.help === 'all' ? [] : LOOKED_AT;
    for (let n = 0; n < MOST_STEPS; n++) {
      const moment = await this.foods.moment(cook);
      const { state, nowS, at } = moment;
      if (state.ended) return;
      const live = livePlan(programme, state, looked.corrections, nowS);
      if (live.steps.every((s) => s.state === 'over')) {
        return this.end(moment, 'served');
      }
      const next = nextByHands(programme, state, live, leaves);
      if (!next) return;
      const step = programme.steps.find((s) => s.id === next.step)!;
      const atMs = Math.round(at(next.atS));
      const seen = await this.sees(moment, step, next.atS, atMs);
      const done: CookEvent = {
        id: eventIdOf(cook.id, 'done', step.id),
        atMs,
        by: 'rehearsal',
        what: 'done',
        step: step.id,
      };
      const answer = await this.cooks.add(cook.id, [...seen, done]);
      // It had been done before, and taken back: it is the cook's now.
      if (answer.events.at(-1)!.known) return;
    }
  }

  private async end({ cook, nowS, at }: Moment, how: 'served' | 'stopped'): Promise<void> {
    const over: CookEvent = {
      id: eventIdOf(cook.id, 'ended'),
      atMs: Math.round(at(Math.min(nowS, LONGEST_S))),
      by: 'rehearsal',
      what: 'ended',
      how,
    };
    await this.cooks.add(cook.id, [over]);
    this.looked.delete(cook.id);
    this.foods.forget(cook.id);
    this.events.forget(cook.id);
  }

  /** What the hands see of a batch that they look at. */
  private async sees(moment: Moment, step: Step, atS: number, atMs: number): Promise<CookEvent[]> {
    const { cook, state } = moment;
    const batch = cook.body.programme.batches.find((b) => b.key === step.batch);
    const own = batch && state.batches.get(batch.key);
    if (!batch || !own || own.inS === null || (step.kind !== 'look' && step.kind !== 'check')) return [];
    const series = await this.foods.really(moment, batch);
    const sinceS = atS - own.inS;
    const turn = turnedAtMin(batch, own);
    const sight = sightAt(series, truthOf(cook, batch), turn, Math.max(0, sinceS));
    const common = { atMs: atMs - 1, by: 'rehearsal' as const, batch: batch.key };
    if (step.kind === 'check') {
      const centreC = Math.round(
        series.columns.centreC[Math.min(series.timeS.length - 1, Math.round(sinceS / series.sampleS))],
      );
      return [{ ...common, id: eventIdOf(cook.id, 'seen', step.id), what: 'centre', centreC }];
    }
    const shown = await this.foods.expected(moment, batch, sinceS, sight.up);
    return saysOf(sight, shown).map((saw) => ({
      ...common,
      id: eventIdOf(cook.id, 'seen', step.id, saw),
      what: 'seen',
      saw,
      shown,
      face: sight.up,
    }));
  }
}
