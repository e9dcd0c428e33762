import { Body, Controller, Delete, Get, HttpCode, Param, Put } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { Clock } from '../common/clock.js';
import { Store } from '../common/store.js';
import { UuidParam } from '../common/uuidParam.js';
import { WriteQueue } from '../common/writeQueue.js';
import { CupDto } from './cup.dto.js';
import { Cup } from './cup.entity.js';

@ApiTags('kitchen')
@Controller('api/cups')
export class CupsController {
  private readonly store: Store<Cup>;

  constructor(@InjectRepository(Cup) repository: Repository<Cup>, queue: WriteQueue, clock: Clock) {
    this.store = new Store('cup', Cup, repository, queue, clock);
  }

  @Get()
  @ApiOkResponse({ type: Cup, isArray: true })
  list(): Promise<Cup[]> {
    return this.store.list();
  }

  @Put(':id')
  @ApiOperation({
    summary: 'Creates or replaces a cup, spoon or jug; the id is yours to choose, so sending twice is safe',
  })
  @ApiOkResponse({ type: Cup })
  put(@Param('id', new UuidParam('id')) id: string, @Body() dto: CupDto): Promise<Cup> {
    return this.store.put(id, { ...dto, stepMl: dto.stepMl ?? null });
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Takes it away; putting it again brings it back' })
  @ApiNoContentResponse()
  remove(@Param('id', new UuidParam('id')) id: string): Promise<void> {
    return this.store.remove(id);
  }
}
