import { existsSync, rmSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { Clock } from '../common/clock.js';
import { notFound, ProblemException } from '../common/problems.js';
import { WriteQueue } from '../common/writeQueue.js';
import { Database } from '../database/database.js';
import { copyDatabase, keepNewest } from '../database/copyFile.js';
import { finishErase, markErased } from '../database/erase.js';
import { FIRST_DAY } from '../household/firstDay.js';
import type { OnBytes } from './archiveLines.js';
import { Putting, type How, type LookedOver } from './archiveIn.js';
import { archiveText } from './archiveOut.js';
import { Pairing } from '../devices/pairing.js';
import { lookIn } from '../database/plainFiles.js';
import { ArchiveProblem, type ArchiveWrong } from './archiveRows.js';
import { tablesOf } from './archiveTables.js';

/** What is wrong with a file, in a sentence. */
const WRONG: Readonly<Record<ArchiveWrong, string>> = {
  notJson:
    'This file is no whole archive: a part of it was lost, or it is something else. Nothing was changed.',
  notAnArchive: 'This file is not everything of a household. Nothing was changed.',
  newer: 'This archive was made by a newer Hammock: update this one first. Nothing was changed.',
  stopped: 'It was stopped. Nothing was changed.',
  rowTooLarge: 'In this file is a thing larger than any pot. Nothing was changed.',
  tooDeep: 'This file is nested beyond anything a household writes down. Nothing was changed.',
  tooMany: 'In this file is more than any household has. Nothing was changed.',
  empty:
    'In this file is nothing that can be read: in place of what is here it would leave an empty kitchen. Nothing was changed.',
};
/** A file that came in and was not put in is forgotten after this time, ms. */
const FORGET_MS = 3600 * 1000;

/** Copies that are kept of what was there before an archive was put in. */
const MOST_COPIES = 10;

/** How far a file has come that is looked over or put in. */
interface Going {
  readonly size: number;
  bytes: number;
  stopped: boolean;
}

/** Everything of the household, out and in again. */
@Injectable()
export class ArchiveService {
  private readonly tables;
  private readonly going = new Map<string, Going>();

  constructor(
    private readonly database: Database,
    private readonly queue: WriteQueue,
    private readonly clock: Clock,
    private readonly pairing: Pairing,
    reader: DataSource,
  ) {
    this.tables = tablesOf(reader);
    this.forgetOld(Infinity);
  }

  /** The archive piece by piece. */
  text(): Generator<string> {
    return archiveText(this.database.file, this.tables);
  }

  /** What putting a file in would do; nothing is changed. */
  async look(id: string): Promise<LookedOver> {
    this.forgetOld(FORGET_MS);
    return this.through(id, (file, onBytes) =>
      new Putting(this.database.raw, this.tables, this.clock.nowMs()).all(file, onBytes),
    );
  }

  /**
   * Puts a file in, after a copy of what is here was made; all of it or nothing.
   * @param evenIfEmpty that a file with nothing in it is meant to take the place of everything
   */
  async put(id: string, how: How, evenIfEmpty = false): Promise<LookedOver> {
    const nowMs = this.clock.nowMs();
    const done = await this.through(id, async (file, onBytes) => {
      copyDatabase(this.database.file, 'before-archive', nowMs);
      keepNewest(this.database.file, 'before-archive', MOST_COPIES);
      return this.queue.run(async ({ nextRevision }) => {
        const putting = new Putting(this.database.raw, this.tables, nowMs, { how, nextRevision });
        const found = await putting.all(file, onBytes);
        if (how === 'instead') {
          if (putting.count === 0 && !evenIfEmpty) throw new ArchiveProblem('empty');
          this.database.raw.exec('DELETE FROM "pot_evidence"');
          this.queue.beginEpoch();
        }
        return found;
      });
    });
    this.forget(id);
    return done;
  }

  /** How much of a file was gone through, 0 to 1; nothing of one that is still on its way, or lies there. */
  share(id: string): number {
    const going = this.going.get(id);
    if (!going && !existsSync(incomingFile(this.database.file, id))) throw notFound('archive');
    return going ? going.bytes / Math.max(1, going.size) : 0;
  }

  /** One that is being gone through is stopped: nothing of it stays. */
  forget(id: string): void {
    const going = this.going.get(id);
    if (going) going.stopped = true;
    rmSync(incomingFile(this.database.file, id), { force: true });
  }

  /**
   * Takes everything of the household's away: its copies, what was set aside and the devices too. What is left is an empty
   * kitchen.
   * @param askedBy the device that asked: it is out too, and hears that it was done
   */
  async takeAllAway(said: string, askedBy?: string): Promise<void> {
    if (said !== 'everything') return;
    const { household, kept, cook } = this.tables;
    await this.queue.run(({ nextRevision }) => {
      const { raw } = this.database;
      const tables = [cook, ...kept.map(([, columns]) => columns).reverse()].map(({ table }) => table);
      for (const table of [...tables, 'pot_evidence', 'device']) raw.exec(`DELETE FROM "${table}"`);
      const first = Object.entries(FIRST_DAY);
      raw
        .prepare(`UPDATE "${household.table}" SET ${first.map(([n]) => `"${n}" = ?`).join()}, "revision" = ?`)
        .run(
          ...first.map(([, value]) => (typeof value === 'boolean' ? Number(value) : value)),
          nextRevision(),
        );
      this.queue.beginEpoch();
      markErased(raw);
      return Promise.resolve();
    });
    // What was erased is not left lying in the file, nor in a copy.
    finishErase(this.database.writer, this.database.file);
    this.forgetOld(Infinity);
    this.pairing.forgetAll(askedBy);
  }

  private async through<T>(id: string, work: (file: string, onBytes: OnBytes) => Promise<T>): Promise<T> {
    const file = incomingFile(this.database.file, id);
    // One at a time: who presses twice has the first one.
    if (!existsSync(file) || this.going.has(id)) throw notFound('archive');
    const going: Going = { size: statSync(file).size, bytes: 0, stopped: false };
    this.going.set(id, going);
    try {
      return await work(file, (bytes) => {
        going.bytes += bytes;
        if (going.stopped) throw new ArchiveProblem('stopped');
      });
    } catch (error) {
      // It was forgotten, or everything was erased, while it was gone through.
      if ((error as { code?: string }).code === 'ENOENT') throw notFound('archive');
      if (!(error instanceof ArchiveProblem)) throw error;
      this.going.delete(id);
      // One that was only asked about once more stays, to be answered.
      if (error.reason !== 'empty') this.forget(id);
      throw new ProblemException(422, 'archive', WRONG[error.reason], [
        { field: 'file', code: error.reason, message: WRONG[error.reason] },
      ]);
    } finally {
      this.going.delete(id);
    }
  }

  private forgetOld(afterMs: number): void {
    const folder = dirname(this.database.file);
    for (const { name, atMs } of lookIn(folder).files) {
      const isOld = afterMs === Infinity || this.clock.nowMs() - atMs > afterMs;
      if (INCOMING.test(name) && isOld) rmSync(join(folder, name), { force: true });
    }
  }
}

const INCOMING = /^incoming-[\da-f-]{36}\.json$/u;
/** Where a file that comes in lies until it was looked over. */
export const incomingFile = (databaseFile: string, id: string): string =>
  join(dirname(databaseFile), `incoming-${id}.json`);
