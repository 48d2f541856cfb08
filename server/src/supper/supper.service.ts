import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { EMPTY_SUPPER, type SupperBody, type SupperDocument } from '@yellowmist/contract';
import { Repository } from 'typeorm';
import { SingleDocument } from '../common/single.js';
import { ConversionsService } from '../conversions/conversions.service.js';
import { badFields } from '../common/problem.js';
import { SupperEntity } from './supper.entity.js';

/** The next supper: which dishes, and who does not eat everything. */
@Injectable()
export class SupperService {
  private readonly document: SingleDocument<SupperBody>;

  constructor(
    @InjectRepository(SupperEntity) store: Repository<SupperEntity>,
    private readonly conversions: ConversionsService,
  ) {
    this.document = new SingleDocument<SupperBody>(store, 'supper', EMPTY_SUPPER);
  }

  /** The supper without dishes that have been deleted since. */
  async read(): Promise<SupperDocument> {
    const supper = await this.document.read();
    const here = await this.conversions.ids();
    return { ...supper, dishIds: supper.dishIds.filter((id) => here.has(id)) };
  }

  /** @throws ProblemException 400 for a dish that is not there, 409 when `version` is not the last any more */
  async save(version: number, body: SupperBody): Promise<SupperDocument> {
    const here = await this.conversions.ids();
    const missing = body.dishIds.findIndex((id) => !here.has(id));
    if (missing >= 0) {
      const field = `dishIds[${missing}]`;
      throw badFields([{ field, message: `${field} must be the id of a dish of this kitchen` }]);
    }
    return this.document.save(version, body);
  }
}
