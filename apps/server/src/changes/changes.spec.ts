import 'reflect-metadata';
import { afterAll, afterEach, beforeAll, describe, expect, it, jest } from '@jest/globals';
import request from 'supertest';
import { ANSWER_EXAMPLE } from '../answer/answer.example.js';
import { Clock } from '../common/clock.js';
import { temporaryServer, type TemporaryServer } from '../testing/temporaryServer.js';

let server: TemporaryServer;
beforeAll(async () => {
  server = await temporaryServer();
});
afterAll(() => server.close());
afterEach(() => {
  jest.restoreAllMocks();
});
const http = () => request(server.url);
let ids = 0;
const newId = (): string => `00000000-0000-4000-8000-${(ids += 1).toString().padStart(12, '0')}`;
const bag = { grainId: 'millet', label: 'Seed', note: '' };
const said = { texture: 3, base: 'clean', note: '' };
const cook = async (): Promise<{ path: string; revision: number; stageId: string }> => {
  const path = `/api/cooks/${newId()}`;
  const { body } = await http().put(path).send({ label: 'Pilaf', input: ANSWER_EXAMPLE }).expect(200);
  return { path, revision: body.revision, stageId: body.answer.stages[0].id };
};

describe('a write that stood on something older', () => {
  it('is told what is there and what was sent, and changes nothing', async () => {
    const path = `/api/bags/${newId()}`;
    const first = (await http().put(path).send(bag).expect(200)).body;
    const second = (
      await http()
        .put(`${path}?standsOn=${first.revision}`)
        .send({ ...bag, note: 'theirs' })
        .expect(200)
    ).body;
    expect(second.revision).toBeGreaterThan(first.revision);
    for (const stands of [`?standsOn=${first.revision}`, '', '?standsOn=0', '?standsOn=999999']) {
      const { body } = await http()
        .put(path + stands)
        .send({ ...bag, note: 'mine' })
        .expect(409);
      expect(body).toMatchObject({
        type: 'urn:hammock:problem:clash',
        current: { note: 'theirs', revision: second.revision },
        sent: { note: 'mine' },
      });
      await http()
        .delete(path + stands)
        .expect(409);
    }
    expect((await http().get('/api/bags')).body.find((b: { id: string }) => path.endsWith(b.id)).note).toBe(
      'theirs',
    );
  });

  it('is not one when it says what is there already: it was sent twice', async () => {
    const path = `/api/bags/${newId()}`;
    const first = (await http().put(path).send(bag).expect(200)).body;
    expect((await http().put(path).send(bag).expect(200)).body).toEqual(first);
  });

  it('is refused where it is no number', async () => {
    for (const stands of ['x', '-1', '1.5', '1&standsOn=2'])
      await http().put(`/api/bags/${newId()}?standsOn=${stands}`).send(bag).expect(400);
  });

  it('of a pot keeps what others said of it', async () => {
    const { path, revision } = await cook();
    const poured = (await http().patch(`${path}?standsOn=${revision}`).send({ pouredMl: 600 }).expect(200))
      .body;
    const clash = await http().patch(`${path}?standsOn=${revision}`).send({ abandoned: true }).expect(409);
    expect(clash.body.current).toEqual({
      pouredMl: 600,
      abandoned: false,
      outcome: null,
      revision: poured.revision,
    });
    await http().patch(`${path}?standsOn=${revision}`).send({ pouredMl: 600 }).expect(200);
    const judged = await http()
      .patch(`${path}?standsOn=${poured.revision}`)
      .send({ outcome: said })
      .expect(200);
    expect(judged.body).toMatchObject({ pouredMl: 600, outcome: said });
    expect(judged.body).not.toHaveProperty('answer');
    const unsaid = await http()
      .patch(`${path}?standsOn=${judged.body.revision}`)
      .send({ outcome: null })
      .expect(200);
    expect(unsaid.body.outcome).toBeNull();
  });
});

describe('taps', () => {
  it('are in the order they arrive in, whatever anybody’s clock says; only how long ago counts', async () => {
    const { path, stageId } = await cook();
    jest.spyOn(server.app.get(Clock), 'nowMs').mockReturnValue(1_800_000_000_000);
    const tap = (kind: string, agoMs: number, more = {}) =>
      http()
        .put(`${path}/events/${newId()}?agoMs=${agoMs}`)
        .send({ kind, stageId, ...more })
        .expect(200);
    const start = (await tap('start', 30_000)).body;
    const done = (await tap('done', 90_000, { followsId: start.id })).body;
    // A clock that was set forward between tap and sending says less than nothing.
    const undo = (await tap('undo', -5_000, { undoesId: done.id, followsId: done.id })).body;
    expect([start.atMs, done.atMs, undo.atMs]).toEqual([
      1_799_999_970_000, 1_799_999_910_000, 1_800_000_000_000,
    ]);
    expect(start.seq).toBeLessThan(done.seq);
    const { body } = await http().get(path).expect(200);
    expect(body.events.map((e: { id: string }) => e.id)).toEqual([start.id, done.id, undo.id]);
    expect(body.events[2]).toMatchObject({ undoesId: done.id, followsId: done.id });
  });

  it('reply with themselves and not with the whole pot; the same id with other content is refused', async () => {
    const { path, stageId } = await cook();
    const event = `${path}/events/${newId()}`;
    const first = await http().put(`${event}?agoMs=10`).send({ kind: 'start', stageId }).expect(200);
    expect(first.text.length).toBeLessThan(400);
    expect(
      (await http().put(`${event}?agoMs=9000`).send({ kind: 'start', stageId }).expect(200)).body,
    ).toEqual(first.body);
    await http().put(event).send({ kind: 'done', stageId }).expect(409);
    const other = await cook();
    await http()
      .put(`${other.path}/events/${event.split('/').at(-1)}`)
      .send({ kind: 'start', stageId: other.stageId })
      .expect(409);
  });

  it('are not taken without end', async () => {
    const { path, stageId } = await cook();
    const [, , , cookId] = path.split('/');
    const insert = server.database.raw.prepare(
      'INSERT INTO stage_event (id, cookId, kind, stageId, atMs, seq) VALUES (?, ?, ?, ?, 0, 0)',
    );
    for (let n = 0; n < 500; n += 1) insert.run(newId(), cookId, 'extend', stageId);
    const { body } = await http()
      .put(`${path}/events/${newId()}`)
      .send({ kind: 'start', stageId })
      .expect(422);
    expect(body.errors[0].code).toBe('tooMany');
  });
});

describe('what changed', () => {
  const changes = async (since?: number) =>
    (
      await http()
        .get(`/api/changes${since === undefined ? '' : `?since=${since}`}`)
        .expect(200)
    ).body;

  it('is told from a revision on, in order, with what was taken away, and with the server’s clock', async () => {
    const { revision: from } = await changes();
    const path = `/api/bags/${newId()}`;
    const made = (await http().put(path).send(bag).expect(200)).body;
    await http().delete(`${path}?standsOn=${made.revision}`).expect(200);
    const { path: cookPath, stageId, revision } = await cook();
    await http().put(`${cookPath}/events/${newId()}`).send({ kind: 'start', stageId }).expect(200);
    await http().patch(`${cookPath}?standsOn=${revision}`).send({ abandoned: true }).expect(200);
    const before = Date.now();
    const told = await changes(from);
    expect(told).toMatchObject({ more: false, reset: false });
    expect(told.nowMs).toBeGreaterThanOrEqual(before);
    expect(told.bags).toMatchObject([{ id: made.id, deletedAtMs: expect.any(Number) }]);
    expect(told.cooks).toMatchObject([{ abandoned: true, label: 'Pilaf' }]);
    expect(told.cooks[0]).not.toHaveProperty('answer');
    expect(told.taps).toMatchObject([{ kind: 'start', stageId }]);
    expect(await changes(told.revision)).toMatchObject({
      bags: [],
      cooks: [],
      taps: [],
      revision: told.revision,
    });
    expect(await changes(Number(told.revision) + 5)).toMatchObject({ reset: true, revision: told.revision });
  });

  it('is told in pieces when there is much of it, and nothing is missing between them', async () => {
    const { revision: from } = await changes();
    const made: string[] = [];
    for (let n = 0; n < 340; n += 1) {
      const id = newId();
      made.push(id);
      await http()
        .put(`/api/${n % 2 === 0 ? 'bags' : 'vessels'}/${id}`)
        .send(
          n % 2 === 0 ? bag : { label: 'Pot', diameterCm: 20, volumeMl: 3000, lid: 'tight', wall: 'thin' },
        );
    }
    const heard: string[] = [];
    let pieces = 0;
    for (let since = from, more = true; more; pieces += 1) {
      const told = await changes(since);
      heard.push(...[...told.bags, ...told.vessels].map((r: { id: string }) => r.id));
      ({ revision: since, more } = told);
    }
    expect(pieces).toBe(2);
    expect(heard.sort()).toEqual(made.sort());
  });

  it('is called out as it happens', async () => {
    const stopped = new AbortController();
    const stream = await fetch(`${server.url}/api/changes/stream`, { signal: stopped.signal });
    expect(stream.headers.get('content-type')).toContain('text/event-stream');
    const reader = stream.body!.pipeThrough(new TextDecoderStream()).getReader();
    let text = '';
    const until = async (words: string): Promise<void> => {
      while (!text.includes(words)) text += (await reader.read()).value ?? '';
    };
    await until('"revision"');
    const { body } = await http().put(`/api/bags/${newId()}`).send(bag).expect(200);
    await until(`"revision":${body.revision}`);
    stopped.abort();
    await reader.closed.catch(() => undefined);
  });

  it('has no more ears than a household has', async () => {
    const stopped = new AbortController();
    const open = () =>
      fetch(`${server.url}/api/changes/stream`, { signal: stopped.signal }).then((r) => r.status);
    const statuses = await Promise.all(Array.from({ length: 38 }, open));
    expect(statuses.filter((s) => s === 200)).toHaveLength(32);
    expect(statuses.filter((s) => s === 429)).toHaveLength(6);
    stopped.abort();
    // They are counted off again.
    for (let tries = 0, back = 0; back !== 200; tries += 1) {
      expect(tries).toBeLessThan(200);
      const one = new AbortController();
      back = (await fetch(`${server.url}/api/changes/stream`, { signal: one.signal })).status;
      one.abort();
    }
  });
});

describe('pages of the notebook', () => {
  it('go on after a time and an id: pots begun in one moment are all listed, once', async () => {
    const made: string[] = [];
    for (let n = 0; n < 7; n += 1) {
      const id = newId();
      made.push(id);
      await http()
        .put(`/api/cooks/${id}`)
        .send({ label: 'Pilaf', input: ANSWER_EXAMPLE, startedAtMs: 1_900_000_000_000 })
        .expect(200);
    }
    const listed: string[] = [];
    for (let after = ''; listed.length < 7;) {
      const page = (await http().get(`/api/cooks?limit=2${after}`).expect(200)).body;
      listed.push(...page.map((c: { id: string }) => c.id));
      const last = page.at(-1);
      after = `&beforeMs=${last.startedAtMs}&beforeId=${last.id}`;
    }
    expect(listed.slice(0, 7).sort()).toEqual(made.sort());
  });
});
