import { Body, Controller, Delete, Get, Param, Put, Query } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { InjectRepository } from '@nestjs/typeorm';
import type { PlanInput } from '@hammock/core';
import { IsNull, Repository, type EntityManager } from 'typeorm';
import { Allow } from '../guard/allow.js';
import { Clock } from '../common/clock.js';
import { plain } from '../common/plain.js';
import { ProblemException } from '../common/problems.js';
import { Store } from '../common/store.js';
import { StandsOn } from '../common/standsOn.js';
import { UuidParam } from '../common/uuidParam.js';
import { WriteQueue } from '../common/writeQueue.js';
import { Dish } from '../dishes/dish.entity.js';
import { StoredPlanDto } from './plan.dto.js';
import { Plan } from './plan.entity.js';

/** Only the newest plans are of use: older ones live on inside the cooks made from them. */
const NEWEST = 20;

@ApiTags('plans')
@Controller('api/plans')
export class PlansController {
  private readonly store: Store<Plan>;

  constructor(
    @InjectRepository(Plan) private readonly repository: Repository<Plan>,
    queue: WriteQueue,
    clock: Clock,
  ) {
    this.store = new Store('plan', Plan, repository, queue, clock);
  }

  @Get()
  @Allow('cook')
  @ApiOperation({ summary: 'The newest plans, the one last worked on first' })
  @ApiOkResponse({ type: Plan, isArray: true })
  list(): Promise<Plan[]> {
    return this.repository.find({
      where: { deletedAtMs: IsNull() },
      order: { revision: 'DESC' },
      take: NEWEST,
    });
  }

  @Put(':id')
  @Allow('cook')
  @ApiOperation({ summary: 'Keeps a plan as it is being typed' })
  @ApiOkResponse({ type: Plan })
  put(
    @Param('id', new UuidParam('id')) id: string,
    @Query() { standsOn }: StandsOn,
    @Body() dto: StoredPlanDto,
  ): Promise<Plan> {
    const { dishId = null, bagId = null, vesselId = null, hobId = null, cupId = null, label } = dto;
    const values = { dishId, bagId, vesselId, hobId, cupId, label, input: plain(dto.input) as PlanInput };
    return this.store.put(id, values, standsOn, (manager) => dishExists(manager, dishId));
  }

  @Delete(':id')
  @Allow('cook')
  @ApiOkResponse({ type: Plan })
  remove(@Param('id', new UuidParam('id')) id: string, @Query() { standsOn }: StandsOn): Promise<Plan> {
    return this.store.remove(id, standsOn);
  }
}

async function dishExists(manager: EntityManager, dishId: string | null): Promise<void> {
  if (dishId === null || (await manager.existsBy(Dish, { id: dishId }))) return;
  throw new ProblemException(422, 'plan', 'The plan names a dish that is not here', [
    { field: 'dishId', code: 'unknownId', message: 'There is no such dish.' },
  ]);
}
