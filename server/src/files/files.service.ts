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
  type FilesPhotos,
  type Format,
  type ImportReport,
  type KeptDish,
  type Merged,
  type WholeKitchen,
} from '@yellowmist/contract';
import { Refusal, type Label } from '@yellowmist/core';
import { DataSource, IsNull, Not, type EntityManager } from 'typeorm';
import { badFields } from '../common/problem.js';
import { ConversionEntity } from '../conversions/conversion.entity.js';
import { ConversionsService } from '../conversions/conversions.service.js';
import { writeBrought } from '../documents/listed.store.js';
import { SingleEntity } from '../documents/single.entity.js';
import { SinglesService } from '../documents/singles.service.js';
import { PhotosService } from '../cooks/photos.service.js';
import { WholeCooksService } from '../cooks/wholeCooks.service.js';
import { EveningEntity } from '../evenings/evening.entity.js';
import { ExperimentEntity } from '../experiments/experiment.entity.js';
import { ExperimentsService } from '../experiments/experiments.service.js';
import { EveningsService } from '../evenings/evenings.service.js';
import { KITCHEN_KIND } from '../kitchen/kitchen.js';
import { asItIsStored } from '../learned/learned.store.js';
import { PhotoFolder } from '../photos/folder.js';
import { PANTRY_KIND } from '../shelf/shelf.service.js';
import { photographsIn, photographsOf } from './photographs.js';

const zip = promisify(gzip);
const unzip = promisify(gunzip);

/** A file that unpacks to more is no kitchen's, bytes. */
const MOST_BYTES = 256 * 1024 * 1024;
const GZIP = [0x1f, 0x8b];

/** The whole kitchen goes out as one file, and comes in again: merged by identity, all or nothing. */
@Injectable()
export class FilesService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly conversions: ConversionsService,
    private readonly singles: SinglesService,
    private readonly evenings: EveningsService,
    private readonly experiments: ExperimentsService,
    private readonly cooks: WholeCooksService,
    private readonly photos: PhotosService,
    private readonly folder: PhotoFolder,
  ) {}

  /** The file, as JSON. @param photographs false leaves their files out, and counts them */
  async exported(photographs: boolean): Promise<string> {
    const here = await this.here();
    const files = await photographsOf(this.folder, here.cooks, photographs);
    return JSON.stringify(kitchenFileOf(here, new Date().toISOString(), files));
  }

  /** The same, packed. */
  async packed(photographs: boolean): Promise<Buffer> {
    return zip(await this.exported(photographs));
  }

  /**
   * Merges a file into this kitchen.
   * @param file its bytes, packed or not; or what was parsed of them
   * @param rehearsal only reports
   * @throws ProblemException 400 with the reason, and nothing changed
   */
  async imported(file: unknown, answers: Answers, rehearsal: boolean): Promise<ImportReport> {
    const json = Buffer.isBuffer(file) ? await parsed(file) : file;
    const { own } = await this.singles.read(PANTRY_KIND);
    const there = opened(json, own);
    const brought = await photographsIn(there);
    const { report, cooks } = await this.photos.alone(() =>
      this.source.transaction(async (manager) => {
        const here = await this.here();
        const inBin = await this.putAside(manager);
        const { whole, written, report } = mergeKitchens(here, there, answers, inBin, randomUUID);
        const wanted = new Map(written.cooks.flatMap((c) => c.body.photos).map((photo) => [photo.hash, photo]));
        const files = new Set<string>();
        for (const hash of wanted.keys()) {
          const bytes = brought.get(hash);
          if (bytes && !rehearsal) await this.folder.keep(bytes);
          if (bytes ?? (await this.folder.found(hash))) files.add(hash);
        }
        const photos = { brought: files.size, missing: wanted.size - files.size };
        if (!rehearsal) await this.write(manager, here, whole, written, files);
        return { report: { tried: rehearsal, ...report, photos }, cooks: written.cooks };
      }),
    );
    if (!rehearsal) this.cooks.changed(cooks);
    return report;
  }

  /** All that is written down here; dishes that cannot be opened stay where they are, and are no part of it. */
  private async here(): Promise<WholeKitchen> {
    const listed = (await this.conversions.all()).filter(isWhole);
    const dishes = listed.map((document): KeptDish => {
      const { id, createdAt, updatedAt } = document;
      return { id, createdAt, updatedAt, body: asItIsStored(bodyOfDocument(document)) };
    });
    const [kitchen, pantry, evenings, cooks, experiments] = await Promise.all([
      this.singles.read(KITCHEN_KIND),
      this.singles.read(PANTRY_KIND),
      this.evenings.kept(),
      this.cooks.all(),
      this.experiments.kept(),
    ]);
    return { dishes, kitchen: unversioned(kitchen), pantry: unversioned(pantry), evenings, cooks, experiments };
  }

  private async write(
    manager: EntityManager,
    here: WholeKitchen,
    whole: WholeKitchen,
    written: Merged['written'],
    files: ReadonlySet<string>,
  ): Promise<void> {
    await this.cooks.write(manager, written.cooks, ({ hash }) => files.has(hash));
    await writeBrought(manager, ConversionEntity, FORMATS.conversion, written.dishes);
    await writeBrought(manager, EveningEntity, FORMATS.evening, written.evenings);
    await writeBrought(manager, ExperimentEntity, FORMATS.experiment, written.experiments);
    await this.writeSingle(manager, 'kitchen', FORMATS.kitchen, here.kitchen, whole.kitchen);
    await this.writeSingle(manager, 'pantry', FORMATS.pantry, here.pantry, whole.pantry);
  }

  /** Ids of dishes, evenings and cooks that were put aside. */
  private async putAside(manager: EntityManager): Promise<Set<string>> {
    const where = { deletedAt: Not(IsNull()) };
    const rows = [
      ...(await manager.find(ConversionEntity, { select: { id: true }, where })),
      ...(await manager.find(EveningEntity, { select: { id: true }, where })),
      ...(await manager.find(ExperimentEntity, { select: { id: true }, where })),
    ];
    return new Set([...rows.map((r) => r.id), ...(await this.cooks.putAside(manager))]);
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

const wrong = (message: string): Error => badFields([{ field: 'file', message }]);

function opened(json: unknown, own: readonly Label[]): WholeKitchen & FilesPhotos {
  try {
    return openKitchenFile(json, own);
  } catch (error) {
    if (error instanceof Refusal) throw wrong(`${error.message.replace(/\.$/, '')}. Nothing was changed.`);
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
