import type { MigrationInterface, QueryRunner } from 'typeorm';

const KEPT =
  '"id" text PRIMARY KEY NOT NULL, "createdAtMs" integer NOT NULL, "updatedAtMs" integer NOT NULL, "deletedAtMs" integer';

const UP = [
  `CREATE TABLE "household" ("id" integer PRIMARY KEY NOT NULL, "name" text NOT NULL, "altitudeM" real NOT NULL, "roomC" real NOT NULL, "texture" integer NOT NULL, "served" text NOT NULL, "metric" boolean NOT NULL)`,
  `CREATE TABLE "bag" (${KEPT}, "grainId" text NOT NULL, "label" text NOT NULL, "note" text NOT NULL)`,
  `CREATE TABLE "vessel" (${KEPT}, "label" text NOT NULL, "diameterCm" real NOT NULL, "volumeMl" real NOT NULL, "lid" text NOT NULL, "wall" text NOT NULL)`,
  `CREATE TABLE "hob" (${KEPT}, "label" text NOT NULL, "kind" text NOT NULL, "powerW" text NOT NULL)`,
  `CREATE TABLE "cup" (${KEPT}, "label" text NOT NULL, "kind" text NOT NULL, "ml" real NOT NULL, "parts" text NOT NULL, "stepMl" real)`,
  `CREATE TABLE "dish" (${KEPT}, "label" text NOT NULL, "blurb" text NOT NULL, "spec" text NOT NULL)`,
  `CREATE TABLE "plan" (${KEPT}, "dishId" text, "label" text NOT NULL, "bagId" text, "vesselId" text, "hobId" text, "cupId" text, "input" text NOT NULL, CONSTRAINT "FK_055f44d4e6104a19ebd2a3d3c53" FOREIGN KEY ("dishId") REFERENCES "dish" ("id") ON DELETE SET NULL ON UPDATE NO ACTION)`,
  `CREATE INDEX "IDX_055f44d4e6104a19ebd2a3d3c5" ON "plan" ("dishId")`,
  `CREATE TABLE "cook" ("id" text PRIMARY KEY NOT NULL, "dishId" text, "bagId" text, "vesselId" text, "hobId" text, "cupId" text, "label" text NOT NULL, "input" text NOT NULL, "answer" text NOT NULL, "advisedMl" real NOT NULL, "pouredMl" real, "startedAtMs" integer NOT NULL, "abandoned" boolean NOT NULL DEFAULT (0))`,
  `CREATE INDEX "IDX_3b6f257eaddcda201abf70b51c" ON "cook" ("dishId")`,
  `CREATE INDEX "IDX_5f730bf53991caab1c0b06c802" ON "cook" ("startedAtMs")`,
  `CREATE TABLE "stage_event" ("id" text PRIMARY KEY NOT NULL, "cookId" text NOT NULL, "kind" text NOT NULL, "stageId" text NOT NULL, "atMs" integer NOT NULL, "minutes" real, CONSTRAINT "FK_71617878b1e05cf967ffdeddf82" FOREIGN KEY ("cookId") REFERENCES "cook" ("id") ON DELETE CASCADE ON UPDATE NO ACTION)`,
  `CREATE INDEX "IDX_71617878b1e05cf967ffdeddf8" ON "stage_event" ("cookId")`,
  `CREATE TABLE "outcome" ("cookId" text PRIMARY KEY NOT NULL, "texture" integer NOT NULL, "base" text NOT NULL, "note" text NOT NULL, "atMs" integer NOT NULL, CONSTRAINT "FK_cb6a706e35fd5fb33880ba17323" FOREIGN KEY ("cookId") REFERENCES "cook" ("id") ON DELETE CASCADE ON UPDATE NO ACTION)`,
];

const TABLES = ['outcome', 'stage_event', 'cook', 'plan', 'dish', 'cup', 'hob', 'vessel', 'bag', 'household'];

/** The first schema. */
export class FirstSchema1764000000000 implements MigrationInterface {
  name = 'FirstSchema1764000000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const statement of UP) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of TABLES) await runner.query(`DROP TABLE "${table}"`);
  }
}
