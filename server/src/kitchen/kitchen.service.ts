import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { EMPTY_KITCHEN, type KitchenBody, type KitchenDocument } from '@yellowmist/contract';
import { Repository } from 'typeorm';
import { SingleDocument } from '../common/single.js';
import { KitchenEntity } from './kitchen.entity.js';

/** The cook's own kitchen: what it fries with and how it oils. */
@Injectable()
export class KitchenService {
  private readonly document: SingleDocument<KitchenBody>;

  constructor(@InjectRepository(KitchenEntity) store: Repository<KitchenEntity>) {
    this.document = new SingleDocument<KitchenBody>(store, 'kitchen', EMPTY_KITCHEN);
  }

  read(): Promise<KitchenDocument> {
    return this.document.read();
  }

  /** Saves over `version`. @throws ProblemException 409 when it is not the last any more */
  save(version: number, body: KitchenBody): Promise<KitchenDocument> {
    return this.document.save(version, body);
  }
}
