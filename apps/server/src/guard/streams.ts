import { Injectable } from '@nestjs/common';
import { defer, finalize, type Observable } from 'rxjs';
import { ProblemException } from '../common/problems.js';
import { senderOf, type Asked } from './asks.js';

/** Streams that one device listens to at once: a page has one of changes and one of each instrument. */
const MOST_OF_DEVICE = 4;
/** Places of this machine's own pages, which no device takes. */
const MOST_HERE = 32;

/** Who listens to what, so that one device's pages do not use up everybody's places. */
@Injectable()
export class Streams {
  private readonly open = new Map<string, number>();

  /**
   * The stream with its place taken while somebody listens.
   * @throws ProblemException 429 where this sender listens to as many as it may
   */
  of<T>(request: Asked, stream: Observable<T>): Observable<T> {
    const sender = senderOf(request);
    const now = this.open.get(sender) ?? 0;
    if (now >= (request.who === 'here' ? MOST_HERE : MOST_OF_DEVICE))
      throw new ProblemException(429, 'streams', 'Too many pages of this device are listening; close some');
    // Taken at once: two that ask in the same moment are two.
    this.open.set(sender, now + 1);
    const leave = (): void => {
      const left = (this.open.get(sender) ?? 1) - 1;
      if (left > 0) this.open.set(sender, left);
      else this.open.delete(sender);
    };
    return defer(() => stream.pipe(finalize(leave)));
  }
}
