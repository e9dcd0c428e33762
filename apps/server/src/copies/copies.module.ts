import {
  Controller,
  Get,
  HttpCode,
  Injectable,
  Logger,
  Module,
  Post,
  type OnApplicationBootstrap,
  type OnModuleDestroy,
} from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import { Mutex } from 'async-mutex';
import { Allow } from '../guard/allow.js';
import { Costs } from '../guard/inHand.js';
import { Clock } from '../common/clock.js';
import { ComputePool } from '../compute/pool.js';
import { copiesOf, notCopies } from '../database/copyFile.js';
import { Database } from '../database/database.js';

/** A copy of everything, beside the data. */
export class CopyDto {
  @ApiProperty({ example: 'hammock-2026-11-26T18-42-00-000-kept.sqlite' })
  name: string;

  @ApiProperty()
  bytes: number;

  @ApiProperty({ description: 'ms since the epoch' })
  madeAtMs: number;

  @ApiProperty({
    required: false,
    description:
      'True for what is called a copy and is no plain file, but a link or a folder: it is left alone',
  })
  isOther?: boolean;
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
  @Allow('cook')
  @ApiOperation({ summary: 'Copies of everything there are, newest first' })
  @ApiOkResponse({ type: CopyDto, isArray: true })
  list(): readonly CopyDto[] {
    const { file } = this.database;
    const others = notCopies(file).map((name) => ({ name, bytes: 0, madeAtMs: 0, isOther: true }));
    return [...copiesOf(file), ...others];
  }

  @Post()
  @Allow('cook')
  @Costs(4)
  @HttpCode(201)
  @ApiOperation({
    summary: 'Makes a copy of everything as one file, and reads it back; the ten newest are kept',
  })
  @ApiCreatedResponse({ type: CopyDto })
  make(): Promise<CopyDto> {
    return this.oneAtATime.runExclusive(() =>
      this.pool.run({ kind: 'copy', file: this.database.file, nowMs: this.clock.nowMs(), why: 'kept' }),
    );
  }
}

const DAY_MS = 24 * 3600 * 1000;
/** How often a running server checks whether a day has passed, ms. */
const LOOK_MS = 3600 * 1000;

/** A copy of everything every day, without being asked; fourteen are kept. */
@Injectable()
export class DailyCopies implements OnApplicationBootstrap, OnModuleDestroy {
  private timer: NodeJS.Timeout | undefined;
  private readonly logger = new Logger('copies');

  constructor(
    private readonly database: Database,
    private readonly pool: ComputePool,
    private readonly clock: Clock,
  ) {}

  onApplicationBootstrap(): void {
    this.timer = setInterval(() => void this.copyIfDue(), LOOK_MS);
    this.timer.unref();
    // Ready first: the copy is made when nobody waits.
    setTimeout(() => void this.copyIfDue(), SOON_MS).unref();
  }

  onModuleDestroy(): void {
    clearInterval(this.timer);
  }

  /** Makes today's copy where there is none, and there is something to copy. */
  async copyIfDue(): Promise<boolean> {
    const nowMs = this.clock.nowMs();
    const { file, raw } = this.database;
    try {
      const newest = copiesOf(file).find((c) => c.name.includes('-daily'));
      if ((newest && nowMs - newest.madeAtMs < DAY_MS) || !raw.open) return false;
      if (raw.prepare('SELECT 1 FROM "cook" LIMIT 1').get() === undefined) return false;
      await this.pool.run({ kind: 'copy', file, nowMs, why: 'daily' });
      return true;
    } catch {
      this.logger.warn('Today no copy could be made: make room on the disk.');
      return false;
    }
  }
}
const SOON_MS = 30_000;

@Module({ controllers: [CopiesController], providers: [DailyCopies] })
export class CopiesModule {}
