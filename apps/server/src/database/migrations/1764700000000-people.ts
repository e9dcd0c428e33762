import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Whose verdict an outcome is, who ate and what helped; who is of the household, and what it says itself of what it learnt. */
export class People1764700000000 implements MigrationInterface {
  name = 'People1764700000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "outcome" ADD COLUMN "by" text`);
    await runner.query(`ALTER TABLE "outcome" ADD COLUMN "ate" text`);
    await runner.query(`ALTER TABLE "outcome" ADD COLUMN "helped" text`);
    await runner.query(`ALTER TABLE "household" ADD COLUMN "people" text`);
    await runner.query(`ALTER TABLE "household" ADD COLUMN "told" text`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "household" DROP COLUMN "told"`);
    await runner.query(`ALTER TABLE "household" DROP COLUMN "people"`);
    await runner.query(`ALTER TABLE "outcome" DROP COLUMN "helped"`);
    await runner.query(`ALTER TABLE "outcome" DROP COLUMN "ate"`);
    await runner.query(`ALTER TABLE "outcome" DROP COLUMN "by"`);
  }
}
