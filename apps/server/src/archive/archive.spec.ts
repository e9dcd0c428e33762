import 'reflect-metadata';
import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { Ajv } from 'ajv';
import fc from 'fast-check';
import request from 'supertest';
import { ANSWER_EXAMPLE } from '../answer/answer.example.js';
import { runs } from '../testing/budget.js';
import { temporaryServer, type TemporaryServer } from '../testing/temporaryServer.js';

let one: TemporaryServer;
let other: TemporaryServer;
beforeEach(async () => {
  one = await temporaryServer();
  other = await temporaryServer();
});
afterEach(async () => {
  await one.close();
  await other.close();
});

const { odds: _odds, ...input } = ANSWER_EXAMPLE as Record<string, unknown>;
const archiveOf = async ({ url }: TemporaryServer): Promise<string> =>
  (await request(url).get('/api/archive').expect(200)).text;
const send = (server: TemporaryServer, text: string) =>
  request(server.url).post('/api/archive/incoming').set('content-type', 'application/json').send(text);
async function put(server: TemporaryServer, text: string, how: 'merge' | 'instead') {
  const { body } = await send(server, text).expect(200);
  return (await request(server.url).post(`/api/archive/incoming/${body.id}`).send({ how }).expect(200)).body;
}

interface Made {
  readonly label: string;
  readonly note: string;
  readonly texture: number;
  readonly taps: number;
}
/** A pot of a household with a dish of its own and a bag, cooked, tapped and judged. */
async function cookOn({ url }: TemporaryServer, { label, note, texture, taps }: Made): Promise<string> {
  const http = request(url);
  const [bagId, dishId, id] = [randomUUID(), randomUUID(), randomUUID()];
  await http.put(`/api/bags/${bagId}`).send({ grainId: 'basmati', label, note, openedOn: null }).expect(200);
  await http
    .put(`/api/dishes/${dishId}`)
    .send({ label, blurb: note, spec: { grainId: 'basmati', grain: { g: 300 } } })
    .expect(200);
  await http.put(`/api/plans/${randomUUID()}`).send({ label, dishId, bagId, input }).expect(200);
  const begun = await http.put(`/api/cooks/${id}`).send({ label, bagId, dishId, input }).expect(200);
  const [stage] = begun.body.answer.stages;
  for (let i = 0; i < taps; i += 1)
    await http
      .put(`/api/cooks/${id}/events/${randomUUID()}`)
      .send({ kind: 'extend', stageId: stage.id, minutes: i + 1 })
      .expect(200);
  await http
    .patch(`/api/cooks/${id}?standsOn=${begun.body.revision}`)
    .send({ pouredMl: 500.5, outcome: { texture, base: 'golden', note } })
    .expect(200);
  return id;
}
const POT: Made = { label: 'Evening pilaf', note: 'two spoons less', texture: 4, taps: 2 };

describe('everything of a household', () => {
  it('is what its JSON Schema says, and comes back byte by byte from another household it was put into', async () => {
    await cookOn(one, POT);
    const gone = randomUUID();
    await request(one.url)
      .put(`/api/cups/${gone}`)
      .send({ label: 'A cup', kind: 'cup', ml: 240, parts: ['1'] })
      .expect(200);
    const { body: cups } = await request(one.url).get('/api/cups');
    await request(one.url)
      .delete(`/api/cups/${gone}?standsOn=${cups.find((c: { id: string }) => c.id === gone).revision}`)
      .expect(200);
    const text = await archiveOf(one);
    const { body: schema } = await request(one.url).get('/api/archive/schema').expect(200);
    // What is published is what is served: npm run schemas.
    expect(JSON.parse(readFileSync(join(__dirname, '../../../../docs/archive.schema.json'), 'utf8'))).toEqual(
      schema,
    );
    const validate = new Ajv({ strict: false, formats: { uuid: true } }).compile(schema);
    expect(validate(JSON.parse(text)) ? [] : validate.errors).toEqual([]);
    await request(other.url).post('/api/everything').send({ takeAway: 'everything' }).expect(204);
    expect(await put(other, text, 'instead')).toMatchObject({ wrong: [], wrongCount: 0 });
    expect(await archiveOf(other)).toBe(text);
    // In place of what another has: that is taken away there as if by hand, and all else is the same.
    const third = await temporaryServer();
    await request(third.url)
      .put(`/api/cups/${randomUUID()}`)
      .send({ label: 'Theirs', kind: 'cup', ml: 200, parts: ['1'] });
    await put(third, text, 'instead');
    expect(
      (await request(third.url).get('/api/cups')).body.map((c: { label: string }) => c.label),
    ).not.toContain('Theirs');
    expect(JSON.parse(await archiveOf(third)).cooks).toEqual(JSON.parse(text).cooks);
    await third.close();
  });

  it('of any names and words comes back the same: whatever is written there is words and nothing else', async () => {
    const words = fc
      .oneof(
        fc.string({ unit: 'grapheme', minLength: 1, maxLength: 30 }),
        fc.constantFrom(
          '=1+1',
          '<script>alert(1)</script>',
          `'; DROP TABLE bag; --`,
          '__proto__',
          '../../x',
          '‮abc',
          '"}]}',
        ),
      )
      .filter((t) => t.trim() !== '');
    await fc.assert(
      fc.asyncProperty(
        fc.record({ label: words, note: words, texture: fc.integer({ min: 1, max: 5 }), taps: fc.nat(3) }),
        async (made) => {
          const id = await cookOn(one, made);
          await put(other, await archiveOf(one), 'merge');
          const [a, b] = await Promise.all(
            [one, other].map(
              async ({ url }) => (await request(url).get(`/api/cooks/${id}`).expect(200)).body,
            ),
          );
          expect({ ...b, revision: 0, events: 0 }).toEqual({ ...a, revision: 0, events: 0 });
          expect(b.events.map((e: object) => ({ ...e, seq: 0 }))).toEqual(
            a.events.map((e: object) => ({ ...e, seq: 0 })),
          );
        },
      ),
      { seed: 15, numRuns: 12 },
    );
  });

  it('put into another that has more keeps that: ids decide, the newer wins, taps of both are one pot', async () => {
    const id = await cookOn(one, POT);
    const before = await archiveOf(one);
    await put(other, before, 'merge');
    const { body: bags } = await request(other.url).get('/api/bags').expect(200);
    const bag = bags.find((b: { label: string }) => b.label === POT.label);
    const { id: bagId, revision, createdAtMs: _c, updatedAtMs: _u, deletedAtMs: _d, ...fields } = bag;
    await request(other.url)
      .put(`/api/bags/${bagId}?standsOn=${revision}`)
      .send({ ...fields, label: 'Renamed' })
      .expect(200);
    const { body: begun } = await request(other.url).get(`/api/cooks/${id}`);
    await request(other.url)
      .put(`/api/cooks/${id}/events/${randomUUID()}`)
      .send({ kind: 'extend', stageId: begun.answer.stages[0].id, minutes: 9 })
      .expect(200);
    const looked = (await send(other, before).expect(200)).body;
    expect(looked.lists.bags).toMatchObject({ added: 0, newer: 0 });
    expect((await put(other, before, 'merge')).lists.cooks).toEqual({ added: 0, newer: 0, same: 1 });
    expect(
      (await request(other.url).get('/api/bags')).body.find((b: { id: string }) => b.id === bagId).label,
    ).toBe('Renamed');
    expect((await request(other.url).get(`/api/cooks/${id}`)).body.events).toHaveLength(3);
    // And back the other way it is newer.
    expect((await put(one, await archiveOf(other), 'merge')).lists.bags).toMatchObject({ added: 0 });
    const { body: back } = await request(one.url).get('/api/bags').expect(200);
    expect(back.find((b: { id: string }) => b.id === bagId).label).toBe('Renamed');
  });

  it('is looked over first: nothing is changed, and what cannot be read is named and left out', async () => {
    await cookOn(one, POT);
    const archive = JSON.parse(await archiveOf(one));
    archive.bags.push(
      { ...archive.bags[0], id: randomUUID(), label: 7 },
      { ...archive.bags[0], id: 'no id' },
      null,
    );
    archive.cooks.push({ ...archive.cooks[0], id: randomUUID(), input: { grainId: [] } });
    archive.cooks.push({
      ...archive.cooks[0],
      id: randomUUID(),
      taps: [{ ...archive.cooks[0].taps[0], id: randomUUID(), kind: 'looked', said: 'nonsense' }],
    });
    const was = await archiveOf(other);
    const { body } = await send(other, JSON.stringify(archive, null, 2)).expect(200);
    expect(body.lists.cooks).toMatchObject({ added: 1 });
    expect(body.wrong).toEqual(['bags: label', 'bags: id', 'bags: row', 'cooks: input', 'cooks: taps[0]']);
    expect(await archiveOf(other)).toBe(was);
    await request(other.url).delete(`/api/archive/incoming/${body.id}`).expect(204);
    await request(other.url).post(`/api/archive/incoming/${body.id}`).send({ how: 'merge' }).expect(404);
    expect(readdirSync(other.folder).filter((n) => n.startsWith('incoming'))).toEqual([]);
  });

  it.each<[string, string, string]>([
    ['nothing', ' ', 'notJson'],
    ['half of one', '{"format":"hammock.archive","version":1,"bags":[{"id":', 'notJson'],
    ['another JSON', '{"a":1,"bags":[1]}', 'notAnArchive'],
    ['a list', '[1,2,3]', 'notAnArchive'],
    ['one of a newer program', '{"format":"hammock.archive","version":2}', 'newer'],
    [
      'one that nests without end',
      `{"format":"hammock.archive","version":1,"bags":${'['.repeat(2_000_000)}`,
      'tooDeep',
    ],
    [
      'one with a text without end',
      `{"format":"hammock.archive","version":1,"bags":[{"label":"${'x'.repeat(3_000_000)}"}]}`,
      'rowTooLarge',
    ],
    ['words', 'hello', 'notJson'],
  ])('%s is refused with its reason, and nothing is left lying', async (_what, text, reason) => {
    const { body } = await send(one, text).expect(422);
    expect(body.errors).toMatchObject([{ field: 'file', code: reason }]);
    expect(readdirSync(one.folder).filter((n) => n.startsWith('incoming'))).toEqual([]);
  });

  it('with anything at all in it is looked over or refused, and put in or refused: never an error of ours', async () => {
    await cookOn(one, POT);
    const good = JSON.parse(await archiveOf(one)) as Record<string, unknown>;
    const [cook] = good['cooks'] as Record<string, unknown>[];
    const anything = fc.oneof(
      fc.jsonValue({ maxDepth: 4 }),
      fc.constantFrom<unknown>(null, -1, 1e300, '', '\u0000', '__proto__', [], {}, 'x'.repeat(5000)),
    );
    const twisted = fc.oneof(
      fc
        .record({ key: fc.constantFrom(...Object.keys(good)), value: anything })
        .map(({ key, value }) => ({ ...good, [key]: value })),
      fc
        .record({ key: fc.constantFrom('bags', 'dishes', 'plans', 'cooks', 'cups'), value: anything })
        .map(({ key, value }) => ({ ...good, [key]: [value] })),
      fc.record({ key: fc.constantFrom(...Object.keys(cook!)), value: anything }).map(({ key, value }) => ({
        ...good,
        cooks: [{ ...cook, id: randomUUID(), taps: [], [key]: value }],
      })),
    );
    await fc.assert(
      fc.asyncProperty(twisted, async (archive) => {
        const { status, body } = await send(other, JSON.stringify(archive));
        expect([200, 422]).toContain(status);
        if (status !== 200) return;
        const put = await request(other.url).post(`/api/archive/incoming/${body.id}`).send({ how: 'merge' });
        expect([200, 409, 422]).toContain(put.status);
      }),
      { seed: 17, numRuns: runs(150) },
    );
  });

  it('makes a copy before it is put in, and on a disk that is full nothing of it is put in', async () => {
    for (let n = 0; n < 8; n += 1) await cookOn(one, POT);
    const text = await archiveOf(one);
    const was = await archiveOf(other);
    const { body } = await send(other, text).expect(200);
    const { raw } = other.database;
    const [{ page_count: pages }] = raw.pragma('page_count') as [{ page_count: number }];
    raw.pragma(`max_page_count = ${(pages + 4).toString()}`);
    const put = () => request(other.url).post(`/api/archive/incoming/${body.id}`).send({ how: 'merge' });
    expect((await put()).status).toBe(507);
    expect(await archiveOf(other)).toBe(was);
    expect(readdirSync(join(other.folder, 'copies')).some((n) => n.includes('before-archive'))).toBe(true);
    // What was looked over still lies there: with room it goes in.
    raw.pragma(`max_page_count = ${(pages * 50).toString()}`);
    expect((await put()).status).toBe(200);
    expect(JSON.parse(await archiveOf(other)).cooks).toEqual(JSON.parse(text).cooks);
  });

  it('tells how far it has come, and is stopped in the middle with nothing of it in', async () => {
    const http = request(other.url);
    const bag = (n: number) => ({
      ...{
        id: randomUUID(),
        createdAtMs: n,
        updatedAtMs: n,
        deletedAtMs: null,
        openedOn: null,
        amylose: null,
      },
      ...{ label: `Bag ${n.toString()}`, note: 'x'.repeat(250), grainId: 'millet' },
    });
    const empty = JSON.parse(await archiveOf(one)) as { bags: object[] };
    const many = JSON.stringify({
      ...empty,
      bags: Array.from({ length: 12_000 }, (_, n) => bag(n + 1)),
    });
    const as = randomUUID();
    const looked = http
      .post(`/api/archive/incoming?as=${as}`)
      .set('content-type', 'application/json')
      .send(many)
      .then(({ body }) => body as { id: string; lists: Record<string, { added: number }> });
    const shares: number[] = [];
    const follow = async (until: (share: number) => boolean): Promise<void> => {
      for (let tries = 0; tries < 2000; tries += 1) {
        const { status, body } = await http.get(`/api/archive/incoming/${as}`);
        if (status === 200) shares.push(body.share);
        if (status === 200 && until(body.share)) return;
      }
      throw new Error('it never came so far');
    };
    await follow((share) => share > 0.2 && share < 1);
    const found = await looked;
    expect(found).toMatchObject({ id: as, lists: { bags: { added: 12_000 } } });
    expect([...shares].sort((a, b) => a - b)).toEqual(shares);

    const before = await archiveOf(other);
    const putting = http
      .post(`/api/archive/incoming/${as}`)
      .send({ how: 'merge' })
      .then((reply) => reply);
    await follow((share) => share > 0.1 && share < 0.9);
    // A second press is no second archive.
    await http.post(`/api/archive/incoming/${as}`).send({ how: 'merge' }).expect(404);
    await http.delete(`/api/archive/incoming/${as}`).expect(204);
    const stopped = await putting;
    expect(stopped.status).toBe(422);
    expect(stopped.body.title).toBe('It was stopped. Nothing was changed.');
    expect(await archiveOf(other)).toBe(before);
    await http.get(`/api/archive/incoming/${as}`).expect(404);
    // A name that somebody else has is not taken from them.
    const [a, b] = [await send(other, before), await send(other, before)];
    expect(a.body.id).not.toBe(b.body.id);
    const again = await http
      .post(`/api/archive/incoming?as=${a.body.id}`)
      .set('content-type', 'application/json')
      .send(before);
    expect(again.body.id).not.toBe(a.body.id);
  }, 60_000);

  it('is taken away for good when that is meant, copies too', async () => {
    await cookOn(one, POT);
    await request(one.url).post('/api/copies').expect(201);
    const { revision } = (await request(one.url).get('/api/household')).body;
    await request(one.url)
      .put(`/api/household?standsOn=${String(revision)}`)
      .send({
        ...{ name: 'Upper station', altitudeM: 2100, roomC: 17, fingerMm: 24, texture: 4, softerSteps: 0.5 },
        ...{ textureNames: ['a', 'b', 'c', 'd', 'e'], people: ['Mirle'], served: 'underSalty', metric: true },
        packets: [{ ingredientId: 'tomatoTin', packet: 'tin', g: 240 }],
        told: [{ id: 'bag/x', points: 1 }],
      })
      .expect(200);
    await request(one.url).post('/api/everything').send({}).expect(400);
    expect((await request(one.url).get('/api/cooks')).body).toHaveLength(1);
    await request(one.url).post('/api/everything').send({ takeAway: 'everything' }).expect(204);
    const left = JSON.parse(await archiveOf(one));
    for (const [key, list] of Object.entries(left))
      if (Array.isArray(list)) expect([key, list]).toEqual([key, []]);
    // As the first migration wrote it, every field of it.
    expect(left.household).toMatchObject({
      ...{ name: 'Our kitchen', altitudeM: 0, roomC: 20, fingerMm: null, texture: 2, softerSteps: null },
      ...{ textureNames: null, packets: null, people: null, told: null, served: 'plain', metric: false },
    });
    expect(readdirSync(join(one.folder, 'copies'))).toEqual([]);
    for (const name of readdirSync(one.folder).filter((n) => n.includes('sqlite'))) {
      expect(readFileSync(join(one.folder, name)).includes(Buffer.from(POT.note))).toBe(false);
    }
  });
});
