import { Controller, Get, Header, Param } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { Allow } from '../guard/allow.js';
import { Costs } from '../guard/inHand.js';
import { Bag } from '../bags/bag.entity.js';
import { Cook } from '../cooks/cook.entity.js';
import { LINE } from '../cooks/cooks.service.js';
import { Hob } from '../hobs/hob.entity.js';
import { Vessel } from '../vessels/vessel.entity.js';
import { notFound } from '../common/problems.js';
import { UuidParam } from '../common/uuidParam.js';
import { accountCsv, larderCsv } from './larderCsv.js';
import { notebookCsv } from './notebookCsv.js';

/** How much grain went in, as it was said: the plan beside it is kilobytes. */
const GRAIN_SAID = `coalesce(
  json_extract(cook.input, '$.grain.text'),
  json_extract(cook.input, '$.grain.g') || ' g',
  json_extract(cook.input, '$.grain.ml') || ' ml',
  json_extract(cook.input, '$.grain.cups') || ' cups'
)`;

/** What the household wrote down, in formats that other programs read. */
@ApiTags('formats')
@Controller('api')
export class FormatsController {
  constructor(
    @InjectRepository(Cook) private readonly cooks: Repository<Cook>,
    @InjectRepository(Bag) private readonly bags: Repository<Bag>,
    @InjectRepository(Vessel) private readonly vessels: Repository<Vessel>,
    @InjectRepository(Hob) private readonly hobs: Repository<Hob>,
  ) {}

  @Get('notebook.csv')
  @Allow('cook')
  @Costs(4)
  @Header('content-type', 'text/csv; charset=utf-8; header=present')
  @Header('content-disposition', 'attachment; filename="hammock-notebook.csv"')
  @ApiOperation({ summary: 'Every pot of the notebook as a table (RFC 4180), oldest first' })
  @ApiProduces('text/csv')
  @ApiOkResponse({ schema: { type: 'string' } })
  async notebook(): Promise<string> {
    const { entities, raw } = await this.cooks
      .createQueryBuilder('cook')
      .select(LINE.map((column) => `cook.${column}`))
      .addSelect(GRAIN_SAID, 'grain')
      .leftJoinAndSelect('cook.outcome', 'outcome')
      .orderBy('cook.startedAtMs', 'ASC')
      .addOrderBy('cook.id', 'ASC')
      .getRawAndEntities<{ readonly grain: string | null }>();
    const cooks = entities.map((cook, i) => ({ ...cook, grain: raw[i]?.grain ?? '' }));
    const things = await Promise.all([this.bags.find(), this.vessels.find(), this.hobs.find()]);
    return notebookCsv(cooks, new Map(things.flat().map(({ id, label }) => [id, label])));
  }

  @Get('larder.csv')
  @Allow('cook')
  @Header('content-type', 'text/csv; charset=utf-8; header=present')
  @Header('content-disposition', 'attachment; filename="hammock-larder.csv"')
  @ApiOperation({ summary: 'What everything of the larder is made of, as a table (RFC 4180)' })
  @ApiProduces('text/csv')
  @ApiOkResponse({ schema: { type: 'string' } })
  larder(): string {
    return larderCsv();
  }

  @Get('cooks/:id/account.csv')
  @Allow('cook')
  @Header('content-type', 'text/csv; charset=utf-8; header=present')
  @Header('content-disposition', 'attachment; filename="hammock-account.csv"')
  @ApiOperation({ summary: 'The account of one pot as a table (RFC 4180)' })
  @ApiProduces('text/csv')
  @ApiOkResponse({ schema: { type: 'string' } })
  async account(@Param('id', new UuidParam('id')) id: string): Promise<string> {
    const cook = await this.cooks.findOne({ where: { id }, select: { id: true, answer: true } });
    if (!cook) throw notFound('cook');
    return accountCsv(cook.answer);
  }
}
