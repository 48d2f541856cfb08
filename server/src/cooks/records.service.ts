import { Injectable } from '@nestjs/common';
import type { CookBody, CookDiagnosis, SaveSeenRequest, SeenRecord } from '@yellowmist/contract';
import type { Fryer, HandCook, LearningCook, LoggedCook } from '@yellowmist/core';
import { ProblemException } from '../common/problem.js';
import { ComputeService } from '../compute/compute.service.js';
import { LearnedStore } from '../learned/learned.store.js';
import { paceOfCook, type StoredCook } from './stored.js';
import { CooksStore } from './cooks.store.js';
import { EventsStore } from './events.store.js';
import { dishAskedFor } from './logged.js';
import { RecordsStore } from './records.store.js';

/** So many earlier cooks say what is usual for this kitchen. */
const MOST_PAST = 6;
const DAY_MS = 86_400_000;

/** A cook, and how a dish of it came out. */
interface Noted {
  cook: StoredCook;
  record: SeenRecord;
}

/** A dish of a real cook, as learning takes it. */
export type ToLearnFrom = LearningCook & HandCook & { name: string; at: string; fryer: Fryer };

/** Notes how cooks came out, and finds what went wrong in them. */
@Injectable()
export class RecordsService {
  constructor(
    private readonly cooks: CooksStore,
    private readonly events: EventsStore,
    private readonly records: RecordsStore,
    private readonly compute: ComputeService,
    private readonly learned: LearnedStore,
  ) {}

  /** @throws ProblemException 400 for a dish that the cook does not have, 404 for no cook, 409 for a stale version */
  async save(id: string, { dish, version, ...seen }: SaveSeenRequest): Promise<SeenRecord> {
    const { body } = await this.cooks.kept(id);
    const saved = await this.records.save(id, dishAskedFor(body, dish), seen, version);
    this.learned.tell();
    return saved;
  }

  /** How the dishes of a cook came out, as far as it was noted. @throws ProblemException 404 */
  async of(id: string): Promise<SeenRecord[]> {
    await this.cooks.kept(id);
    return this.records.of(id);
  }

  /**
   * What went wrong in one dish of a cook.
   * @throws ProblemException 404 where there is no cook, 409 where nothing was noted of it
   */
  async diagnosis(id: string, asked: string | undefined): Promise<CookDiagnosis> {
    const cook = await this.cooks.kept(id);
    const dish = dishAskedFor(cook.body, asked);
    const all = await this.records.all();
    const own = all.get(id)?.find((r) => r.dish === dish);
    if (!own) throw new ProblemException(409, 'Nothing was noted of how this came out yet: note it first.');
    const { latest, last } = await this.earlier(cook, dish, all);
    const past = await Promise.all(
      latest.map(async ({ cook: other, record }) => ({
        ...(await this.logged(other, record)),
        daysAgo: (Date.parse(cook.startedAt) - Date.parse(other.startedAt)) / DAY_MS,
      })),
    );
    const before = last ? { id: last.cook.id, ...(await this.logged(last.cook, last.record)) } : null;
    const found = await this.compute.diagnoseLogged({
      cook: await this.logged(cook, own),
      past,
      before,
      didChange: own.seen.didChange ?? false,
    });
    return { dish, ...found };
  }

  /**
   * All cooks that are over and say something of their fryer, the latest first, each dish with what was noted of it. One of
   * which nothing but its plan is known says nothing.
   */
  async toLearnFrom(nowMs: number): Promise<ToLearnFrom[]> {
    const [cooks, all] = await Promise.all([this.cooks.told(), this.records.all()]);
    const found: ToLearnFrom[] = [];
    for (const cook of cooks) {
      for (const { id: dish, name } of cook.body.programme.dishes) {
        const record = all.get(cook.id)?.find((r) => r.dish === dish);
        const batch = cook.body.programme.batches.find((b) => b.dishId === dish);
        if (!batch || !teaches(cook.body, batch.fryer)) continue;
        const seen = record ?? { dish, version: 0, savedAt: '', seen: {} };
        found.push({
          ...(await this.logged(cook, seen, true)),
          weighed: record?.seen.weighed,
          id: cook.id,
          name,
          at: cook.startedAt,
          fryer: batch.fryer,
          daysAgo: Math.max(0, (nowMs - Date.parse(cook.startedAt)) / DAY_MS),
        });
      }
    }
    return found;
  }

  /**
   * What was noted before a cook: the latest of all dishes, and the last of this one. Rehearsals teach rehearsals, and real
   * cooks real ones. No more bodies are read than it takes.
   */
  private async earlier(
    { id, startedAt, body }: StoredCook,
    dish: string,
    all: ReadonlyMap<string, SeenRecord[]>,
  ): Promise<{ latest: Noted[]; last: Noted | null }> {
    const latest: Noted[] = [];
    let last: Noted | null = null;
    for (const other of await this.cooks.notedBefore(id, startedAt)) {
      const records = all.get(other) ?? [];
      const own = records.find((r) => r.dish === dish);
      if (latest.length >= MOST_PAST && (last !== null || !own)) continue;
      const cook = await this.cooks.readable(other);
      if (!cook || (cook.body.rehearsal === null) !== (body.rehearsal === null)) continue;
      latest.push(...records.map((record) => ({ cook, record })));
      if (own) last ??= { cook, record: own };
    }
    return { latest: latest.slice(0, MOST_PAST), last };
  }

  /** @param readings whether what probes told goes with it: it fills a log, and is no part of how it came out */
  private async logged({ id, body }: StoredCook, { dish, seen }: SeenRecord, readings = false): Promise<LoggedCook> {
    const { programme, cookedBy } = body;
    return {
      programme,
      dish,
      pace: paceOfCook(body),
      events: (await this.events.stored(id)).filter((e) => readings || e.what !== 'reading'),
      recipe: cookedBy?.what === 'other' ? cookedBy : null,
      seen,
    };
  }
}

/**
 * Whether a cook says something of its fryer: real ones do, and rehearsals of a practice fryer, which is what it is, where
 * no surprise was asked for.
 */
const teaches = ({ rehearsal }: CookBody, { practice }: Fryer): boolean =>
  rehearsal === null || (practice === true && rehearsal.surprises.length === 0);
