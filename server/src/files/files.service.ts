import { randomUUID } from 'node:crypto';
import { promisify } from 'node:util';
import { gunzip, gzip } from 'node:zlib';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import {
  bodyOfDocument,
  FORMATS,
  formatNumber,
  isWhole,
  kitchenFileOf,
  mergeKitchens,
  openKitchenFile,
  type Answers,
  type Format,
  type ImportReport,
  type KeptDish,
  type Merged,
  type WholeKitchen,
} from '@yellowmist/contract';
import { Refusal } from '@yellowmist/core';
import { DataSource, IsNull, Not, type EntityManager } from 'typeorm';
import { badFields } from '../common/problem.js';
import { ConversionEntity } from '../conversions/conversion.entity.js';
import { ConversionsService } from '../conversions/conversions.service.js';
import { writeBrought } from '../documents/listed.store.js';
import { SingleEntity } from '../documents/single.entity.js';
import { SinglesService } from '../documents/singles.service.js';
import { EveningEntity } from '../evenings/evening.entity.js';
import { EveningsService } from '../evenings/evenings.service.js';
import { KITCHEN_KIND } from '../kitchen/kitchen.js';
import { PANTRY_KIND } from '../shelf/shelf.service.js';

const zip = promisify(gzip);
const unzip = promisify(gunzip);

/** A file that unpacks to more is no kitchen's, bytes. */
const MOST_BYTES = 64 * 1024 * 1024;
const GZIP = [0x1f, 0x8b];

/** The whole kitchen goes out as one file, and comes in again: merged by identity, all or nothing. */
@Injectable()
export class FilesService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly conversions: ConversionsService,
    private readonly singles: SinglesService,
    private readonly evenings: EveningsService,
  ) {}

  /** The file, as JSON. */
  async exported(): Promise<string> {
    return JSON.stringify(kitchenFileOf(await this.here(), new Date().toISOString()));
  }

  /** The same, packed. */
  async packed(): Promise<Buffer> {
    return zip(await this.exported());
  }

  /**
   * Merges a file into this kitchen.
   * @param file its bytes, packed or not; or what was parsed of them
   * @param rehearsal only reports
   * @throws ProblemException 400 with the reason, and nothing changed
   */
  async imported(file: unknown, answers: Answers, rehearsal: boolean): Promise<ImportReport> {
    const json = Buffer.isBuffer(file) ? await parsed(file) : file;
    return this.source.transaction(async (manager) => {
      const here = await this.here();
      const there = opened(json, here);
      const inBin = await putAside(manager);
      const { whole, written, report } = mergeKitchens(here, there, answers, inBin, randomUUID);
      if (!rehearsal) await this.write(manager, here, whole, written);
      return { tried: rehearsal, ...report };
    });
  }

  /** All that is written down here; dishes that cannot be opened stay where they are, and are no part of it. */
  private async here(): Promise<WholeKitchen> {
    const listed = (await this.conversions.list()).filter(isWhole);
    const dishes = listed.map((document): KeptDish => {
      const { id, createdAt, updatedAt } = document;
      return { id, createdAt, updatedAt, body: bodyOfDocument(document) };
    });
    const [kitchen, pantry, evenings] = await Promise.all([
      this.singles.read(KITCHEN_KIND),
      this.singles.read(PANTRY_KIND),
      this.evenings.kept(),
    ]);
    return { dishes, kitchen: unversioned(kitchen), pantry: unversioned(pantry), evenings };
  }

  private async write(
    manager: EntityManager,
    here: WholeKitchen,
    whole: WholeKitchen,
    written: Merged['written'],
  ): Promise<void> {
    await writeBrought(manager, ConversionEntity, FORMATS.conversion, written.dishes);
    await writeBrought(manager, EveningEntity, FORMATS.evening, written.evenings);
    await this.writeSingle(manager, 'kitchen', FORMATS.kitchen, here.kitchen, whole.kitchen);
    await this.writeSingle(manager, 'pantry', FORMATS.pantry, here.pantry, whole.pantry);
  }

  private async writeSingle<Body extends object>(
    manager: EntityManager,
    kind: string,
    format: Format<Body>,
    before: Body,
    after: Body,
  ): Promise<void> {
    if (JSON.stringify(before) === JSON.stringify(after)) return;
    const known = await manager.findOneBy(SingleEntity, { kind });
    await manager.upsert(
      SingleEntity,
      { kind, version: (known?.version ?? 0) + 1, format: formatNumber(format), body: JSON.stringify(after) },
      ['kind'],
    );
  }
}

const unversioned = <T extends { version: number }>({ version: _, ...body }: T): Omit<T, 'version'> => body;

/** Ids of dishes and evenings that were put aside. */
async function putAside(manager: EntityManager): Promise<Set<string>> {
  const where = { deletedAt: Not(IsNull()) };
  const rows = [
    ...(await manager.find(ConversionEntity, { select: { id: true }, where })),
    ...(await manager.find(EveningEntity, { select: { id: true }, where })),
  ];
  return new Set(rows.map((r) => r.id));
}

const wrong = (message: string): Error => badFields([{ field: 'file', message }]);

function opened(json: unknown, here: WholeKitchen): WholeKitchen {
  try {
    return openKitchenFile(json, here.pantry.own);
  } catch (error) {
    if (error instanceof Refusal) throw wrong(`${error.message} Nothing was changed.`);
    throw error;
  }
}

/** The JSON of a file's bytes. */
async function parsed(file: Buffer): Promise<unknown> {
  let bytes = file;
  if (file[0] === GZIP[0] && file[1] === GZIP[1]) {
    try {
      bytes = await unzip(file, { maxOutputLength: MOST_BYTES });
    } catch {
      throw wrong('The file cannot be unpacked: it is cut off, damaged or far too large. Nothing was changed.');
    }
  }
  try {
    return JSON.parse(bytes.toString('utf8')) as unknown;
  } catch {
    throw wrong('The file is no JSON, or only a part of one. Nothing was changed.');
  }
}
