import { Column, Entity, PrimaryColumn } from 'typeorm';

/** The next supper: one row. `body` is the JSON of the contract's SupperBody. */
@Entity({ name: 'supper' })
export class SupperEntity {
  @PrimaryColumn('integer')
  id: number;

  @Column('integer')
  version: number;

  @Column('text')
  body: string;
}
