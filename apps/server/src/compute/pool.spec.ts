import 'reflect-metadata';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import type { PlanInput } from '@hammock/core';
import request from 'supertest';
import { ANSWER_EXAMPLE } from '../answer/answer.example.js';
import { temporaryServer, type TemporaryServer } from '../testing/temporaryServer.js';
import { ComputePool } from './pool.js';

let server: TemporaryServer;
let pool: ComputePool;
beforeAll(async () => {
  server = await temporaryServer();
  pool = server.app.get(ComputePool);
});
afterAll(() => server.close());

const input = ANSWER_EXAMPLE as PlanInput;
const stage = (id: string, minutes: number) => ({
  id,
  act: 'simmer',
  heat: 'veryLow',
  lid: 'on',
  end: { kind: 'minutes', minutes },
});
const { timing: _timing, ...bare } = ANSWER_EXAMPLE as Record<string, unknown>;
const long = (minutes: number, more = {}) => ({
  ...bare,
  vessel: { diameterCm: 40, volumeMl: 50_000 },
  stages: [
    {
      id: 'b',
      act: 'boil',
      heat: 'high',
      lid: 'off',
      end: { kind: 'sign', sign: 'boilAllOver', expectMin: 5 },
    },
    ...[1, 2, 3].map((n) => stage(`s${n.toString()}`, minutes)),
  ],
  ...more,
});

describe('heavy work', () => {
  it('ends when the caller is gone, and the next is done', async () => {
    const gone = new AbortController();
    const left = pool.run({ kind: 'odds', input, draws: 2000, seed: 1 }, gone.signal);
    gone.abort();
    await expect(left).rejects.toMatchObject({ kind: 'deadline' });
    expect(await pool.run({ kind: 'odds', input, draws: 5, seed: 1 })).toMatchObject({ ok: true });
  });

  it('is turned away when too much waits, and says so; what waits is still done', async () => {
    const jobs = Array.from({ length: 30 }, () =>
      pool.run({ kind: 'odds', input, draws: 5, seed: 1 }).then(
        () => 'done',
        (why: unknown) => (why as { kind: string }).kind,
      ),
    );
    const ends = await Promise.all(jobs);
    expect([ends.filter((e) => e === 'done').length, ends.filter((e) => e === 'busy').length]).toEqual([
      24, 6,
    ]);
  });

  it('is refused before it begins where it is known to be too much: longer than three days, or kitchens without end', async () => {
    const post = (path: string, body: object) => request(server.url).post(path).send(body);
    const days = await post('/api/course', long(1440)).expect(422);
    expect(days.body.errors).toMatchObject([{ field: 'stages', code: 'stagesTooLong' }]);
    expect(days.body.detail).toContain('at most 4320 are possible');
    const many = await post('/api/answer', long(1430, { odds: { draws: 2000 } })).expect(422);
    expect(many.body.errors).toMatchObject([{ field: 'odds.draws', code: 'tooMuch' }]);
    const [, most] = /At most (\d+) kitchens/u.exec(many.body.detail as string) ?? [];
    const taken = await post('/api/answer', long(1430, { odds: { draws: Number(most) } })).expect(200);
    expect(taken.body.odds.draws).toBe(Number(most));
    // Without a number it is as many as can be.
    const some = await post('/api/answer', long(1430, { odds: {} })).expect(200);
    expect(some.body.odds.draws).toBe(Number(most));
  });

  it('draws a pot of days on no more than two thousand rows', async () => {
    const { body } = await request(server.url).post('/api/course').send(long(1430)).expect(200);
    expect(body.series.minutes.length).toBeLessThanOrEqual(2000);
    expect(body.series.minutes.length).toBeGreaterThan(900);
    for (const row of [body.series.tempC, body.series.w[0], body.series.done[2], body.series.lidG])
      expect(row).toHaveLength(body.series.minutes.length);
    const gaps = body.series.minutes.slice(1).map((m: number, i: number) => m - body.series.minutes[i]);
    expect(Math.min(...gaps)).toBeGreaterThanOrEqual(0);
  });
});
