import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { FORMATS, formatNumber, type KeptCook, type PhotoRecord } from '@yellowmist/contract';
import { In, IsNull, Not, type EntityManager, type Repository } from 'typeorm';
import { CookEntity, CookEventEntity, CookPhotoEntity, CookSeenEntity } from './cook.entity.js';
import { CooksStore } from './cooks.store.js';
import { readable } from './stored.js';
import { EventsStore } from './events.store.js';
import { PhotosStore } from './photos.store.js';
import { RecordsStore } from './records.store.js';

/** Rows that one statement may insert: SQLite takes 32,766 values. */
const AT_ONCE = 5000;

/** Cooks with all that was noted of them, as a kitchen's file has them. */
@Injectable()
export class WholeCooksService {
  constructor(
    @InjectRepository(CookEntity) private readonly rows: Repository<CookEntity>,
    private readonly cooks: CooksStore,
    private readonly events: EventsStore,
    private readonly records: RecordsStore,
    private readonly photos: PhotosStore,
  ) {}

  /** All cooks that are over and can be read, the latest first: what goes on is no part of a file. */
  async all(): Promise<KeptCook[]> {
    const where = { endedAt: Not(IsNull()), deletedAt: IsNull() };
    const rows = await this.rows.find({ where, order: { startedAt: 'DESC', id: 'ASC' } });
    const records = await this.records.all();
    const kept: KeptCook[] = [];
    for (const row of rows) {
      const cook = readable(row);
      if (!cook) continue;
      const events = (await this.events.stored(row.id)).map(({ seq: _, ...event }) => event);
      const photos = await this.photos.of(row.id);
      const rest = { startedAt: row.startedAt, events, records: records.get(row.id) ?? [], photos };
      kept.push({ id: row.id, updatedAt: row.endedAt!, body: { name: row.name, cook, ...rest } });
    }
    return kept;
  }

  /** Ids of cooks that were put aside. */
  async putAside(manager: EntityManager): Promise<string[]> {
    const where = { deletedAt: Not(IsNull()) };
    return (await manager.find(CookEntity, { select: { id: true }, where })).map(({ id }) => id);
  }

  /**
   * Writes cooks that a file brings, over what is here of them.
   * @param has whether a photograph's file is here; one without is left out
   * @returns how many photographs were left out
   */
  async write(
    manager: EntityManager,
    cooks: readonly KeptCook[],
    has: (photo: PhotoRecord) => boolean,
  ): Promise<number> {
    let missing = 0;
    for (const { id, updatedAt, body } of cooks) {
      const { name, cook, startedAt, events, records, photos } = body;
      const format = formatNumber(FORMATS.cook);
      const row = { id, name, format, body: JSON.stringify(cook), startedAt, endedAt: updatedAt, deletedAt: null };
      await manager.upsert(CookEntity, row, ['id']);
      for (const entity of [CookEventEntity, CookSeenEntity, CookPhotoEntity])
        await manager.delete(entity, { cookId: id });
      const eventRows = events.map((event) => ({ cookId: id, id: event.id, body: JSON.stringify(event) }));
      for (let from = 0; from < eventRows.length; from += AT_ONCE)
        await manager.insert(CookEventEntity, eventRows.slice(from, from + AT_ONCE));
      const seenRows = records.map(({ dish, version, savedAt, seen }) => ({
        cookId: id,
        dishId: dish,
        version,
        savedAt,
        body: JSON.stringify(seen),
      }));
      await manager.insert(CookSeenEntity, seenRows);
      const here = photos.filter(has);
      missing += photos.length - here.length;
      // Whose photograph it is, is not for a file to say: one that is another cook's gets a name of its own.
      const taken = await manager.findBy(CookPhotoEntity, { id: In(here.map((photo) => photo.id)) });
      const photoRows = here.map(({ dish, ...photo }) => ({
        ...photo,
        id: taken.some((t) => t.id === photo.id) ? randomUUID() : photo.id,
        cookId: id,
        dishId: dish,
        deletedAt: null,
      }));
      await manager.insert(CookPhotoEntity, photoRows);
    }
    return missing;
  }

  /** What was kept in mind of cooks that a file has changed is forgotten. */
  changed(cooks: readonly KeptCook[]): void {
    cooks.forEach(({ id }) => this.events.forget(id));
    this.cooks.changed();
  }
}
