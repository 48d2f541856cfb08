import { Entity } from 'typeorm';
import { ListedEntity } from '../documents/listed.entity.js';

/** A comparison in one batch, planned or tasted: the contract's ExperimentBody. */
@Entity({ name: 'experiment' })
export class ExperimentEntity extends ListedEntity {}
