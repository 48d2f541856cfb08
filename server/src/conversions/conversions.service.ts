import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import {
  bodyOfDocument,
  check,
  conversionBodySchema,
  FORMATS,
  formatNumber,
  RANGES,
  upgrade,
  type BinnedConversion,
  type ConversionBody,
  type ConversionDocument,
  type ListedConversion,
} from '@yellowmist/contract';
import { DIETS, fitsDiets, ingredient, type Diet, type Pantry } from '@yellowmist/core';
import { IsNull, Like, Not, Repository } from 'typeorm';
import { ProblemException } from '../common/problem.js';
import { ShelfService } from '../shelf/shelf.service.js';
import { ConversionEntity } from './conversion.entity.js';

const FORMAT = formatNumber(FORMATS.conversion);
const now = (): string => new Date().toISOString();

/** The stored body in today's format, its ids among what is on the shelf. @throws Error with why it cannot be read */
function bodyIn({ format, body }: ConversionEntity, pantry: Pantry): ConversionBody {
  const checked = check(conversionBodySchema, upgrade(FORMATS.conversion, format, JSON.parse(body)), pantry);
  if (!checked.ok) throw new Error(checked.errors.map((e) => e.message).join('; '));
  return checked.value;
}

const whole = ({ id, version, createdAt, updatedAt }: ConversionEntity, body: ConversionBody): ConversionDocument => ({
  ...body,
  id,
  version,
  format: FORMAT,
  createdAt,
  updatedAt,
});

/** Diets that a dish fits by its ingredients: as it comes out of the air fryer where it is converted. */
function dietsOf({ dish, fried, chosen }: ConversionBody, pantry: Pantry): Diet[] {
  const layers = chosen?.plan.layers ?? fried.layers;
  const portions = [...layers, ...(dish.beside ?? [])].flatMap((l) => l.portions);
  const ids = [dish.foodId, ...(dish.also ? [dish.also.foodId] : []), ...portions.map((p) => p.ingredientId)];
  return DIETS.filter((diet) => ids.every((id) => fitsDiets(ingredient(pantry, id), [diet])));
}

/** Stores conversions; a save names the version that it changes, and a deleted one can be brought back. */
@Injectable()
export class ConversionsService {
  constructor(
    @InjectRepository(ConversionEntity) private readonly store: Repository<ConversionEntity>,
    private readonly shelf: ShelfService,
  ) {}

  /** All that are not deleted, the last touched first; each stands or falls alone. */
  async list(): Promise<ListedConversion[]> {
    const rows = await this.store.find({ where: { deletedAt: IsNull() }, order: { updatedAt: 'DESC', id: 'ASC' } });
    const pantry = await this.shelf.pantry();
    return rows.map((row) => {
      try {
        const document = whole(row, bodyIn(row, pantry));
        return { ...document, diets: dietsOf(document, pantry) };
      } catch (error) {
        const { id, name, version, createdAt, updatedAt } = row;
        return { id, name, version, createdAt, updatedAt, problem: (error as Error).message };
      }
    });
  }

  /** Ids of all that are not deleted. */
  async ids(): Promise<Set<string>> {
    const rows = await this.store.find({ select: { id: true }, where: { deletedAt: IsNull() } });
    return new Set(rows.map((row) => row.id));
  }

  /** @throws ProblemException 404 where there is none; 422 where it cannot be read here */
  async read(id: string): Promise<ConversionDocument> {
    return this.opened(await this.rowOf(id));
  }

  async create(body: ConversionBody): Promise<ConversionDocument> {
    const at = now();
    const entity = this.store.create({
      id: randomUUID(),
      name: body.name,
      version: 1,
      format: FORMAT,
      body: JSON.stringify(body),
      createdAt: at,
      updatedAt: at,
      deletedAt: null,
    });
    await this.store.insert(entity);
    return whole(entity, body);
  }

  /** Saves over `version`. @throws ProblemException 409 with the stored version when it is not the last any more */
  async save(id: string, version: number, body: ConversionBody): Promise<ConversionDocument> {
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
        `version ${version} is not the stored one any more: it is ${row.version}. Nothing was overwritten; read it and save again.`,
        { currentVersion: row.version },
      );
    }
    return whole({ ...row, ...next }, body);
  }

  async duplicate(id: string): Promise<ConversionDocument> {
    const original = await this.read(id);
    const body = bodyOfDocument(original);
    return this.create({ ...body, name: `${body.name.slice(0, RANGES.nameLength.max - 7)} (copy)` });
  }

  /** Puts a conversion aside; `restore` brings it back. */
  async remove(id: string): Promise<void> {
    await this.rowOf(id);
    await this.store.update({ id }, { deletedAt: now() });
  }

  /** What was put aside, the last first. */
  async bin(): Promise<BinnedConversion[]> {
    const rows = await this.store.find({ where: { deletedAt: Not(IsNull()) }, order: { deletedAt: 'DESC' } });
    return rows.map(({ id, name, deletedAt }) => ({ id, name, deletedAt: deletedAt! }));
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

  /** @throws ProblemException 404 where there is none */
  async rowOf(id: string): Promise<ConversionEntity> {
    const row = await this.store.findOneBy({ id, deletedAt: IsNull() });
    if (!row) throw new ProblemException(404, `There is no conversion ${id}.`);
    return row;
  }

  private async opened(row: ConversionEntity): Promise<ConversionDocument> {
    const pantry = await this.shelf.pantry();
    try {
      return whole(row, bodyIn(row, pantry));
    } catch (error) {
      throw new ProblemException(422, `“${row.name}” cannot be opened here: ${(error as Error).message}`);
    }
  }
}
