import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { effectiveTaps, type StageEvent } from '@hammock/core';
import { evidenceOf, learn, type Evidence, type Learnt } from '@hammock/core/learning';
import { Repository } from 'typeorm';
import { Cook } from '../cooks/cook.entity.js';

/** What one pot says, and what it was worked out of. */
interface Worked {
  readonly revision: number;
  /** Undefined for a pot that says nothing. */
  readonly evidence: Evidence | undefined;
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

  constructor(@InjectRepository(Cook) private readonly cooks: Repository<Cook>) {}

  /** @param without id of a pot that is left out, as if it had never been */
  async learnt(without?: string): Promise<Learnt> {
    const lines = await this.cooks
      .createQueryBuilder('cook')
      .select(['cook.id', 'cook.revision'])
      .innerJoin('cook.outcome', 'outcome')
      .where('cook.abandoned = 0')
      .andWhere(`outcome.counts <> 'never'`)
      .getMany();
    const stale = lines.filter((line) => this.worked.get(line.id)?.revision !== line.revision);
    for (let i = 0; i < stale.length; i += AT_ONCE) {
      await this.workOut(stale.slice(i, i + AT_ONCE).map((line) => line.id));
      await new Promise(setImmediate);
    }
    return learn(
      lines.flatMap(({ id }) => {
        const evidence = id === without ? undefined : this.worked.get(id)?.evidence;
        return evidence ? [evidence] : [];
      }),
    );
  }

  private async workOut(ids: readonly string[]): Promise<void> {
    const cooks = await this.cooks
      .createQueryBuilder('cook')
      .innerJoinAndSelect('cook.outcome', 'outcome')
      .leftJoinAndSelect('cook.events', 'event')
      .whereInIds(ids)
      .getMany();
    for (const cook of cooks) this.worked.set(cook.id, { revision: cook.revision, evidence: says(cook) });
  }
}

function says({
  id,
  input,
  outcome,
  pouredMl,
  advisedMl,
  dishId,
  bagId,
  vesselId,
  hobId,
  events,
}: Cook): Evidence | undefined {
  if (!outcome) return undefined;
  const said = evidenceOf({
    input,
    pouredMl: (pouredMl ?? advisedMl) + putInMl(events),
    texture: outcome.texture,
    known: outcome.counts === 'always',
  });
  const { grainId, method = 'coveredAbsorption' } = input;
  return said && { cookId: id, grainId, method, dishId, bagId, vesselId, hobId, ...said };
}

/** What went into a pot on its way, less what was ladled out of it, ml: a verdict after a rescue is of the pot as rescued. */
function putInMl(rows: Cook['events'] = []): number {
  // What is null in a row is left out of a tap.
  const taps = rows.map((row) => ({
    ...row,
    undoesId: row.undoesId ?? undefined,
    followsId: row.followsId ?? undefined,
  })) as unknown as StageEvent[];
  return effectiveTaps(taps).reduce((ml, { kind, amount }) => {
    if (kind === 'splash') return ml + (amount ?? 0);
    return kind === 'ladled' ? ml - (amount ?? 0) : ml;
  }, 0);
}
