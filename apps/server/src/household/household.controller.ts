import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { WriteQueue } from '../common/writeQueue.js';
import { HouseholdDto } from './household.dto.js';
import { Household } from './household.entity.js';

/** There is one household in a database; the first migration puts it there. */
const ONLY = 1;

@ApiTags('kitchen')
@Controller('api/household')
export class HouseholdController {
  constructor(
    @InjectRepository(Household) private readonly repository: Repository<Household>,
    private readonly queue: WriteQueue,
  ) {}

  @Get()
  @ApiOkResponse({ type: Household })
  read(): Promise<Household> {
    return this.repository.findOneByOrFail({ id: ONLY });
  }

  @Put()
  @ApiOkResponse({ type: Household })
  put(@Body() dto: HouseholdDto): Promise<Household> {
    return this.queue.run((manager) => manager.getRepository(Household).save({ ...dto, id: ONLY }));
  }
}
