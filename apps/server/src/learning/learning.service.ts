import { Injectable, Logger } from '@nestjs/common';
import type { Learnt, PotEvidence } from '@hammock/core/learning';
import { GUESTS, type Verdict } from '@hammock/core/records';
import { Clock } from '../common/clock.js';
import { ProblemException } from '../common/problems.js';
import { WriteQueue } from '../common/writeQueue.js';
import { ComputePool } from '../compute/pool.js';
import { Database } from '../database/database.js';
import { stalePots, type EvidenceRow } from './evidenceRows.js';
import { modelVersion } from './modelVersion.js';

/** One judged pot on the household's curve. */
export interface JudgedLine {
  readonly cookId: string;
  readonly label: string;
  readonly startedAtMs: number;
  readonly advisedMl: number;
  readonly wantedMl: number;
  readonly texture: Verdict;
}

/** So many pots are handed on in one go, of which as many are worked out as there is time for. */
const AT_ONCE = 400;

/**
 * What the household's pots have taught. It is a replay of the record; what each pot says is worked out once, in a thread of its own,
 * for everybody who waits, and kept until something else is said of the pot. Nothing is worked out that nobody waits for.
 */
@Injectable()
export class LearningService {
  /** The rounds that are on, for all who wait for them. */
  private rounds: Promise<boolean> | undefined;
  private waiting = 0;
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
   * @param leaves aborted when the caller is gone
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
      return [{ ...line, wantedMl: (JSON.parse(text) as PotEvidence).wantedMl }];
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
    const gone = leaving(leaves);
    this.waiting += 1;
    try {
      for (let isOver = false; !isOver;) {
        this.rounds ??= this.allRounds().finally(() => (this.rounds = undefined));
        isOver = await Promise.race([this.rounds, gone.left]);
      }
    } finally {
      this.waiting -= 1;
      gone.forget();
    }
  }

  /** Works out what is not kept, round by round, as long as somebody waits; true when it came to its end. */
  private async allRounds(): Promise<boolean> {
    const model = modelVersion();
    const stale = stalePots(this.database.raw, model)
      .filter(({ id, revision }) => this.unkept.get(id)?.revision !== revision)
      .map(({ id }) => id);
    for (let at = 0; at < stale.length;) {
      if (this.waiting === 0) return false;
      at += await this.workOut(stale.slice(at, at + AT_ONCE), model);
    }
    return true;
  }

  /** Works out as many of these as there is time for in one round, the first first; how many that were. */
  private async workOut(ids: readonly string[], model: string): Promise<number> {
    const { rows: found, done } = await this.pool.run({
      kind: 'evidence',
      file: this.database.file,
      ids,
      nowMs: this.clock.nowMs(),
    });
    try {
      await this.queue.run(() => {
        const keep = this.database.raw.prepare(
          'INSERT OR REPLACE INTO "pot_evidence" ("cookId", "revision", "model", "says") VALUES (?, ?, ?, ?)',
        );
        for (const { cookId, revision, says } of found) keep.run(cookId, revision, model, says);
        return Promise.resolve();
      });
    } catch {
      this.logger.warn(
        'What pots say cannot be kept: make room on the disk. It is worked out again at the next start.',
      );
      for (const row of found) this.unkept.set(row.cookId, row);
    }
    return Math.max(1, done);
  }
}

/** Rejects when the caller has left, and never otherwise. */
function leaving(leaves: AbortSignal | undefined): {
  readonly left: Promise<never>;
  readonly forget: () => void;
} {
  let leave = (): void => undefined;
  const left = new Promise<never>((_done, failed) => {
    leave = () => failed(new ProblemException(503, 'gone', 'Whoever asked is gone'));
    if (leaves?.aborted === true) leave();
    else leaves?.addEventListener('abort', leave);
  });
  left.catch(() => undefined);
  return { left, forget: () => leaves?.removeEventListener('abort', leave) };
}

interface PotRow extends Omit<JudgedLine, 'wantedMl'> {
  readonly by: string | null;
  readonly says: string | null;
}
