import { Entity } from 'typeorm';
import { ListedEntity } from '../documents/listed.entity.js';

/** An evening, planned or done: the contract's EveningBody. */
@Entity({ name: 'evening' })
export class EveningEntity extends ListedEntity {}
