import { randomUUID } from 'node:crypto';
import { formatNumber, type BrokenDocument, type Format } from '@yellowmist/contract';
import { IsNull, LessThan, Like, Not, type EntityManager, type EntityTarget, type Repository } from 'typeorm';
import { ProblemException } from '../common/problem.js';
import type { ListedEntity } from './listed.entity.js';
import { readInTurns, type Page } from './parts.js';

const now = (): string => new Date().toISOString();

/** A document with its identity, as a kitchen's file brings it. */
interface Brought<Body> {
  id: string;
  createdAt: string;
  updatedAt: string;
  body: Body;
}

/** A row as it was just written. */
type Stored = Omit<ListedEntity, 'touched'>;

/** What is stored of a body. */
const stored = <Body extends { name: string }>(format: Format<Body>, body: Body) => ({
  name: body.name,
  format: formatNumber(format),
  body: JSON.stringify(body),
});

/** The next place in the order of touches, worked out by the database in the very write. */
const nextTouch = (table: string) => (): string => `(SELECT coalesce(max(touched), 0) + 1 FROM ${table})`;

/** Rows of one kind of document: a save names the version that it changes, and what was put aside can be brought back. */
export class ListedStore<Body extends { name: string }> {
  private readonly rows: Repository<ListedEntity>;

  /** @param word what an error calls one of them */
  constructor(
    rows: Repository<ListedEntity>,
    private readonly format: Format<Body>,
    private readonly word: string,
  ) {
    this.rows = rows;
  }

  /** Those that are not put aside, the last touched first: all of them, or a page. */
  private async some({ limit, after }: Page = {}): Promise<ListedEntity[]> {
    const from = after === undefined ? undefined : (await this.row(after)).touched;
    return this.rows.find({
      where: { deletedAt: IsNull(), ...(from !== undefined && { touched: LessThan(from) }) },
      order: { touched: 'DESC', id: 'ASC' },
      take: limit,
    });
  }

  /** All of them, or a page, as they are read, each by itself: one that cannot be read says why. Others are answered meanwhile. */
  async readAll<T>(read: (row: ListedEntity) => T | Promise<T>, page?: Page): Promise<(T | BrokenDocument)[]> {
    return readInTurns(await this.some(page), async (row): Promise<T | BrokenDocument> => {
      try {
        return await read(row);
      } catch (error) {
        const { id, name, version, createdAt, updatedAt } = row;
        return { id, name, version, createdAt, updatedAt, problem: (error as Error).message };
      }
    });
  }

  /** How many are not put aside. */
  count(): Promise<number> {
    return this.rows.countBy({ deletedAt: IsNull() });
  }

  /** Ids of all that are not put aside. */
  async ids(): Promise<Set<string>> {
    const rows = await this.rows.find({ select: { id: true }, where: { deletedAt: IsNull() } });
    return new Set(rows.map((row) => row.id));
  }

  /** @throws ProblemException 404 where there is none */
  async row(id: string): Promise<ListedEntity> {
    const row = await this.rows.findOneBy({ id, deletedAt: IsNull() });
    if (!row) throw new ProblemException(404, `There is no ${this.word} ${id}.`);
    return row;
  }

  private readonly touch = (): string => nextTouch(this.rows.metadata.tableName)();

  async insert(body: Body): Promise<Stored> {
    const at = now();
    const times = { createdAt: at, updatedAt: at, deletedAt: null };
    const row = { id: randomUUID(), version: 1, ...stored(this.format, body), ...times };
    await this.rows.insert({ ...row, touched: this.touch });
    return row;
  }

  /** Saves over `version`. @throws ProblemException 409 with the stored version when it is not the last any more */
  async replace(id: string, version: number, body: Body): Promise<Stored> {
    const next = { ...stored(this.format, body), version: version + 1, updatedAt: now() };
    const { affected } = await this.rows.update({ id, version, deletedAt: IsNull() }, { ...next, touched: this.touch });
    const row = await this.row(id);
    if (affected === 0) {
      throw new ProblemException(
        409,
        `version ${version} is not the stored one any more: it is ${row.version}. Nothing was overwritten; read it and save again.`,
        { currentVersion: row.version },
      );
    }
    return { ...row, ...next };
  }

  /** Puts one aside; `restore` brings it back. */
  async remove(id: string): Promise<void> {
    await this.row(id);
    await this.rows.update({ id }, { deletedAt: now() });
  }

  async restore(id: string): Promise<void> {
    const { affected } = await this.rows.update(
      { id, deletedAt: Not(IsNull()) },
      { deletedAt: null, touched: this.touch },
    );
    if (affected === 0) throw new ProblemException(404, `There is no deleted ${this.word} ${id}.`);
  }

  /** What was put aside, the last first. */
  async bin(): Promise<{ id: string; name: string; deletedAt: string }[]> {
    const rows = await this.rows.find({ where: { deletedAt: Not(IsNull()) }, order: { deletedAt: 'DESC' } });
    return rows.map(({ id, name, deletedAt }) => ({ id, name, deletedAt: deletedAt! }));
  }

  /** All that hold a string, put aside or not. */
  holding(text: string): Promise<ListedEntity[]> {
    return this.rows.find({ where: { body: Like(`%${text}%`) } });
  }
}

/** Writes documents that a kitchen's file brings, new ones and over those that are here; none of them is put aside then. */
export async function writeBrought<Body extends { name: string }>(
  manager: EntityManager,
  entity: EntityTarget<ListedEntity>,
  format: Format<Body>,
  documents: readonly Brought<Body>[],
): Promise<void> {
  // What was touched last where they come from is touched last here.
  const inOrder = [...documents].sort((a, b) => Date.parse(a.updatedAt) - Date.parse(b.updatedAt));
  for (const { id, createdAt, updatedAt, body } of inOrder) {
    const known = await manager.findOneBy(entity, { id });
    const version = (known?.version ?? 0) + 1;
    const times = { createdAt: known?.createdAt ?? createdAt, updatedAt, deletedAt: null };
    const touched = nextTouch(manager.getRepository(entity).metadata.tableName);
    await manager.upsert(entity, { id, version, ...stored(format, body), ...times, touched }, ['id']);
  }
}
