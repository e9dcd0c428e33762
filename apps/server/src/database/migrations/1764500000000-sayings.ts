import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A tap may say what was seen in the pot, and how much went in. */
export class Sayings1764500000000 implements MigrationInterface {
  name = 'Sayings1764500000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "stage_event" ADD COLUMN "said" text`);
    await runner.query(`ALTER TABLE "stage_event" ADD COLUMN "amount" real`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "stage_event" DROP COLUMN "amount"`);
    await runner.query(`ALTER TABLE "stage_event" DROP COLUMN "said"`);
  }
}
