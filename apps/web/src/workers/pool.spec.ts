import { describe, expect, it, jest } from '@jest/globals';
import { completePlan, oddsOf, type Odds, type PlanInput } from '@hammock/core';
import { simulate } from '../stores/plan/odds.js';
import type { Asked, Replied } from './jobs.js';
import { Pool, PoolEnded, type WorkerLike } from './pool.js';
import { work } from './work.js';

const PLAN: PlanInput = {
  grainId: 'longGrainWhite',
  grain: { cups: 2 },
  wash: 'rinsed',
  vessel: { diameterCm: 22, volumeMl: 4000 },
};
const rows = (from: number) => ({ kind: 'rows', input: PLAN, seed: 1, from, count: 2 }) as const;

/** A worker on this very thread, which can be made to die or to say nothing. */
class Bench implements WorkerLike {
  static readonly made: Bench[] = [];
  onmessage: WorkerLike['onmessage'] = null;
  onerror: WorkerLike['onerror'] = null;
  terminated = false;
  jobs = 0;

  constructor(readonly mood: 'works' | 'silent' | 'breaks' = 'works') {
    Bench.made.push(this);
  }
  postMessage({ id, job }: Asked): void {
    this.jobs += 1;
    if (this.mood === 'silent') return;
    setTimeout(() => {
      if (this.terminated) return;
      if (this.mood === 'breaks') this.onerror?.(new Event('error') as ErrorEvent);
      else this.onmessage?.({ data: { id, value: work(job) } } as MessageEvent<Replied>);
    }, 0);
  }
  terminate(): void {
    this.terminated = true;
  }
}

describe('the pool', () => {
  it('gives jobs to as many workers as it has, and every answer to who asked', async () => {
    Bench.made.length = 0;
    const pool = new Pool(() => new Bench(), 2);
    const got = await Promise.all([0, 2, 4, 6].map((from) => pool.run(rows(from))));
    expect(Bench.made.length).toBe(2);
    expect(got.map((r) => r?.[0])).toEqual([0, 2, 4, 6].map((from) => (work(rows(from)) as Float64Array)[0]));
  });

  it('puts what is wanted first at the head of the line', async () => {
    const pool = new Pool(() => new Bench(), 1);
    const order: string[] = [];
    await Promise.all([
      pool.run(rows(0)).then(() => order.push('first')),
      pool.run(rows(2)).then(() => order.push('last')),
      pool.run(rows(4), { first: true }).then(() => order.push('urgent')),
    ]);
    expect(order).toEqual(['first', 'urgent', 'last']);
  });

  it('never answers what was cancelled, however often', async () => {
    Bench.made.length = 0;
    const pool = new Pool(() => new Bench(), 1);
    for (let i = 0; i < 10; i += 1) {
      const cancelled = new AbortController();
      const job = pool.run(rows(i), { signal: cancelled.signal });
      cancelled.abort();
      await expect(job).rejects.toMatchObject({ reason: 'cancelled' });
    }
    await expect(pool.run(rows(0))).resolves.toHaveLength((work(rows(0)) as Float64Array).length);
    expect(Bench.made.length).toBe(1);
    const late = new AbortController();
    late.abort();
    await expect(pool.run(rows(1), { signal: late.signal })).rejects.toBeInstanceOf(PoolEnded);
  });

  it('gives the job of a dead worker to a new one once, and then says so', async () => {
    const moods = ['breaks', 'works'] as const;
    let next = 0;
    const pool = new Pool(() => new Bench(moods[next++] ?? 'works'), 1);
    await expect(pool.run(rows(0))).resolves.toBeDefined();
    expect(next).toBe(2);
    const hopeless = new Pool(() => new Bench('breaks'), 1);
    await expect(hopeless.run(rows(0))).rejects.toMatchObject({ reason: 'workerDied' });
  });

  it('takes a worker that says nothing for dead', async () => {
    jest.useFakeTimers();
    const moods = ['silent', 'silent'] as const;
    let next = 0;
    const pool = new Pool(() => new Bench(moods[next++] ?? 'works'), 1, 1000);
    const job = pool.run(rows(0));
    const failed = expect(job).rejects.toMatchObject({ reason: 'workerDied' });
    await jest.advanceTimersByTimeAsync(2500);
    await failed;
    jest.useRealTimers();
  });
});

describe('odds from workers', () => {
  const gather = async (size: number, signal = new AbortController().signal) => {
    const heard: Odds[] = [];
    const done: number[] = [];
    await simulate(
      new Pool(() => new Bench(), size),
      PLAN,
      signal,
      { odds: (o) => heard.push(o), done: (n) => done.push(n) },
      { first: 60, all: 130, refineAfterMs: 0 },
    );
    return { heard, done };
  };

  it('are the same from one worker and from three, and the same as without any', async () => {
    const [one, three] = [await gather(1), await gather(3)];
    expect(one.heard).toEqual(three.heard);
    expect(one.heard.map((o) => o.draws)).toEqual([60, 130]);
    expect(one.done.at(-1)).toBe(130);
    const plan = completePlan(PLAN);
    if (!plan.ok) throw new Error('a plan');
    expect(one.heard[1]).toEqual(oddsOf(plan.value, { draws: 130, seed: one.heard[1]!.seed }));
  });

  it('stop where they are told to', async () => {
    const cancelled = new AbortController();
    const job = gather(1, cancelled.signal);
    cancelled.abort();
    await expect(job).rejects.toMatchObject({ reason: 'cancelled' });
  });

  it('have nothing to say of what is not a plan', async () => {
    const heard: Odds[] = [];
    const none = { ...PLAN, grainId: 'gravel' };
    await simulate(new Pool(() => new Bench(), 1), none, new AbortController().signal, {
      odds: (o) => heard.push(o),
      done: () => undefined,
    });
    expect(heard).toEqual([]);
    expect(work({ kind: 'course', input: none, pourMl: undefined })).toBeUndefined();
  });
});
