import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import {
  CONVERSION_FORMAT,
  RANGES,
  upgradeConversion,
  type ConversionBody,
  type ConversionDocument,
} from '@yellowmist/contract';
import { IsNull, Like, Not, Repository } from 'typeorm';
import { ProblemException } from '../common/problem.js';
import { ConversionEntity } from './conversion.entity.js';

const now = (): string => new Date().toISOString();

function toDocument(entity: ConversionEntity): ConversionDocument {
  const body = upgradeConversion(entity.format, JSON.parse(entity.body));
  const { id, version, createdAt, updatedAt } = entity;
  return { ...body, id, version, format: CONVERSION_FORMAT, createdAt, updatedAt };
}

/** Stores conversions; a save names the version that it changes, and a deleted one can be brought back. */
@Injectable()
export class ConversionsService {
  constructor(@InjectRepository(ConversionEntity) private readonly store: Repository<ConversionEntity>) {}

  /** All that are not deleted, the last touched first. */
  async list(): Promise<ConversionDocument[]> {
    const rows = await this.store.find({ where: { deletedAt: IsNull() }, order: { updatedAt: 'DESC', id: 'ASC' } });
    return rows.map(toDocument);
  }

  /** Ids of all that are not deleted. */
  async ids(): Promise<Set<string>> {
    const rows = await this.store.find({ select: { id: true }, where: { deletedAt: IsNull() } });
    return new Set(rows.map((row) => row.id));
  }

  async read(id: string): Promise<ConversionDocument> {
    return toDocument(await this.rowOf(id));
  }

  async create(body: ConversionBody): Promise<ConversionDocument> {
    const at = now();
    const entity = this.store.create({
      id: randomUUID(),
      name: body.name,
      version: 1,
      format: CONVERSION_FORMAT,
      body: JSON.stringify(body),
      createdAt: at,
      updatedAt: at,
      deletedAt: null,
    });
    await this.store.insert(entity);
    return toDocument(entity);
  }

  /** Saves over `version`. @throws ProblemException 409 with the stored version when it is not the last any more */
  async save(id: string, version: number, body: ConversionBody): Promise<ConversionDocument> {
    const result = await this.store.update(
      { id, version, deletedAt: IsNull() },
      {
        name: body.name,
        version: version + 1,
        format: CONVERSION_FORMAT,
        body: JSON.stringify(body),
        updatedAt: now(),
      },
    );
    const row = await this.rowOf(id);
    if (result.affected === 0) {
      throw new ProblemException(
        409,
        `version ${version} is not the stored one any more: it is ${row.version}. Nothing was overwritten; read it and save again.`,
        { currentVersion: row.version },
      );
    }
    return toDocument(row);
  }

  async duplicate(id: string): Promise<ConversionDocument> {
    const { body, format, name } = await this.rowOf(id);
    const copyName = `${name.slice(0, RANGES.nameLength.max - 7)} (copy)`;
    return this.create({ ...upgradeConversion(format, JSON.parse(body)), name: copyName });
  }

  /** Puts a conversion aside; `restore` brings it back. */
  async remove(id: string): Promise<void> {
    await this.rowOf(id);
    await this.store.update({ id }, { deletedAt: now() });
  }

  async restore(id: string): Promise<ConversionDocument> {
    const result = await this.store.update({ id, deletedAt: Not(IsNull()) }, { deletedAt: null });
    if (result.affected === 0) throw new ProblemException(404, `There is no deleted conversion ${id}.`);
    return this.read(id);
  }

  /** Names of the conversions, deleted ones included, that use a pantry id. */
  async namesUsing(ingredientId: string): Promise<string[]> {
    const rows = await this.store.find({ where: { body: Like(`%${JSON.stringify(ingredientId)}%`) } });
    return rows.map((row) => (row.deletedAt ? `${row.name} (deleted)` : row.name));
  }

  private async rowOf(id: string): Promise<ConversionEntity> {
    const row = await this.store.findOneBy({ id, deletedAt: IsNull() });
    if (!row) throw new ProblemException(404, `There is no conversion ${id}.`);
    return row;
  }
}
