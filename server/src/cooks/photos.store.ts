import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { RANGES, type PhotoRecord } from '@yellowmist/contract';
import { IsNull, Not, type Repository } from 'typeorm';
import { ProblemException } from '../common/problem.js';
import { CookPhotoEntity } from './cook.entity.js';

const MOST = RANGES.photos.max;

const read = ({ id, dishId, hash, widthPx, heightPx, bytes, addedAt }: CookPhotoEntity): PhotoRecord => ({
  id,
  dish: dishId,
  hash,
  widthPx,
  heightPx,
  bytes,
  addedAt,
});

/** Which photographs belong to which cook. */
@Injectable()
export class PhotosStore {
  constructor(@InjectRepository(CookPhotoEntity) private readonly rows: Repository<CookPhotoEntity>) {}

  /** Photographs of a cook in the order in which they were added. */
  async of(cookId: string): Promise<PhotoRecord[]> {
    const where = { cookId, deletedAt: IsNull() };
    return (await this.rows.find({ where, order: { addedAt: 'ASC', id: 'ASC' } })).map(read);
  }

  /** How many photographs each cook has; cooks without any are not named. */
  async counts(): Promise<Map<string, number>> {
    const rows = await this.rows.find({ select: { id: true, cookId: true }, where: { deletedAt: IsNull() } });
    const counts = new Map<string, number>();
    for (const { cookId } of rows) counts.set(cookId, (counts.get(cookId) ?? 0) + 1);
    return counts;
  }

  /** Hashes of all files that somebody may still ask for, put aside or not. */
  async hashes(): Promise<Set<string>> {
    const rows = await this.rows.find({ select: { id: true, hash: true } });
    return new Set(rows.map(({ hash }) => hash));
  }

  /** @throws ProblemException 409 where a cook has as many as it may */
  async room(cookId: string): Promise<void> {
    if ((await this.of(cookId)).length >= MOST)
      throw new ProblemException(409, `A cook has at most ${MOST} photographs. Take one away first.`);
  }

  /**
   * The photograph that was added under an id, put aside or not; null where there is none.
   * @throws ProblemException 409 where it is another cook's
   */
  async known(cookId: string, id: string): Promise<PhotoRecord | null> {
    const row = await this.rows.findOneBy({ id });
    if (row && row.cookId !== cookId) throw new ProblemException(409, 'Another cook has a photograph under this key.');
    return row && read(row);
  }

  /** @param id that it is kept under */
  async add(
    cookId: string,
    photo: Omit<PhotoRecord, 'id' | 'addedAt'>,
    id: string = randomUUID(),
  ): Promise<PhotoRecord> {
    await this.room(cookId);
    const { dish, ...rest } = photo;
    const row = { ...rest, id, cookId, dishId: dish, addedAt: new Date().toISOString(), deletedAt: null };
    await this.rows.insert(row);
    return read(row);
  }

  /** @throws ProblemException 404 where the cook has no such photograph */
  async find(cookId: string, id: string): Promise<PhotoRecord> {
    const row = await this.rows.findOneBy({ id, cookId, deletedAt: IsNull() });
    if (!row) throw new ProblemException(404, `The cook has no photograph ${id}.`);
    return read(row);
  }

  /** Puts one aside. @throws ProblemException 404 */
  async remove(cookId: string, id: string): Promise<void> {
    await this.find(cookId, id);
    await this.rows.update({ id }, { deletedAt: new Date().toISOString() });
  }

  /** Brings one back. @throws ProblemException 404 where none was put aside, 409 where there is no room for it any more */
  async restore(cookId: string, id: string): Promise<PhotoRecord> {
    await this.room(cookId);
    const { affected } = await this.rows.update({ id, cookId, deletedAt: Not(IsNull()) }, { deletedAt: null });
    if (affected === 0) throw new ProblemException(404, `The cook has no deleted photograph ${id}.`);
    return this.find(cookId, id);
  }

  /** Forgets for good what was put aside before `at`, ISO 8601. */
  async forget(at: string): Promise<void> {
    await this.rows.createQueryBuilder().delete().where('deleted_at < :at', { at }).execute();
  }
}
