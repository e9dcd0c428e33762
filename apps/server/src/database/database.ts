import { chmodSync, existsSync, mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import type SqliteFile from 'better-sqlite3';
import { DataSource, type QueryRunner } from 'typeorm';
import { checkFile } from './checkFile.js';
import { copyDatabase } from './copyFile.js';
import { MIGRATIONS, writerOptions } from './dataSource.js';
import { lockFolder, type Release } from './folderLock.js';
import { finishErase } from './erase.js';
import { finishRestore } from './restore.js';
import { StartProblem } from './startProblem.js';

/** TypeORM's query runner with the flag by which it knows that a transaction is open. */
export type Runner = QueryRunner & { isTransactionActive: boolean };

/**
 * The one connection that writes. Reads have another one (TypeORM's default), so nobody ever sees a row that is not
 * committed. Transactions are begun and ended on the raw handle by WriteQueue alone.
 */
@Injectable()
export class Database implements OnApplicationShutdown {
  private constructor(
    readonly file: string,
    readonly writer: DataSource,
    private readonly release: Release,
  ) {}

  /**
   * Takes the folder, looks at the file, copies it if it is about to be changed, and brings it up to date.
   * @throws StartProblem with one sentence when any of that cannot be done
   */
  static async open(file: string, nowMs: number): Promise<Database> {
    const folder = dirname(file);
    ownFolder(folder);
    const release = lockFolder(folder);
    try {
      finishRestore(file);
      const { migrations } = checkFile(
        file,
        MIGRATIONS.map((m) => m.name),
      );
      const writer = new DataSource(writerOptions(file));
      if (migrations.length > 0 && migrations.length < MIGRATIONS.length) copyBefore(file, nowMs);
      await writer.initialize();
      await migrate(writer);
      finishErase(writer, file);
      for (const end of ['', '-wal', '-shm']) if (existsSync(file + end)) chmodSync(file + end, 0o600);
      return new Database(file, writer, release);
    } catch (error) {
      release();
      throw error instanceof StartProblem
        ? error
        : new StartProblem('unknown', `Hammock cannot open its data: ${String(error)}`);
    }
  }

  /** SQLite's own handle. */
  get raw(): SqliteFile.Database {
    return (this.writer.driver as unknown as { databaseConnection: SqliteFile.Database }).databaseConnection;
  }

  get runner(): Runner {
    return this.writer.createQueryRunner();
  }

  /** A new connection in place of one that cannot be trusted any more. */
  async reopen(): Promise<void> {
    try {
      await this.writer.destroy();
    } catch {
      // It was in doubt already.
    }
    await this.writer.initialize();
  }

  /** Puts what is in the log into the file, so that the file alone is everything. */
  checkpoint(): void {
    if (this.writer.isInitialized && this.raw.open) this.raw.pragma('wal_checkpoint(TRUNCATE)');
  }

  async onApplicationShutdown(): Promise<void> {
    try {
      this.checkpoint();
      await this.writer.destroy();
    } finally {
      this.release();
    }
  }
}

/** The folder is this household's alone. */
function ownFolder(folder: string): void {
  try {
    const isNew = !existsSync(folder);
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    // A folder that was there may be somebody's home: only our own is closed to others.
    if (isNew || folder.endsWith('.hammock')) chmodSync(folder, 0o700);
  } catch {
    throw new StartProblem(
      'folder',
      `The folder ${folder} cannot be made: choose another with HAMMOCK_DATA, or mend its permissions or its disk.`,
    );
  }
}

function copyBefore(file: string, nowMs: number): void {
  try {
    copyDatabase(file, 'before-update', nowMs);
  } catch {
    throw new StartProblem(
      'full',
      `Hammock has to bring ${file} up to date and cannot make a copy first: make room on the disk. Nothing was changed.`,
    );
  }
}

async function migrate(writer: DataSource): Promise<void> {
  try {
    await writer.runMigrations({ transaction: 'all' });
  } catch (error) {
    throw new StartProblem(
      'unknown',
      `The data could not be brought up to date and is as it was: ${error instanceof Error ? error.message : String(error)}`,
    );
  }
}
