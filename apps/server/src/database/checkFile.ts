import { existsSync, statSync } from 'node:fs';
import SqliteFile from 'better-sqlite3';
import { StartProblem } from './startProblem.js';

/** What a file was found to hold. */
export interface FoundFile {
  /** Names of the migrations it has been through; none for a new file. */
  readonly migrations: readonly string[];
}

/**
 * Looks at a database before anything is changed in it: whole, and not from a newer Hammock.
 * @param known names of every migration this program has
 * @throws StartProblem saying what is wrong with it and what to do
 */
export function checkFile(file: string, known: readonly string[]): FoundFile {
  if (!existsSync(file) || statSync(file).size === 0) return { migrations: [] };
  const migrations = namesIn(file);
  const newer = migrations.filter((name) => !known.includes(name));
  if (newer.length > 0)
    throw new StartProblem(
      'newer',
      `The data in ${file} was made by a newer Hammock: start that one, or put back a copy from the folder "copies" beside it.`,
    );
  return { migrations };
}

/**
 * Whether a file is one that this program made: it has been through its migrations, all of them ours and from the first on, and holds
 * tables and indices alone. A trigger or a view would do what nobody asked for.
 */
export function isOurs(file: string, known: readonly string[]): boolean {
  let opened: SqliteFile.Database | undefined;
  try {
    opened = new SqliteFile(file, { fileMustExist: true, readonly: true });
    const names = (opened.prepare('SELECT name FROM migrations ORDER BY id').all() as { name: string }[]).map(
      (m) => m.name,
    );
    const others = opened
      .prepare(
        "SELECT count(*) AS n FROM sqlite_master WHERE type NOT IN ('table', 'index') OR sql LIKE '%VIRTUAL%'",
      )
      .get() as { n: number };
    return (
      others.n === 0 && names.length > 0 && names.every((name, i) => i >= known.length || known[i] === name)
    );
  } catch {
    return false;
  } finally {
    opened?.close();
  }
}

function namesIn(file: string): readonly string[] {
  let opened: SqliteFile.Database | undefined;
  try {
    opened = new SqliteFile(file, { fileMustExist: true });
    const [first] = opened.pragma('quick_check(1)') as { quick_check: string }[];
    if (first?.quick_check !== 'ok') throw new Error('damaged');
    const has = opened.prepare("SELECT 1 FROM sqlite_master WHERE name = 'migrations'").get();
    if (has === undefined) return [];
    return (opened.prepare('SELECT name FROM migrations').all() as { name: string }[]).map((m) => m.name);
  } catch (error) {
    const { code = '' } = error as { code?: string };
    if (/^SQLITE_(?:CANTOPEN|READONLY|PERM|BUSY)/u.test(code))
      throw new StartProblem('folder', `Hammock cannot open ${file}: mend its permissions.`);
    throw new StartProblem(
      'damaged',
      `The data in ${file} is damaged: put back a copy from the folder "copies" beside it with  npm run restore  (the damaged file is kept).`,
    );
  } finally {
    opened?.close();
  }
}
