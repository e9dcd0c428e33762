import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Phones of the house that were let in; and an index in which names of pots are looked for. */
export class Devices1764800000000 implements MigrationInterface {
  name = 'Devices1764800000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE "device" ("id" text PRIMARY KEY NOT NULL, "name" text NOT NULL, "role" text NOT NULL, "secretHash" text NOT NULL, "joinedAtMs" integer NOT NULL, "seenAtMs" integer NOT NULL)`,
    );
    await runner.query(`CREATE INDEX "cook_by_label" ON "cook" ("label", "id")`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP INDEX "cook_by_label"`);
    await runner.query(`DROP TABLE "device"`);
  }
}
