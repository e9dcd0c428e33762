import { chmodSync } from 'node:fs';
import { join } from 'node:path';
import SqliteFile from 'better-sqlite3';
import { StartProblem } from './startProblem.js';

/** Lets go of the folder. */
export type Release = () => void;

/**
 * Takes the data folder for this process alone. The lock is an exclusive transaction on a small SQLite file of its
 * own: the system lets go of it when the process ends, however it ends, so a killed server leaves no stale lock.
 * @throws StartProblem when another process has it, the folder cannot be written, or SQLite is built for another Node
 */
export function lockFolder(folder: string): Release {
  const file = join(folder, 'hammock.lock');
  let lock: SqliteFile.Database | undefined;
  try {
    lock = new SqliteFile(file, { timeout: 0 });
    lock.exec('BEGIN EXCLUSIVE');
    chmodSync(file, 0o600);
  } catch (error) {
    lock?.close();
    throw problemFor(error, folder);
  }
  const held = lock;
  return () => {
    held.close();
  };
}

function problemFor(error: unknown, folder: string): StartProblem {
  const { code = '', message = '' } = error as { code?: string; message?: string };
  if (code.startsWith('SQLITE_BUSY'))
    return new StartProblem('inUse', `Another Hammock is already using ${folder}: end it first.`);
  if (code === 'ERR_DLOPEN_FAILED' || message.includes('NODE_MODULE_VERSION'))
    return new StartProblem(
      'sqlite',
      `SQLite here was built for another Node than ${process.versions.node}: type  npm rebuild better-sqlite3  and start again.`,
    );
  if (message.includes('bindings file'))
    return new StartProblem(
      'sqlite',
      'SQLite is not built here: type  npm rebuild better-sqlite3  and start again.',
    );
  if (code === 'SQLITE_FULL')
    return new StartProblem('full', `The disk of ${folder} is full: make room, and start again.`);
  return new StartProblem(
    'folder',
    `Hammock cannot write in ${folder}: choose another folder with HAMMOCK_DATA, or mend its permissions or its disk.`,
  );
}
