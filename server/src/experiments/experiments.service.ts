import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import {
  check,
  experimentBodySchema,
  FORMATS,
  isBroken,
  isPlanned,
  RANGES,
  upgrade,
  type ExperimentBody,
  type ExperimentDocument,
  type ExperimentInList,
  type ExperimentNotes,
  type KeptExperiment,
  type StartExperimentRequest,
} from '@yellowmist/contract';
import { codesFor, Refusal, seedOf, type PlannedExperiment } from '@yellowmist/core';
import { randomUUID } from 'node:crypto';
import { Repository } from 'typeorm';
import { badFields, ProblemException } from '../common/problem.js';
import { ComputeService } from '../compute/compute.service.js';
import { ConversionsService } from '../conversions/conversions.service.js';
import type { ListedEntity } from '../documents/listed.entity.js';
import { ListedStore } from '../documents/listed.store.js';
import type { Page } from '../documents/parts.js';
import { ShelfService } from '../shelf/shelf.service.js';
import { ExperimentEntity } from './experiment.entity.js';
import { found, listed } from './found.js';

/** Plans comparisons, keeps them, and says what came of them. A save names the version that it changes. */
@Injectable()
export class ExperimentsService {
  private readonly store: ListedStore<ExperimentBody>;

  constructor(
    @InjectRepository(ExperimentEntity) rows: Repository<ExperimentEntity>,
    private readonly conversions: ConversionsService,
    private readonly compute: ComputeService,
    private readonly shelf: ShelfService,
  ) {
    this.store = new ListedStore(rows, FORMATS.experiment, 'experiment');
  }

  /** All that are not put aside, the last touched first; each stands or falls alone. */
  async list(page?: Page): Promise<ExperimentInList[]> {
    const bodyOf = await this.reader();
    return this.store.readAll((row) => listed(row, bodyOf(row)), page);
  }

  /** All that can be read, as a kitchen's file keeps them. */
  async kept(): Promise<KeptExperiment[]> {
    const bodyOf = await this.reader();
    const all = await this.store.readAll(({ id, createdAt, updatedAt, ...row }): KeptExperiment => ({
      id,
      createdAt,
      updatedAt,
      body: bodyOf(row),
    }));
    return all.flatMap((one) => (isBroken(one) ? [] : [one]));
  }

  /**
   * Plans a comparison for a stored dish, and keeps it.
   * @throws ProblemException 400 for a dish that is not here or has no air version; Refusal where the ways do not suit it
   */
  async create({ conversionId, ways, asks, laying = 'mixed', tasters = [], name }: StartExperimentRequest) {
    if (!(await this.conversions.ids()).has(conversionId))
      throw badFields([{ field: 'conversionId', message: 'conversionId must be the id of a dish of this kitchen' }]);
    const dish = await this.conversions.read(conversionId);
    if (!isPlanned(dish))
      throw badFields([
        {
          field: 'conversionId',
          message: `conversionId: “${dish.name}” has no air version yet. Open it on the bench once.`,
        },
      ]);
    const asked = { dish: dish.dish, fried: dish.fried, fryer: dish.fryer, limits: dish.limits };
    const { plan } = dish.chosen;
    const seed = seedOf(randomUUID());
    const planned = await this.planned({ ...asked, plan, compare: { ways, asks, laying, seed } });
    const [first, second, ...more] = planned.ways.map((w) => w.name);
    const others = more.length === 0 ? second : `${more.length + 1} others`;
    const body: ExperimentBody = {
      name: name ?? `${dish.name}: ${first} and ${others}`.slice(0, RANGES.nameLength.max),
      conversionId,
      dishName: dish.name,
      asked,
      plan,
      seed,
      codes: codesFor(ways.length, seed),
      planned,
      tasters,
      tastings: [],
      note: '',
    };
    return found(await this.store.insert(body), body);
  }

  /** @throws ProblemException 404 where there is none; 422 where it cannot be read here */
  async read(id: string): Promise<ExperimentDocument> {
    const row = await this.store.row(id);
    return found(row, await this.opened(row));
  }

  /** @throws ProblemException 400 for an answer that is none; 409 when `version` is not the last any more */
  async save(id: string, version: number, notes: ExperimentNotes): Promise<ExperimentDocument> {
    const body = { ...(await this.opened(await this.store.row(id))), ...notes };
    answersOf(body);
    return found(await this.store.replace(id, version, body), body);
  }

  /** Puts an experiment aside; `restore` brings it back. */
  remove(id: string): Promise<void> {
    return this.store.remove(id);
  }

  async restore(id: string): Promise<ExperimentDocument> {
    await this.store.restore(id);
    return this.read(id);
  }

  private async planned(request: Parameters<ComputeService['planExperiment']>[0]): Promise<PlannedExperiment> {
    try {
      return await this.compute.planExperiment(request);
    } catch (error) {
      if (error instanceof Refusal) throw badFields([{ field: 'ways', message: `ways: ${error.message}` }]);
      throw error;
    }
  }

  /** Reads stored bodies in today's format, by what is on the shelf. What it gives throws with why one cannot be read. */
  private async reader(): Promise<(row: Pick<ListedEntity, 'format' | 'body'>) => ExperimentBody> {
    const pantry = await this.shelf.pantry();
    return ({ format, body }) => {
      const checked = check(experimentBodySchema, upgrade(FORMATS.experiment, format, JSON.parse(body)), pantry);
      if (!checked.ok) throw new Error(checked.errors.map((e) => e.message).join('; '));
      return checked.value;
    };
  }

  private async opened(row: ListedEntity): Promise<ExperimentBody> {
    try {
      return (await this.reader())(row);
    } catch (error) {
      throw new ProblemException(422, `“${row.name}” cannot be opened here: ${(error as Error).message}`);
    }
  }
}

/** Each answer ranks every way once, or none, by somebody who tastes. @throws ProblemException 400 naming the answer */
function answersOf({ tastings, codes, tasters }: ExperimentBody): void {
  tastings.forEach(({ order, taster }, at) => {
    const field = `tastings.${at}`;
    if (order.length > 0 && (order.length !== codes.length || order.some((code) => !codes.includes(code)))) {
      const message = `${field}.order must hold each of ${codes.join(', ')} once, the best first; or none where they are alike`;
      throw badFields([{ field: `${field}.order`, message }]);
    }
    if (!tasters.includes(taster)) {
      const message = `${field}.taster must be one of those who taste: ${tasters.join(', ') || 'nobody yet'}`;
      throw badFields([{ field: `${field}.taster`, message }]);
    }
  });
}
