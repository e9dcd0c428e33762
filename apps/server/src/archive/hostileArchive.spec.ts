import 'reflect-metadata';
import { randomUUID } from 'node:crypto';
import fs, { mkdirSync, readdirSync, symlinkSync, writeFileSync } from 'node:fs';
import { request as ask } from 'node:http';
import { join } from 'node:path';
import { Writable } from 'node:stream';
import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import request from 'supertest';
import { ANSWER_EXAMPLE } from '../answer/answer.example.js';
import { temporaryServer, type TemporaryServer } from '../testing/temporaryServer.js';

let server: TemporaryServer;
beforeEach(async () => {
  server = await temporaryServer();
});
afterEach(() => server.close());

const http = () => request(server.url);
const { odds: _odds, ...input } = ANSWER_EXAMPLE as Record<string, unknown>;
const send = (text: string) =>
  http().post('/api/archive/incoming').set('content-type', 'application/json').send(text);
const put = (id: string, body: object) => http().post(`/api/archive/incoming/${id}`).send(body);
type Row = Record<string, unknown>;
const archive = async (): Promise<Record<string, Row[]>> =>
  JSON.parse((await http().get('/api/archive').expect(200)).text) as Record<string, Row[]>;

/** An archive with one judged pot and one bag in it, of this household. */
async function good(): Promise<Record<string, Row[]>> {
  const id = randomUUID();
  await http()
    .put(`/api/bags/${randomUUID()}`)
    .send({ grainId: 'basmati', label: 'Sack', note: '', openedOn: null })
    .expect(200);
  const { body } = await http().put(`/api/cooks/${id}`).send({ label: 'Pilaf', input }).expect(200);
  const [stage] = body.answer.stages as { id: string }[];
  await http()
    .put(`/api/cooks/${id}/events/${randomUUID()}`)
    .send({ kind: 'start', stageId: stage!.id })
    .expect(200);
  return archive();
}
/** Puts one in as it is and says what was left out, and what is there of its pots then. */
async function putIn(from: Record<string, unknown>): Promise<{ wrong: string[]; cooks: Row[] }> {
  const { body } = await send(JSON.stringify(from)).expect(200);
  const done = await put(body.id as string, { how: 'merge' }).expect(200);
  return { wrong: done.body.wrong as string[], cooks: (await archive())['cooks']! };
}

describe('what an archive brings is looked at', () => {
  it('and an answer is worked out anew: acts, ends and figures that a file made up are nowhere', async () => {
    const from = await good();
    const [cook] = from['cooks']!;
    const stages = [{ id: 'x', act: 'levitate', end: { kind: 'never' } }];
    const made = {
      ...cook,
      id: randomUUID(),
      taps: [],
      answer: { stages, pour: { ml: 1e9 }, verdict: 'whatever', pours: 'no list' },
    };
    const { wrong, cooks } = await putIn({ ...from, cooks: [made] });
    expect(wrong).toEqual([]);
    const there = cooks.find((c) => c['id'] === made.id)!;
    expect(there['answer']).toEqual(cook!['answer']);
    await http().get(`/api/cooks/${made.id}`).expect(200);
  });

  it.each<[string, (cook: Row) => Row]>([
    [
      'a plan with an act that there is none of',
      (c) => ({
        ...c,
        input: {
          ...input,
          stages: [
            { id: 'a', act: 'levitate', heat: 'low', lid: 'on', end: { kind: 'minutes', minutes: 3 } },
          ],
        },
      }),
    ],
    ['a plan that is a list', (c) => ({ ...c, input: [] })],
    [
      'a plan that cannot be cooked',
      (c) => ({ ...c, input: { ...input, vessel: { diameterCm: 10, volumeMl: 300 } } }),
    ],
    [
      'a tap of no kind',
      (c) => ({ ...c, taps: [{ id: randomUUID(), kind: 'sung', stageId: 'x', atMs: 1 }] }),
    ],
    [
      'a stage with a line end in its name',
      (c) => ({ ...c, taps: [{ id: randomUUID(), kind: 'done', stageId: 'a\r\nX: y', atMs: 1 }] }),
    ],
    ['taps that are an object', (c) => ({ ...c, taps: {} })],
    ['an outcome that is a list', (c) => ({ ...c, outcome: [] })],
    ['a pot that is a list', () => [] as unknown as Row],
  ])('%s is left out and said; the rest goes in', async (_what, change) => {
    const from = await good();
    const [cook] = from['cooks']!;
    const other = { ...cook, id: randomUUID(), taps: [] };
    const { wrong, cooks } = await putIn({
      ...from,
      cooks: [change({ ...cook, id: randomUUID(), taps: [] }), other],
    });
    expect(wrong).toHaveLength(1);
    expect(wrong[0]).toMatch(/^cooks: /u);
    expect(cooks.map((c) => c['id'])).toContain(other.id);
    expect(cooks).toHaveLength(2);
  });

  it.each([
    ['a bag that is a list', 'bags', []],
    ['a dish whose plan is a list', 'dishes', { label: 'Dish', blurb: '', spec: [] }],
    ['a plan whose plan is a list', 'plans', { label: 'Plan', input: [] }],
    [
      'a way whose stages are an object',
      'methods',
      { label: 'Way', method: 'coveredAbsorption', stages: {} },
    ],
  ])('%s is left out and said', async (_what, key, fields) => {
    const times = { id: randomUUID(), createdAtMs: 1, updatedAtMs: 1, deletedAtMs: null };
    const row = Array.isArray(fields) ? fields : { ...times, ...fields };
    const { wrong } = await putIn({ ...(await good()), [key]: [row] });
    expect(wrong).toHaveLength(1);
    expect(wrong[0]).toMatch(new RegExp(`^${key}: `, 'u'));
  });

  it('and ids are the same in capitals, and nothing is of the future', async () => {
    const from = await good();
    const [bag] = from['bags']!;
    const [cook] = from['cooks']!;
    const far = 9_999_999_999_999;
    const upper = { ...bag, id: String(bag!['id']).toUpperCase(), updatedAtMs: far, label: 'Renamed' };
    const id = randomUUID();
    await putIn({
      ...from,
      bags: [upper],
      cooks: [{ ...cook, id: id.toUpperCase(), startedAtMs: far, taps: [] }],
    });
    const { bags, cooks } = await archive();
    expect(bags!.filter((b) => b['label'] === 'Renamed')).toHaveLength(1);
    expect(bags!.map((b) => b['id'])).not.toContain(upper.id);
    expect(Number(bags!.find((b) => b['label'] === 'Renamed')!['updatedAtMs'])).toBeLessThanOrEqual(
      Date.now(),
    );
    const there = cooks!.find((c) => c['id'] === id)!;
    expect(Number(there['startedAtMs'])).toBeLessThanOrEqual(Date.now());
    // It is no older than what is said of it next: the household's own word still counts.
    const { body: now } = await http().get('/api/bags');
    const mine = (now as Row[]).find((b) => b['label'] === 'Renamed')!;
    await http()
      .put(`/api/bags/${String(mine['id'])}?standsOn=${String(mine['revision'])}`)
      .send({ grainId: 'basmati', label: 'Mine again', note: '', openedOn: null })
      .expect(200);
  });

  it('without a version it is none, in any layout', async () => {
    for (const text of [
      '{"format":"hammock.archive","bags":[]}',
      '{"format":"hammock.archive",\n"household":{}}',
    ])
      expect((await send(text).expect(422)).body.errors[0].code).toBe('notAnArchive');
  });

  it('and in place of everything a file that holds nothing is meant twice', async () => {
    await good();
    const text = '{"format":"hammock.archive","version":1,"cooks":[]}';
    const { body } = await send(text).expect(200);
    const refused = await put(body.id as string, { how: 'instead' }).expect(422);
    expect(refused.body.errors).toMatchObject([{ code: 'empty' }]);
    expect((await archive())['cooks']).toHaveLength(1);
    await put(body.id as string, { how: 'instead', evenIfEmpty: true }).expect(200);
    expect((await archive())['cooks']).toEqual([]);
  });
});

describe('what is sent as an archive and is none', () => {
  /** Sends bytes with no library in between, and what comes back. */
  const raw = (size: number, piece: Buffer, declared: boolean): Promise<number> =>
    new Promise((done, failed) => {
      const { port } = new URL(server.url);
      const headers = {
        'content-type': 'application/json',
        ...(declared ? { 'content-length': size.toString() } : { 'transfer-encoding': 'chunked' }),
      };
      const sent = ask(
        { host: '127.0.0.1', port, method: 'POST', path: '/api/archive/incoming', headers },
        (reply) => {
          reply.resume();
          reply.on('end', () => done(reply.statusCode ?? 0));
        },
      );
      sent.on('error', failed);
      let left = size;
      const more = (): void => {
        while (left > 0) {
          left -= piece.length;
          if (!sent.write(piece)) {
            sent.once('drain', more);
            return;
          }
        }
        sent.end();
      };
      more();
    });

  it('is answered with 413 at three hundred megabytes, said beforehand or not, and the process lives', async () => {
    const piece = Buffer.alloc(1024 * 1024, ' ');
    for (const declared of [true, false]) expect(await raw(300 * 1024 * 1024, piece, declared)).toBe(413);
    await http().get('/api/household').expect(200);
    expect(readdirSync(server.folder).filter((n) => n.startsWith('incoming'))).toEqual([]);
  }, 60_000);

  it.each([500_000, 3_000_000])(
    'is refused as %d brackets, alone, in a row and on a line of ours',
    async (n) => {
      const nest = '['.repeat(n);
      const head = '{"format":"hammock.archive","version":1,';
      for (const text of [
        nest,
        `${head}"bags":${nest}`,
        `${head}\n"household":{"name":${nest}}}`,
        `${head}\n"household":{},\n"bags":[\n{"a":${'{"a":'.repeat(n / 5)}1}]}`,
      ]) {
        const { status, body } = await send(text);
        expect([status, body.errors?.[0]?.code]).toEqual([422, 'tooDeep']);
      }
      await http().get('/api/household').expect(200);
    },
  );

  it('is answered on a disk that is full, and leaves nothing', async () => {
    const full = Object.assign(new Error('no space left on device'), { code: 'ENOSPC' });
    const spied = jest.spyOn(fs, 'createWriteStream').mockImplementation(
      () =>
        new Writable({
          write: (_piece, _encoding, done) => setImmediate(done, full),
        }) as never,
    );
    try {
      const sent = raw(40 * 1024 * 1024, Buffer.alloc(1024 * 1024, ' '), true);
      expect(await sent).toBe(507);
    } finally {
      spied.mockRestore();
    }
    await http().get('/api/household').expect(200);
    expect((await send('{}')).status).toBe(422);
  });

  it('leaves nothing where whoever sends it goes away in the middle', async () => {
    const { port } = new URL(server.url);
    const sent = ask({
      host: '127.0.0.1',
      port,
      method: 'POST',
      path: '/api/archive/incoming',
      headers: { 'content-type': 'application/json', 'content-length': '900000' },
    });
    sent.on('error', () => undefined);
    sent.write('{"format":');
    await new Promise((later) => setTimeout(later, 100));
    sent.destroy();
    await new Promise((later) => setTimeout(later, 200));
    expect(readdirSync(server.folder).filter((n) => n.startsWith('incoming'))).toEqual([]);
    await http().get('/api/household').expect(200);
  });
});

describe('what lies in the folder and is no plain file', () => {
  it('is skipped and said: a link that leads nowhere, a link to elsewhere, a folder', async () => {
    const copies = join(server.folder, 'copies');
    mkdirSync(join(copies, 'hammock-folder.sqlite'), { recursive: true });
    symlinkSync('/nowhere/at/all', join(copies, 'hammock-dangling-daily.sqlite'));
    symlinkSync('/etc/hostname', join(copies, 'hammock-elsewhere-kept.sqlite'));
    writeFileSync(join(copies, 'notes.txt'), 'mine');
    symlinkSync('/nowhere', join(server.folder, `incoming-${randomUUID()}.json`));
    await http().post('/api/copies').expect(201);
    const { body } = await http().get('/api/copies').expect(200);
    const others = (body as { name: string; isOther?: boolean }[])
      .filter((c) => c.isOther === true)
      .map((c) => c.name);
    expect(others.sort()).toEqual([
      'hammock-dangling-daily.sqlite',
      'hammock-elsewhere-kept.sqlite',
      'hammock-folder.sqlite',
    ]);
    expect(body).toHaveLength(4);
    // Started again over the same folder it is there as before, and erasing takes away what is ours alone.
    await server.app.close();
    server = await temporaryServer({ folder: server.folder });
    await http().post('/api/everything').send({ takeAway: 'everything' }).expect(204);
    expect(readdirSync(copies).sort()).toEqual([...others, 'notes.txt'].sort());
  });
});
