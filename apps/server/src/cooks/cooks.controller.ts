import { Body, Controller, Get, Param, Patch, Put, Query } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { IntegerField } from '../common/fields.js';
import { UuidParam } from '../common/uuidParam.js';
import { Cook } from './cook.entity.js';
import { CookChangeDto, CookDto, OutcomeDto, StageEventDto } from './cook.dto.js';
import { CooksService } from './cooks.service.js';
import { DishUse } from './dishUse.js';

/** Which cooks to list. */
export class CookListQuery {
  @Type(() => Number)
  @IntegerField({ least: 1, most: 200, unit: 'cooks' }, { about: 'How many at most', optional: true })
  limit?: number;

  @Type(() => Number)
  @IntegerField({ least: 0, most: 8.64e15, unit: 'ms' }, { about: 'Only those begun before', optional: true })
  beforeMs?: number;
}

@ApiTags('cooks')
@Controller('api/cooks')
export class CooksController {
  constructor(private readonly cooks: CooksService) {}

  @Get()
  @ApiOperation({ summary: 'Newest first; without plan, answer and taps' })
  @ApiOkResponse({ type: Cook, isArray: true })
  list(@Query() query: CookListQuery): Promise<Cook[]> {
    return this.cooks.list(query.limit ?? 50, query.beforeMs);
  }

  @Get('by-dish')
  @ApiOperation({ summary: 'How often each dish was cooked and how it came out' })
  @ApiOkResponse({ type: DishUse, isArray: true })
  byDish(): Promise<DishUse[]> {
    return this.cooks.byDish();
  }

  @Get(':id')
  @ApiOkResponse({ type: Cook })
  read(@Param('id', new UuidParam('id')) id: string): Promise<Cook> {
    return this.cooks.read(id);
  }

  @Put(':id')
  @ApiOperation({ summary: 'Begins a cook; the answer is worked out and kept as it is now' })
  @ApiOkResponse({ type: Cook })
  begin(@Param('id', new UuidParam('id')) id: string, @Body() dto: CookDto): Promise<Cook> {
    return this.cooks.begin(id, dto);
  }

  @Patch(':id')
  @ApiOperation({ summary: 'Says what was poured, or that it was given up' })
  @ApiOkResponse({ type: Cook })
  change(@Param('id', new UuidParam('id')) id: string, @Body() dto: CookChangeDto): Promise<Cook> {
    return this.cooks.change(id, dto);
  }

  @Put(':id/events/:eventId')
  @ApiOperation({ summary: 'Keeps one tap at the stove' })
  @ApiOkResponse({ type: Cook })
  tap(
    @Param('id', new UuidParam('id')) id: string,
    @Param('eventId', new UuidParam('eventId')) eventId: string,
    @Body() dto: StageEventDto,
  ): Promise<Cook> {
    return this.cooks.tap(id, eventId, dto);
  }

  @Put(':id/outcome')
  @ApiOperation({ summary: 'Keeps or changes how it came out' })
  @ApiOkResponse({ type: Cook })
  judge(@Param('id', new UuidParam('id')) id: string, @Body() dto: OutcomeDto): Promise<Cook> {
    return this.cooks.judge(id, dto);
  }
}
