import { Column, Entity, PrimaryColumn } from 'typeorm';

/** What a judged pot says, as it was worked out: kept so that a start does not work out ten thousand pots again. */
@Entity('pot_evidence')
export class PotEvidence {
  @PrimaryColumn({ type: 'text' })
  cookId: string;

  /** Of the pot and the last tap of it when this was worked out. */
  @Column({ type: 'integer' })
  revision: number;

  /** The program that worked it out: another one may read the pot otherwise. */
  @Column({ type: 'text' })
  model: string;

  /** JSON of what it says; null for a pot that says nothing. */
  @Column({ type: 'text', nullable: true })
  says: string | null;
}
