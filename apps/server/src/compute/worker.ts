import { completePlan, courseFor, oddsOf, ok } from '@hammock/core';
import { copyDatabase, keepNewest } from '../database/copyFile.js';
import type { Job, JobResults } from './jobs.js';

/** Copies made on demand that are kept. */
const MOST_COPIES = 10;

/** One job, in a thread of its own. What the disk or SQLite says is thrown as it is and read by the pool. */
export function work(job: Job): JobResults[Job['kind']] {
  switch (job.kind) {
    case 'course':
      return courseFor(job.input, job.pourMl);
    case 'odds': {
      const plan = completePlan(job.input);
      return plan.ok ? ok(oddsOf(plan.value, { draws: job.draws, seed: job.seed })) : plan;
    }
    case 'copy': {
      const copied = copyDatabase(job.file, 'kept', job.nowMs);
      keepNewest(job.file, 'kept', MOST_COPIES);
      return copied;
    }
  }
}
