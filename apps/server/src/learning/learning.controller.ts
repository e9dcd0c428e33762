import { Controller, Get, Query, Res } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import type { Learnt } from '@hammock/core/learning';
import type { Verdict } from '@hammock/core/records';
import { Type } from 'class-transformer';
import { Allow } from '../guard/allow.js';
import { Costs } from '../guard/inHand.js';
import type { Response } from 'express';
import { leaving } from '../common/leaving.js';
import { IntegerField, UuidField } from '../common/fields.js';
import { LearningService, type JudgedLine } from './learning.service.js';

/** What pots have taught, as it travels. */
export class LearntReply implements Learnt {
  @ApiProperty({
    description: 'Hidden values that pots have touched: "bag:…", "kind:basmati", "taste:household"',
  })
  ids: string[];

  @ApiProperty({ description: 'What is thought of each, points of moisture beyond its kind' })
  mean: number[];

  @ApiProperty({ description: 'Their covariance, row by row, points squared' })
  covariance: number[];

  @ApiProperty({ description: 'How many pots touch each' })
  pots: number[];
}

/** What is asked of it. */
export class LearntQuery {
  @UuidField({ about: 'A cook that is left out, as if it had never been', optional: true })
  without?: string;
}

/** One judged pot, as it travels. */
export class JudgedReply implements JudgedLine {
  @ApiProperty({ format: 'uuid' })
  cookId: string;

  @ApiProperty()
  label: string;

  @ApiProperty({ description: 'ms since the epoch' })
  startedAtMs: number;

  @ApiProperty({ description: 'What was advised then, ml' })
  advisedMl: number;

  @ApiProperty({
    description: 'What it came to that it wanted: as poured, as it went and as it was judged, ml',
  })
  wantedMl: number;

  @ApiProperty({ description: '1 hard to 5 mushy' })
  texture: Verdict;
}

/** How many of them. */
export class JudgedQuery {
  @Type(() => Number)
  @IntegerField({ least: 1, most: 2000, unit: 'pots' }, { about: 'The newest so many', optional: true })
  limit?: number;
}

@ApiTags('learning')
@Controller('api/learnt')
export class LearningController {
  constructor(private readonly learning: LearningService) {}

  @Get()
  @Allow('cook')
  @Costs(3)
  @ApiOperation({ summary: 'What the household’s judged pots have taught' })
  @ApiOkResponse({ type: LearntReply })
  learnt(@Query() { without }: LearntQuery, @Res({ passthrough: true }) response: Response): Promise<Learnt> {
    return this.learning.learnt(without, leaving(response));
  }

  @Get('pots')
  @Allow('cook')
  @Costs(4)
  @ApiOperation({ summary: 'The newest judged pots, oldest first: what was advised and what they wanted' })
  @ApiOkResponse({ type: JudgedReply, isArray: true })
  pots(
    @Query() { limit = 500 }: JudgedQuery,
    @Res({ passthrough: true }) response: Response,
  ): Promise<JudgedLine[]> {
    return this.learning.pots(limit, leaving(response));
  }
}
