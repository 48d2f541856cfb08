import { Injectable, type OnModuleInit } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { PantryBody, PantryDocument } from '@yellowmist/contract';
import { ingredientFromLabel, stockOwn, type Label } from '@yellowmist/core';
import { Repository } from 'typeorm';
import { badFields, ProblemException } from '../common/problem.js';
import { ConversionsService } from '../conversions/conversions.service.js';
import { PantryEntity } from './pantry.entity.js';

const THE_ROW = 1;
const EMPTY: PantryDocument = { version: 0, have: [], never: [], own: [] };

/** The kitchen's pantry; its own ingredients stand on the core's shelf from the start on. */
@Injectable()
export class PantryService implements OnModuleInit {
  constructor(
    @InjectRepository(PantryEntity) private readonly store: Repository<PantryEntity>,
    private readonly conversions: ConversionsService,
  ) {}

  async onModuleInit(): Promise<void> {
    this.stock((await this.read()).own);
  }

  async read(): Promise<PantryDocument> {
    const row = await this.store.findOneBy({ id: THE_ROW });
    return row ? { ...(JSON.parse(row.body) as PantryBody), version: row.version } : EMPTY;
  }

  /** The labels of the own ingredients. */
  async own(): Promise<Label[]> {
    return (await this.read()).own;
  }

  /**
   * Saves over `version`.
   * @throws ProblemException 409 when it is not the last any more; 400 when an own ingredient goes that a dish uses
   */
  async save(version: number, body: PantryBody): Promise<PantryDocument> {
    await this.keepWhatIsUsed((await this.read()).own, body.own);
    const next = { version: version + 1, body: JSON.stringify(body) };
    const { affected } = await this.store.update({ id: THE_ROW, version }, next);
    if (affected === 0 && !(version === EMPTY.version && (await this.beginWith(next)))) {
      const stored = await this.read();
      throw new ProblemException(
        409,
        `version ${version} of the pantry is not the stored one any more: it is ${stored.version}. Nothing was overwritten; read it and save again.`,
        { currentVersion: stored.version },
      );
    }
    this.stock(body.own);
    return { ...body, version: next.version };
  }

  /** Inserts the first row; false when somebody was quicker. */
  private async beginWith(row: Omit<PantryEntity, 'id'>): Promise<boolean> {
    await this.store
      .createQueryBuilder()
      .insert()
      .values({ id: THE_ROW, ...row })
      .orIgnore()
      .execute();
    const stored = await this.store.findOneBy({ id: THE_ROW });
    return stored?.body === row.body;
  }

  private async keepWhatIsUsed(before: readonly Label[], after: readonly Label[]): Promise<void> {
    for (const gone of before.filter((b) => !after.some((a) => a.id === b.id))) {
      const users = await this.conversions.namesUsing(gone.id);
      if (users.length === 0) continue;
      const message = `own must keep "${gone.name}" while a dish uses it: ${users.join(', ')}`;
      throw badFields([{ field: 'own', message }]);
    }
  }

  private stock(labels: readonly Label[]): void {
    stockOwn(labels.map(ingredientFromLabel));
  }
}
