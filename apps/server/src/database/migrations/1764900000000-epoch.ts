import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * An epoch beside the sequence number: another one where everything was erased, replaced or put back, so that a page that knew what
 * was there before does not write it back. And what each judged pot says, so that it is worked out once and not at every start.
 */
export class Epoch1764900000000 implements MigrationInterface {
  name = 'Epoch1764900000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "sequence" ADD COLUMN "epoch" text NOT NULL DEFAULT ('')`);
    await runner.query(`UPDATE "sequence" SET "epoch" = lower(hex(randomblob(8)))`);
    await runner.query(
      `CREATE TABLE "pot_evidence" ("cookId" text PRIMARY KEY NOT NULL, "revision" integer NOT NULL, "model" text NOT NULL, "says" text)`,
    );
    // Which pots are to be worked out is read from these alone: a row of a pot is twenty kilobytes of plan and answer.
    await runner.query(
      `CREATE INDEX "cook_by_state" ON "cook" ("abandoned", "startedAtMs", "id", "revision")`,
    );
    await runner.query(`CREATE INDEX "stage_event_by_cook" ON "stage_event" ("cookId", "seq")`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP INDEX "stage_event_by_cook"`);
    await runner.query(`DROP INDEX "cook_by_state"`);
    await runner.query(`DROP TABLE "pot_evidence"`);
    await runner.query(`ALTER TABLE "sequence" DROP COLUMN "epoch"`);
  }
}
