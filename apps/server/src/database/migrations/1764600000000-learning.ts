import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Whether an outcome is learnt from: once, as a pot that always comes out so, or never. */
export class Learning1764600000000 implements MigrationInterface {
  name = 'Learning1764600000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "outcome" ADD COLUMN "counts" text NOT NULL DEFAULT ('once')`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "outcome" DROP COLUMN "counts"`);
  }
}
