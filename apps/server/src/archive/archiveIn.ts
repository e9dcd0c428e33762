import type SqliteFile from 'better-sqlite3';
import type { PlanInput } from '@hammock/core';
import { answerTo, cookProblem, householdProblem, keptProblem } from './archiveCheck.js';
import type { OnBytes } from './archiveLines.js';
import { archiveRows } from './archiveRows.js';
import { toRow, type Columns, type KeptKey, type Tables } from './archiveTables.js';

/** How an archive is put back: into what is here, the newer of two winning, or in place of everything. */
export const HOWS = ['merge', 'instead'] as const;
export type How = (typeof HOWS)[number];

type Values = Readonly<Record<string, unknown>>;
interface KeptValues extends Values {
  readonly id: string;
  readonly updatedAtMs: number;
}
interface CookValues extends Values {
  readonly id: string;
  readonly taps: readonly (Values & { readonly id: string })[];
  readonly outcome: (Values & { readonly atMs: number }) | null;
}

/** What is in an archive beside what is here, by list. */
export interface Counts {
  added: number;
  newer: number;
  same: number;
}
export interface LookedOver {
  readonly lists: Readonly<Record<string, Counts>>;
  /** Rows that cannot be read; only the first of them are named: "bags: label". */
  readonly wrong: readonly string[];
  readonly wrongCount: number;
}

/** Problems that are named. */
const NAMED = 20;

/** Puts rows in, or only counts what putting them in would do. */
export class Putting {
  private readonly lists: Record<string, Counts> = {};
  private readonly wrong: string[] = [];
  private wrongCount = 0;
  private readonly seen = new Map<string, Set<string>>();
  private readonly statements = new Map<string, SqliteFile.Statement>();

  constructor(
    private readonly raw: SqliteFile.Database,
    private readonly tables: Tables,
    private readonly nowMs: number,
    /** Undefined while it is only looked over. */
    private readonly write?: {
      readonly how: How;
      readonly nextRevision: () => number;
    },
  ) {}

  /** Things of the household that could be read. */
  get count(): number {
    return Object.entries(this.lists).reduce(
      (sum, [key, { added, newer, same }]) => sum + (key === 'household' ? 0 : added + newer + same),
      0,
    );
  }

  /** Goes through all rows of a file. */
  async all(file: string, onBytes?: OnBytes): Promise<LookedOver> {
    if (this.write?.how === 'instead') this.raw.exec('DELETE FROM "cook"');
    for await (const rows of archiveRows(file, onBytes))
      for (const { key, row } of rows) this.one(key, settled(row, this.nowMs));
    if (this.write?.how === 'instead') this.takeAwayOthers();
    return { lists: this.lists, wrong: this.wrong, wrongCount: this.wrongCount };
  }

  private one(key: string, row: unknown): void {
    const problem =
      key === 'household'
        ? householdProblem(row)
        : key === 'cooks'
          ? cookProblem(row)
          : keptProblem(key as KeptKey, row);
    if (problem !== undefined) {
      this.leaveOut(`${key}: ${problem}`);
      return;
    }
    if (key === 'household') this.household(row as Values);
    else if (key === 'cooks') this.cook(row as CookValues);
    else this.kept(key, row as KeptValues);
  }

  /** What cannot be read is said, row by row, and left out; the rest goes in. */
  private leaveOut(what: string): void {
    this.wrongCount += 1;
    if (this.wrong.length < NAMED) this.wrong.push(what);
  }

  private counted(key: string, what: keyof Counts): void {
    const counts = (this.lists[key] ??= { added: 0, newer: 0, same: 0 });
    counts[what] += 1;
  }

  /** There is one household: in a merge the one here stays. */
  private household(row: Values): void {
    const { household } = this.tables;
    const isTaken = this.write?.how !== 'merge';
    this.counted('household', isTaken ? 'newer' : 'same');
    if (this.write && isTaken)
      this.put(household, { ...row, id: 1 }, { revision: this.write.nextRevision() });
  }

  private kept(key: string, row: KeptValues): void {
    const columns = this.tables.kept.find(([k]) => k === key)?.[1];
    if (!columns) return;
    const seen = this.seen.get(key) ?? new Set<string>();
    this.seen.set(key, seen.add(row.id));
    const here = this.once(`SELECT "updatedAtMs", "deletedAtMs" FROM "${columns.table}" WHERE "id" = ?`).get(
      row.id,
    ) as { updatedAtMs: number; deletedAtMs: number | null } | undefined;
    const hereMs = here ? Math.max(here.updatedAtMs, here.deletedAtMs ?? 0) : -1;
    const thereMs = Math.max(row.updatedAtMs, (row['deletedAtMs'] as number | null) ?? 0);
    const isTaken = this.write?.how === 'instead' || thereMs > hereMs;
    this.counted(key, here ? (thereMs > hereMs ? 'newer' : 'same') : 'added');
    if (this.write && isTaken)
      this.put(columns, this.withDish(key, row), { revision: this.write.nextRevision() });
  }

  /** A plan whose dish is nowhere stands alone. */
  private withDish(key: string, row: Values): Values {
    if (key !== 'plans' || row['dishId'] == null) return row;
    const has = this.once('SELECT 1 FROM "dish" WHERE "id" = ?').get(row['dishId']);
    return has ? row : { ...row, dishId: null };
  }

  /** A pot is what was tapped: taps of both are one list, and the later verdict is the one. */
  private cook(row: CookValues): void {
    const { cook, tap, outcome } = this.tables;
    const answer = answerTo(row['input'] as PlanInput);
    if (!answer) {
      this.leaveOut('cooks: input');
      return;
    }
    const here = this.once('SELECT 1 FROM "cook" WHERE "id" = ?').get(row.id);
    const judged = this.once('SELECT "atMs" FROM "outcome" WHERE "cookId" = ?').get(row.id) as
      { atMs: number } | undefined;
    const taps = row.taps.filter((t) => !this.once('SELECT 1 FROM "stage_event" WHERE "id" = ?').get(t.id));
    const isJudged = row.outcome !== null && row.outcome.atMs > (judged?.atMs ?? -1);
    this.counted('cooks', here ? (isJudged || taps.length > 0 ? 'newer' : 'same') : 'added');
    const { write } = this;
    if (!write) return;
    if (!here) this.put(cook, { ...row, answer }, { revision: write.nextRevision() });
    for (const t of taps) this.put(tap, { ...t, cookId: row.id }, { seq: write.nextRevision() });
    if (!isJudged) return;
    this.put(outcome, { counts: 'once', ...row.outcome, cookId: row.id }, {});
    this.once('UPDATE "cook" SET "pouredMl" = coalesce("pouredMl", ?), "revision" = ? WHERE "id" = ?').run(
      row['pouredMl'] ?? null,
      write.nextRevision(),
      row.id,
    );
  }

  /** In place of everything: what the archive does not have is taken away, as if by hand. */
  private takeAwayOthers(): void {
    const { write } = this;
    if (!write) return;
    for (const [key, { table }] of this.tables.kept) {
      const rows = this.raw
        .prepare<[], { id: string }>(`SELECT "id" FROM "${table}" WHERE "deletedAtMs" IS NULL`)
        .all();
      for (const { id } of rows)
        if (this.seen.get(key)?.has(id) !== true)
          this.raw
            .prepare(`UPDATE "${table}" SET "deletedAtMs" = ?, "revision" = ? WHERE "id" = ?`)
            .run(this.nowMs, write.nextRevision(), id);
    }
  }

  /** A statement, made once: there are ten thousand rows. */
  private once(sql: string): SqliteFile.Statement {
    const known = this.statements.get(sql) ?? this.raw.prepare(sql);
    this.statements.set(sql, known);
    return known;
  }

  private put(columns: Columns, row: Values, places: Readonly<Record<string, number>>): void {
    const names = [...columns.names, ...Object.keys(places)];
    const [first = 'id'] = columns.names;
    const insert = this.once(
      `INSERT INTO "${columns.table}" (${names.map((n) => `"${n}"`).join()}) VALUES (${names.map(() => '?').join()})
       ON CONFLICT ("${first}") DO UPDATE SET ${names.map((n) => `"${n}" = excluded."${n}"`).join()}`,
    );
    insert.run(...toRow(row, columns), ...Object.values(places));
  }
}

/** Ids are the same id in capitals. */
const UUID = /^[\da-f]{8}(?:-[\da-f]{4}){3}-[\da-f]{12}$/iu;

/** A row as it is kept: ids in small letters, and nothing of the future, which would win every merge to come. */
function settled(row: unknown, nowMs: number): unknown {
  if (Array.isArray(row)) return row.map((item) => settled(item, nowMs));
  if (typeof row !== 'object' || row === null) return row;
  return Object.fromEntries(
    Object.entries(row).map(([key, value]: [string, unknown]) => {
      // A plan and its answer are as they were said.
      if (key === 'input' || key === 'answer' || key === 'spec' || key === 'figures') return [key, value];
      if (/(?:^i|I)d$/u.test(key) && typeof value === 'string' && UUID.test(value))
        return [key, value.toLowerCase()];
      if (/AtMs$|^atMs$/u.test(key) && typeof value === 'number' && value > nowMs) return [key, nowMs];
      return [key, key === 'taps' || key === 'outcome' ? settled(value, nowMs) : value];
    }),
  );
}
