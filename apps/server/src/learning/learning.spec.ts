import 'reflect-metadata';
import { randomUUID } from 'node:crypto';
import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import request from 'supertest';
import { ANSWER_EXAMPLE } from '../answer/answer.example.js';
import { ComputePool } from '../compute/pool.js';
import { temporaryServer, type TemporaryServer } from '../testing/temporaryServer.js';

let server: TemporaryServer;
beforeEach(async () => {
  server = await temporaryServer();
});
afterEach(async () => {
  jest.restoreAllMocks();
  await server.close();
});

const http = () => request(server.url);
/** A judged pot; its id. */
async function judged(texture = 4, id = randomUUID()): Promise<string> {
  const { body } = await http()
    .put(`/api/cooks/${id}`)
    .send({ label: 'Pilaf', input: ANSWER_EXAMPLE })
    .expect(200);
  await http()
    .put(`/api/cooks/${id}/outcome?standsOn=${String(body.revision)}`)
    .send({ texture, base: 'clean', note: '' })
    .expect(200);
  return id;
}
/** Kinds of work that are done in threads from now on. */
function work(): string[] {
  const kinds: string[] = [];
  const pool = server.app.get(ComputePool);
  const run = pool.run.bind(pool);
  jest.spyOn(pool, 'run').mockImplementation((job, signal) => {
    kinds.push(job.kind === 'evidence' ? `evidence of ${job.ids.length.toString()}` : job.kind);
    return run(job, signal);
  });
  return kinds;
}
const learnt = async () =>
  (await http().get('/api/learnt').expect(200)).body as { ids: string[]; mean: number[] };

describe('what pots have taught', () => {
  it('is worked out once for all who wait, and not again while nothing is said', async () => {
    for (let n = 0; n < 3; n += 1) await judged();
    const kinds = work();
    const replies = await Promise.all([learnt(), learnt(), learnt(), learnt(), learnt()]);
    for (const reply of replies) expect(reply).toEqual(replies[0]);
    expect(kinds).toEqual(['evidence of 3', 'learnt']);
    expect(await learnt()).toEqual(replies[0]);
    expect(kinds).toHaveLength(2);
    await judged(2);
    await learnt();
    expect(kinds).toEqual(['evidence of 3', 'learnt', 'evidence of 1', 'learnt']);
  });

  it('is there at once after a restart, and worked out anew by another program', async () => {
    for (let n = 0; n < 3; n += 1) await judged();
    const before = await learnt();
    await server.app.close();
    server = await temporaryServer({ folder: server.folder });
    const kinds = work();
    expect(await learnt()).toEqual(before);
    expect(kinds).toEqual(['learnt']);
    server.database.raw.exec(`UPDATE "pot_evidence" SET "model" = 'another'`);
    await judged();
    await learnt();
    expect(kinds).toEqual(['learnt', 'evidence of 4', 'learnt']);
  });

  it('hears what is tapped after the verdict, and forgets a pot that is given up', async () => {
    const id = await judged();
    const first = await learnt();
    const { body } = await http().get(`/api/cooks/${id}`).expect(200);
    const [stage] = body.answer.stages as { id: string }[];
    const kinds = work();
    await http()
      .put(`/api/cooks/${id}/events/${randomUUID()}`)
      .send({ kind: 'splash', stageId: stage!.id, amount: 150 })
      .expect(200);
    const second = await learnt();
    expect(kinds).toContain('evidence of 1');
    expect(second.mean).not.toEqual(first.mean);
    const now = (await http().get(`/api/cooks/${id}`)).body;
    await http()
      .patch(`/api/cooks/${id}?standsOn=${String(now.revision)}`)
      .send({ abandoned: true })
      .expect(200);
    expect((await learnt()).ids).toEqual([]);
  });

  it('leaves one out where it is asked to', async () => {
    const [id] = [await judged(5), await judged(3)];
    const all = await learnt();
    const { body } = await http().get(`/api/learnt?without=${id}`).expect(200);
    expect(body.ids).toEqual(all.ids);
    expect(body.mean).not.toEqual(all.mean);
    expect((await http().get('/api/learnt/pots').expect(200)).body).toHaveLength(2);
  });

  it('is not worked out for nobody: with everybody gone it stops after the round that is on', async () => {
    const ids = Array.from({ length: 60 }, () => randomUUID());
    for (const id of ids) await judged(3, id);
    const kinds = work();
    const gone = new AbortController();
    const asked = fetch(`${server.url}/api/learnt`, { signal: gone.signal });
    while (kinds.length === 0) await new Promise((later) => setTimeout(later, 1));
    gone.abort();
    await expect(asked).rejects.toThrow();
    await new Promise((later) => setTimeout(later, 1500));
    expect(kinds.length).toBeLessThan(3);
    // What was worked out is kept for who comes next.
    await learnt();
    const [first = 0, ...others] = kinds
      .filter((k) => k.startsWith('evidence'))
      .map((k) => Number(k.split(' ').at(-1)));
    expect(first).toBe(60);
    for (const n of others) expect(n).toBeLessThan(60);
  });

  it('is not lost to a pot that cannot be read: it says nothing, and the others teach', async () => {
    await judged();
    const id = await judged();
    server.database.raw.prepare(`UPDATE "cook" SET "input" = '[1]' WHERE "id" = ?`).run(id);
    expect((await learnt()).ids.length).toBeGreaterThan(0);
  });
});
