import type { MigrationInterface, QueryRunner } from 'typeorm';

const KEPT =
  '"id" text PRIMARY KEY NOT NULL, "createdAtMs" integer NOT NULL, "updatedAtMs" integer NOT NULL, "deletedAtMs" integer';

const UP = [
  `ALTER TABLE "vessel" ADD COLUMN "kind" text NOT NULL DEFAULT ('pot')`,
  `ALTER TABLE "bag" ADD COLUMN "openedOn" text`,
  `CREATE TABLE "ingredient" (${KEPT}, "label" text NOT NULL, "figures" text NOT NULL)`,
  `CREATE TABLE "method" (${KEPT}, "label" text NOT NULL, "method" text NOT NULL, "stages" text NOT NULL)`,
  `CREATE TABLE "steam_test" (${KEPT}, "label" text NOT NULL, "vesselId" text NOT NULL, "hobId" text NOT NULL, "heat" text NOT NULL, "coveredLossG" real NOT NULL, "coveredMin" real NOT NULL, "openLossG" real NOT NULL, "openMin" real NOT NULL)`,
];

const DOWN = [
  'DROP TABLE "steam_test"',
  'DROP TABLE "method"',
  'DROP TABLE "ingredient"',
  'ALTER TABLE "bag" DROP COLUMN "openedOn"',
  'ALTER TABLE "vessel" DROP COLUMN "kind"',
];

/** Kinds of vessel, the age of a bag, own ingredients, own methods and water tests. */
export class WholeKitchen1764100000000 implements MigrationInterface {
  name = 'WholeKitchen1764100000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const statement of UP) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of DOWN) await runner.query(statement);
  }
}
