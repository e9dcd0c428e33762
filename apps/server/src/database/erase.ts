import type { DataSource } from 'typeorm';
import type SqliteFile from 'better-sqlite3';
import { forgetCopies } from './copyFile.js';

const rawOf = (writer: DataSource): SqliteFile.Database =>
  (writer.driver as unknown as { databaseConnection: SqliteFile.Database }).databaseConnection;

/** Says within the transaction that erases that what was erased still lies about: it is kept with the commit, or not at all. */
export const markErased = (raw: SqliteFile.Database): void => {
  raw.pragma('user_version = 1');
};

/**
 * Takes away what still lies about of a household that was erased: what the file holds of it, the log, the copies and what was set
 * aside. Does nothing where nothing was erased; a kill in the middle of it is made up for at the next start.
 */
export function finishErase(writer: DataSource, databaseFile: string): void {
  const raw = rawOf(writer);
  if (raw.pragma('user_version', { simple: true }) !== 1) return;
  raw.exec('VACUUM');
  raw.pragma('wal_checkpoint(TRUNCATE)');
  forgetCopies(databaseFile);
  raw.pragma('user_version = 0');
}
