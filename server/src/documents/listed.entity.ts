import { Column, PrimaryColumn } from 'typeorm';

/** A kind of document of which the kitchen has many: a row each. `body` is its JSON in format `format`. */
export abstract class ListedEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('text')
  name: string;

  @Column('integer')
  version: number;

  @Column('integer')
  format: number;

  @Column('text')
  body: string;

  @Column('text', { name: 'created_at' })
  createdAt: string;

  @Column('text', { name: 'updated_at' })
  updatedAt: string;

  /** Grows with every write of the table: the order in which documents were touched, whatever the clock was. */
  @Column('integer')
  touched: number;

  @Column('text', { name: 'deleted_at', nullable: true })
  deletedAt: string | null;
}

/** What the store adds to a body. */
export type Stamps = Pick<ListedEntity, 'id' | 'version' | 'createdAt' | 'updatedAt'>;
