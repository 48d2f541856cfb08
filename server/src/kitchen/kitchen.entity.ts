import { Column, Entity, PrimaryColumn } from 'typeorm';

/** Fryers and sprayers of the kitchen: one row. `body` is the JSON of the contract's KitchenBody. */
@Entity({ name: 'kitchen' })
export class KitchenEntity {
  @PrimaryColumn('integer')
  id: number;

  @Column('integer')
  version: number;

  @Column('text')
  body: string;
}
