import { Controller, Get, Query } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import type { Learnt } from '@hammock/core/learning';
import { UuidField } from '../common/fields.js';
import { LearningService } from './learning.service.js';

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

@ApiTags('learning')
@Controller('api/learnt')
export class LearningController {
  constructor(private readonly learning: LearningService) {}

  @Get()
  @ApiOperation({ summary: 'What the household’s judged pots have taught' })
  @ApiOkResponse({ type: LearntReply })
  learnt(@Query() { without }: LearntQuery): Promise<Learnt> {
    return this.learning.learnt(without);
  }
}
