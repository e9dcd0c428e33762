import { Controller, Get, HttpCode, Module, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import { Mutex } from 'async-mutex';
import { Clock } from '../common/clock.js';
import { ComputePool } from '../compute/pool.js';
import { copiesOf } from '../database/copyFile.js';
import { Database } from '../database/database.js';

/** A copy of everything, beside the data. */
export class CopyDto {
  @ApiProperty({ example: 'hammock-2026-11-26T18-42-00-000-kept.sqlite' })
  name: string;

  @ApiProperty()
  bytes: number;

  @ApiProperty({ description: 'ms since the epoch' })
  madeAtMs: number;
}

@ApiTags('copies')
@Controller('api/copies')
export class CopiesController {
  /** Two at once would only get in each other's way. */
  private readonly oneAtATime = new Mutex();

  constructor(
    private readonly database: Database,
    private readonly pool: ComputePool,
    private readonly clock: Clock,
  ) {}

  @Get()
  @ApiOperation({ summary: 'Copies of everything there are, newest first' })
  @ApiOkResponse({ type: CopyDto, isArray: true })
  list(): readonly CopyDto[] {
    return copiesOf(this.database.file);
  }

  @Post()
  @HttpCode(201)
  @ApiOperation({
    summary: 'Makes a copy of everything as one file, and reads it back; the ten newest are kept',
  })
  @ApiCreatedResponse({ type: CopyDto })
  make(): Promise<CopyDto> {
    return this.oneAtATime.runExclusive(() =>
      this.pool.run({ kind: 'copy', file: this.database.file, nowMs: this.clock.nowMs() }),
    );
  }
}

@Module({ controllers: [CopiesController] })
export class CopiesModule {}
