import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A dish on its way into the air fryer. `body` is the JSON of the contract's ConversionBody in format `format`. */
@Entity({ name: 'conversion' })
export class ConversionEntity {
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

  @Column('text', { name: 'deleted_at', nullable: true })
  deletedAt: string | null;
}
