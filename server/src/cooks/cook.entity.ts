import { Column, Entity, PrimaryColumn, PrimaryGeneratedColumn } from 'typeorm';

/** A cook at the counter: the contract's CookBody. What happens in it stands in its events. */
@Entity({ name: 'cook' })
export class CookEntity {
  @PrimaryColumn({ type: 'text' })
  id!: string;

  @Column({ type: 'text' })
  name!: string;

  @Column({ type: 'integer' })
  format!: number;

  @Column({ type: 'text' })
  body!: string;

  @Column({ type: 'text', name: 'started_at' })
  startedAt!: string;

  @Column({ type: 'text', name: 'ended_at', nullable: true })
  endedAt!: string | null;

  /** When it was put aside. */
  @Column({ type: 'text', name: 'deleted_at', nullable: true })
  deletedAt!: string | null;
}

/** One event of a cook; `seq` is its place in the order in which the server heard it. */
@Entity({ name: 'cook_event' })
export class CookEventEntity {
  @PrimaryGeneratedColumn({ type: 'integer' })
  seq!: number;

  @Column({ type: 'text', name: 'cook_id' })
  cookId!: string;

  @Column({ type: 'text' })
  id!: string;

  @Column({ type: 'text' })
  body!: string;
}

/** How one dish of a cook came out: the contract's SeenBody. */
@Entity({ name: 'cook_seen' })
export class CookSeenEntity {
  @PrimaryColumn({ type: 'text', name: 'cook_id' })
  cookId!: string;

  @PrimaryColumn({ type: 'text', name: 'dish_id' })
  dishId!: string;

  @Column({ type: 'integer' })
  version!: number;

  @Column({ type: 'text' })
  body!: string;

  @Column({ type: 'text', name: 'saved_at' })
  savedAt!: string;
}

/** A photograph of a cook: its file lies in the data folder under its hash. */
@Entity({ name: 'cook_photo' })
export class CookPhotoEntity {
  @PrimaryColumn({ type: 'text' })
  id!: string;

  @Column({ type: 'text', name: 'cook_id' })
  cookId!: string;

  /** The dish that it shows; null where it shows all of them. */
  @Column({ type: 'text', name: 'dish_id', nullable: true })
  dishId!: string | null;

  @Column({ type: 'text' })
  hash!: string;

  @Column({ type: 'integer', name: 'width_px' })
  widthPx!: number;

  @Column({ type: 'integer', name: 'height_px' })
  heightPx!: number;

  @Column({ type: 'integer' })
  bytes!: number;

  @Column({ type: 'text', name: 'added_at' })
  addedAt!: string;

  @Column({ type: 'text', name: 'deleted_at', nullable: true })
  deletedAt!: string | null;
}
