import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A kind of document of which the kitchen has one: a row a kind. `body` is its JSON in format `format`. */
@Entity({ name: 'single' })
export class SingleEntity {
  @PrimaryColumn('text')
  kind: string;

  @Column('integer')
  version: number;

  @Column('integer')
  format: number;

  @Column('text')
  body: string;
}
