import { Body, Controller, Get, Param, Patch, Put, Query, Req } from '@nestjs/common';
import {
  ApiConflictResponse,
  ApiExtraModels,
  ApiOkResponse,
  ApiOperation,
  ApiTags,
  IntersectionType,
  OmitType,
} from '@nestjs/swagger';
import { Type } from 'class-transformer';
import type { Verdict } from '@hammock/core/records';
import { Allow } from '../guard/allow.js';
import { Costs } from '../guard/inHand.js';
import type { Asked } from '../guard/asks.js';
import { ChoiceField, IntegerField, TextField, UuidField } from '../common/fields.js';
import { Problem } from '../common/problems.js';
import { HowLongAgo, StandsOn } from '../common/standsOn.js';
import { UuidParam } from '../common/uuidParam.js';
import { Cook } from './cook.entity.js';
import { CookChangeDto, CookDto, OutcomeDto, TapDto } from './cook.dto.js';
import { CooksService } from './cooks.service.js';
import { DishUse } from './dishUse.js';
import { TapRow } from './tap.entity.js';

/** A cook as the list gives it. */
export class CookLine extends OmitType(Cook, ['input', 'answer', 'events'] as const) {}

/** Which cooks to list. */
export class CookListQuery {
  @Type(() => Number)
  @IntegerField({ least: 1, most: 200, unit: 'cooks' }, { about: 'How many at most', optional: true })
  limit?: number;

  @Type(() => Number)
  @IntegerField({ least: 0, most: 8.64e15, unit: 'ms' }, { about: 'Only those begun before', optional: true })
  beforeMs?: number;

  @UuidField({
    about: 'The last one of the page before: of those begun at beforeMs, only the ones after it',
    optional: true,
  })
  beforeId?: string;

  @TextField(60, { about: 'Words in the name of the dish, or in its line for next time', optional: true })
  words?: string;

  @UuidField({ about: 'Of this dish', optional: true })
  dishId?: string;

  @UuidField({ about: 'With this bag', optional: true })
  bagId?: string;

  @UuidField({ about: 'In this pot', optional: true })
  vesselId?: string;

  @TextField(24, { about: 'Judged by', optional: true })
  by?: string;

  @Type(() => Number)
  @ChoiceField([1, 2, 3, 4, 5], { about: 'That came out so', optional: true })
  texture?: Verdict;
}

/** What is said beside a change of a cook. */
export class SaidQuery extends IntersectionType(StandsOn, HowLongAgo) {}

const TAKEN = { type: Problem, description: 'The id belongs to something else' };
const CLASH = { type: Problem, description: 'Something else was said since; `current` and `sent` hold both' };

@ApiTags('cooks')
@ApiExtraModels(CookLine)
@Controller('api/cooks')
export class CooksController {
  constructor(private readonly cooks: CooksService) {}

  @Get()
  @Allow('guest')
  @ApiOperation({ summary: 'Newest first; without plan, answer and taps. A guest has those on the stove' })
  @ApiOkResponse({ type: CookLine, isArray: true })
  list(
    @Query() { limit = 50, beforeMs, beforeId, ...only }: CookListQuery,
    @Req() { who }: Asked,
  ): Promise<Cook[]> {
    const before = beforeMs === undefined ? undefined : { ms: beforeMs, id: beforeId };
    return this.cooks.list(limit, before, { ...only, onStove: who === 'guest' });
  }

  @Get('by-dish')
  @Allow('cook')
  @Costs(2)
  @ApiOperation({ summary: 'How often each dish was cooked and how it came out' })
  @ApiOkResponse({ type: DishUse, isArray: true })
  byDish(): Promise<DishUse[]> {
    return this.cooks.byDish();
  }

  @Get(':id')
  @Allow('guest')
  @ApiOkResponse({ type: Cook })
  read(@Param('id', new UuidParam('id')) id: string, @Req() { who }: Asked): Promise<Cook> {
    return who === 'guest' ? this.cooks.readOnStove(id) : this.cooks.read(id);
  }

  @Put(':id')
  @Allow('cook')
  @ApiOperation({ summary: 'Begins a cook; the answer is worked out and kept as it is now' })
  @ApiOkResponse({ type: Cook })
  @ApiConflictResponse(TAKEN)
  begin(
    @Param('id', new UuidParam('id')) id: string,
    @Query() { agoMs }: HowLongAgo,
    @Body() dto: CookDto,
  ): Promise<Cook> {
    return this.cooks.begin(id, dto, agoMs);
  }

  @Patch(':id')
  @Allow('cook')
  @ApiOperation({ summary: 'Says what was poured, that it was given up, or how it came out' })
  @ApiOkResponse({ type: Cook, description: 'Its line, without plan, answer and taps' })
  @ApiConflictResponse(CLASH)
  change(
    @Param('id', new UuidParam('id')) id: string,
    @Query() { standsOn, agoMs }: SaidQuery,
    @Body() dto: CookChangeDto,
  ): Promise<Cook> {
    return this.cooks.change(id, dto, standsOn, agoMs);
  }

  @Put(':id/events/:eventId')
  @Allow('cook')
  @ApiOperation({ summary: 'Keeps one tap at the stove' })
  @ApiOkResponse({ type: TapRow })
  @ApiConflictResponse(TAKEN)
  tap(
    @Param('id', new UuidParam('id')) id: string,
    @Param('eventId', new UuidParam('eventId')) eventId: string,
    @Query() { agoMs }: HowLongAgo,
    @Body() dto: TapDto,
  ): Promise<TapRow> {
    return this.cooks.tap(id, eventId, dto, agoMs);
  }

  @Put(':id/outcome')
  @Allow('cook')
  @ApiOperation({ summary: 'Keeps or changes how it came out' })
  @ApiOkResponse({ type: Cook, description: 'Its line, without plan, answer and taps' })
  @ApiConflictResponse(CLASH)
  judge(
    @Param('id', new UuidParam('id')) id: string,
    @Query() { standsOn, agoMs }: SaidQuery,
    @Body() outcome: OutcomeDto,
  ): Promise<Cook> {
    return this.cooks.change(id, { outcome }, standsOn, agoMs);
  }
}
