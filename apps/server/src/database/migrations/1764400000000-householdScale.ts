import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A household may shift and name the five steps of texture, its jars hold the same on every device; a pot may be coated. */
export class HouseholdScale1764400000000 implements MigrationInterface {
  name = 'HouseholdScale1764400000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "household" ADD COLUMN "softerSteps" real`);
    await runner.query(`ALTER TABLE "household" ADD COLUMN "textureNames" text`);
    await runner.query(`ALTER TABLE "household" ADD COLUMN "packets" text`);
    await runner.query(`ALTER TABLE "vessel" ADD COLUMN "nonStick" boolean NOT NULL DEFAULT (0)`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "vessel" DROP COLUMN "nonStick"`);
    await runner.query(`ALTER TABLE "household" DROP COLUMN "packets"`);
    await runner.query(`ALTER TABLE "household" DROP COLUMN "textureNames"`);
    await runner.query(`ALTER TABLE "household" DROP COLUMN "softerSteps"`);
  }
}
