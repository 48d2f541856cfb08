import { Injectable, type OnModuleInit } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { PantryBody, PantryDocument } from '@yellowmist/contract';
import { ingredientFromLabel, stockOwn, type Label } from '@yellowmist/core';
import { Repository } from 'typeorm';
import { badFields } from '../common/problem.js';
import { SingleDocument } from '../common/single.js';
import { ConversionsService } from '../conversions/conversions.service.js';
import { PantryEntity } from './pantry.entity.js';

/** The kitchen's pantry; its own ingredients stand on the core's shelf from the start on. */
@Injectable()
export class PantryService implements OnModuleInit {
  private readonly document: SingleDocument<PantryBody>;

  constructor(
    @InjectRepository(PantryEntity) store: Repository<PantryEntity>,
    private readonly conversions: ConversionsService,
  ) {
    this.document = new SingleDocument<PantryBody>(store, 'pantry', { have: [], never: [], own: [] });
  }

  async onModuleInit(): Promise<void> {
    this.stock(await this.own());
  }

  read(): Promise<PantryDocument> {
    return this.document.read();
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
    await this.keepWhatIsUsed(await this.own(), body.own);
    const saved = await this.document.save(version, body);
    this.stock(body.own);
    return saved;
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
