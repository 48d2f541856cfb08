import { Injectable } from '@nestjs/common';
import type { CookDiagnosis, SaveSeenRequest, SeenRecord } from '@yellowmist/contract';
import type { LoggedCook } from '@yellowmist/core';
import { ProblemException } from '../common/problem.js';
import { ComputeService } from '../compute/compute.service.js';
import { CooksService, paceOfCook, type KeptCook } from './cooks.service.js';
import { EventsStore } from './events.store.js';
import { dishAskedFor } from './logged.js';
import { RecordsStore } from './records.store.js';

/** So many earlier cooks say what is usual for this kitchen. */
const MOST_PAST = 6;
const DAY_MS = 86_400_000;

/** Notes how cooks came out, and finds what went wrong in them. */
@Injectable()
export class RecordsService {
  constructor(
    private readonly cooks: CooksService,
    private readonly events: EventsStore,
    private readonly records: RecordsStore,
    private readonly compute: ComputeService,
  ) {}

  /** @throws ProblemException 400 for a dish that the cook does not have, 404 for no cook, 409 for a stale version */
  async save(id: string, { dish, version, ...seen }: SaveSeenRequest): Promise<SeenRecord> {
    const { body } = await this.cooks.kept(id);
    return this.records.save(id, dishAskedFor(body, dish), seen, version);
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
    const earlier = await this.earlier(cook, all);
    const past = await Promise.all(
      earlier.slice(0, MOST_PAST).map(async ({ cook: other, record }) => ({
        ...(await this.logged(other, record)),
        daysAgo: (Date.parse(cook.startedAt) - Date.parse(other.startedAt)) / DAY_MS,
      })),
    );
    const last = earlier.find(({ record }) => record.dish === dish);
    const before = last ? { id: last.cook.id, ...(await this.logged(last.cook, last.record)) } : null;
    const found = await this.compute.diagnoseLogged({
      cook: await this.logged(cook, own),
      past,
      before,
      didChange: own.seen.didChange ?? false,
    });
    return { dish, ...found };
  }

  /** What was noted before a cook, the latest first: rehearsals teach rehearsals, and real cooks real ones. */
  private async earlier(
    { id, startedAt, body }: KeptCook,
    all: ReadonlyMap<string, SeenRecord[]>,
  ): Promise<{ cook: KeptCook; record: SeenRecord }[]> {
    const cooks = await this.cooks.before(id, startedAt);
    return cooks
      .filter((c) => (c.body.rehearsal === null) === (body.rehearsal === null))
      .flatMap((cook) => (all.get(cook.id) ?? []).map((record) => ({ cook, record })));
  }

  private async logged({ id, body }: KeptCook, { dish, seen }: SeenRecord): Promise<LoggedCook> {
    const { programme, cookedBy } = body;
    return {
      programme,
      dish,
      pace: paceOfCook(body),
      // What a probe told fills a log, and is no part of how it came out.
      events: (await this.events.of(id)).filter((e) => e.what !== 'reading'),
      recipe: cookedBy?.what === 'other' ? cookedBy : null,
      seen,
    };
  }
}
