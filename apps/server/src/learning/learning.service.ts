import { Injectable, Logger } from '@nestjs/common';
import type { Learnt, PotSays } from '@hammock/core/learning';
import { GUESTS, type Verdict } from '@hammock/core/records';
import { Clock } from '../common/clock.js';
import { ProblemException } from '../common/problems.js';
import { WriteQueue } from '../common/writeQueue.js';
import { ComputePool } from '../compute/pool.js';
import { Database } from '../database/database.js';
import { stalePots, type EvidenceRow } from './evidenceRows.js';
import { modelVersion } from './modelVersion.js';
import { PotEvidence } from './potEvidence.entity.js';

/** One judged pot on the household's curve. */
export interface JudgedLine {
  readonly cookId: string;
  readonly label: string;
  readonly startedAtMs: number;
  readonly advisedMl: number;
  readonly wantedMl: number;
  readonly texture: Verdict;
}

/** So many pots are worked out in one go: a pot whose stove was followed takes up to a tenth of a second. */
const AT_ONCE = 25;

/**
 * What the household's pots have taught. It is a replay of the record; what each pot says is worked out once, in a thread of its own,
 * for everybody who waits, and kept until something else is said of the pot. Nothing is worked out that nobody waits for.
 */
@Injectable()
export class LearningService {
  private round: Promise<void> | undefined;
  /** What could not be kept, because the disk is full: it is known until the program ends. */
  private readonly unkept = new Map<string, EvidenceRow>();
  private last: { readonly key: string; readonly learnt: Promise<Learnt> } | undefined;
  private readonly logger = new Logger('learning');

  constructor(
    private readonly database: Database,
    private readonly queue: WriteQueue,
    private readonly pool: ComputePool,
    private readonly clock: Clock,
  ) {}

  /**
   * What all pots have taught.
   * @param without id of a pot that is left out, as if it had never been
   * @param leaves aborted when whoever asked is gone
   */
  async learnt(without?: string, leaves?: AbortSignal): Promise<Learnt> {
    await this.workedOut(leaves);
    const key = `${this.queue.epoch()}/${this.queue.current().toString()}/${without ?? ''}`;
    if (this.last?.key !== key) this.last = { key, learnt: this.replayed(without) };
    const { learnt } = this.last;
    // What failed is not remembered.
    learnt.catch(() => (this.last = undefined));
    return learnt;
  }

  /** The newest judged pots, oldest first: what was advised, and what it came to that they wanted. */
  async pots(limit: number, leaves?: AbortSignal): Promise<JudgedLine[]> {
    await this.workedOut(leaves);
    const rows = this.database.raw
      .prepare<[number], PotRow>(
        `SELECT "cook"."id" AS cookId, "label", "startedAtMs", "advisedMl", "texture", "by", kept."says" AS says FROM "cook"
         JOIN "outcome" ON "outcome"."cookId" = "cook"."id" LEFT JOIN "pot_evidence" AS kept ON kept."cookId" = "cook"."id"
         WHERE "abandoned" = 0 AND "counts" <> 'never' ORDER BY "startedAtMs" DESC, "cook"."id" DESC LIMIT ?`,
      )
      .all(limit);
    return rows.reverse().flatMap(({ says, by, ...line }) => {
      const text = this.unkept.get(line.cookId)?.says ?? says;
      // What guests wanted is not what was to be advised.
      if (text === null || line.advisedMl <= 0 || by === GUESTS) return [];
      return [{ ...line, wantedMl: (JSON.parse(text) as PotSays).wantedMl }];
    });
  }

  private replayed(without: string | undefined): Promise<Learnt> {
    return this.pool.run({
      kind: 'learnt',
      file: this.database.file,
      model: modelVersion(),
      unkept: [...this.unkept.values()],
      ...(without === undefined ? {} : { without }),
    });
  }

  /** Resolves once it is kept of every pot what it says. Whoever waits shares the same rounds. */
  private async workedOut(leaves: AbortSignal | undefined): Promise<void> {
    const model = modelVersion();
    for (let stale = this.stale(model); stale.length > 0;) {
      for (let i = 0; i < stale.length; i += AT_ONCE) {
        if (leaves?.aborted) throw new ProblemException(503, 'gone', 'Whoever asked is gone');
        if (this.round) {
          // Somebody else waits too: what was worked out for them is not worked out again.
          await this.round;
          break;
        }
        this.round = this.workOut(stale.slice(i, i + AT_ONCE), model).finally(() => (this.round = undefined));
        await this.round;
      }
      stale = this.stale(model);
    }
  }

  private stale(model: string): readonly string[] {
    return stalePots(this.database.raw, model)
      .filter(({ id, revision }) => this.unkept.get(id)?.revision !== revision)
      .map(({ id }) => id);
  }

  private async workOut(ids: readonly string[], model: string): Promise<void> {
    const found = await this.pool.run({
      kind: 'evidence',
      file: this.database.file,
      ids,
      nowMs: this.clock.nowMs(),
    });
    try {
      await this.queue.run(async ({ manager }) => {
        await manager.upsert(
          PotEvidence,
          found.map((row) => ({ ...row, model })),
          ['cookId'],
        );
      });
    } catch {
      this.logger.warn(
        'What pots say cannot be kept: make room on the disk. It is worked out again at the next start.',
      );
      for (const row of found) this.unkept.set(row.cookId, row);
    }
  }
}

interface PotRow extends Omit<JudgedLine, 'wantedMl'> {
  readonly by: string | null;
  readonly says: string | null;
}
