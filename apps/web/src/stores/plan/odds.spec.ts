import { ROW, type Odds, type PlanInput } from '@hammock/core';
import { describe, expect, it } from '@jest/globals';
import type { Job } from '../../workers/jobs.js';
import { PoolEnded, type Pool } from '../../workers/pool.js';
import { work } from '../../workers/work.js';
import { oddsKey, SEED, simulate } from './odds.js';

const PLAN: PlanInput = {
  grainId: 'longGrainWhite',
  grain: { cups: 2 },
  vessel: { diameterCm: 22, volumeMl: 4000 },
};

/** A pool on this thread that remembers what it was asked. */
function benchPool(fails?: (job: Job) => Error | undefined) {
  const asked: Job[] = [];
  const run = (job: Job): Promise<unknown> => {
    asked.push(job);
    const why = fails?.(job);
    return why ? Promise.reject(why) : Promise.resolve(work(job));
  };
  return { pool: { run } as unknown as Pool, asked };
}
const hear = () => {
  const done: number[] = [];
  const odds: Odds[] = [];
  return { done, odds, heard: { done: (n: number) => done.push(n), odds: (o: Odds) => odds.push(o) } };
};
const REFINING = { first: 100, all: 300, refineAfterMs: 0 };

describe('odds that refine', () => {
  it('come from the first pieces at once and from all when there is time', async () => {
    const { pool, asked } = benchPool();
    const { done, odds, heard } = hear();
    await simulate(pool, PLAN, new AbortController().signal, heard, REFINING);
    expect(odds.map((o) => o.draws)).toEqual([100, 300]);
    expect(done).toEqual([50, 100, 150, 200, 250, 300]);
    const from = asked.flatMap((j) => (j.kind === 'rows' ? [j.from] : []));
    expect(from).toEqual([0, 50, 100, 150, 200, 250]);
    expect(asked.every((j) => !('seed' in j) || j.seed === SEED)).toBe(true);
  });

  it('are the same in whatever order the pieces come back', async () => {
    const straight = hear();
    await simulate(benchPool().pool, PLAN, new AbortController().signal, straight.heard, REFINING);
    let n = 0;
    const late = {
      run: (job: Job) => {
        const wait = job.kind === 'rows' ? 12 - 3 * (n++ % 4) : 0;
        return new Promise((give) =>
          setTimeout(() => {
            give(work(job));
          }, wait),
        );
      },
    } as unknown as Pool;
    const mixed = hear();
    await simulate(late, PLAN, new AbortController().signal, mixed.heard, REFINING);
    expect(mixed.odds.at(-1)).toEqual(straight.odds.at(-1));
  });

  it('stay with the first when the plan is dropped before the rest is worth it', async () => {
    const { pool, asked } = benchPool();
    const { odds, heard } = hear();
    const control = new AbortController();
    const running = simulate(pool, PLAN, control.signal, heard, { ...REFINING, refineAfterMs: 60_000 });
    while (odds.length === 0) await new Promise((go) => setTimeout(go, 5));
    control.abort();
    await expect(running).rejects.toMatchObject({ reason: 'cancelled' });
    expect(odds.map((o) => o.draws)).toEqual([100]);
    expect(asked.filter((j) => j.kind === 'rows')).toHaveLength(2);
  });

  it('fail with the reason of the worker that died, and give nothing half done', async () => {
    const { pool } = benchPool((job) =>
      job.kind === 'rows' && job.from === 50 ? new PoolEnded('workerDied') : undefined,
    );
    const { odds, heard } = hear();
    await expect(simulate(pool, PLAN, new AbortController().signal, heard, REFINING)).rejects.toMatchObject({
      reason: 'workerDied',
    });
    expect(odds).toEqual([]);
  });

  it('of a plan that has no answer are none, without an error', async () => {
    const { pool } = benchPool();
    const { odds, heard } = hear();
    await simulate(pool, { ...PLAN, grainId: 'gravel' }, new AbortController().signal, heard, REFINING);
    expect(odds).toEqual([]);
  });

  it('do not depend on the pour that they slide along', () => {
    expect(oddsKey({ ...PLAN, leanMl: -30, holdTo: 'oneToTwo' })).toBe(oddsKey(PLAN));
    expect(oddsKey({ ...PLAN, texture: 3 })).not.toBe(oddsKey(PLAN));
    expect(ROW).toBeGreaterThan(10);
  });
});
