import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Phones of the house that were let in. */
export class Devices1764800000000 implements MigrationInterface {
  name = 'Devices1764800000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE "device" ("id" text PRIMARY KEY NOT NULL, "name" text NOT NULL, "role" text NOT NULL, "secretHash" text NOT NULL, "joinedAtMs" integer NOT NULL, "seenAtMs" integer NOT NULL)`,
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE "device"`);
  }
}
