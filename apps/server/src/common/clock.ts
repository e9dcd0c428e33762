import { Injectable } from '@nestjs/common';

/** The wall clock, as a service so that tests can stand still. */
@Injectable()
export class Clock {
  nowMs(): number {
    return Date.now();
  }
}
