import { Controller, Get, type MessageEvent, Query, Sse } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { ChangesReply } from '@hammock/core/records';
import { Type } from 'class-transformer';
import { defer, finalize, interval, map, merge, of, type Observable } from 'rxjs';
import { IntegerField } from '../common/fields.js';
import { ProblemException } from '../common/problems.js';
import { SkipThrottle } from '@nestjs/throttler';
import { WriteQueue } from '../common/writeQueue.js';
import { CHANGES_SCHEMA } from './changesSchema.js';
import { ChangesService } from './changes.service.js';

export class ChangesQuery {
  @Type(() => Number)
  @IntegerField(
    { least: 0, most: Number.MAX_SAFE_INTEGER, unit: '' },
    {
      about: 'Revision up to which everything is known; left out, nothing but the newest revision is told',
      optional: true,
    },
  )
  since?: number;
}

/** A household has a few devices with a few tabs each; more ears than this are not a household's. */
const MOST_EARS = 64;
/** A line now and then keeps a sleeping connection from being taken for dead, ms. */
const BEAT_MS = 20_000;

@ApiTags('changes')
@Controller('api/changes')
export class ChangesController {
  private ears = 0;

  constructor(
    private readonly changes: ChangesService,
    private readonly queue: WriteQueue,
  ) {}

  @Get()
  @ApiOperation({ summary: 'What was stored since a revision, in order, and the server’s clock' })
  @ApiOkResponse({ schema: CHANGES_SCHEMA })
  since(@Query() { since }: ChangesQuery): Promise<ChangesReply> {
    return this.changes.since(since ?? this.queue.current());
  }

  @Sse('stream')
  @SkipThrottle()
  @ApiOperation({ summary: 'The newest revision, now and at every change, as server-sent events' })
  @ApiOkResponse({
    description: 'One event a change: {"revision": 12}',
    content: { 'text/event-stream': { schema: { type: 'string' } } },
  })
  stream(): Observable<MessageEvent> {
    if (this.ears >= MOST_EARS)
      throw new ProblemException(503, 'busy', 'Too many pages are listening; close some');
    return defer(() => {
      this.ears += 1;
      const told = merge(
        of(this.queue.current()),
        this.queue.revisions,
        interval(BEAT_MS).pipe(map(() => this.queue.current())),
      );
      return told.pipe(
        map((revision) => ({ data: { revision } })),
        finalize(() => (this.ears -= 1)),
      );
    });
  }
}
