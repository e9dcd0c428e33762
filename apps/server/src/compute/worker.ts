import { completePlan, courseFor, oddsOf, ok } from '@hammock/core';
import SqliteFile from 'better-sqlite3';
import { evidenceFrom, learntFrom } from '../learning/evidenceRows.js';
import { copyDatabase, keepNewest } from '../database/copyFile.js';
import type { Job, JobResults } from './jobs.js';

/** Copies that are kept, made on demand and day by day. */
const MOST_COPIES = { kept: 10, daily: 14 } as const;

/** One job, in a thread of its own. What the disk or SQLite says is thrown as it is and read by the pool. */
export function work(job: Job): JobResults[Job['kind']] {
  switch (job.kind) {
    case 'course':
      return courseFor(job.input, job.pourMl);
    case 'odds': {
      const plan = completePlan(job.input);
      return plan.ok ? ok(oddsOf(plan.value, { draws: job.draws, seed: job.seed })) : plan;
    }
    case 'evidence':
      return reading(job.file, (file) => evidenceFrom(file, job.ids, job.nowMs));
    case 'learnt':
      return reading(job.file, (file) => learntFrom(file, job));
    case 'copy': {
      const copied = copyDatabase(job.file, job.why, job.nowMs);
      keepNewest(job.file, job.why, MOST_COPIES[job.why]);
      return copied;
    }
  }
}

function reading<T>(path: string, work: (file: SqliteFile.Database) => T): T {
  const file = new SqliteFile(path, { readonly: true, fileMustExist: true });
  try {
    return work(file);
  } finally {
    file.close();
  }
}
