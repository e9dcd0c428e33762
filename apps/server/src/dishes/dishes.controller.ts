import { Body, Controller, Delete, Get, HttpCode, Param, Put } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { DishSpec } from '@hammock/core';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { Clock } from '../common/clock.js';
import { Store } from '../common/store.js';
import { UuidParam } from '../common/uuidParam.js';
import { WriteQueue } from '../common/writeQueue.js';
import { DishDto } from './dish.dto.js';
import { plain } from '../common/plain.js';
import { Dish } from './dish.entity.js';

@ApiTags('dishes')
@Controller('api/dishes')
export class DishesController {
  private readonly store: Store<Dish>;

  constructor(@InjectRepository(Dish) repository: Repository<Dish>, queue: WriteQueue, clock: Clock) {
    this.store = new Store('dish', Dish, repository, queue, clock);
  }

  @Get()
  @ApiOkResponse({ type: Dish, isArray: true })
  list(): Promise<Dish[]> {
    return this.store.list();
  }

  @Put(':id')
  @ApiOperation({
    summary: 'Creates or replaces a dish; the id is yours to choose, so sending twice is safe',
  })
  @ApiOkResponse({ type: Dish })
  put(@Param('id', new UuidParam('id')) id: string, @Body() dto: DishDto): Promise<Dish> {
    return this.store.put(id, { ...dto, spec: plain(dto.spec) as DishSpec });
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Takes it away; putting it again brings it back' })
  @ApiNoContentResponse()
  remove(@Param('id', new UuidParam('id')) id: string): Promise<void> {
    return this.store.remove(id);
  }
}
