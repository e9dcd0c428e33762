import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { learn, whatItSays, type Learnt, type PotSays } from '@hammock/core/learning';
import { GUESTS, judgedPot, type Verdict } from '@hammock/core/records';
import { Repository } from 'typeorm';
import { Cook } from '../cooks/cook.entity.js';
import { Clock } from '../common/clock.js';
import { Household, ONLY } from '../household/household.entity.js';

/** What one pot says, and what it was worked out of. */
interface Worked {
  readonly revision: number;
  /** Undefined for a pot that says nothing. */
  readonly says: PotSays | undefined;
}

/** One judged pot on the household's curve. */
export interface JudgedLine {
  readonly cookId: string;
  readonly label: string;
  readonly startedAtMs: number;
  readonly advisedMl: number;
  readonly wantedMl: number;
  readonly texture: Verdict;
}

/** So many pots are worked out before others are let in: a pot takes about a millisecond. */
const AT_ONCE = 20;

/**
 * What the household's pots have taught. It is a replay of the record: nothing of it is stored, what each pot says is only
 * remembered until something else is said of the pot.
 */
@Injectable()
export class LearningService {
  private readonly worked = new Map<string, Worked>();

  constructor(
    @InjectRepository(Cook) private readonly cooks: Repository<Cook>,
    @InjectRepository(Household) private readonly household: Repository<Household>,
    private readonly clock: Clock,
  ) {}

  /** @param without id of a pot that is left out, as if it had never been */
  async learnt(without?: string): Promise<Learnt> {
    const lines = await this.counted();
    const { told } = await this.household.findOneByOrFail({ id: ONLY });
    return learn(
      lines.flatMap(({ id }) => (id === without ? [] : (this.worked.get(id)?.says?.evidence ?? []))),
      told ?? [],
    );
  }

  /** The newest judged pots, oldest first: what was advised, and what it came to that they wanted. */
  async pots(limit: number): Promise<JudgedLine[]> {
    const lines = await this.counted();
    return lines
      .sort((a, b) => a.startedAtMs - b.startedAtMs || (a.id < b.id ? -1 : 1))
      .slice(-limit)
      .flatMap(({ id, label, startedAtMs, advisedMl, outcome }) => {
        const wantedMl = this.worked.get(id)?.says?.wantedMl;
        // What guests wanted is not what was to be advised.
        return wantedMl === undefined || advisedMl <= 0 || !outcome || outcome.by === GUESTS
          ? []
          : [{ cookId: id, label, startedAtMs, advisedMl, wantedMl, texture: outcome.texture }];
      });
  }

  /** Every pot that counts, worked out. */
  private async counted(): Promise<Cook[]> {
    const lines = await this.cooks
      .createQueryBuilder('cook')
      .select(['cook.id', 'cook.revision', 'cook.label', 'cook.startedAtMs', 'cook.advisedMl'])
      .innerJoinAndSelect('cook.outcome', 'outcome')
      .where('cook.abandoned = 0')
      .andWhere(`outcome.counts <> 'never'`)
      .getMany();
    const stale = lines.filter((line) => this.worked.get(line.id)?.revision !== line.revision);
    for (let i = 0; i < stale.length; i += AT_ONCE) {
      await this.workOut(stale.slice(i, i + AT_ONCE).map((line) => line.id));
      await new Promise(setImmediate);
    }
    return lines;
  }

  private async workOut(ids: readonly string[]): Promise<void> {
    const cooks = await this.cooks
      .createQueryBuilder('cook')
      .innerJoinAndSelect('cook.outcome', 'outcome')
      .leftJoinAndSelect('cook.events', 'event')
      .whereInIds(ids)
      .getMany();
    for (const cook of cooks)
      this.worked.set(cook.id, { revision: cook.revision, says: saysOf(cook, this.clock.nowMs()) });
  }
}

function saysOf(cook: Cook, nowMs: number): PotSays | undefined {
  const judged = judgedPot(cook, nowMs);
  return judged && whatItSays(judged);
}
