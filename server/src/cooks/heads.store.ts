import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { CookedBy, LoggedDish, Rehearsal } from '@yellowmist/contract';
import { In, IsNull, type Repository } from 'typeorm';
import { readInTurns } from '../documents/parts.js';
import { CookEntity } from './cook.entity.js';
import { EventsStore } from './events.store.js';
import { loggedDishes } from './logged.js';
import { readable } from './stored.js';

/** What a list shows of a cook's body. */
export interface CookHead {
  rehearsal: Rehearsal | null;
  dishes: string[];
  fryers: string[];
  cookedBy: CookedBy | null;
  log: Omit<LoggedDish, 'record'>[];
}

/** A row of a list: nothing of the body. */
export type CookRow = Pick<CookEntity, 'id' | 'name' | 'startedAt' | 'endedAt'>;

const UNREADABLE: CookHead = { rehearsal: null, dishes: [], fryers: [], cookedBy: null, log: [] };
/** So many bodies are read with one question. */
const AT_ONCE = 100;

function headOf(row: CookEntity): CookHead {
  const body = readable(row);
  if (!body) return UNREADABLE;
  const { rehearsal, cookedBy, programme } = body;
  return {
    rehearsal,
    cookedBy: cookedBy ?? null,
    dishes: programme.dishes.map((d) => d.name),
    fryers: [...new Set(programme.batches.map((b) => b.fryer.name))],
    log: loggedDishes(body),
  };
}

/** Heads of all cooks. A body is as it was when its cook began, so each is read once and its head kept in mind. */
@Injectable()
export class HeadsStore {
  private readonly known = new Map<string, CookHead>();

  constructor(
    @InjectRepository(CookEntity) private readonly rows: Repository<CookEntity>,
    events: EventsStore,
  ) {
    events.replaced.subscribe(() => this.known.clear());
  }

  /** All cooks that are not put aside, the latest first, readable here or not. */
  async all(): Promise<CookRow[]> {
    const select = { id: true, name: true, startedAt: true, endedAt: true } as const;
    const rows = await this.rows.find({ select, where: { deletedAt: IsNull() }, order: { startedAt: 'DESC' } });
    const here = new Set(rows.map(({ id }) => id));
    for (const id of this.known.keys()) if (!here.has(id)) this.known.delete(id);
    return rows;
  }

  /** @returns the head of each, in their order */
  async of(ids: readonly string[]): Promise<CookHead[]> {
    const unknown = ids.filter((id) => !this.known.has(id));
    for (let k = 0; k < unknown.length; k += AT_ONCE) {
      const rows = await this.rows.findBy({ id: In(unknown.slice(k, k + AT_ONCE)) });
      await readInTurns(rows, (row) => this.known.set(row.id, headOf(row)));
    }
    return ids.map((id) => this.known.get(id) ?? UNREADABLE);
  }
}
