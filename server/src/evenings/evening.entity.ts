import { Column, Entity, PrimaryColumn } from 'typeorm';

/** An evening, planned or done. `body` is the JSON of the contract's EveningBody in format `format`. */
@Entity({ name: 'evening' })
export class EveningEntity {
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
