import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { CookBody } from '@yellowmist/contract';
import { IsNull, type Repository } from 'typeorm';
import { ProblemException } from '../common/problem.js';
import { LearnedStore } from '../learned/learned.store.js';
import { CookEntity } from './cook.entity.js';
import { bodyIn, COOK_FORMAT, readableOf, simulatedIn, type StoredCook } from './stored.js';

const iso = (ms: number): string => new Date(ms).toISOString();

/** The rows of all cooks that are not put aside. */
@Injectable()
export class CooksStore {
  private practising: StoredCook[] | null = null;

  constructor(
    @InjectRepository(CookEntity) private readonly rows: Repository<CookEntity>,
    private readonly learned: LearnedStore,
  ) {}

  /** Cooks that go on. */
  async running(): Promise<StoredCook[]> {
    return readableOf(await this.rows.findBy({ endedAt: IsNull(), deletedAt: IsNull() }));
  }

  /** Cooks that are over and of which anything is known but their plan (a tap, a reading, a record), the latest first. */
  async told(): Promise<StoredCook[]> {
    const over = this.rows.createQueryBuilder('cook').where('cook.ended_at IS NOT NULL AND cook.deleted_at IS NULL');
    const told = over.andWhere(
      '(EXISTS (SELECT 1 FROM cook_seen s WHERE s.cook_id = cook.id) OR EXISTS (SELECT 1 FROM cook_event e WHERE e.cook_id = cook.id))',
    );
    return readableOf(await told.orderBy('cook.started_at', 'DESC').addOrderBy('cook.id', 'ASC').getMany());
  }

  /** Ids of cooks that began before this one and of which something was noted, the latest first. */
  async notedBefore(id: string, startedAt: string): Promise<string[]> {
    const rows = await this.rows
      .createQueryBuilder('cook')
      .select('cook.id', 'id')
      .where('cook.id <> :id AND cook.started_at <= :startedAt AND cook.deleted_at IS NULL', { id, startedAt })
      .andWhere('EXISTS (SELECT 1 FROM cook_seen s WHERE s.cook_id = cook.id)')
      .orderBy('cook.started_at', 'DESC')
      .getRawMany<{ id: string }>();
    return rows.map((row) => row.id);
  }

  /** One that can be read here; null where there is none. */
  async readable(id: string): Promise<StoredCook | null> {
    return readableOf(await this.rows.findBy({ id, deletedAt: IsNull() }))[0] ?? null;
  }

  /** Cooks that go on in simulated fryers. They are few; all that go on are asked for only when that may have changed. */
  async simulatedRunning(): Promise<StoredCook[]> {
    this.practising ??= (await this.running()).filter(({ body }) => simulatedIn(body).length > 0);
    return this.practising;
  }

  /** @throws ProblemException 404 where there is none, 422 where it cannot be read here */
  async kept(id: string): Promise<StoredCook> {
    const row = await this.rows.findOneBy({ id, deletedAt: IsNull() });
    if (!row) throw new ProblemException(404, `There is no cook ${id}.`);
    try {
      return { ...row, body: bodyIn(row) };
    } catch (error) {
      throw new ProblemException(422, `“${row.name}” cannot be opened here: ${(error as Error).message}`);
    }
  }

  /** Whether there is one under an id, put aside or not. */
  has(id: string): Promise<boolean> {
    return this.rows.existsBy({ id });
  }

  /**
   * @param endedMs when it was over; null where it begins
   * @param id that it is kept under; where there is one already, nothing is added
   * @returns its id
   */
  async insert(body: CookBody, endedMs: number | null, id: string = randomUUID()): Promise<string> {
    // A round over all that go on may be under way: it is asked anew before and after.
    this.practising = null;
    const row = {
      id,
      name: body.name,
      format: COOK_FORMAT,
      body: JSON.stringify(body),
      startedAt: iso(body.startedMs),
      endedAt: endedMs === null ? null : iso(endedMs),
      deletedAt: null,
    };
    await this.rows.createQueryBuilder().insert().values(row).orIgnore().execute();
    this.changed();
    return id;
  }

  async end(id: string, endedMs: number): Promise<void> {
    await this.rows.update({ id }, { endedAt: iso(endedMs) });
    this.changed();
  }

  /** Which cooks go on, and what they teach, is asked anew. */
  changed(): void {
    this.practising = null;
    this.learned.tell();
  }
}
