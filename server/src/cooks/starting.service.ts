import { Injectable } from '@nestjs/common';
import {
  cookThatBegins,
  oneDish,
  wholeEvening,
  type Afterwards,
  type BegunCook,
  type CookBody,
  type CookDocument,
  type StartCookRequest,
  type ToBegin,
} from '@yellowmist/contract';
import { programmeOf } from '@yellowmist/core';
import { badFields } from '../common/problem.js';
import { ConversionsService } from '../conversions/conversions.service.js';
import { EveningsService } from '../evenings/evenings.service.js';
import { PlanningService } from '../evenings/planning.service.js';
import { CooksService } from './cooks.service.js';
import { CooksStore } from './cooks.store.js';
import { AHEAD_MS } from './stored.js';

/** A cook, and when it was over; null where it begins. */
interface Made {
  body: CookBody;
  endedMs: number | null;
}

/** Begins cooks, and enters those that are over. */
@Injectable()
export class StartingService {
  constructor(
    private readonly cooks: CooksService,
    private readonly store: CooksStore,
    private readonly conversions: ConversionsService,
    private readonly evenings: EveningsService,
    private readonly planning: PlanningService,
  ) {}

  /**
   * Starts a cook from a dish or an evening: what it is led by is worked out now, or was where it began, and kept with it.
   * @param key that the sender gave it, and its id: what was started under it before is answered, and nothing is started
   * @throws ProblemException 400 where the dish has no air version, 404 where there is none, or what was started under the
   * key has been put aside
   */
  async start(request: StartCookRequest, key?: string): Promise<CookDocument> {
    if (key !== undefined && (await this.store.has(key))) return this.cooks.read(key);
    const made = await this.made(request);
    return this.cooks.read(await this.store.insert(made.body, made.endedMs, key));
  }

  private async made(request: StartCookRequest): Promise<Made> {
    const { afterwards, begun } = request;
    if (afterwards) return this.over(request, afterwards);
    return { body: begun ? begunAway(request, begun) : await this.begins(request), endedMs: null };
  }

  private async begins(request: StartCookRequest): Promise<CookBody> {
    const nowMs = Date.now();
    const asked = await this.asked(request);
    const planned = await this.planning.toCook(asked.toPlan, nowMs);
    return cookThatBegins(asked, planned, { ...request, nowMs });
  }

  /**
   * A cook that is over: its programme is that of its plan, and it ended when it was on the table.
   * @throws ProblemException 400 for a time that is still to come
   */
  private async over(request: StartCookRequest, { at, by }: Afterwards): Promise<Made> {
    const endedMs = at === undefined ? Date.now() : Date.parse(at);
    if (endedMs > Date.now() + AHEAD_MS)
      throw badFields([{ field: 'afterwards.at', message: 'afterwards.at must not be later than now' }]);
    const asked = await this.asked(request);
    const { name, cooks, timeZone } = asked.toPlan;
    const { evening, dishes } = await this.planning.toCook(asked.toPlan, endedMs);
    const programme = programmeOf(name, evening, cooks, dishes);
    const startedMs = endedMs - programme.tableS * 1000;
    const body: CookBody = {
      name,
      source: asked.source,
      rehearsal: null,
      startedMs,
      beginsMs: startedMs,
      timeZone: request.timeZone ?? timeZone,
      programme,
      cookedBy: by,
    };
    return { body, endedMs };
  }

  private async asked({ conversionId, eveningId, timeZone }: StartCookRequest): Promise<ToBegin> {
    if (eveningId === undefined) {
      const { name } = await this.conversions.read(conversionId!);
      return oneDish(conversionId!, name, timeZone ?? 'UTC');
    }
    const evening = await this.evenings.read(eveningId);
    if (evening.dishes.length === 0)
      throw badFields([{ field: 'eveningId', message: `eveningId: “${evening.name}” has no dish to cook` }]);
    return wholeEvening(eveningId, evening);
  }
}

/** A cook that a page began while this server was away. It goes on by its own copy of its dish, like one whose dish was deleted. */
function begunAway({ conversionId, eveningId, timeZone = 'UTC' }: StartCookRequest, begun: BegunCook): CookBody {
  const { name, agoMs, programme } = begun;
  const startedMs = Date.now() - agoMs;
  return {
    name,
    source: eveningId === undefined ? { what: 'conversion', id: conversionId! } : { what: 'evening', id: eveningId },
    rehearsal: null,
    startedMs,
    beginsMs: startedMs,
    timeZone,
    programme,
  };
}
