import { Injectable, type OnModuleDestroy } from '@nestjs/common';
import { Mutex } from 'async-mutex';
import { DataSource, type EntityManager } from 'typeorm';

/**
 * The one way to write. SQLite through TypeORM is one shared connection: two overlapping transactions would nest
 * into each other, and a rollback of one would take back what the other had reported as stored. So writes queue.
 */
@Injectable()
export class WriteQueue implements OnModuleDestroy {
  private readonly mutex = new Mutex();

  constructor(private readonly dataSource: DataSource) {}

  /** Runs `work` in a transaction of its own, after all writes before it. */
  run<T>(work: (manager: EntityManager) => Promise<T>): Promise<T> {
    return this.mutex.runExclusive(() => this.dataSource.transaction(work));
  }

  /** On the way down: wait until everything accepted is written. */
  async onModuleDestroy(): Promise<void> {
    await this.mutex.waitForUnlock();
  }
}
