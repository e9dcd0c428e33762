import { join } from 'node:path';
import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { Piscina } from 'piscina';
import { ProblemException } from '../common/problems.js';
import { storageProblem } from '../common/storageProblem.js';
import type { Job, JobResults } from './jobs.js';

/** As many threads as a household's machine can spare; they go when nothing is asked for a while. */
const THREADS = 2;
const IDLE_MS = 20_000;
/**
 * Past this a job is not worth waiting for, ms. Bodies whose work is known to be long are refused before; the longest
 * that is taken needs a second and a half on an idle machine, and its turn and a slow machine may cost eight times that.
 */
const DEADLINE_MS = 12_000;
/** Copying is the disk's time, not the processor's, and what pots say is waited for in rounds, ms. */
const LONG_DEADLINE_MS = 60_000;
const LONG: ReadonlySet<Job['kind']> = new Set<Job['kind']>(['copy', 'evidence', 'learnt']);
/** Jobs that run or wait; more than these are not a household's. */
const MOST_JOBS = 24;
const MEMORY_MB = 128;

/** Heavy work in threads: others are answered meanwhile, and it ends when nobody waits for it any more. */
@Injectable()
export class ComputePool implements OnApplicationShutdown {
  private readonly pool = new Piscina<Job, JobResults[Job['kind']]>({
    // The worker is the built one also when the server runs from its sources in a test.
    filename: join(import.meta.dirname, '../../dist/compute/worker.js'),
    minThreads: 0,
    maxThreads: THREADS,
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: MEMORY_MB },
  });

  private jobs = 0;

  /**
   * Runs a job.
   * @param leaves aborted when the caller is gone
   * @throws ProblemException 503 when too much is waiting or it takes too long, 507 and 503 for what the disk says
   */
  async run<J extends Job>(job: J, leaves?: AbortSignal): Promise<JobResults[J['kind']]> {
    if (this.jobs >= MOST_JOBS)
      throw new ProblemException(503, 'busy', 'Too much is being worked out just now; ask again');
    this.jobs += 1;
    const deadline = AbortSignal.timeout(LONG.has(job.kind) ? LONG_DEADLINE_MS : DEADLINE_MS);
    const signal = leaves ? AbortSignal.any([deadline, leaves]) : deadline;
    try {
      return (await this.pool.run(job, { signal, name: 'work' })) as JobResults[J['kind']];
    } catch (error) {
      throw reasonOf(error, deadline.aborted) ?? storageProblem(error) ?? error;
    } finally {
      this.jobs -= 1;
    }
  }

  async onApplicationShutdown(): Promise<void> {
    await this.pool.destroy();
  }
}

function reasonOf(error: unknown, late: boolean): ProblemException | undefined {
  const { name, code = '', message = '' } = error as { name?: string; code?: string; message?: string };
  // The program is on its way down: the caller asks again.
  if (message === 'Terminating worker thread')
    return new ProblemException(503, 'ending', 'Hammock is ending here just now; ask again');
  if (name === 'AbortError' || late)
    return new ProblemException(503, 'deadline', 'This takes too long to work out here; ask for less');
  if (code === 'ERR_WORKER_OUT_OF_MEMORY')
    return new ProblemException(503, 'memory', 'This is too much to work out here; ask for less');
  return undefined;
}
