import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { check, searchAnswerSchema, type KeptAnswer, type SearchAnswer } from '@yellowmist/contract';
import { Repository } from 'typeorm';
import { ShelfService } from '../shelf/shelf.service.js';
import { AnswerEntity } from './answer.entity.js';
import { ConversionsService } from './conversions.service.js';

/** What was found for each dish, so that it is not searched twice. */
@Injectable()
export class AnswersService {
  constructor(
    @InjectRepository(AnswerEntity) private readonly store: Repository<AnswerEntity>,
    private readonly conversions: ConversionsService,
    private readonly shelf: ShelfService,
  ) {}

  /** What is kept with a dish; nothing where what is kept cannot be read any more. */
  async read(id: string): Promise<KeptAnswer> {
    await this.conversions.mustBe(id);
    const row = await this.store.findOneBy({ conversionId: id });
    if (!row) return { found: null };
    try {
      const checked = check<SearchAnswer>(searchAnswerSchema, JSON.parse(row.body), await this.shelf.pantry());
      return { found: checked.ok ? checked.value : null };
    } catch {
      return { found: null };
    }
  }

  /** A copy of a dish has what was found for the dish. */
  async copy(fromId: string, toId: string): Promise<void> {
    const row = await this.store.findOneBy({ conversionId: fromId });
    if (row) await this.store.upsert({ conversionId: toId, body: row.body }, ['conversionId']);
  }

  async keep(id: string, found: SearchAnswer): Promise<void> {
    await this.conversions.mustBe(id);
    await this.store.upsert({ conversionId: id, body: JSON.stringify(found) }, ['conversionId']);
  }
}
