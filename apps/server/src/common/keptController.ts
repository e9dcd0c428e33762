import { Body, Controller, Delete, Get, Param, Put, Query, type Type } from '@nestjs/common';
import { ApiBody, ApiConflictResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { Allow } from '../guard/allow.js';
import { Clock } from './clock.js';
import { Problem } from './problems.js';
import { StandsOn } from './standsOn.js';
import type { Kept } from './keptEntity.js';
import { Store } from './store.js';
import { UuidParam } from './uuidParam.js';
import { validation } from './validation.js';
import { WriteQueue } from './writeQueue.js';

export interface KeptOptions<T extends Kept, D extends object> {
  /** Path under /api, such as `bags`. */
  readonly path: string;
  /** One of them in words, such as `bag`. */
  readonly what: string;
  readonly tag: string;
  readonly entity: Type<T>;
  readonly dto: Type<D>;
  /** The columns of a checked body. */
  readonly columns: (dto: D) => Omit<T, keyof Kept>;
}

/** The controller of one kind of kept thing: list, put by id, take away. */
export function keptController<T extends Kept, D extends object>(options: KeptOptions<T, D>): Type<object> {
  const { path, what, tag, entity, dto, columns } = options;

  @ApiTags(tag)
  @Controller(`api/${path}`)
  class KeptController {
    private readonly store: Store<T>;

    constructor(@InjectRepository(entity) repository: Repository<T>, queue: WriteQueue, clock: Clock) {
      this.store = new Store(what, entity, repository, queue, clock);
    }

    @Get()
    @Allow('cook')
    @ApiOkResponse({ type: entity, isArray: true })
    list(): Promise<T[]> {
      return this.store.list();
    }

    @Put(':id')
    @Allow('cook')
    @ApiOperation({
      summary: `Creates or replaces a ${what}; the id is yours to choose, so sending twice is safe`,
    })
    @ApiBody({ type: dto })
    @ApiOkResponse({ type: entity })
    @ApiConflictResponse({
      type: Problem,
      description: 'Changed elsewhere since; `current` and `sent` hold both',
    })
    put(
      @Param('id', new UuidParam('id')) id: string,
      @Query() { standsOn }: StandsOn,
      @Body(validation(dto)) body: object,
    ): Promise<T> {
      return this.store.put(id, columns(body as D), standsOn);
    }

    @Delete(':id')
    @Allow('cook')
    @ApiOperation({ summary: `Takes a ${what} away; putting it again brings it back` })
    @ApiOkResponse({ type: entity })
    @ApiConflictResponse({ type: Problem, description: 'Changed elsewhere since' })
    remove(@Param('id', new UuidParam('id')) id: string, @Query() { standsOn }: StandsOn): Promise<T> {
      return this.store.remove(id, standsOn);
    }
  }
  // Routes and the API document name a controller by its class.
  Object.defineProperty(KeptController, 'name', { value: `${entity.name}sController` });
  return KeptController;
}
