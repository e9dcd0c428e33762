import { Injectable } from '@nestjs/common';
import type { ChangesReply, CookLine, HouseholdRecord } from '@hammock/core/records';
import { DataSource, MoreThan, type EntityTarget, type ObjectLiteral } from 'typeorm';
import { Bag } from '../bags/bag.entity.js';
import { Clock } from '../common/clock.js';
import { WriteQueue } from '../common/writeQueue.js';
import { Cook } from '../cooks/cook.entity.js';
import { LINE } from '../cooks/cooks.service.js';
import { TapRow } from '../cooks/tap.entity.js';
import { Cup } from '../cups/cup.entity.js';
import { Dish } from '../dishes/dish.entity.js';
import { Hob } from '../hobs/hob.entity.js';
import { forGuests, withoutId } from '../household/household.controller.js';
import { isOnStove } from '../cooks/narrow.js';
import { Household } from '../household/household.entity.js';
import { OwnIngredient } from '../ingredients/ingredient.entity.js';
import { OwnMethod } from '../methods/method.entity.js';
import { Plan } from '../plans/plan.entity.js';
import { SteamTest } from '../steamTests/steamTest.entity.js';
import { Vessel } from '../vessels/vessel.entity.js';

const KINDS = {
  bags: Bag,
  vessels: Vessel,
  hobs: Hob,
  cups: Cup,
  dishes: Dish,
  ingredients: OwnIngredient,
  methods: OwnMethod,
  steamTests: SteamTest,
  plans: Plan,
} as const satisfies Record<string, EntityTarget<ObjectLiteral>>;

type Lists = Omit<ChangesReply, 'nowMs' | 'revision' | 'more' | 'reset' | 'epoch' | 'household'>;
interface Row {
  readonly in: keyof Lists | 'household';
  readonly revision: number;
  readonly row: unknown;
}

const COOK_STATE = { id: true, abandoned: true, startedAtMs: true } as const;

/** Most rows in one reply. */
const MOST = 300;

/** What was stored since a revision, in that order. */
@Injectable()
export class ChangesService {
  constructor(
    private readonly reader: DataSource,
    private readonly queue: WriteQueue,
    private readonly clock: Clock,
  ) {}

  /**
   * Everything after `since`, as far as one reply goes.
   * @param stoveOnly what a guest may know: the pots that are on the stove, and where the kitchen is
   */
  async since(since: number, stoveOnly = false, epoch?: string): Promise<ChangesReply> {
    // Read first: what is stored while the rows are read belongs to the next reply.
    const current = this.queue.current();
    const reset = since > current || (epoch !== undefined && epoch !== this.queue.epoch());
    const rows = reset || since >= current ? [] : await this.rows(since, current);
    const taken = stoveOnly ? await this.ofStove(rows.slice(0, MOST)) : rows.slice(0, MOST);
    const last = rows.slice(0, MOST).at(-1);
    const more = rows.length > MOST;
    return {
      nowMs: this.clock.nowMs(),
      revision: more ? (last?.revision ?? current) : current,
      more,
      reset,
      epoch: this.queue.epoch(),
      ...sorted(taken),
    };
  }

  /** A pot that just came off is told once more without what was said of it, so that it leaves a guest's page too. */
  private async ofStove(rows: readonly Row[]): Promise<readonly Row[]> {
    const nowMs = this.clock.nowMs();
    const on = new Map<string, boolean>();
    const isOn = async (id: string): Promise<boolean> => {
      const known = on.get(id);
      if (known !== undefined) return known;
      const cook = await this.reader
        .getRepository(Cook)
        .findOne({ where: { id }, select: COOK_STATE, relations: { outcome: true } });
      const found = cook !== null && isOnStove(cook, nowMs);
      on.set(id, found);
      return found;
    };
    const told: Row[] = [];
    for (const row of rows) {
      if (row.in === 'household') told.push({ ...row, row: forGuests(row.row as HouseholdRecord) });
      if (row.in === 'cooks') {
        const line = row.row as Cook;
        if (isOnStove(line, nowMs)) told.push(row);
        else
          told.push({
            ...row,
            row: {
              id: line.id,
              label: '',
              startedAtMs: line.startedAtMs,
              abandoned: true,
              advisedMl: 0,
              pouredMl: null,
              revision: line.revision,
              outcome: null,
            },
          });
      }
      if (row.in === 'taps' && (await isOn((row.row as TapRow).cookId))) told.push(row);
    }
    return told;
  }

  private async rows(since: number, current: number): Promise<Row[]> {
    const found: Row[] = [];
    const add = (kind: Row['in'], rows: readonly { readonly revision: number }[]): void => {
      for (const row of rows)
        if (row.revision <= current) found.push({ in: kind, revision: row.revision, row });
    };
    const newer = {
      where: { revision: MoreThan(since) },
      order: { revision: 'ASC' as const },
      take: MOST + 1,
    };
    for (const [kind, entity] of Object.entries(KINDS) as [keyof typeof KINDS, typeof Bag][])
      add(kind, await this.reader.manager.find(entity, newer));
    add('household', (await this.reader.manager.find(Household, newer)).map(withoutId));
    add('cooks', await this.cooks(since));
    const taps = await this.reader.manager.find(TapRow, {
      where: { seq: MoreThan(since) },
      order: { seq: 'ASC' },
      take: MOST + 1,
    });
    add(
      'taps',
      taps.map((tap) => ({ ...tap, revision: tap.seq })),
    );
    return found.sort((a, b) => a.revision - b.revision);
  }

  private cooks(since: number): Promise<Cook[]> {
    return this.reader
      .getRepository(Cook)
      .createQueryBuilder('cook')
      .select(LINE.map((column) => `cook.${column}`))
      .leftJoinAndSelect('cook.outcome', 'outcome')
      .where('cook.revision > :since', { since })
      .orderBy('cook.revision', 'ASC')
      .limit(MOST + 1)
      .getMany();
  }
}

function sorted(rows: readonly Row[]): Lists & Pick<ChangesReply, 'household'> {
  const of = <T>(kind: Row['in']): T[] => rows.filter((r) => r.in === kind).map((r) => r.row as T);
  const [household] = of<HouseholdRecord>('household');
  return {
    ...(household ? { household } : {}),
    bags: of('bags'),
    vessels: of('vessels'),
    hobs: of('hobs'),
    cups: of('cups'),
    dishes: of('dishes'),
    ingredients: of('ingredients'),
    methods: of('methods'),
    steamTests: of('steamTests'),
    plans: of('plans'),
    cooks: of<CookLine>('cooks'),
    taps: of<TapRow & { revision: number }>('taps').map(({ revision: _revision, ...tap }) => tap),
  };
}
