import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { HouseholdRecord } from '@hammock/core';
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
  async read(): Promise<HouseholdRecord> {
    return withoutId(await this.repository.findOneByOrFail({ id: ONLY }));
  }

  @Put()
  @ApiOkResponse({ type: Household })
  async put(@Body() dto: HouseholdDto): Promise<HouseholdRecord> {
    return withoutId(
      await this.queue.run((manager) => manager.getRepository(Household).save({ ...dto, id: ONLY })),
    );
  }
}

/** What is read can be sent back as it is: the row's id is nobody's business. */
function withoutId({ name, altitudeM, roomC, texture, served, metric }: Household): HouseholdRecord {
  return { name, altitudeM, roomC, texture, served, metric };
}
