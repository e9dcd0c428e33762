import { Controller, Get, type MessageEvent, Query, Req, Sse } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { ChangesReply } from '@hammock/core/records';
import { Type } from 'class-transformer';
import { interval, map, merge, of, type Observable } from 'rxjs';
import { Allow } from '../guard/allow.js';
import type { Asked } from '../guard/asks.js';
import { IntegerField, TextField } from '../common/fields.js';
import { Costs } from '../guard/inHand.js';
import { Streams } from '../guard/streams.js';
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

  @TextField(40, { about: 'The epoch that was told before; another one is a reset', optional: true })
  epoch?: string;
}

/** A line now and then keeps a sleeping connection from being taken for dead, ms. */
const BEAT_MS = 20_000;

@ApiTags('changes')
@Controller('api/changes')
export class ChangesController {
  constructor(
    private readonly changes: ChangesService,
    private readonly queue: WriteQueue,
    private readonly streams: Streams,
  ) {}

  @Get()
  @Allow('guest')
  @Costs(2)
  @ApiOperation({
    summary:
      'What was stored since a revision, in order, and the server’s clock. A guest has what is on the stove',
  })
  @ApiOkResponse({ schema: CHANGES_SCHEMA })
  since(@Query() { since, epoch }: ChangesQuery, @Req() { who }: Asked): Promise<ChangesReply> {
    return this.changes.since(since ?? this.queue.current(), who === 'guest', epoch);
  }

  @Sse('stream')
  @Allow('guest')
  @Costs(0)
  @SkipThrottle()
  @ApiOperation({ summary: 'The newest revision, now and at every change, as server-sent events' })
  @ApiOkResponse({
    description: 'One event a change: {"revision": 12}',
    content: { 'text/event-stream': { schema: { type: 'string' } } },
  })
  stream(@Req() request: Asked): Observable<MessageEvent> {
    const told = merge(
      of(this.queue.current()),
      this.queue.revisions,
      interval(BEAT_MS).pipe(map(() => this.queue.current())),
    );
    return this.streams.of(request, told.pipe(map((revision) => ({ data: { revision } }))));
  }
}
