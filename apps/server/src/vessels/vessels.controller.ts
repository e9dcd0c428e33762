import { Body, Controller, Delete, Get, HttpCode, Param, Put } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { Clock } from '../common/clock.js';
import { Store } from '../common/store.js';
import { UuidParam } from '../common/uuidParam.js';
import { WriteQueue } from '../common/writeQueue.js';
import { VesselDto } from './vessel.dto.js';
import { Vessel } from './vessel.entity.js';

@ApiTags('kitchen')
@Controller('api/vessels')
export class VesselsController {
  private readonly store: Store<Vessel>;

  constructor(@InjectRepository(Vessel) repository: Repository<Vessel>, queue: WriteQueue, clock: Clock) {
    this.store = new Store('vessel', Vessel, repository, queue, clock);
  }

  @Get()
  @ApiOkResponse({ type: Vessel, isArray: true })
  list(): Promise<Vessel[]> {
    return this.store.list();
  }

  @Put(':id')
  @ApiOperation({ summary: 'Creates or replaces a pot; the id is yours to choose, so sending twice is safe' })
  @ApiOkResponse({ type: Vessel })
  put(@Param('id', new UuidParam('id')) id: string, @Body() dto: VesselDto): Promise<Vessel> {
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
