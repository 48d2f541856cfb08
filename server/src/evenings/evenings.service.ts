import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import {
  FORMATS,
  formatNumber,
  RANGES,
  upgrade,
  type EveningBody,
  type EveningDocument,
  type KeptEvening,
} from '@yellowmist/contract';
import { IsNull, Not, Repository } from 'typeorm';
import { badFields, ProblemException } from '../common/problem.js';
import { ConversionsService } from '../conversions/conversions.service.js';
import { EveningEntity } from './evening.entity.js';

const FORMAT = formatNumber(FORMATS.evening);
const now = (): string => new Date().toISOString();

const opened = ({ id, version, createdAt, updatedAt, format, body }: EveningEntity): EveningDocument => ({
  ...upgrade(FORMATS.evening, format, JSON.parse(body)),
  id,
  version,
  format: FORMAT,
  createdAt,
  updatedAt,
});

/** What a cook writes of a stored evening. */
export function bodyOfEvening(document: EveningDocument): EveningBody {
  const { id: _i, version: _v, format: _f, createdAt: _c, updatedAt: _u, ...body } = document;
  return body;
}

/** Stores evenings; a save names the version that it changes, and a deleted one can be brought back. */
@Injectable()
export class EveningsService {
  constructor(
    @InjectRepository(EveningEntity) private readonly store: Repository<EveningEntity>,
    private readonly conversions: ConversionsService,
  ) {}

  /** All that are not deleted, the last touched first. */
  async list(): Promise<EveningDocument[]> {
    const rows = await this.store.find({ where: { deletedAt: IsNull() }, order: { updatedAt: 'DESC', id: 'ASC' } });
    const here = await this.conversions.ids();
    return rows.map((row) => withDishesOf(opened(row), here));
  }

  /** All, as a kitchen's file keeps them. */
  async kept(): Promise<KeptEvening[]> {
    const all = await this.list();
    return all.map((document) => {
      const { id, createdAt, updatedAt } = document;
      return { id, createdAt, updatedAt, body: bodyOfEvening(document) };
    });
  }

  async create(body: EveningBody): Promise<EveningDocument> {
    await this.allows(body);
    const at = now();
    const row = {
      id: randomUUID(),
      name: body.name,
      version: 1,
      format: FORMAT,
      body: JSON.stringify(body),
      createdAt: at,
      updatedAt: at,
      deletedAt: null,
    };
    await this.store.insert(row);
    return opened(row);
  }

  /** @throws ProblemException 404 where there is none */
  async read(id: string): Promise<EveningDocument> {
    return withDishesOf(opened(await this.rowOf(id)), await this.conversions.ids());
  }

  /** @throws ProblemException 409 when `version` is not the last any more; nothing is overwritten */
  async save(id: string, version: number, body: EveningBody): Promise<EveningDocument> {
    await this.allows(body);
    const next = {
      name: body.name,
      version: version + 1,
      format: FORMAT,
      body: JSON.stringify(body),
      updatedAt: now(),
    };
    const { affected } = await this.store.update({ id, version, deletedAt: IsNull() }, next);
    const row = await this.rowOf(id);
    if (affected === 0) {
      throw new ProblemException(
        409,
        `version ${version} of this evening is not the stored one any more: it is ${row.version}. Nothing was overwritten; read it and save again.`,
        { currentVersion: row.version },
      );
    }
    return opened({ ...row, ...next });
  }

  /** The same evening for another time, still to be cooked. */
  async copy(id: string, serveAt: string | null): Promise<EveningDocument> {
    const body = bodyOfEvening(await this.read(id));
    const name = body.name.slice(0, RANGES.nameLength.max);
    return this.create({ ...body, name, state: 'planned', serveAt, startAt: null });
  }

  /** Puts an evening aside; `restore` brings it back. */
  async remove(id: string): Promise<void> {
    await this.rowOf(id);
    await this.store.update({ id }, { deletedAt: now() });
  }

  async restore(id: string): Promise<EveningDocument> {
    const { affected } = await this.store.update({ id, deletedAt: Not(IsNull()) }, { deletedAt: null });
    if (affected === 0) throw new ProblemException(404, `There is no deleted evening ${id}.`);
    return this.read(id);
  }

  private async rowOf(id: string): Promise<EveningEntity> {
    const row = await this.store.findOneBy({ id, deletedAt: IsNull() });
    if (!row) throw new ProblemException(404, `There is no evening ${id}.`);
    return row;
  }

  /** Every dish must be there. @throws ProblemException 400 naming the first that is not */
  private async allows({ dishes }: EveningBody): Promise<void> {
    const here = await this.conversions.ids();
    const missing = dishes.findIndex(({ id }) => !here.has(id));
    if (missing < 0) return;
    const field = `dishes[${missing}].id`;
    throw badFields([{ field, message: `${field} must be the id of a dish of this kitchen` }]);
  }
}

/** Without dishes that have been deleted since. */
const withDishesOf = (document: EveningDocument, here: ReadonlySet<string>): EveningDocument => ({
  ...document,
  dishes: document.dishes.filter(({ id }) => here.has(id)),
});
