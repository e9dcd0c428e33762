import 'reflect-metadata';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import { copyFileSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import SqliteFile from 'better-sqlite3';
import { Database } from './database.js';
import { MIGRATIONS } from './dataSource.js';

const OLDEST = join(import.meta.dirname, '../testing/firstSchema.sqlite');
let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hammock-upgrade-'));
});
afterEach(() => {
  rmSync(folder, { recursive: true, force: true });
});
const file = (): string => join(folder, 'hammock.sqlite');

/** What must be there whatever the schema: how many of each, and every pot with its verdict. */
function inIt(path: string): {
  readonly migrations: number;
  readonly whole: string;
  readonly things: unknown;
} {
  const opened = new SqliteFile(path);
  try {
    const [{ integrity_check: whole = '' } = {}] = opened.pragma('integrity_check') as {
      integrity_check?: string;
    }[];
    const count = (table: string) =>
      (opened.prepare(`SELECT count(*) AS n FROM "${table}"`).get() as { n: number }).n;
    const cooks = opened
      .prepare(
        'SELECT cook.id, label, "pouredMl", texture, note FROM cook LEFT JOIN outcome ON "cookId" = cook.id ORDER BY cook.id',
      )
      .all();
    const taps = count('stage_event');
    return { migrations: count('migrations'), whole, things: { cooks, taps, dishes: count('dish') } };
  } finally {
    opened.close();
  }
}

/** What a household's file was before each migration, as it was written down then: npm run snapshot. */
const SCHEMAS = join(import.meta.dirname, '../testing/schemas');

describe('a file of any schema there ever was', () => {
  const first = inIt(OLDEST).migrations;
  it.each(MIGRATIONS.slice(first).map((m, i) => [m.name, first + i] as const))(
    'from before %s is brought up to date with everything in it',
    async (name, n) => {
      const opened = new SqliteFile(file());
      opened.exec(readFileSync(join(SCHEMAS, `before-${name}.sql`), 'utf8'));
      opened.close();
      const before = inIt(file());
      expect(before.migrations).toBe(n);
      const database = await Database.open(file(), 1_780_000_000_000);
      await database.onApplicationShutdown();
      expect(inIt(file())).toEqual({ migrations: MIGRATIONS.length, whole: 'ok', things: before.things });
    },
  );
});

/** Ends the process, as a power cut would, before the n-th statement of an update. */
const cut = (n: number): string => `
  const Sqlite = require('better-sqlite3');
  let left = ${n.toString()};
  for (const name of ['prepare', 'exec']) {
    const real = Sqlite.prototype[name];
    Sqlite.prototype[name] = function (sql) {
      if (/CREATE|ALTER|DROP|INSERT|UPDATE|COMMIT/.test(sql) && !/VACUUM/.test(sql) && left-- === 0) process.kill(process.pid, 'SIGKILL');
      return real.apply(this, arguments);
    };
  }
`;
/** What the program does first when it starts. */
const OPENS = `import { Database } from ${JSON.stringify(join(import.meta.dirname, '../../dist/database/database.js'))};
  const database = await Database.open(process.argv[1], 1_780_000_000_000);
  await database.onApplicationShutdown();`;
const ROOT = join(import.meta.dirname, '../../../..');

describe('a power cut in the middle of an update', () => {
  it('leaves the file as it was or as it was to be, wherever it comes, and the next start goes through', async () => {
    const before = inIt(OLDEST);
    const found: number[] = [];
    for (let n = 0; found.at(-1) !== MIGRATIONS.length && n < 400; n += n < 12 ? 1 : 11) {
      rmSync(folder, { recursive: true, force: true });
      folder = mkdtempSync(join(tmpdir(), 'hammock-upgrade-'));
      copyFileSync(OLDEST, file());
      const hook = join(folder, 'cut.cjs');
      writeFileSync(hook, cut(n));
      const { signal } = spawnSync(
        process.execPath,
        ['--require', hook, '--input-type=module', '-e', OPENS, file()],
        { cwd: ROOT, env: { PATH: process.env['PATH'], NODE_PATH: join(ROOT, 'node_modules') } },
      );
      const after = inIt(file());
      expect([n, after.whole, after.things]).toEqual([n, 'ok', before.things]);
      expect([before.migrations, MIGRATIONS.length]).toContain(after.migrations);
      found.push(after.migrations);
      if (signal !== 'SIGKILL') break;
      const database = await Database.open(file(), 1_780_000_000_000);
      await database.onApplicationShutdown();
      expect(inIt(file()).migrations).toBe(MIGRATIONS.length);
    }
    // It was cut before and after the moment that counts.
    expect(found[0]).toBe(before.migrations);
    expect(found.at(-1)).toBe(MIGRATIONS.length);
    expect(found.length).toBeGreaterThan(12);
  }, 180_000);
});
