import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { PlanInput } from '@hammock/core';
import { outcomeSaid, sameValue, observationProblem, type CookSaid } from '@hammock/core/records';
import { Repository, type EntityManager } from 'typeorm';
import { AnswerService } from '../answer/answer.service.js';
import { RevisionConflict, takenId } from '../common/revisionConflict.js';
import { Clock } from '../common/clock.js';
import { plain } from '../common/plain.js';
import { notFound } from '../common/problems.js';
import { momentOf } from '../common/standsOn.js';
import { WriteQueue } from '../common/writeQueue.js';
import { Cook } from './cook.entity.js';
import { hasStage, noFit, SAYING_WRONG } from './tapFits.js';
import type { CookChangeDto, CookDto, TapDto } from './cook.dto.js';
import { isOnStove, narrow, type Only } from './narrow.js';
import { DishUse } from './dishUse.js';
import { Outcome } from './outcome.entity.js';
import { TapRow } from './tap.entity.js';

/** More taps than any pot was ever given. */
const MOST_TAPS = 500;

/** Where a page of cooks ends: the one it begins after. */
export interface Before {
  readonly ms: number;
  readonly id: string | undefined;
}

/** Cooks, their taps and their outcomes. Everything sent carries its own id, so sending it twice changes nothing. */
@Injectable()
export class CooksService {
  constructor(
    @InjectRepository(Cook) private readonly cooks: Repository<Cook>,
    private readonly queue: WriteQueue,
    private readonly clock: Clock,
    private readonly answers: AnswerService,
  ) {}

  /**
   * Newest first, with outcomes; plan, answer and taps are read with the one cook. An outcome is one to one, so a
   * plain LIMIT is right, and the index on the start stops after a page however many pots there are. A page goes on
   * after a time and an id, so two pots begun in one moment are both listed, once.
   */
  list(limit: number, before?: Before, only: Only = {}): Promise<Cook[]> {
    const page = this.cooks
      .createQueryBuilder('cook')
      .select(LINE.map((column) => `cook.${column}`))
      .leftJoinAndSelect('cook.outcome', 'outcome')
      .orderBy('cook.startedAtMs', 'DESC')
      .addOrderBy('cook.id', 'DESC')
      .limit(limit);
    if (before?.id !== undefined) page.where('(cook.startedAtMs, cook.id) < (:ms, :id)', before);
    else if (before) page.where('cook.startedAtMs < :ms', before);
    narrow(page, only, this.clock.nowMs());
    return page.getMany();
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

  /** One cook with its taps in the order they came and its outcome. */
  async read(id: string): Promise<Cook> {
    const cook = await this.cooks.findOne({
      where: { id },
      relations: { events: true, outcome: true },
      order: { events: { seq: 'ASC' } },
    });
    if (!cook) throw notFound('cook');
    return cook;
  }

  /** One that is on the stove: what is over is the household's alone. */
  async readOnStove(id: string): Promise<Cook> {
    const cook = await this.read(id);
    if (!isOnStove(cook, this.clock.nowMs())) throw notFound('cook');
    return cook;
  }

  /** Begins a cook. Sent again as it is it changes nothing; another one under its id is refused. */
  async begin(id: string, dto: CookDto, agoMs?: number): Promise<Cook> {
    const answer = this.answers.answer(dto.input, 'input.');
    const { dishId = null, bagId = null, vesselId = null, hobId = null, cupId = null, label } = dto;
    const input = plain(dto.input) as PlanInput;
    const said = { dishId, bagId, vesselId, hobId, cupId, label, input };
    await this.queue.run(async ({ manager, nextRevision }) => {
      const before = await manager.findOneBy(Cook, { id });
      if (before) {
        if (sameValue(said, pick(before, Object.keys(said) as (keyof typeof said)[]))) return;
        throw takenId('cook');
      }
      await manager.save(Cook, {
        ...said,
        id,
        startedAtMs: this.moment(dto.startedAtMs, agoMs),
        answer,
        advisedMl: answer.verdict === 'pour' ? answer.pour.ml : 0,
        pouredMl: null,
        abandoned: false,
        revision: nextRevision(),
      });
    });
    return this.read(id);
  }

  /**
   * What was poured, that it was given up, or how it came out; what is left out stays.
   * @throws RevisionConflict when something else was said since
   */
  async change(id: string, dto: CookChangeDto, standsOn?: number, agoMs?: number): Promise<Cook> {
    await this.queue.run(async ({ manager, nextRevision }) => {
      const cook = await existing(manager, id);
      const outcome = await manager.findOneBy(Outcome, { cookId: id });
      const now: CookSaid = {
        pouredMl: cook.pouredMl,
        abandoned: cook.abandoned,
        outcome: outcome && outcomeSaid(outcome),
      };
      const next: CookSaid = {
        pouredMl: dto.pouredMl === undefined ? now.pouredMl : dto.pouredMl,
        abandoned: dto.abandoned ?? now.abandoned,
        outcome: dto.outcome === undefined ? now.outcome : dto.outcome && outcomeSaid(dto.outcome),
      };
      if (sameValue(now, next)) return;
      if (cook.revision !== standsOn) throw new RevisionConflict({ ...now, revision: cook.revision }, next);
      const { pouredMl, abandoned } = next;
      await manager.update(Cook, { id }, { pouredMl, abandoned, revision: nextRevision() });
      if (sameValue(now.outcome, next.outcome)) return;
      if (next.outcome === null) await manager.delete(Outcome, { cookId: id });
      else
        await manager.save(Outcome, {
          ...next.outcome,
          cookId: id,
          atMs: this.moment(dto.outcome?.atMs, agoMs),
        });
    });
    return this.line(id);
  }

  /** Keeps a tap, after all that came before it. */
  tap(id: string, eventId: string, dto: TapDto, agoMs?: number): Promise<TapRow> {
    const { kind, stageId } = dto;
    const said = {
      kind,
      stageId,
      minutes: dto.minutes ?? null,
      said: dto.said ?? null,
      amount: dto.amount ?? null,
      followsId: dto.followsId ?? null,
      undoesId: dto.undoesId ?? null,
    };
    const wrong = observationProblem(kind, said.said ?? undefined, said.amount ?? undefined);
    if (wrong) throw noFit(wrong.field, wrong.code, SAYING_WRONG[wrong.code]);
    return this.queue.run(async ({ manager, nextRevision }) => {
      const cook = await existing(manager, id);
      const before = await manager.findOneBy(TapRow, { id: eventId });
      if (before) {
        if (before.cookId === id && sameValue(said, pick(before, Object.keys(said) as (keyof typeof said)[])))
          return before;
        throw takenId('tap');
      }
      if (!(await hasStage(manager, cook, stageId)))
        throw noFit('stageId', 'unknownId', 'This cook has no such stage.');
      if ((await manager.countBy(TapRow, { cookId: id })) >= MOST_TAPS)
        throw noFit('id', 'tooMany', `At most ${MOST_TAPS.toString()} taps are kept of one pot.`);
      const atMs = this.moment(dto.atMs, agoMs);
      const row = manager.create(TapRow, {
        ...said,
        id: eventId,
        cookId: id,
        atMs,
        seq: nextRevision(),
      });
      return manager.save(TapRow, row);
    });
  }

  /** One line of the notebook. */
  private async line(id: string): Promise<Cook> {
    const [line] = await this.cooks
      .createQueryBuilder('cook')
      .select(LINE.map((column) => `cook.${column}`))
      .leftJoinAndSelect('cook.outcome', 'outcome')
      .where({ id })
      .getMany();
    if (!line) throw notFound('cook');
    return line;
  }

  /** When it happened by the server's clock: a duration before now, or a time somebody knows, or now. */
  private moment(atMs: number | undefined, agoMs: number | undefined): number {
    const now = this.clock.nowMs();
    return agoMs === undefined ? (atMs ?? now) : momentOf(now, agoMs);
  }
}

/** What the notebook's list needs: a plan and its answer are ten kilobytes each. */
export const LINE = [
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
  'revision',
] as const;

function pick<T extends object, K extends keyof T>(from: T, keys: readonly K[]): Pick<T, K> {
  return Object.fromEntries(keys.map((key) => [key, from[key]])) as Pick<T, K>;
}

async function existing(manager: EntityManager, id: string): Promise<Cook> {
  const cook = await manager.findOneBy(Cook, { id });
  if (!cook) throw notFound('cook');
  return cook;
}
