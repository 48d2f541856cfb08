import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { CookBody } from '@yellowmist/contract';
import { IsNull, LessThanOrEqual, Not, type Repository } from 'typeorm';
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

  /** All of them, the latest first, readable here or not. */
  all(): Promise<CookEntity[]> {
    return this.rows.find({ where: { deletedAt: IsNull() }, order: { startedAt: 'DESC' } });
  }

  /** Cooks that go on. */
  async running(): Promise<StoredCook[]> {
    return readableOf(await this.rows.findBy({ endedAt: IsNull(), deletedAt: IsNull() }));
  }

  /** Cooks that are over, the latest first. */
  async over(): Promise<StoredCook[]> {
    const where = { endedAt: Not(IsNull()), deletedAt: IsNull() };
    return readableOf(await this.rows.find({ where, order: { startedAt: 'DESC', id: 'ASC' } }));
  }

  /** Cooks that began before this one, the latest first. */
  async before(id: string, startedAt: string): Promise<StoredCook[]> {
    const where = { id: Not(id), startedAt: LessThanOrEqual(startedAt), deletedAt: IsNull() };
    return readableOf(await this.rows.find({ where, order: { startedAt: 'DESC' } }));
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

  /** @param endedMs when it was over; null where it begins. @returns its id */
  async insert(body: CookBody, endedMs: number | null): Promise<string> {
    const id = randomUUID();
    // A round over all that go on may be under way: it is asked anew before and after.
    this.practising = null;
    await this.rows.insert({
      id,
      name: body.name,
      format: COOK_FORMAT,
      body: JSON.stringify(body),
      startedAt: iso(body.startedMs),
      endedAt: endedMs === null ? null : iso(endedMs),
      deletedAt: null,
    });
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
