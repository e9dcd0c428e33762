import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { PlanInput } from '@hammock/core';
import { Repository, type EntityManager } from 'typeorm';
import { AnswerService } from '../answer/answer.service.js';
import { plain } from '../common/plain.js';
import { notFound, ProblemException } from '../common/problems.js';
import { WriteQueue } from '../common/writeQueue.js';
import { Cook } from './cook.entity.js';
import type { CookChangeDto, CookDto, OutcomeDto, StageEventDto } from './cook.dto.js';
import { DishUse } from './dishUse.js';
import { Outcome } from './outcome.entity.js';
import { StageEventRow } from './stageEvent.entity.js';

/** Cooks, their taps and their outcomes. Everything sent carries its own id, so sending it twice changes nothing. */
@Injectable()
export class CooksService {
  constructor(
    @InjectRepository(Cook) private readonly cooks: Repository<Cook>,
    private readonly queue: WriteQueue,
    private readonly answers: AnswerService,
  ) {}

  /**
   * Newest first, with outcomes; plan, answer and taps are read with the one cook. An outcome is one to one, so a
   * plain LIMIT is right, and the index on the start stops after a page however many pots there are.
   */
  list(limit: number, beforeMs?: number): Promise<Cook[]> {
    const page = this.cooks
      .createQueryBuilder('cook')
      .select(LINE.map((column) => `cook.${column}`))
      .leftJoinAndSelect('cook.outcome', 'outcome')
      .orderBy('cook.startedAtMs', 'DESC')
      .addOrderBy('cook.id', 'ASC')
      .limit(limit);
    return (
      beforeMs === undefined ? page : page.where('cook.startedAtMs < :beforeMs', { beforeMs })
    ).getMany();
  }

  /** How often each dish was cooked, how often it came out as wanted, and when it was last made. */
  async byDish(): Promise<DishUse[]> {
    const rows: DishUse[] = await this.cooks
      .createQueryBuilder('cook')
      .leftJoin('cook.outcome', 'outcome')
      .select('cook.dishId', 'dishId')
      .addSelect('COUNT(*)', 'cooks')
      .addSelect('COUNT(outcome.cookId)', 'judged')
      .addSelect('SUM(CASE WHEN outcome.texture = 3 THEN 1 ELSE 0 END)', 'asWanted')
      .addSelect('MAX(cook.startedAtMs)', 'lastAtMs')
      .where('cook.dishId IS NOT NULL AND cook.abandoned = 0')
      .groupBy('cook.dishId')
      .getRawMany();
    return rows;
  }

  /** One cook with its taps in order and its outcome. */
  async read(id: string): Promise<Cook> {
    const cook = await this.cooks.findOne({
      where: { id },
      relations: { events: true, outcome: true },
      order: { events: { atMs: 'ASC' } },
    });
    if (!cook) throw notFound('cook');
    return cook;
  }

  /** Begins a cook. Sent again for the same id it changes nothing: what was begun stays as it was. */
  async begin(id: string, dto: CookDto): Promise<Cook> {
    const answer = this.answers.answer(dto.input, 'input.');
    await this.queue.run(async (manager) => {
      if (await manager.existsBy(Cook, { id })) return;
      const {
        dishId = null,
        bagId = null,
        vesselId = null,
        hobId = null,
        cupId = null,
        label,
        startedAtMs,
      } = dto;
      const input = plain(dto.input) as PlanInput;
      const row = { id, dishId, bagId, vesselId, hobId, cupId, label, startedAtMs, input, answer };
      await manager.save(Cook, {
        ...row,
        advisedMl: answer.verdict === 'pour' ? answer.pour.ml : 0,
        pouredMl: null,
        abandoned: false,
      });
    });
    return this.read(id);
  }

  /** What was poured, or that it was given up. */
  async change(id: string, dto: CookChangeDto): Promise<Cook> {
    await this.queue.run(async (manager) => {
      const cook = await existing(manager, id);
      if (dto.pouredMl !== undefined) cook.pouredMl = dto.pouredMl;
      if (dto.abandoned !== undefined) cook.abandoned = dto.abandoned;
      await manager.save(Cook, cook);
    });
    return this.read(id);
  }

  /** Keeps a tap. */
  async tap(id: string, eventId: string, dto: StageEventDto): Promise<Cook> {
    await this.queue.run(async (manager) => {
      const cook = await existing(manager, id);
      if (!cook.answer.stages.some((s) => s.id === dto.stageId)) throw unknownStage();
      if (await manager.existsBy(StageEventRow, { id: eventId })) return;
      await manager.save(StageEventRow, { ...dto, id: eventId, cookId: id, minutes: dto.minutes ?? null });
    });
    return this.read(id);
  }

  /** Keeps or changes the outcome. */
  async judge(id: string, dto: OutcomeDto): Promise<Cook> {
    await this.queue.run(async (manager) => {
      await existing(manager, id);
      await manager.save(Outcome, { ...dto, cookId: id });
    });
    return this.read(id);
  }
}

/** What the notebook's list needs: a plan and its answer are ten kilobytes each. */
const LINE = [
  'id',
  'dishId',
  'bagId',
  'vesselId',
  'hobId',
  'cupId',
  'label',
  'advisedMl',
  'pouredMl',
  'startedAtMs',
  'abandoned',
] as const;

async function existing(manager: EntityManager, id: string): Promise<Cook> {
  const cook = await manager.findOneBy(Cook, { id });
  if (!cook) throw notFound('cook');
  return cook;
}

const unknownStage = (): ProblemException =>
  new ProblemException(422, 'cook', 'That tap does not fit this cook', [
    { field: 'stageId', code: 'unknownId', message: 'This cook has no such stage.' },
  ]);
