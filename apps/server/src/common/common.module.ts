import { type DynamicModule, Module } from '@nestjs/common';
import { ComputePool } from '../compute/pool.js';
import { Database } from '../database/database.js';
import { Streams } from '../guard/streams.js';
import { Clock } from './clock.js';
import { WriteQueue } from './writeQueue.js';

/** What every feature writes through, tells the time by and has its heavy work done by. */
@Module({})
export class CommonModule {
  static with(database: Database): DynamicModule {
    return {
      module: CommonModule,
      global: true,
      // A factory rather than a value: only what Nest makes is told when the program ends.
      providers: [{ provide: Database, useFactory: () => database }, Clock, WriteQueue, ComputePool, Streams],
      exports: [Database, Clock, WriteQueue, ComputePool, Streams],
    };
  }
}
