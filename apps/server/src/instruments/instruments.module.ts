import {
  Controller,
  Get,
  HttpCode,
  Inject,
  Module,
  Param,
  ParseEnumPipe,
  ParseIntPipe,
  Post,
  Req,
  Sse,
  type DynamicModule,
  type MessageEvent,
} from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiParam, ApiProperty, ApiTags } from '@nestjs/swagger';
import { SkipThrottle } from '@nestjs/throttler';
import { HEATS, type HeatSetting } from '@hammock/core';
import { map, type Observable } from 'rxjs';
import { Allow } from '../guard/allow.js';
import { notFound, ProblemException } from '../common/problems.js';
import type { Asked } from '../guard/asks.js';
import { Costs } from '../guard/inHand.js';
import { Streams } from '../guard/streams.js';
import { instrumentAt, readingsOf, type Instrument, type Reading } from './readings.js';

/** Addresses of the instruments of this kitchen. */
const ADDRESSES = Symbol('addresses');

export class InstrumentReply implements Instrument {
  @ApiProperty({ description: 'Names it in the other addresses' })
  n: number;
  @ApiProperty({ enum: ['scale', 'thermometer', 'hob'] })
  kind: Instrument['kind'];
  @ApiProperty({ example: 'Worktop scale' })
  name: string;
  @ApiProperty({ example: 'g' })
  unit: string;
}

@ApiTags('instruments')
@Controller('api/instruments')
export class InstrumentsController {
  private readonly lines = new Map<string, Observable<Reading>>();

  constructor(
    @Inject(ADDRESSES) private readonly addresses: readonly string[],
    private readonly streams: Streams,
  ) {}

  @Get()
  @Allow('cook')
  @ApiOperation({ summary: 'Instruments of this kitchen that answer (docs/instruments.md)' })
  @ApiOkResponse({ type: InstrumentReply, isArray: true })
  async list(): Promise<readonly InstrumentReply[]> {
    const found = await Promise.all(this.addresses.map(instrumentAt));
    return found.flatMap((instrument, n) => (instrument ? [{ n, ...instrument }] : []));
  }

  @Sse(':n/readings')
  @Allow('cook')
  @Costs(0)
  @SkipThrottle()
  @ApiOperation({ summary: 'What it reads, as it reads it, as server-sent events' })
  @ApiOkResponse({
    description: 'One event a reading: {"value": 812, "steady": true}',
    content: { 'text/event-stream': { schema: { type: 'string' } } },
  })
  readings(@Param('n', ParseIntPipe) n: number, @Req() request: Asked): Observable<MessageEvent> {
    const address = this.address(n);
    const line = this.lines.get(address) ?? readingsOf(address);
    this.lines.set(address, line);
    return this.streams.of(request, line.pipe(map((data) => ({ data }))));
  }

  @Post(':n/zero')
  @Allow('cook')
  @HttpCode(204)
  @ApiOperation({ summary: 'What is on a scale now is nothing' })
  async zero(@Param('n', ParseIntPipe) n: number): Promise<void> {
    await this.tell(n, 'zero');
  }

  @Post(':n/set/:heat')
  @Allow('cook')
  @HttpCode(204)
  @ApiOperation({ summary: 'Sets the ring of a hob' })
  @ApiParam({ name: 'heat', enum: HEATS })
  async set(
    @Param('n', ParseIntPipe) n: number,
    @Param('heat', new ParseEnumPipe(Object.fromEntries(HEATS.map((h) => [h, h])))) heat: HeatSetting,
  ): Promise<void> {
    await this.tell(n, `set/${heat}`);
  }

  /** @throws ProblemException where it does not answer, or will not */
  private async tell(n: number, what: string): Promise<void> {
    const address = this.address(n);
    try {
      const reply = await fetch(`${address}/${what}`, {
        method: 'POST',
        signal: AbortSignal.timeout(1500),
        redirect: 'error',
      });
      if (reply.ok) return;
    } catch {
      // Said below.
    }
    throw new ProblemException(503, 'instrument', 'The instrument does not answer');
  }

  private address(n: number): string {
    const address = this.addresses[n];
    if (address === undefined) throw notFound('instrument');
    return address;
  }
}

@Module({})
export class InstrumentsModule {
  static with(addresses: readonly string[]): DynamicModule {
    return {
      module: InstrumentsModule,
      controllers: [InstrumentsController],
      providers: [{ provide: ADDRESSES, useValue: addresses }],
    };
  }
}
