import { Injectable } from '@nestjs/common';
import {
  tableOf,
  type Afterwards,
  type CookBody,
  type CookDocument,
  type EveningBody,
  type StartCookRequest,
} from '@yellowmist/contract';
import { programmeOf, TOGETHER_MIN } from '@yellowmist/core';
import { badFields } from '../common/problem.js';
import { ConversionsService } from '../conversions/conversions.service.js';
import { EveningsService } from '../evenings/evenings.service.js';
import { PlanningService } from '../evenings/planning.service.js';
import { CooksService } from './cooks.service.js';
import { CooksStore } from './cooks.store.js';
import { AHEAD_MS } from './stored.js';

/** An evening that begins in more than this begins now all the same, ms. */
const SOON_MS = 6 * 3_600_000;
/** °C of a kitchen of which nobody has said anything. */
const USUAL_ROOM_C = 21;

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
   * Starts a cook from a dish or an evening: what it is led by is worked out now, and kept with it.
   * @param key that the sender gave it, and its id: what was started under it before is answered, and nothing is started
   * @throws ProblemException 400 where the dish has no air version, 404 where there is none, or what was started under the
   * key has been put aside
   */
  async start(request: StartCookRequest, key?: string): Promise<CookDocument> {
    if (key !== undefined && (await this.store.has(key))) return this.cooks.read(key);
    const made = request.afterwards ? await this.over(request, request.afterwards) : await this.begun(request);
    return this.cooks.read(await this.store.insert(made.body, made.endedMs, key));
  }

  private async begun(request: StartCookRequest): Promise<Made> {
    const nowMs = Date.now();
    const { name, toPlan, source } = await this.asked(request);
    const { evening, dishes } = await this.planning.toCook(toPlan, nowMs);
    const programme = programmeOf(name, evening, toPlan.cooks, dishes);
    const rehearsal = request.rehearsal ?? null;
    const plannedMs = tableOf(toPlan, evening, nowMs).tableMs - programme.tableS * 1000;
    const soon = plannedMs > nowMs && plannedMs - nowMs < SOON_MS;
    // What is planned for later today waits on its clock; hands that are early may begin all the same.
    const waitS = rehearsal === null && soon ? Math.round((plannedMs - nowMs) / 1000) : 0;
    const later = programme.steps.map((s) => ({ ...s, fromS: s.fromS + waitS, toS: s.toS + waitS }));
    const body: CookBody = {
      name,
      source,
      rehearsal,
      startedMs: nowMs,
      beginsMs: rehearsal === null ? nowMs : plannedMs,
      timeZone: request.timeZone ?? toPlan.timeZone,
      programme: { ...programme, steps: later, tableS: programme.tableS + waitS },
    };
    return { body, endedMs: null };
  }

  /**
   * A cook that is over: its programme is that of its plan, and it ended when it was on the table.
   * @throws ProblemException 400 for a time that is still to come
   */
  private async over(request: StartCookRequest, { at, by }: Afterwards): Promise<Made> {
    const endedMs = at === undefined ? Date.now() : Date.parse(at);
    if (endedMs > Date.now() + AHEAD_MS)
      throw badFields([{ field: 'afterwards.at', message: 'afterwards.at must not be later than now' }]);
    const { name, toPlan, source } = await this.asked(request);
    const { evening, dishes } = await this.planning.toCook(toPlan, endedMs);
    const programme = programmeOf(name, evening, toPlan.cooks, dishes);
    const startedMs = endedMs - programme.tableS * 1000;
    const timeZone = request.timeZone ?? toPlan.timeZone;
    const body = { name, source, rehearsal: null, startedMs, beginsMs: startedMs, timeZone, programme, cookedBy: by };
    return { body, endedMs };
  }

  /** What is to be cooked, as an evening. */
  private async asked({
    conversionId,
    eveningId,
    timeZone,
  }: StartCookRequest): Promise<{ name: string; toPlan: EveningBody; source: CookBody['source'] }> {
    if (eveningId !== undefined) {
      const evening = await this.evenings.read(eveningId);
      if (evening.dishes.length === 0)
        throw badFields([{ field: 'eveningId', message: `eveningId: “${evening.name}” has no dish to cook` }]);
      return { name: evening.name, toPlan: evening, source: { what: 'evening', id: eveningId } };
    }
    const id = conversionId!;
    const { name } = await this.conversions.read(id);
    const toPlan: EveningBody = {
      name,
      state: 'planned',
      serveAt: null,
      startAt: null,
      timeZone: timeZone ?? 'UTC',
      cooks: [{ name: 'You' }],
      dishes: [{ id }],
      guests: [],
      togetherMin: TOGETHER_MIN,
      roomC: USUAL_ROOM_C,
      pins: [],
    };
    return { name, toPlan, source: { what: 'conversion', id } };
  }
}
