import { Entity } from 'typeorm';
import { ListedEntity } from '../documents/listed.entity.js';

/** A dish on its way into the air fryer: the contract's ConversionBody. */
@Entity({ name: 'conversion' })
export class ConversionEntity extends ListedEntity {}
