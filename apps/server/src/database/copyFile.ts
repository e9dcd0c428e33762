import { chmodSync, closeSync, fsyncSync, mkdirSync, openSync, renameSync, rmSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import SqliteFile from 'better-sqlite3';
import { lookIn } from './plainFiles.js';

/** A copy of everything, as a file of its own. */
export interface Copied {
  readonly name: string;
  readonly bytes: number;
  readonly madeAtMs: number;
}

/** The folder copies are put in, beside the data. */
export const copiesFolder = (databaseFile: string): string => join(dirname(databaseFile), 'copies');

/** The folder in which lies what a copy took the place of. */
export const setAsideFolder = (databaseFile: string): string => join(dirname(databaseFile), 'set-aside');

const ENDING = '.sqlite';

/**
 * Copies a database that may be in use into one whole file, and reads the copy back before it is called one.
 * @param why part of its name: `kept` on demand, or what it was made before
 * @returns name, size and time of the copy
 * @throws what SQLite or the disk says; nothing half made is left behind
 */
export function copyDatabase(databaseFile: string, why: string, nowMs: number): Copied {
  const folder = copiesFolder(databaseFile);
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const stamp = new Date(nowMs).toISOString().replaceAll(/[:.]/gu, '-').slice(0, 23);
  const name = `hammock-${stamp}-${why}${ENDING}`;
  const part = join(folder, `${name}.part`);
  rmSync(part, { force: true });
  const source = new SqliteFile(databaseFile, { fileMustExist: true, readonly: true });
  try {
    source.prepare('VACUUM INTO ?').run(part);
    const before = tablesOf(source);
    if (!sameTables(before, verified(part))) throw new Error('the copy is not whole');
    chmodSync(part, 0o600);
    // SQLite does not wait for the disk when it vacuums into a file.
    const handle = openSync(part, 'r+');
    fsyncSync(handle);
    closeSync(handle);
    renameSync(part, join(folder, name));
  } finally {
    source.close();
    rmSync(part, { force: true });
  }
  return { name, bytes: statSync(join(folder, name)).size, madeAtMs: nowMs };
}

/** Copies there are, newest first. */
export function copiesOf(databaseFile: string): readonly Copied[] {
  return lookIn(copiesFolder(databaseFile))
    .files.filter(({ name }) => name.endsWith(ENDING))
    .map(({ name, bytes, atMs }) => ({ name, bytes, madeAtMs: atMs }))
    .sort((a, b) => b.madeAtMs - a.madeAtMs);
}

/** Names in the folder of copies that are called one and are no plain file: links and folders, which are left alone. */
export const notCopies = (databaseFile: string): readonly string[] =>
  lookIn(copiesFolder(databaseFile)).others.filter((name) => name.endsWith(ENDING));

/** Takes the oldest copies made on demand away, so that asking again and again does not fill the disk. */
export function keepNewest(databaseFile: string, why: string, most: number): void {
  const mine = copiesOf(databaseFile).filter((c) => c.name.endsWith(`-${why}${ENDING}`));
  for (const { name } of mine.slice(most)) rmSync(join(copiesFolder(databaseFile), name), { force: true });
}

/** Takes every copy away, and what was set aside when one was put back: what a household erased is left nowhere. */
export function forgetCopies(databaseFile: string): void {
  for (const folder of [copiesFolder(databaseFile), setAsideFolder(databaseFile)])
    for (const { name } of lookIn(folder).files)
      if (OURS.test(name)) rmSync(join(folder, name), { force: true });
}
const OURS = /\.sqlite(?:\.part|-wal|-shm)?$/u;

/** Names of the tables of a file: a copy has all of them, and SQLite finds each of them whole. */
type Tables = readonly string[];

const tablesOf = (file: SqliteFile.Database): Tables =>
  (
    file.prepare("SELECT name FROM sqlite_master WHERE type = 'table' ORDER BY name").all() as {
      name: string;
    }[]
  ).map((t) => t.name);

const sameTables = (a: Tables, b: Tables): boolean => a.join() === b.join();

/** Whether a copy can be opened and SQLite finds it whole. */
export function isWhole(copy: string): boolean {
  try {
    return verified(copy).length > 0;
  } catch {
    return false;
  }
}

function verified(copy: string): Tables {
  const opened = new SqliteFile(copy, { readonly: true, fileMustExist: true });
  try {
    const [first] = opened.pragma('integrity_check(1)') as { integrity_check: string }[];
    if (first?.integrity_check !== 'ok') throw new Error('the copy is damaged');
    return tablesOf(opened);
  } finally {
    opened.close();
  }
}
