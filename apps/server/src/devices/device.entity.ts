import { Column, Entity, PrimaryColumn } from 'typeorm';

/** What a device of the house may do: everything, or read what is on the stove. */
export const ROLES = ['cook', 'guest'] as const;
export type Role = (typeof ROLES)[number];

/** A phone of the house that was let in. What it proves itself with is kept as a hash. */
@Entity('device')
export class Device {
  @PrimaryColumn({ type: 'text' })
  id: string;

  @Column({ type: 'text' })
  name: string;

  @Column({ type: 'text' })
  role: Role;

  @Column({ type: 'text' })
  secretHash: string;

  @Column({ type: 'integer' })
  joinedAtMs: number;

  @Column({ type: 'integer' })
  seenAtMs: number;
}
