import { Column, Entity, PrimaryColumn } from 'typeorm';

/** The last search of a dish. `body` is the JSON of the contract's SearchAnswer: it can be lost, and is searched again. */
@Entity({ name: 'answer' })
export class AnswerEntity {
  @PrimaryColumn('text', { name: 'conversion_id' })
  conversionId: string;

  @Column('text')
  body: string;
}
