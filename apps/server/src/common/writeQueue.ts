import { randomBytes } from 'node:crypto';
import { Injectable, Logger, type OnModuleDestroy } from '@nestjs/common';
import { Mutex } from 'async-mutex';
import { Subject, type Observable } from 'rxjs';
import type { EntityManager } from 'typeorm';
import { Database } from '../database/database.js';
import { storageProblem } from './storageProblem.js';

/** What a write works with. */
export interface Write {
  readonly manager: EntityManager;
  /** The next place in the order of everything stored. */
  readonly nextRevision: () => number;
}

/** The log is put into the file when nothing was written for this time, ms. */
const IDLE_MS = 4000;

/**
 * The one way to write: one after another, each in a transaction that is begun and ended here on SQLite's own handle.
 * TypeORM counts transactions by itself, and a disk that is full in the middle of one leaves its count wrong: every
 * later write would then be acknowledged inside a transaction that nobody commits. Nothing is reported as stored
 * unless it was committed and no transaction is open afterwards; a connection in doubt is opened anew.
 */
@Injectable()
export class WriteQueue implements OnModuleDestroy {
  private readonly mutex = new Mutex();
  private readonly logger = new Logger('writes');
  private readonly stored = new Subject<number>();
  private idle: NodeJS.Timeout | undefined;
  private revision: number | undefined;
  private epochNow: string | undefined;

  constructor(private readonly database: Database) {}

  /** The revision after each commit. */
  get revisions(): Observable<number> {
    return this.stored.asObservable();
  }

  /** The revision of the newest thing stored. */
  current(): number {
    this.revision ??= this.database.raw
      .prepare<[], { value: number }>('SELECT "value" FROM "sequence" WHERE "id" = 1')
      .get()?.value;
    return this.revision ?? 0;
  }

  /** Which household this is: another one since everything was erased, replaced or put back. */
  epoch(): string {
    this.epochNow ??= this.database.raw
      .prepare<[], { epoch: string }>('SELECT "epoch" FROM "sequence" WHERE "id" = 1')
      .get()?.epoch;
    return this.epochNow ?? '';
  }

  /** Begins another epoch; to be called within a write. What a page still has to send from before is not stored unasked. */
  beginEpoch(): void {
    const epoch = randomBytes(8).toString('hex');
    this.database.raw.prepare('UPDATE "sequence" SET "epoch" = ? WHERE "id" = 1').run(epoch);
    this.epochNow = undefined;
  }

  /**
   * Runs `work` in a transaction of its own, after all writes before it.
   * @throws ProblemException 507 when the disk is full, 503 when it cannot be written for another reason; what `work` throws
   */
  run<T>(work: (write: Write) => Promise<T>): Promise<T> {
    return this.mutex.runExclusive(async () => {
      const before = this.current();
      const { value, revision } = await this.transaction(work, before);
      this.revision = revision;
      this.checkpointWhenIdle();
      if (revision > before) this.stored.next(revision);
      return value;
    });
  }

  /** On the way down: wait until everything accepted is written. */
  async onModuleDestroy(): Promise<void> {
    await this.mutex.waitForUnlock();
    clearTimeout(this.idle);
    this.stored.complete();
  }

  private async transaction<T>(
    work: (write: Write) => Promise<T>,
    before: number,
  ): Promise<{ value: T; revision: number }> {
    const { raw, runner, writer } = this.database;
    let revision = before;
    try {
      raw.exec('BEGIN IMMEDIATE');
      // What TypeORM saves then joins this transaction and begins none of its own.
      runner.isTransactionActive = true;
      const value = await work({ manager: writer.manager, nextRevision: () => (revision += 1) });
      if (revision > before) raw.prepare('UPDATE "sequence" SET "value" = ? WHERE "id" = 1').run(revision);
      raw.exec('COMMIT');
      runner.isTransactionActive = false;
      if (raw.inTransaction) throw new Error('a transaction is open after its end');
      return { value, revision };
    } catch (error) {
      await this.takeBack();
      throw storageProblem(error) ?? error;
    }
  }

  /** Nothing of a failed write stays; SQLite may have taken it back by itself already. */
  private async takeBack(): Promise<void> {
    const { raw, runner } = this.database;
    runner.isTransactionActive = false;
    this.epochNow = undefined;
    try {
      if (raw.open && raw.inTransaction) raw.exec('ROLLBACK');
      if (raw.open && !raw.inTransaction) return;
    } catch {
      // Then the connection itself is in doubt.
    }
    try {
      await this.database.reopen();
    } catch {
      this.logger.error('The data cannot be opened any more; the program ends so that nothing is promised.');
      process.kill(process.pid, 'SIGTERM');
    }
  }

  private checkpointWhenIdle(): void {
    clearTimeout(this.idle);
    this.idle = setTimeout(() => {
      void this.mutex.runExclusive(() => {
        try {
          this.database.checkpoint();
        } catch {
          // The log is as good as the file; the next quiet moment tries again.
        }
      });
    }, IDLE_MS);
    this.idle.unref();
  }
}
