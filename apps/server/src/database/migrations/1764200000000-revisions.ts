import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Every table whose rows are told apart by a revision. */
const TABLES = [
  'household',
  'bag',
  'vessel',
  'hob',
  'cup',
  'dish',
  'ingredient',
  'method',
  'steam_test',
  'plan',
  'cook',
] as const;

const UP = [
  `CREATE TABLE "sequence" ("id" integer PRIMARY KEY NOT NULL, "value" integer NOT NULL)`,
  `INSERT INTO "sequence" VALUES (1, 0)`,
  ...TABLES.map((table) => `ALTER TABLE "${table}" ADD COLUMN "revision" integer NOT NULL DEFAULT (0)`),
  `ALTER TABLE "stage_event" ADD COLUMN "seq" integer NOT NULL DEFAULT (0)`,
  `ALTER TABLE "stage_event" ADD COLUMN "followsId" text`,
  `ALTER TABLE "stage_event" ADD COLUMN "undoesId" text`,
  `DROP INDEX "IDX_3b6f257eaddcda201abf70b51c"`,
  `DROP INDEX "IDX_5f730bf53991caab1c0b06c802"`,
  // A list stops after a page; how each dish has done is read from the index alone, not from pages of plans.
  `CREATE INDEX "cook_by_start" ON "cook" ("startedAtMs", "id")`,
  `CREATE INDEX "cook_by_dish" ON "cook" ("dishId", "abandoned", "startedAtMs", "id")`,
  `CREATE INDEX "cook_by_revision" ON "cook" ("revision")`,
  `CREATE INDEX "stage_event_by_seq" ON "stage_event" ("seq")`,
  `CREATE INDEX "outcome_by_texture" ON "outcome" ("cookId", "texture")`,
];

const DOWN = [
  'DROP INDEX "outcome_by_texture"',
  'DROP INDEX "stage_event_by_seq"',
  'DROP INDEX "cook_by_revision"',
  'DROP INDEX "cook_by_dish"',
  'DROP INDEX "cook_by_start"',
  `CREATE INDEX "IDX_5f730bf53991caab1c0b06c802" ON "cook" ("startedAtMs")`,
  `CREATE INDEX "IDX_3b6f257eaddcda201abf70b51c" ON "cook" ("dishId")`,
  ...['undoesId', 'followsId', 'seq'].map((c) => `ALTER TABLE "stage_event" DROP COLUMN "${c}"`),
  ...[...TABLES].reverse().map((table) => `ALTER TABLE "${table}" DROP COLUMN "revision"`),
  'DROP TABLE "sequence"',
];

interface OldTap {
  readonly id: string;
  readonly cookId: string;
  readonly kind: string;
}

/** Every row gets a revision, every tap its place: until now both were told by clocks. */
export class Revisions1764200000000 implements MigrationInterface {
  name = 'Revisions1764200000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const statement of UP) await runner.query(statement);
    let revision = 0;
    for (const table of TABLES) {
      const rows = (await runner.query(`SELECT "id" FROM "${table}" ORDER BY rowid`)) as { id: unknown }[];
      for (const { id } of rows)
        await runner.query(`UPDATE "${table}" SET "revision" = ? WHERE "id" = ?`, [(revision += 1), id]);
    }
    revision = await placeTaps(runner, revision);
    await runner.query(`UPDATE "sequence" SET "value" = ? WHERE "id" = 1`, [revision]);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of DOWN) await runner.query(statement);
  }
}

/** Taps keep the order they were replayed in so far, and an undo names the tap it took back. */
async function placeTaps(runner: QueryRunner, from: number): Promise<number> {
  const taps = (await runner.query(
    `SELECT "id", "cookId", "kind" FROM "stage_event" ORDER BY "cookId", "atMs", rowid`,
  )) as OldTap[];
  let seq = from;
  let standing: string[] = [];
  for (const [i, tap] of taps.entries()) {
    if (taps[i - 1]?.cookId !== tap.cookId) standing = [];
    const follows = taps[i - 1]?.cookId === tap.cookId ? (taps[i - 1]?.id ?? null) : null;
    const undoes = tap.kind === 'undo' ? (standing.pop() ?? null) : null;
    if (tap.kind !== 'undo') standing.push(tap.id);
    await runner.query(`UPDATE "stage_event" SET "seq" = ?, "followsId" = ?, "undoesId" = ? WHERE "id" = ?`, [
      (seq += 1),
      follows,
      undoes,
      tap.id,
    ]);
  }
  return seq;
}
