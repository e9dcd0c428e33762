import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A bag may say how much amylose its grain has. */
export class BagAmylose1764300000000 implements MigrationInterface {
  name = 'BagAmylose1764300000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "bag" ADD COLUMN "amylose" text`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "bag" DROP COLUMN "amylose"`);
  }
}
