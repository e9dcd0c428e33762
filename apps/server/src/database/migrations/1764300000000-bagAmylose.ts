import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A bag may say how much amylose its grain has, a cook how long the first joint of their finger is. */
export class BagAmylose1764300000000 implements MigrationInterface {
  name = 'BagAmylose1764300000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "bag" ADD COLUMN "amylose" text`);
    await runner.query(`ALTER TABLE "household" ADD COLUMN "fingerMm" real`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "household" DROP COLUMN "fingerMm"`);
    await runner.query(`ALTER TABLE "bag" DROP COLUMN "amylose"`);
  }
}
