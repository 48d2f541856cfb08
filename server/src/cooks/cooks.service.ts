import { Injectable } from '@nestjs/common';
import type { CookBody, CookDocument, CookEventsAnswer, ListedCook } from '@yellowmist/contract';
import { notLaterThan, plain, stateOf, type CookEvent } from '@yellowmist/core';
import { badFields } from '../common/problem.js';
import { ConversionsService } from '../conversions/conversions.service.js';
import { pageOf, type Page } from '../documents/parts.js';
import { EveningsService } from '../evenings/evenings.service.js';
import { CooksStore } from './cooks.store.js';
import { EventsStore } from './events.store.js';
import { HeadsStore } from './heads.store.js';
import { PhotosStore } from './photos.store.js';
import { RecordsStore } from './records.store.js';
import { AHEAD_MS, COOK_FORMAT, paceOfCook, simulatedIn } from './stored.js';

/** Cooks as they are read, and what happens in them. */
@Injectable()
export class CooksService {
  constructor(
    private readonly store: CooksStore,
    private readonly heads: HeadsStore,
    private readonly events: EventsStore,
    private readonly records: RecordsStore,
    private readonly photos: PhotosStore,
    private readonly conversions: ConversionsService,
    private readonly evenings: EveningsService,
  ) {}

  /** All cooks, those that go on first, then the latest. */
  async list(page: Page = {}): Promise<ListedCook[]> {
    const [all, records, photos] = await Promise.all([this.heads.all(), this.records.all(), this.photos.counts()]);
    const rows = pageOf(
      all.sort((a, b) => Number(a.endedAt !== null) - Number(b.endedAt !== null)),
      page,
      'cook',
    );
    const heads = await this.heads.of(rows.map(({ id }) => id));
    return rows.map((row, k) => {
      const noted = records.get(row.id) ?? [];
      const log = heads[k].log.map((d) => ({ ...d, record: noted.find((r) => r.dish === d.dish) ?? null }));
      return { ...row, ...heads[k], photos: photos.get(row.id) ?? 0, log };
    });
  }

  /** A cook with all that happened in it. @throws ProblemException 404 where there is none */
  async read(id: string): Promise<CookDocument> {
    const { body, startedAt, endedAt } = await this.store.kept(id);
    return {
      ...body,
      id,
      format: COOK_FORMAT,
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
    const { body, endedAt } = await this.store.kept(id);
    const nowMs = Date.now();
    const early = sent.findIndex(({ atMs }) => atMs > nowMs + AHEAD_MS);
    if (early >= 0) {
      const field = `events[${early}].atMs`;
      throw badFields([{ field, message: `${field} must not be later than now, ${nowMs} by this server's clock` }]);
    }
    const added = await this.events.add(id, notLaterThan(sent, nowMs));
    // It was over when it was tapped, which may have been while this server was away.
    const over = added.find(({ event }) => event.what === 'ended');
    if (endedAt === null && over) await this.store.end(id, over.event.atMs);
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
    for (const other of await this.store.running()) {
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
