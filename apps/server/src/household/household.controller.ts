import { Body, Controller, Get, Put, Query } from '@nestjs/common';
import { ApiConflictResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { sameValue, type HouseholdRecord } from '@hammock/core/records';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { ClashException } from '../common/clash.js';
import { Problem } from '../common/problems.js';
import { StandsOn } from '../common/standsOn.js';
import { WriteQueue } from '../common/writeQueue.js';
import { HouseholdDto } from './household.dto.js';
import { Household, ONLY } from './household.entity.js';

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
  @ApiConflictResponse({
    type: Problem,
    description: 'Changed elsewhere since; `current` and `sent` hold both',
  })
  async put(@Query() { standsOn }: StandsOn, @Body() dto: HouseholdDto): Promise<HouseholdRecord> {
    const row = await this.queue.run(async ({ manager, nextRevision }) => {
      const before = await manager.findOneByOrFail(Household, { id: ONLY });
      const { revision, ...fields } = withoutId(before);
      const wanted = { ...dto, ...unspoken(dto, before) };
      if (sameValue(fields, wanted)) return before;
      if (revision !== standsOn) throw new ClashException(withoutId(before), dto);
      return manager.getRepository(Household).save({ ...wanted, id: ONLY, revision: nextRevision() });
    });
    return withoutId(row);
  }
}

const MAY_BE_LEFT_OUT = ['fingerMm', 'softerSteps', 'textureNames', 'packets', 'people', 'told'] as const;
type Unspoken = Pick<Household, (typeof MAY_BE_LEFT_OUT)[number]>;

/** Who does not speak of a finger, of names, of jars or of people leaves them as they are. */
function unspoken(dto: HouseholdDto, before: Household): Unspoken {
  const { fingerMm, softerSteps, textureNames, packets, people, told } = before;
  const kept: Unspoken = { fingerMm, softerSteps, textureNames, packets, people, told };
  const said = MAY_BE_LEFT_OUT.filter((key) => dto[key] !== undefined).map((key) => [key, dto[key]]);
  return { ...kept, ...(Object.fromEntries(said) as Partial<Unspoken>) };
}

/** The row's id is nobody's business: there is one household. */
export function withoutId({ id: _id, ...household }: Household): HouseholdRecord {
  return household;
}
