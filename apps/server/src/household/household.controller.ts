import { Body, Controller, Get, Put, Query, Req } from '@nestjs/common';
import { ApiConflictResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { sameValue, type HouseholdRecord } from '@hammock/core/records';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { Allow } from '../guard/allow.js';
import type { Asked } from '../guard/asks.js';
import { RevisionConflict } from '../common/revisionConflict.js';
import { Problem } from '../common/problems.js';
import { StandsOn } from '../common/standsOn.js';
import { WriteQueue } from '../common/writeQueue.js';
import { HouseholdDto } from './household.dto.js';
import { LATER_FIELDS } from './firstDay.js';
import { Household, ONLY } from './household.entity.js';

@ApiTags('kitchen')
@Controller('api/household')
export class HouseholdController {
  constructor(
    @InjectRepository(Household) private readonly repository: Repository<Household>,
    private readonly queue: WriteQueue,
  ) {}

  @Get()
  @Allow('guest')
  @ApiOkResponse({ type: Household })
  async read(@Req() { who }: Asked): Promise<HouseholdRecord> {
    const household = withoutId(await this.repository.findOneByOrFail({ id: ONLY }));
    return who === 'guest' ? forGuests(household) : household;
  }

  @Put()
  @Allow('cook')
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
      if (revision !== standsOn) throw new RevisionConflict(withoutId(before), dto);
      return manager.getRepository(Household).save({ ...wanted, id: ONLY, revision: nextRevision() });
    });
    return withoutId(row);
  }
}

type Unspoken = Pick<Household, (typeof LATER_FIELDS)[number]>;

/** What the household has already of those fields that this write does not speak of. */
function unspoken(dto: HouseholdDto, before: Household): Unspoken {
  const fields = LATER_FIELDS.map((key) => [key, dto[key] === undefined ? before[key] : dto[key]]);
  return Object.fromEntries(fields) as Unspoken;
}

/** What a guest has of the household: where it cooks and how it measures; nobody's name, and nothing that was learnt. */
export const forGuests = (household: HouseholdRecord): HouseholdRecord => ({
  ...household,
  people: null,
  told: null,
});

/** The row's id is nobody's business: there is one household. */
export function withoutId({ id: _id, ...household }: Household): HouseholdRecord {
  return household;
}
