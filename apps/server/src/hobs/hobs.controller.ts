import { Body, Controller, Delete, Get, HttpCode, Param, Put } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { Clock } from '../common/clock.js';
import { Store } from '../common/store.js';
import { UuidParam } from '../common/uuidParam.js';
import { WriteQueue } from '../common/writeQueue.js';
import { HobDto } from './hob.dto.js';
import { Hob } from './hob.entity.js';

@ApiTags('kitchen')
@Controller('api/hobs')
export class HobsController {
  private readonly store: Store<Hob>;

  constructor(@InjectRepository(Hob) repository: Repository<Hob>, queue: WriteQueue, clock: Clock) {
    this.store = new Store('hob', Hob, repository, queue, clock);
  }

  @Get()
  @ApiOkResponse({ type: Hob, isArray: true })
  list(): Promise<Hob[]> {
    return this.store.list();
  }

  @Put(':id')
  @ApiOperation({
    summary: 'Creates or replaces a burner; the id is yours to choose, so sending twice is safe',
  })
  @ApiOkResponse({ type: Hob })
  put(@Param('id', new UuidParam('id')) id: string, @Body() dto: HobDto): Promise<Hob> {
    return this.store.put(id, dto);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Takes it away; putting it again brings it back' })
  @ApiNoContentResponse()
  remove(@Param('id', new UuidParam('id')) id: string): Promise<void> {
    return this.store.remove(id);
  }
}
