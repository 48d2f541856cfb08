import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import {
  FORMATS,
  formatNumber,
  tableOf,
  upgrade,
  type Afterwards,
  type BinnedCook,
  type CookBody,
  type CookDocument,
  type CookEventsAnswer,
  type EveningBody,
  type ListedCook,
  type StartCookRequest,
} from '@yellowmist/contract';
import { programmeOf, stateOf, TOGETHER_MIN, type CookEvent, type CookPace, plain } from '@yellowmist/core';
import { IsNull, LessThan, LessThanOrEqual, Not, type Repository } from 'typeorm';
import { badFields, ProblemException } from '../common/problem.js';
import { ConversionsService } from '../conversions/conversions.service.js';
import { LearnedStore } from '../learned/learned.store.js';
import { EveningsService } from '../evenings/evenings.service.js';
import { PlanningService } from '../evenings/planning.service.js';
import { CookEntity } from './cook.entity.js';
import { EventsStore } from './events.store.js';
import { loggedDishes } from './logged.js';
import { PhotosStore } from './photos.store.js';
import { RecordsStore } from './records.store.js';

const FORMAT = formatNumber(FORMATS.cook);
/** An event may be ahead of the server's clock by so much: the way there takes its time, ms. */
const AHEAD_MS = 5_000;
/** An evening that begins in more than this begins now all the same, ms. */
const SOON_MS = 6 * 3_600_000;

/** What was put aside can be brought back for so long, ms. */
const BIN_MS = 30 * 86_400_000;

/** A cook as it is kept. */
export interface KeptCook {
  id: string;
  startedAt: string;
  endedAt: string | null;
  body: CookBody;
}

export const paceOfCook = ({ startedMs, rehearsal }: CookBody): CookPace => ({
  startedMs,
  rate: rehearsal?.rate ?? 1,
});

/** Fryers of a cook that are not there. */
export const simulatedIn = ({ programme, rehearsal }: CookBody): string[] => [
  ...new Set(programme.batches.filter((b) => rehearsal !== null || b.fryer.practice).map((b) => b.fryer.name)),
];

/** The body of a cook; null where it cannot be read here: the others are listed and go on all the same. */
export function readable(row: CookEntity): CookBody | null {
  try {
    return bodyIn(row);
  } catch {
    return null;
  }
}

const bodyIn = ({ format, body }: CookEntity): CookBody => upgrade(FORMATS.cook, format, JSON.parse(body));

/** Starts cooks and keeps what happens in them. */
@Injectable()
export class CooksService {
  private practising: KeptCook[] | null = null;

  constructor(
    @InjectRepository(CookEntity) private readonly rows: Repository<CookEntity>,
    private readonly events: EventsStore,
    private readonly records: RecordsStore,
    private readonly photos: PhotosStore,
    private readonly conversions: ConversionsService,
    private readonly evenings: EveningsService,
    private readonly planning: PlanningService,
    private readonly learned: LearnedStore,
  ) {}

  /** All cooks, those that go on first, then the latest. */
  async list(): Promise<ListedCook[]> {
    const rows = await this.rows.find({ where: { deletedAt: IsNull() }, order: { startedAt: 'DESC' } });
    const [records, photos] = await Promise.all([this.records.all(), this.photos.counts()]);
    const listed = rows.map((row): ListedCook => {
      const body = readable(row);
      return {
        id: row.id,
        name: row.name,
        startedAt: row.startedAt,
        endedAt: row.endedAt,
        rehearsal: body?.rehearsal ?? null,
        dishes: body?.programme.dishes.map((d) => d.name) ?? [],
        fryers: [...new Set(body?.programme.batches.map((b) => b.fryer.name))],
        cookedBy: body?.cookedBy ?? null,
        photos: photos.get(row.id) ?? 0,
        log: body ? loggedDishes(body, records.get(row.id) ?? []) : [],
      };
    });
    return listed.sort((a, b) => Number(a.endedAt !== null) - Number(b.endedAt !== null));
  }

  /** Cooks that go on. */
  async running(): Promise<KeptCook[]> {
    const rows = await this.rows.findBy({ endedAt: IsNull(), deletedAt: IsNull() });
    return rows.flatMap((row) => {
      const body = readable(row);
      return body ? [{ ...row, body }] : [];
    });
  }

  /** Cooks that are over, the latest first. */
  async over(): Promise<KeptCook[]> {
    const where = { endedAt: Not(IsNull()), deletedAt: IsNull() };
    const rows = await this.rows.find({ where, order: { startedAt: 'DESC', id: 'ASC' } });
    return rows.flatMap((row) => {
      const body = readable(row);
      return body ? [{ ...row, body }] : [];
    });
  }

  /** Cooks that began before this one, the latest first. */
  async before(id: string, startedAt: string): Promise<KeptCook[]> {
    const rows = await this.rows.find({
      where: { startedAt: LessThanOrEqual(startedAt), deletedAt: IsNull() },
      order: { startedAt: 'DESC' },
    });
    return rows.flatMap((row) => {
      const body = row.id === id ? null : readable(row);
      return body ? [{ ...row, body }] : [];
    });
  }

  /** Cooks that go on in simulated fryers. They are few; all that go on are asked for only when that may have changed. */
  async simulatedRunning(): Promise<KeptCook[]> {
    this.practising ??= (await this.running()).filter(({ body }) => simulatedIn(body).length > 0);
    return this.practising;
  }

  /** Which cooks go on is asked anew. */
  forgetRunning(): void {
    this.practising = null;
    this.learned.tell();
  }

  /**
   * Starts a cook from a dish or an evening: what it is led by is worked out now, and kept with it.
   * @throws ProblemException 400 where the dish has no air version, 404 where there is none
   */
  async start(request: StartCookRequest): Promise<CookDocument> {
    if (request.afterwards) return this.enter(request, request.afterwards);
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
    return this.keep(body, null);
  }

  /**
   * Enters a cook that is over: its programme is that of its plan, and it ended when it was on the table.
   * @throws ProblemException 400 for a time that is still to come
   */
  private async enter(request: StartCookRequest, { at, by }: Afterwards): Promise<CookDocument> {
    const endedMs = at === undefined ? Date.now() : Date.parse(at);
    if (endedMs > Date.now() + AHEAD_MS)
      throw badFields([{ field: 'afterwards.at', message: 'afterwards.at must not be later than now' }]);
    const { name, toPlan, source } = await this.asked(request);
    const { evening, dishes } = await this.planning.toCook(toPlan, endedMs);
    const programme = programmeOf(name, evening, toPlan.cooks, dishes);
    const startedMs = endedMs - programme.tableS * 1000;
    const timeZone = request.timeZone ?? toPlan.timeZone;
    const body = { name, source, rehearsal: null, startedMs, beginsMs: startedMs, timeZone, programme, cookedBy: by };
    return this.keep(body, endedMs);
  }

  private async keep(body: CookBody, endedMs: number | null): Promise<CookDocument> {
    const id = randomUUID();
    const iso = (ms: number): string => new Date(ms).toISOString();
    this.practising = null;
    await this.rows.insert({
      id,
      name: body.name,
      format: FORMAT,
      body: JSON.stringify(body),
      startedAt: iso(body.startedMs),
      endedAt: endedMs === null ? null : iso(endedMs),
      deletedAt: null,
    });
    this.practising = null;
    return this.read(id);
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

  /** @throws ProblemException 404 where there is none */
  async kept(id: string): Promise<KeptCook> {
    const row = await this.rows.findOneBy({ id, deletedAt: IsNull() });
    if (!row) throw new ProblemException(404, `There is no cook ${id}.`);
    try {
      return { ...row, body: bodyIn(row) };
    } catch (error) {
      throw new ProblemException(422, `“${row.name}” cannot be opened here: ${(error as Error).message}`);
    }
  }

  /** A cook with all that happened in it. @throws ProblemException 404 where there is none */
  async read(id: string): Promise<CookDocument> {
    const { body, startedAt, endedAt } = await this.kept(id);
    return {
      ...body,
      id,
      format: FORMAT,
      startedAt,
      endedAt,
      simulated: simulatedIn(body),
      events: await this.events.of(id),
      nowMs: Date.now(),
      notes: endedAt === null ? await this.notesOn(id, body) : [],
    };
  }

  /**
   * Adds what happened. An event that was heard before counts once; one for what is over is kept, and says so.
   * @throws ProblemException 400 for a time that is still to come, 404 where there is no such cook
   */
  async add(id: string, sent: readonly CookEvent[]): Promise<CookEventsAnswer> {
    const { body, endedAt } = await this.kept(id);
    const nowMs = Date.now();
    const early = sent.findIndex(({ atMs }) => atMs > nowMs + AHEAD_MS);
    if (early >= 0) {
      const field = `events[${early}].atMs`;
      throw badFields([{ field, message: `${field} must not be later than now, ${nowMs} by this server's clock` }]);
    }
    const added = await this.events.add(
      id,
      sent.map((event) => ({ ...event, atMs: Math.min(event.atMs, nowMs) })),
    );
    if (endedAt === null && added.some(({ event }) => event.what === 'ended')) {
      await this.rows.update({ id }, { endedAt: new Date(nowMs).toISOString() });
      this.practising = null;
      this.learned.tell();
    }
    const { notes } = stateOf(body.programme, paceOfCook(body), await this.events.of(id));
    const noteOf = new Map(notes.map((n) => [n.eventId, plain(n.text)]));
    return {
      events: added.map(({ event, known }) => ({
        id: event.id,
        seq: event.seq,
        known,
        note: noteOf.get(event.id) ?? null,
      })),
      nowMs,
    };
  }

  /**
   * Puts a cook aside with its record and photographs; `restore` brings it back.
   * @throws ProblemException 404 where there is none, 409 where it still goes on
   */
  async remove(id: string): Promise<void> {
    const { endedAt } = await this.kept(id);
    if (endedAt === null) throw new ProblemException(409, 'This cook goes on. End it at the counter first.');
    await this.rows.update({ id }, { deletedAt: new Date().toISOString() });
    this.learned.tell();
  }

  /** @throws ProblemException 404 where none was put aside under that id */
  async restore(id: string): Promise<CookDocument> {
    const { affected } = await this.rows.update({ id, deletedAt: Not(IsNull()) }, { deletedAt: null });
    if (affected === 0) throw new ProblemException(404, `There is no deleted cook ${id}.`);
    this.learned.tell();
    return this.read(id);
  }

  /** Cooks that were put aside, the last first. */
  async bin(): Promise<BinnedCook[]> {
    const rows = await this.rows.find({ where: { deletedAt: Not(IsNull()) }, order: { deletedAt: 'DESC' } });
    const photos = await this.photos.counts();
    return rows.map(({ id, name, startedAt, deletedAt }) => ({
      id,
      name,
      startedAt,
      deletedAt: deletedAt!,
      goneAt: new Date(Date.parse(deletedAt!) + BIN_MS).toISOString(),
      photos: photos.get(id) ?? 0,
    }));
  }

  /** Forgets for good what was put aside before a moment, with its records and photographs. */
  async forget(beforeMs = Date.now() - BIN_MS): Promise<void> {
    const at = new Date(beforeMs).toISOString();
    await this.rows.delete({ deletedAt: LessThan(at) });
    await this.photos.forget(at);
  }

  /** What to know of a cook that goes on. */
  private async notesOn(id: string, { source, rehearsal, programme }: CookBody): Promise<string[]> {
    const notes: string[] = [];
    const here = await this.conversions.ids();
    for (const { id: dish, name } of programme.dishes) {
      if (!here.has(dish)) notes.push(`“${name}” has been deleted since. This cook goes on by its own copy of it.`);
    }
    if (source.what === 'evening' && !(await this.evenings.has(source.id)))
      notes.push('The evening has been deleted since. This cook goes on by its own copy of it.');
    if (rehearsal !== null) return notes;
    const fryers = new Set(programme.batches.map((b) => b.fryer.name));
    for (const other of await this.running()) {
      if (other.id === id || other.body.rehearsal !== null) continue;
      const shared = [...new Set(other.body.programme.batches.map((b) => b.fryer.name))].filter((f) => fryers.has(f));
      if (shared.length > 0)
        notes.push(
          `${shared.join(' and ')} ${shared.length > 1 ? 'are' : 'is'} in use by “${other.body.name}” as well. Only one batch lies in a fryer at a time.`,
        );
    }
    return notes;
  }
}

/** °C of a kitchen of which nobody has said anything. */
const USUAL_ROOM_C = 21;
