import { Column, Entity, PrimaryColumn } from 'typeorm';

/** What the kitchen has, never uses and brings itself: one row. `body` is the JSON of the contract's PantryBody. */
@Entity({ name: 'pantry' })
export class PantryEntity {
  @PrimaryColumn('integer')
  id: number;

  @Column('integer')
  version: number;

  @Column('text')
  body: string;
}
