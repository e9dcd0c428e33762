import { Body, Controller, Delete, Get, HttpCode, Param, Put } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { Clock } from '../common/clock.js';
import { Store } from '../common/store.js';
import { UuidParam } from '../common/uuidParam.js';
import { WriteQueue } from '../common/writeQueue.js';
import { BagDto } from './bag.dto.js';
import { Bag } from './bag.entity.js';

@ApiTags('kitchen')
@Controller('api/bags')
export class BagsController {
  private readonly store: Store<Bag>;

  constructor(@InjectRepository(Bag) repository: Repository<Bag>, queue: WriteQueue, clock: Clock) {
    this.store = new Store('bag', Bag, repository, queue, clock);
  }

  @Get()
  @ApiOkResponse({ type: Bag, isArray: true })
  list(): Promise<Bag[]> {
    return this.store.list();
  }

  @Put(':id')
  @ApiOperation({
    summary: 'Creates or replaces a bag of grain; the id is yours to choose, so sending twice is safe',
  })
  @ApiOkResponse({ type: Bag })
  put(@Param('id', new UuidParam('id')) id: string, @Body() dto: BagDto): Promise<Bag> {
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
