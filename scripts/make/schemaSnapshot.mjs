import { copyFileSync, existsSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { DataSource } from 'typeorm';
import { MIGRATIONS, writerOptions } from '../../apps/server/dist/database/dataSource.js';
import { root, say } from '../run/lib.mjs';

/**
 * Writes down what the database was before each migration, as SQL: npm run snapshot, once a migration is written. A snapshot
 * that is there is never written again: it is what a household's file really was. A test demands one for each migration.
 */
const FOLDER = join(root, 'apps/server/src/testing/schemas');
const OLDEST = join(root, 'apps/server/src/testing/firstSchema.sqlite');

/** Every table with its rows, as statements that make it again. */
function dumpOf(file) {
  const opened = new Database(file, { readonly: true });
  /** @type {any[]} */
  const made = opened
    .prepare(
      "SELECT type, name, sql FROM sqlite_master WHERE sql IS NOT NULL AND name NOT LIKE 'sqlite_%' ORDER BY type = 'table' DESC, rowid",
    )
    .all();
  const lines = made.flatMap(({ type, name, sql }) => {
    if (type !== 'table') return [`${sql};`];
    const columns = /** @type {any[]} */ (opened.pragma(`table_info("${name}")`)).map((c) => `"${c.name}"`);
    const rows = opened
      .prepare(`SELECT ${columns.map((c) => `quote(${c})`).join(" || ',' || ")} AS row FROM "${name}"`)
      .all();
    return [
      `${sql};`,
      ...rows.map(({ row }) => `INSERT INTO "${name}" (${columns.join()}) VALUES (${row});`),
    ];
  });
  const version = opened.pragma('user_version', { simple: true });
  opened.close();
  return `${lines.join('\n')}\nPRAGMA user_version = ${version};\n`;
}

mkdirSync(FOLDER, { recursive: true });
const oldest = new Database(OLDEST, { readonly: true });
const first = /** @type {number} */ (oldest.prepare('SELECT count(*) FROM migrations').pluck().get());
oldest.close();
const folder = mkdtempSync(join(tmpdir(), 'hammock-snapshot-'));
for (let n = first; n < MIGRATIONS.length; n += 1) {
  const path = join(FOLDER, `before-${MIGRATIONS[n].name}.sql`);
  if (existsSync(path)) continue;
  const file = join(folder, `${n}.sqlite`);
  copyFileSync(OLDEST, file);
  const at = new DataSource({ ...writerOptions(file), migrations: MIGRATIONS.slice(0, n) });
  await at.initialize();
  await at.runMigrations({ transaction: 'all' });
  await at.destroy();
  writeFileSync(path, dumpOf(file));
  say(path.slice(root.length + 1));
}
rmSync(folder, { recursive: true, force: true });
