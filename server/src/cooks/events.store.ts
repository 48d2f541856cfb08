import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { StoredCookEvent } from '@yellowmist/contract';
import type { CookEvent } from '@yellowmist/core';
import { Subject, type Observable } from 'rxjs';
import { In, type Repository } from 'typeorm';
import { CookEventEntity } from './cook.entity.js';

const read = ({ seq, body }: CookEventEntity): StoredCookEvent => ({ ...(JSON.parse(body) as CookEvent), seq });

/** The event logs of all cooks: only added to, each event once by its id, and told to whoever listens. */
@Injectable()
export class EventsStore {
  private readonly heard = new Map<string, Subject<StoredCookEvent>>();
  /** Logs of cooks that go on, so that they are not read anew for each tick. */
  private readonly logs = new Map<string, StoredCookEvent[]>();
  private readonly replacing = new Subject<void>();
  /** Told when all that is stored was replaced: what was heard before is of something else. */
  readonly replaced = this.replacing.asObservable();

  constructor(@InjectRepository(CookEventEntity) private readonly rows: Repository<CookEventEntity>) {}

  /** All that is stored is other than before: nothing that was kept in mind holds. */
  replace(): void {
    this.logs.clear();
    this.replacing.next();
  }

  /** All events of a cook as they are stored, nothing kept in mind. */
  async stored(cookId: string): Promise<StoredCookEvent[]> {
    return (await this.rows.find({ where: { cookId }, order: { seq: 'ASC' } })).map(read);
  }

  /** All events of a cook in the order in which they were heard. */
  async of(cookId: string): Promise<StoredCookEvent[]> {
    const known = this.logs.get(cookId);
    if (known) return known;
    const found = await this.stored(cookId);
    // Somebody may have been quicker.
    const log = this.logs.get(cookId) ?? found;
    this.logs.set(cookId, log);
    return log;
  }

  /**
   * Adds events in their order. One statement, so that all of them are stored or none; what is known already is not
   * stored again.
   * @returns each with its place, and whether it had been known
   */
  async add(cookId: string, events: readonly CookEvent[]): Promise<{ event: StoredCookEvent; known: boolean }[]> {
    const log = await this.of(cookId);
    const known = new Set(log.map(({ id }) => id));
    const fresh = events.filter(({ id }, k) => !known.has(id) && events.findIndex((e) => e.id === id) === k);
    if (fresh.length > 0) {
      await this.rows
        .createQueryBuilder()
        .insert()
        .values(fresh.map((event) => ({ cookId, id: event.id, body: JSON.stringify(event) })))
        .orIgnore()
        .updateEntity(false)
        .execute();
    }
    const ids = events.map(({ id }) => id);
    const stored = new Map(
      (await this.rows.find({ where: { cookId, id: In(ids) } })).map((row) => [row.id, read(row)]),
    );
    const added = fresh.map(({ id }) => stored.get(id)!).filter(({ id }) => !log.some((e) => e.id === id));
    log.push(...added.sort((a, b) => a.seq - b.seq));
    added.forEach((event) => this.heard.get(cookId)?.next(event));
    return ids.map((id) => ({ event: stored.get(id)!, known: known.has(id) }));
  }

  /** Events of a cook from now on. */
  listen(cookId: string): Observable<StoredCookEvent> {
    const subject = this.heard.get(cookId) ?? new Subject<StoredCookEvent>();
    this.heard.set(cookId, subject);
    return subject;
  }

  /** Forgets the log of a cook that is over; it is read anew where somebody asks for it. */
  forget(cookId: string): void {
    this.logs.delete(cookId);
  }
}
