import { Global, Module } from '@nestjs/common';
import { Clock } from './clock.js';
import { WriteQueue } from './writeQueue.js';

/** What every feature writes through and tells the time by. */
@Global()
@Module({ providers: [Clock, WriteQueue], exports: [Clock, WriteQueue] })
export class CommonModule {}
