import Ajv from 'ajv';
import 'reflect-metadata';
import { copyFileSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import SwaggerParser from '@apidevtools/swagger-parser';
import { completePlan, oddsOf, runFromTaps, type Tap } from '@hammock/core';
import type { TapRecord } from '@hammock/core/records';
import request from 'supertest';
import { TABLE } from '../../../packages/core/src/testing/pots.js';
import { ANSWER_EXAMPLE } from './answer/answer.example.js';
import { temporaryServer, type TemporaryServer } from './testing/temporaryServer.js';

let server: TemporaryServer;
const http = () => request(server.url);
/** A tap as the core takes it: nothing in it is null. */
const bare = (tap: TapRecord): Tap =>
  Object.fromEntries(Object.entries(tap).filter(([, v]) => v !== null)) as unknown as Tap;
const uuid = (n: number): string => `00000000-0000-4000-8000-${n.toString().padStart(12, '0')}`;

beforeAll(async () => {
  server = await temporaryServer();
});
afterAll(() => server.close());

describe('POST /api/answer', () => {
  it('answers the documented example with an account that closes', async () => {
    const { body } = await http().post('/api/answer').send(ANSWER_EXAMPLE).expect(200);
    const sum = (side: string): number =>
      body.account.terms
        .filter((t: { side: string }) => t.side === side)
        .reduce((s: number, t: { g: number }) => s + t.g, 0);
    expect(Math.abs(sum('comesFrom') - sum('goesTo'))).toBeLessThan(0.1);
    expect(body.pour).toMatchObject({ ingredientId: 'stockChicken' });
    expect(body.keepBy.ml).toBeGreaterThan(0);
    expect(body.salt.sources.length).toBeGreaterThan(0);
    expect(body.cautions.map((c: { code: string }) => c.code)).toContain('leftovers');
    // Wet grain spits in hot fat; dry grain does not.
    const codes = async (wash: string): Promise<string[]> => {
      const reply = await http()
        .post('/api/answer')
        .send({ ...ANSWER_EXAMPLE, wash })
        .expect(200);
      return reply.body.cautions.map((c: { code: string }) => c.code);
    };
    expect(await codes('unwashed')).not.toContain('wetGrainInFat');
    expect(await codes('rinsed')).toContain('wetGrainInFat');
  });

  it('gives the odds when they are asked for, the same for the same seed', async () => {
    const ask = { ...ANSWER_EXAMPLE, odds: { draws: 60, seed: 9 } };
    const { body } = await http().post('/api/answer').send(ask).expect(200);
    expect(body.odds).toMatchObject({ draws: 60, seed: 9 });
    const made = completePlan(ANSWER_EXAMPLE);
    if (!made.ok) throw new Error('the example is a plan');
    expect(body.odds).toEqual(JSON.parse(JSON.stringify(oddsOf(made.value, { draws: 60, seed: 9 }))));
    const plain = await http().post('/api/answer').send(ANSWER_EXAMPLE).expect(200);
    expect(plain.body.odds).toBeUndefined();
    for (const odds of [{ draws: 0 }, { draws: 1e6 }, { seed: -1 }, { dice: 2 }, 'many'])
      await http()
        .post('/api/answer')
        .send({ ...ANSWER_EXAMPLE, odds })
        .expect(400);
  });

  it('gives the course, and says why a pot cannot be cooked instead of hanging', async () => {
    const { body } = await http().post('/api/course').send(ANSWER_EXAMPLE).expect(200);
    expect(body.outcome.texture).toBeCloseTo(2, 0);
    expect(body.series.minutes.length).toBe(body.series.w[2].length);
    expect(body.troubles).toEqual([]);
    const dry = await http()
      .post('/api/course')
      .send({ ...ANSWER_EXAMPLE, pourMl: 0 })
      .expect(200);
    expect(dry.body.troubles.map((t: { code: string }) => t.code)).toContain('tooHard');
    const cold = { ...ANSWER_EXAMPLE, hob: { powerW: { high: 0, medium: 0, mediumHigh: 0, low: 0 } } };
    const never = await http().post('/api/course').send(cold).expect(200);
    expect(never.body.troubles[0].code).toBe('neverBoiled');
    await http()
      .post('/api/course')
      .send({ ...ANSWER_EXAMPLE, pourMl: -5 })
      .expect(400);
    await http()
      .post('/api/course')
      .send({ ...ANSWER_EXAMPLE, grainId: 'gravel' })
      .expect(422);
  });

  it.each(TABLE)('%s: pours about %p cups as practised cooks do', async (_what, cups, within, plan) => {
    const { body } = await http().post('/api/answer').send(plan).expect(200);
    expect(Math.abs(body.pour.ml / (cups * 236.588) - 1)).toBeLessThanOrEqual(within);
  });

  it.each<[string, object, number, string]>([
    ['no grain', { ...ANSWER_EXAMPLE, grainId: undefined }, 400, 'grainId'],
    ['no vessel', { ...ANSWER_EXAMPLE, vessel: undefined }, 400, 'vessel'],
    ['an unknown property', { ...ANSWER_EXAMPLE, colour: 'red' }, 400, 'colour'],
    [
      'an unknown property inside',
      { ...ANSWER_EXAMPLE, vessel: { ...ANSWER_EXAMPLE.vessel, legs: 3 } },
      400,
      'vessel.legs',
    ],
    ['a wrong type', { ...ANSWER_EXAMPLE, soakMin: 'long' }, 400, 'soakMin'],
    ['a vessel that is a word', { ...ANSWER_EXAMPLE, vessel: 'pot' }, 400, 'vessel'],
    ['a negative amount', { ...ANSWER_EXAMPLE, grain: { g: -5 } }, 400, 'grain.g'],
    ['nothing', { ...ANSWER_EXAMPLE, grain: { g: 0 } }, 422, 'grain.g'],
    ['an enormous amount', { ...ANSWER_EXAMPLE, grain: { g: 1e12 } }, 400, 'grain.g'],
    ['an empty amount', { ...ANSWER_EXAMPLE, grain: { text: '' } }, 422, 'grain.text'],
    ['1/0 cup', { ...ANSWER_EXAMPLE, grain: { text: '1/0 cup' } }, 422, 'grain.text'],
    ['an unknown id', { ...ANSWER_EXAMPLE, grainId: 'gravel' }, 422, 'grainId'],
    [
      'an unknown ingredient',
      { ...ANSWER_EXAMPLE, ingredients: [{ ingredientId: 'moon', amount: { g: 5 } }] },
      422,
      'ingredients[0].ingredientId',
    ],
    [
      'an ingredient without amount',
      { ...ANSWER_EXAMPLE, ingredients: [{ ingredientId: 'onion' }] },
      400,
      'ingredients[0].amount',
    ],
    ['a pot too small', { ...ANSWER_EXAMPLE, grain: { cups: 6 } }, 422, 'vessel.volumeMl'],
    [
      'an impossible stage',
      {
        ...ANSWER_EXAMPLE,
        stages: [{ id: 'a', act: 'rest', heat: 'off', lid: 'on', end: { kind: 'minutes', minutes: 5 } }],
      },
      422,
      'stages[1].act',
    ],
  ])('refuses %s at its field', async (_what, plan, status, field) => {
    const reply = await http().post('/api/answer').send(plan).expect(status);
    expect(reply.headers['content-type']).toContain('application/problem+json');
    expect(reply.body).toMatchObject({
      type: expect.stringMatching(/^urn:hammock:/u),
      status,
      title: expect.any(String),
    });
    expect(reply.body.errors.map((e: { field: string }) => e.field)).toContain(field);
    expect(reply.body.errors[0].message).toMatch(/\.$/u);
  });

  it('refuses what is not JSON, NaN, and ten megabytes', async () => {
    const raw = (body: string) =>
      http().post('/api/answer').set('content-type', 'application/json').send(body);
    expect((await raw('{"grainId":').expect(400)).body.errors[0].field).toBe('body');
    await raw('{"grainId":"basmati","grain":{"g":NaN}}').expect(400);
    await raw('[]').expect(400);
    await raw('null').expect(400);
    const large = await raw(`{"grainId":"${'x'.repeat(10_000_000)}"}`).expect(413);
    expect(large.body).toMatchObject({ status: 413 });
  });

  it('says of an address that cannot be read that it is the address', async () => {
    const { body } = await http().get('/api/dishes/%E0%A4%A').expect(400);
    expect(body).toMatchObject({ title: 'The address cannot be read', status: 400 });
    expect(body.errors).toBeUndefined();
  });
});

interface Described {
  readonly responses: Readonly<Record<string, { readonly content?: unknown }>>;
}

describe('the API document', () => {
  it('has real schemas and the example that runs', async () => {
    const { body } = await http().get('/api/docs-json').expect(200);
    // An independent reader of OpenAPI finds nothing wrong in it, and every reference leads somewhere.
    await SwaggerParser.validate(structuredClone(body));
    for (const routes of Object.values(body.paths as Record<string, Record<string, { responses: object }>>))
      for (const { responses } of Object.values(routes)) expect(Object.keys(responses)).toContain('default');
    const post = body.paths['/api/answer'].post;
    expect(post.requestBody.content['application/json'].examples.pilaf.value).toEqual(ANSWER_EXAMPLE);
    expect(body.components.schemas.AskDto.properties.altitudeM).toMatchObject({
      minimum: -430,
      maximum: 6000,
      'x-unit': 'm',
    });
    for (const path of [
      '/api/bags',
      '/api/vessels',
      '/api/hobs',
      '/api/cups',
      '/api/dishes',
      '/api/plans',
      '/api/cooks',
      '/api/household',
    ]) {
      expect(body.paths[path].get).toBeDefined();
    }
  });

  it('answers an unknown path with a problem', async () => {
    expect((await http().get('/api/nowhere').expect(404)).body).toMatchObject({ status: 404 });
  });

  it('says which methods a path has when asked by another, and that it reads JSON when sent something else', async () => {
    const other = await http().delete('/api/household').expect(405);
    expect(other.headers['allow']).toBe('GET, PUT');
    expect(other.body).toMatchObject({ status: 405 });
    expect(
      (await http().post('/api/dishes/0d6e4079-e36a-4ef7-9f0a-5b1d4a3b0b11').send({}).expect(405)).headers,
    ).toMatchObject({ allow: expect.stringContaining('PUT') });
    const text = await http().post('/api/answer').set('content-type', 'text/plain').send('rice').expect(415);
    expect(text.body).toMatchObject({ status: 415 });
    const form = http().put('/api/household').type('form').send({ roomC: 20 });
    expect((await form.expect(415)).body.title).toContain('JSON');
  });

  it('describes every reply that is not a bare word, and no reply holds what it does not describe', async () => {
    const { body: document } = await http().get('/api/docs-json').expect(200);
    const undescribed = Object.entries(document.paths as Record<string, Record<string, Described>>).flatMap(
      ([path, routes]) =>
        Object.entries(routes)
          .filter(([, { responses }]) => {
            const ok = Object.entries(responses).find(([status]) => status.startsWith('2'));
            return ok?.[0] === '200' && ok[1].content === undefined;
          })
          .map(([method]) => `${method} ${path}`),
    );
    expect(undescribed).toEqual([]);
    const ajv = new Ajv({ strict: false, allErrors: true });
    const wrong = (name: string, value: unknown): unknown => {
      const valid = ajv.validate(
        { components: document.components, $ref: `#/components/schemas/${name}` },
        value,
      );
      return valid
        ? []
        : ajv.errors
            ?.slice(0, 5)
            .map((e) => `${e.instancePath} ${e.message ?? ''} ${JSON.stringify(e.params)}`);
    };
    const plans = [
      { ...ANSWER_EXAMPLE, odds: { draws: 20 } },
      { ...ANSWER_EXAMPLE, leanMl: 50 },
      { ...ANSWER_EXAMPLE, holdTo: 'oneToTwo', crust: true },
      // A base that brings too much: three ways out.
      {
        ...ANSWER_EXAMPLE,
        vessel: { diameterCm: 30, volumeMl: 12_000 },

        ingredients: [{ ingredientId: 'tomato', amount: { g: 4000 }, state: 'softened' }],
      },
    ];
    const replies = [];
    for (const plan of plans) replies.push((await http().post('/api/answer').send(plan).expect(200)).body);
    expect(replies[0].odds).toBeDefined();
    expect(replies[1].leans).toBeDefined();
    expect(replies[2].held).toBeDefined();
    expect(replies[3].waysOut).toBeDefined();
    for (const reply of replies) expect(wrong('AnswerReply', reply)).toEqual([]);
    for (const pourMl of [0, 450, 900]) {
      const { body } = await http()
        .post('/api/course')
        .send({ ...ANSWER_EXAMPLE, pourMl })
        .expect(200);
      expect(wrong('CourseReply', body)).toEqual([]);
    }
    // Would it notice? A reply with a field that nobody described does not pass.
    expect(wrong('AnswerReply', { ...replies[0], surprise: 1 })).not.toEqual([]);
  });
});

describe('the database', () => {
  it('opens in WAL with foreign keys, and has no drift from its migrations', async () => {
    const [{ journal_mode: mode }] = await server.dataSource.query('PRAGMA journal_mode');
    const [{ foreign_keys: keys }] = await server.dataSource.query('PRAGMA foreign_keys');
    expect([mode, keys]).toEqual(['wal', 1]);
    const drift = await server.dataSource.driver.createSchemaBuilder().log();
    expect(drift.upQueries.map((q) => q.query)).toEqual([]);
  });

  it('can go back and forth through its migrations', async () => {
    const other = await temporaryServer();
    for (let i = 0; i < 4; i += 1) await other.dataSource.undoLastMigration();
    await other.dataSource.runMigrations();
    expect((await request(other.url).get('/api/dishes')).body).toHaveLength(3);
    await other.close();
  });

  it('brings a file of the first schema up to date and loses nothing', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'hammock-old-'));
    copyFileSync(join(import.meta.dirname, 'testing/firstSchema.sqlite'), join(folder, 'hammock.sqlite'));
    const old = await temporaryServer({ folder });
    const at = (path: string) => request(old.url).get(`/api/${path}`).expect(200);
    const [vessels, bags, dishes, cooks] = await Promise.all(['vessels', 'bags', 'dishes', 'cooks'].map(at));
    expect(vessels!.body.map((v: { kind: string }) => v.kind)).toEqual(['pot', 'pot', 'pot']);
    expect(bags!.body.every((b: { openedOn: unknown }) => b.openedOn === null)).toBe(true);
    expect([dishes!.body.length, cooks!.body.length]).toEqual([4, 2]);
    const whole = await at(`cooks/${cooks!.body[0].id}`);
    expect(whole.body.events.length).toBeGreaterThan(0);
    expect(whole.body.outcome.texture).toBe(3);
    for (const dish of dishes!.body) {
      const plan = { ...dish.spec, vessel: { diameterCm: 26, volumeMl: 7000 } };
      await request(old.url).post('/api/answer').send(plan).expect(200);
    }
    await old.close();
    rmSync(folder, { recursive: true, force: true });
  });

  it('brings a file from before revisions up to date: a pot on the stove stands where it stood', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'hammock-third-'));
    copyFileSync(join(import.meta.dirname, 'testing/thirdSchema.sqlite'), join(folder, 'hammock.sqlite'));
    const old = await temporaryServer({ folder });
    const [line] = (await request(old.url).get('/api/cooks').expect(200)).body;
    const { events, answer, revision } = (await request(old.url).get(`/api/cooks/${line.id}`).expect(200))
      .body;
    expect(events.map((e: TapRecord) => e.kind)).toEqual(['start', 'done', 'done', 'undo']);
    // By the clocks they were told by then: two stages were done, and the second was taken back.
    expect(events[3].undoesId).toBe(events[2].id);
    expect(events.map((e: TapRecord) => e.seq)).toEqual([0, 1, 2, 3].map((n) => Number(events[0].seq) + n));
    expect(runFromTaps(answer.stages, events.map(bare))).toMatchObject({ current: 1, phase: 'running' });
    // Everything has a revision, and can be changed standing on it.
    await request(old.url)
      .patch(`/api/cooks/${line.id}?standsOn=${revision}`)
      .send({ pouredMl: 500 })
      .expect(200);
    const since = (await request(old.url).get('/api/changes?since=0').expect(200)).body;
    expect([since.bags.length, since.cooks.length, since.taps.length]).toEqual([4, 1, 4]);
    await old.close();
    rmSync(folder, { recursive: true, force: true });
  });

  it('starts with a kitchen that answers its own dishes', async () => {
    const [dishes, vessels] = await Promise.all([http().get('/api/dishes'), http().get('/api/vessels')]);
    expect(vessels.body).toHaveLength(3);
    for (const dish of dishes.body) {
      await http()
        .post('/api/answer')
        .send({ ...dish.spec, vessel: { diameterCm: 22, volumeMl: 4000 } })
        .expect(200);
    }
  });
});

describe('the kitchen', () => {
  const pot = { label: 'Blue pot', diameterCm: 20, volumeMl: 3000, lid: 'tight', wall: 'thin' };

  it('keeps, changes, takes away and brings back', async () => {
    const made = await http()
      .put(`/api/vessels/${uuid(1)}`)
      .send(pot)
      .expect(200);
    const changed = await http()
      .put(`/api/vessels/${uuid(1)}?standsOn=${made.body.revision}`)
      .send({ ...pot, label: 'Blue enamel pot' })
      .expect(200);
    const find = async () =>
      (await http().get('/api/vessels')).body.find((v: { id: string }) => v.id === uuid(1));
    expect(await find()).toMatchObject({ label: 'Blue enamel pot', createdAtMs: made.body.createdAtMs });
    const away = `/api/vessels/${uuid(1)}?standsOn=${changed.body.revision}`;
    const gone = await http().delete(away).expect(200);
    expect(await find()).toBeUndefined();
    expect((await http().delete(away).expect(200)).body.revision).toBe(gone.body.revision);
    await http()
      .delete(`/api/vessels/${uuid(4)}`)
      .expect(404);
    await http()
      .put(`/api/vessels/${uuid(1)}?standsOn=${gone.body.revision}`)
      .send(pot)
      .expect(200);
    expect(await find()).toMatchObject({ label: 'Blue pot' });
  });

  it.each<[string, object, string]>([
    ['bags', { grainId: 'gravel', label: 'x', note: '' }, 'grainId'],
    ['vessels', { ...pot, diameterCm: 900 }, 'diameterCm'],
    ['vessels', { ...pot, label: '' }, 'label'],
    ['hobs', { label: 'x', kind: 'gas', powerW: { high: 1 } }, 'powerW.mediumHigh'],
    ['cups', { label: 'x', kind: 'cup', ml: 200, parts: ['7/9'] }, 'parts'],
    [
      'dishes',
      { label: 'x', blurb: '', spec: { grainId: 'basmati', grain: { g: 1 }, vessel: pot } },
      'spec.vessel',
    ],
  ])('refuses a wrong %s field and stores nothing', async (path, body, field) => {
    const before = (await http().get(`/api/${path}`)).body;
    const reply = await http()
      .put(`/api/${path}/${uuid(2)}`)
      .send(body)
      .expect(400);
    expect(reply.body.errors.map((e: { field: string }) => e.field)).toContain(field);
    expect((await http().get(`/api/${path}`)).body).toEqual(before);
  });

  it('keeps own ingredients, own methods and water tests', async () => {
    const ingredient = { label: 'Red jar', figures: { like: 'tomatoPuree', body: 'thicker' } };
    const stages = [
      {
        id: 'a',
        act: 'boil',
        heat: 'high',
        lid: 'off',
        end: { kind: 'sign', sign: 'boilAllOver', expectMin: 5 },
      },
      { id: 'b', act: 'steam', heat: 'low', lid: 'cloth', end: { kind: 'minutes', minutes: 12 } },
    ];
    const method = { label: 'Double cloth', method: 'boilDown', stages };
    const test = {
      label: 'Pot on ring, low',
      vesselId: uuid(1),
      hobId: uuid(2),
      heat: 'low',
      coveredLossG: 60,
      coveredMin: 15,
      openLossG: 40,
      openMin: 5,
    };
    for (const [path, body] of [
      ['ingredients', ingredient],
      ['methods', method],
      ['steam-tests', test],
    ] as const) {
      const kept = await http()
        .put(`/api/${path}/${uuid(77)}`)
        .send(body)
        .expect(200);
      const list = await http().get(`/api/${path}`).expect(200);
      expect(list.body).toEqual([expect.objectContaining(body)]);
      await http()
        .put(`/api/${path}/${uuid(78)}`)
        .send({ ...body, label: '' })
        .expect(400);
      await http()
        .delete(`/api/${path}/${uuid(77)}?standsOn=${kept.body.revision}`)
        .expect(200);
    }
    await http()
      .put(`/api/steam-tests/${uuid(79)}`)
      .send({ ...test, openMin: 0 })
      .expect(400);
    await http()
      .put(`/api/bags/${uuid(79)}`)
      .send({ grainId: 'basmati', label: 'B', note: '', openedOn: 'May' })
      .expect(400);
  });

  it('keeps bags, hobs, cups and the household', async () => {
    await http()
      .put(`/api/bags/${uuid(3)}`)
      .send({ grainId: 'basmati', label: 'Tall bag', note: '' })
      .expect(200);
    const powerW = { high: 1500, mediumHigh: 900, medium: 500, low: 200, veryLow: 120, off: 0 };
    await http()
      .put(`/api/hobs/${uuid(4)}`)
      .send({ label: 'Plate', kind: 'electric', powerW })
      .expect(200);
    await http()
      .put(`/api/cups/${uuid(5)}`)
      .send({ label: 'mug', kind: 'cup', ml: 310, parts: ['1', '1/2'] })
      .expect(200);
    const household = {
      name: 'Us',
      altitudeM: 1640,
      roomC: 18,
      texture: 3,
      served: 'underSalty',
      metric: true,
    };
    const { revision } = (await http().get('/api/household')).body;
    await http().put(`/api/household?standsOn=${revision}`).send(household).expect(200);
    const { revision: newer, ...kept } = (await http().get('/api/household')).body;
    const nothing = {
      fingerMm: null,
      softerSteps: null,
      textureNames: null,
      packets: null,
      people: null,
      told: null,
    };
    expect(kept).toEqual({ ...household, ...nothing });
    // A finger is kept by who does not speak of it, and no finger is a metre.
    const put = (fields: object, on: number) =>
      http()
        .put(`/api/household?standsOn=${on.toString()}`)
        .send({ ...household, ...fields });
    const { body: fingered } = await put({ fingerMm: 28 }, newer).expect(200);
    const { body: named } = await put({ name: 'Them' }, fingered.revision).expect(200);
    expect(named).toMatchObject({ name: 'Them', fingerMm: 28 });
    await put({ fingerMm: 1000 }, named.revision).expect(400);
    // What is read can be written, also where it says that there is none.
    const { body: none } = await put({ fingerMm: null }, named.revision).expect(200);
    expect(none.fingerMm).toBeNull();
    const { revision: stood, ...read } = none;
    await http()
      .put(`/api/household?standsOn=${stood.toString()}`)
      .send({ ...read, name: 'Us' })
      .expect(200);
    const scale = {
      softerSteps: 0.5,
      textureNames: ['', 'my usual', '', '', ''],
      packets: [{ ingredientId: 'tomatoPuree', packet: 'jar', g: 680 }],
    };
    const { body: scaled } = await put(scale, (await http().get('/api/household')).body.revision).expect(200);
    expect(scaled).toMatchObject(scale);
    const { body: still } = await put({ name: 'Them' }, scaled.revision).expect(200);
    expect(still).toMatchObject(scale);
    for (const wrong of [
      { softerSteps: 3 },
      { textureNames: ['x'.repeat(25)] },
      { textureNames: Array(6).fill('a') },
      { packets: [{ ingredientId: 'tomatoPuree', packet: 'jar', g: -1 }] },
    ]) {
      const { body } = await put(wrong, still.revision).expect(400);
      expect(body.errors[0].field).toContain(Object.keys(wrong)[0]);
    }
    expect(newer).toBeGreaterThan(revision);
    expect((await http().get('/api/hobs')).body.at(-1)).toMatchObject({ powerW });
    const bagOf = (amylose: unknown) =>
      http().put('/api/bags/00000000-0000-4000-8000-00000000ba60').send({
        grainId: 'basmati',
        label: 'Of a class',
        note: '',
        openedOn: null,
        amylose,
      });
    await bagOf('sticky').expect(400);
    expect((await bagOf(null).expect(200)).body.amylose).toBeNull();
    await http().put('/api/bags/not-an-id').send({}).expect(400);
  });
});

describe('a cook', () => {
  const input = { ...ANSWER_EXAMPLE };
  const begin = (n: number, at = 1_760_000_000_000) => ({ label: 'Pilaf', input, startedAtMs: at + n });

  it('keeps a plan as typed, even one without an answer', async () => {
    const half = { label: 'Pilaf', input: { ...input, grain: { text: '1 3/' } } };
    await http()
      .put(`/api/plans/${uuid(10)}`)
      .send(half)
      .expect(200);
    expect((await http().get('/api/plans')).body[0]).toMatchObject({
      id: uuid(10),
      input: { grain: { text: '1 3/' } },
    });
    await http()
      .put(`/api/plans/${uuid(11)}`)
      .send({ ...half, dishId: uuid(999) })
      .expect(422);
  });

  it('begins, takes taps once each, keeps what was poured and how it came out', async () => {
    const path = `/api/cooks/${uuid(20)}`;
    const begun = await http().put(path).send(begin(1)).expect(200);
    expect(begun.body.advisedMl).toBeCloseTo(begun.body.answer.pour.ml, 9);
    const stageId = begun.body.answer.stages[0].id;
    const tap = { kind: 'start', stageId, atMs: 1_760_000_000_500 };
    await http()
      .put(`${path}/events/${uuid(30)}`)
      .send(tap)
      .expect(200);
    await http()
      .put(`${path}/events/${uuid(30)}`)
      .send(tap)
      .expect(200);
    await http()
      .put(`${path}/events/${uuid(31)}`)
      .send({ ...tap, stageId: 'nowhere' })
      .expect(422);
    const say = (n: number, more: object) =>
      http()
        .put(`${path}/events/${uuid(n)}`)
        .send({ ...tap, ...more });
    const { body: looked } = await say(32, { kind: 'looked', said: 'level' }).expect(200);
    expect(looked).toMatchObject({ kind: 'looked', said: 'level', amount: null });
    await say(33, { kind: 'splash', amount: 45 }).expect(200);
    for (const [field, wrong] of [
      ['said', { kind: 'looked', said: 'like a lake' }],
      ['said', { kind: 'tasted' }],
      ['amount', { kind: 'splash' }],
      ['amount', { kind: 'reads', amount: 4000 }],
    ] as const) {
      const { body } = await say(34, wrong).expect(422);
      expect(body.errors[0].field).toBe(field);
    }
    const poured = await http()
      .patch(`${path}?standsOn=${begun.body.revision}`)
      .send({ pouredMl: 700 })
      .expect(200);
    await http()
      .put(`${path}/outcome?standsOn=${poured.body.revision}`)
      .send({ texture: 3, base: 'clean', note: 'as it was', atMs: 1_760_000_100_000 })
      .expect(200);
    await http().put(path).send(begin(1)).expect(200);
    const taken = await http()
      .put(path)
      .send({ ...begin(1), label: 'Another' })
      .expect(409);
    expect(taken.body.errors[0].code).toBe('takenId');
    const { body } = await http().get(path).expect(200);
    expect(body).toMatchObject({ label: 'Pilaf', pouredMl: 700, outcome: { texture: 3, note: 'as it was' } });
    expect(body.events.map((e: { kind: string }) => e.kind)).toEqual(['start', 'looked', 'splash']);
  });

  it('takes taps on what is made beside a pot, and on a stage that a tap put into its line', async () => {
    const path = `/api/cooks/${uuid(22)}`;
    const beside = [{ id: 'salad', name: 'cucumber salad', kind: 'side', minutes: 10, handsOnMin: 10 }];
    const { body: cook } = await http()
      .put(path)
      .send({ ...begin(3), input: { ...input, beside } })
      .expect(200);
    expect(cook.answer.pour.ml).toBe((await http().post('/api/answer').send(input)).body.pour.ml);
    const tap = (n: number, body: object) =>
      http()
        .put(`${path}/events/${uuid(n)}`)
        .send({ atMs: 1_760_000_000_500, ...body });
    const stageId = cook.answer.stages[0].id;
    await tap(40, { kind: 'start', stageId: 'salad' }).expect(200);
    await tap(41, { kind: 'done', stageId: `+${uuid(42)}` }).expect(422);
    await tap(42, { kind: 'insert', stageId, said: 'rest', amount: 5 }).expect(200);
    await tap(41, { kind: 'done', stageId: `+${uuid(42)}` }).expect(200);
    for (const [field, wrong] of [
      ['said', { kind: 'insert', stageId, said: 'flambé', amount: 5 }],
      ['amount', { kind: 'insert', stageId, said: 'rest' }],
      ['amount', { kind: 'insert', stageId, said: 'rest', amount: 500 }],
      ['said', { kind: 'lid', stageId, said: 'pressure' }],
    ] as const) {
      const { body } = await tap(43, wrong).expect(422);
      expect(body.errors[0].field).toBe(field);
    }
    const { body: wrong } = await http()
      .post('/api/answer')
      .send({ ...input, beside: [{ ...beside[0], minutes: -5 }] })
      .expect(400);
    expect(wrong.errors[0].field).toBe('beside[0].minutes');
  });

  it('learns from what was judged, leaves one out as if it had never been, and from nothing that is not to count', async () => {
    const learnt = async (query = '') => (await http().get(`/api/learnt${query}`).expect(200)).body;
    const before = await learnt();
    const path = `/api/cooks/${uuid(23)}`;
    const { body: cook } = await http().put(path).send(begin(4)).expect(200);
    expect(await learnt()).toEqual(before);
    const judge = async (outcome: object, standsOn: number) =>
      (await http().patch(`${path}?standsOn=${standsOn.toString()}`).send({ outcome }).expect(200)).body;
    const soft = await judge({ texture: 4, base: 'clean', note: '' }, cook.revision);
    expect(soft.outcome.counts).toBe('once');
    const after = await learnt();
    const taste = (of: { ids: string[]; mean: number[] }) => of.mean[of.ids.indexOf('taste:household')] ?? 0;
    expect(taste(after)).toBeLessThan(taste(before));
    expect(await learnt(`?without=${uuid(23)}`)).toEqual(before);
    const never = await judge({ texture: 4, base: 'clean', note: '', counts: 'never' }, soft.revision);
    expect(await learnt()).toEqual(before);
    const always = await judge({ texture: 4, base: 'clean', note: '', counts: 'always' }, never.revision);
    const sure = taste(await learnt());
    expect(sure).toBeLessThan(taste(after));
    // What was put in on the way was poured too: it wanted more than the pour alone.
    const tap = (n: number, body: object) =>
      http()
        .put(`${path}/events/${uuid(n)}`)
        .send({ stageId: cook.answer.stages[0].id, ...body })
        .expect(200);
    await tap(60, { kind: 'splash', amount: 200 });
    await tap(61, { kind: 'splash', amount: 900 });
    await tap(62, { kind: 'undo', undoesId: uuid(61) });
    await judge({ texture: 4, base: 'clean', note: 'with a splash', counts: 'always' }, always.revision);
    const splashed = taste(await learnt());
    expect(splashed).toBeGreaterThan(sure);
    expect(splashed).toBeLessThan(sure + 2);
    await http().get('/api/learnt?without=nothing').expect(400);
    await http()
      .patch(`${path}?standsOn=1`)
      .send({ outcome: { texture: 4, base: 'clean', note: '', counts: 'maybe' } })
      .expect(400);
  });

  it('gives its notebook as a table to any program that reads one', async () => {
    const reply = await http().get('/api/notebook.csv').expect(200);
    expect(reply.headers['content-type']).toContain('text/csv');
    expect(reply.headers['content-disposition']).toContain('hammock-notebook.csv');
    const lines = reply.text.trimEnd().split('\r\n');
    const { body } = await http().get('/api/cooks?limit=200').expect(200);
    expect(lines).toHaveLength((body as unknown[]).length + 1);
    expect(lines[0]).toContain('advised_ml,poured_ml');
  });

  it('hears a tap of yesterday, and refuses at their field those that no pot can give', async () => {
    const path = `/api/cooks/${uuid(25)}`;
    const { body: cook } = await http().put(path).send(begin(4)).expect(200);
    const stageId = cook.answer.stages[0].id;
    const tap = (n: number, body: object, query = '') =>
      http()
        .put(`${path}/events/${uuid(3000 + n)}${query}`)
        .send({ stageId, ...body });
    const { body: old } = await tap(0, { kind: 'stirred' }, '?agoMs=86400000').expect(200);
    expect(Math.abs(Date.now() - 86_400_000 - old.atMs)).toBeLessThan(60_000);
    for (const [body, field] of [
      [{ kind: 'reads', amount: -20 }, 'amount'],
      [{ kind: 'weighs', amount: 10 }, 'amount'],
      [{ kind: 'looked', said: 'purple' }, 'said'],
      [{ kind: 'hands' }, 'said'],
      [{ kind: 'hands', said: ' ' }, 'said'],
      [{ kind: 'splash' }, 'amount'],
      [{ kind: 'pause', stageId: 'nowhere' }, 'stageId'],
    ] as const) {
      const { body: problem, status } = await tap(1, body);
      expect(status).toBeGreaterThanOrEqual(400);
      expect(problem.errors[0].field).toBe(field);
    }
    await http()
      .put(`/api/cooks/${uuid(999)}/events/${uuid(4000)}`)
      .send({ kind: 'stirred', stageId })
      .expect(404);
    for (const [n, kind] of ['pause', 'resume', 'hands'].entries())
      await tap(10 + n, { kind, ...(kind === 'hands' ? { said: 'Odo' } : {}) }).expect(200);
    // Five hundred taps of one pot, and not one more: the next is refused, and those that were kept stay.
    let full: { status: number; body: { errors?: { code: string }[] } } | undefined;
    for (let n = 100; n < 700 && !full; n += 1) {
      const reply = await tap(n, { kind: 'stirred' });
      if (reply.status !== 200) full = reply;
    }
    expect(full!.status).toBe(422);
    expect(full!.body.errors![0]!.code).toBe('tooMany');
    expect((await http().get(path).expect(200)).body.events).toHaveLength(500);
    await tap(0, { kind: 'stirred' }).expect(200);
  });

  it('tells the curve of its judged pots, narrows its list, and hears what the household says itself', async () => {
    const path = `/api/cooks/${uuid(24)}`;
    const { body: cook } = await http()
      .put(path)
      .send({ ...begin(4), label: '100 % rice_pot', bagId: uuid(70) })
      .expect(200);
    const outcome = {
      texture: 4,
      base: 'clean',
      note: 'less water',
      by: 'Ada',
      ate: ['Ada', 'guests'],
      helped: ['open'],
    };
    const standsOn = `standsOn=${(cook.revision as number).toString()}`;
    const { body: judged } = await http().patch(`${path}?${standsOn}`).send({ outcome }).expect(200);
    expect(judged.outcome).toMatchObject(outcome);
    const { body: curve } = await http().get('/api/learnt/pots').expect(200);
    const mine = curve.find((c: { cookId: string }) => c.cookId === cook.id);
    expect(mine).toMatchObject({ label: '100 % rice_pot', texture: 4 });
    expect(mine.wantedMl).toBeLessThan(mine.advisedMl);
    expect((await http().get('/api/learnt/pots?limit=1').expect(200)).body).toHaveLength(1);
    const listed = async (query: string): Promise<string[]> =>
      (await http().get(`/api/cooks?${query}`).expect(200)).body.map((c: { id: string }) => c.id);
    for (const query of [
      'words=RICE_',
      'words=less%20wat',
      `bagId=${uuid(70)}`,
      'by=Ada',
      'by=Ada&texture=4',
    ])
      expect(await listed(query)).toEqual([cook.id]);
    for (const query of [
      'words=ri%25e',
      'words=rice-pot',
      'by=Ada&texture=3',
      `bagId=${uuid(71)}`,
      'by=%27%20OR%201%3D1',
    ])
      expect(await listed(query)).toEqual([]);
    await http().get('/api/cooks?texture=6').expect(400);
    const { revision, ...household } = (await http().get('/api/household').expect(200)).body;
    const bag = { id: `bag:${uuid(70)}/${input.grainId}`, points: 1.5 };
    const whole = { ...household, people: ['Ada'], told: [bag] };
    const put = (body: object) =>
      http()
        .put(`/api/household?standsOn=${(revision as number).toString()}`)
        .send(body);
    await put({ ...whole, told: [{ ...bag, points: 40 }] }).expect(400);
    const { body: kept } = await put(whole).expect(200);
    expect(kept).toMatchObject({ people: ['Ada'], told: [bag] });
    const { body: learnt } = await http().get('/api/learnt').expect(200);
    expect(learnt.mean[learnt.ids.indexOf(bag.id)]).toBeGreaterThan(1);
    expect(learnt.ids).toContain('who:Ada');
    // Who does not speak of it leaves it.
    const { people: _people, told: _told, ...silent } = whole;
    const { body: after } = await http()
      .put(`/api/household?standsOn=${(kept.revision as number).toString()}`)
      .send(silent)
      .expect(200);
    expect(after).toMatchObject({ people: ['Ada'], told: [bag] });
    await http()
      .patch(`${path}?standsOn=${(judged.revision as number).toString()}`)
      .send({ outcome: { ...outcome, helped: ['magic'] } })
      .expect(400);
  });

  it('refuses a plan that has no answer, with the path into the request, and stores nothing', async () => {
    const reply = await http()
      .put(`/api/cooks/${uuid(21)}`)
      .send({ ...begin(2), input: { ...input, grainId: 'gravel' } })
      .expect(422);
    expect(reply.body.errors[0].field).toBe('input.grainId');
    await http()
      .get(`/api/cooks/${uuid(21)}`)
      .expect(404);
    await http()
      .put(`/api/cooks/${uuid(21)}/outcome`)
      .send({ texture: 3, base: 'clean', note: '', atMs: 1_760_000_100_000 })
      .expect(404);
    await http()
      .put(`/api/cooks/${uuid(20)}/outcome`)
      .send({ texture: 7, base: 'black', note: '', atMs: 1 })
      .expect(400);
  });

  it('lists the newest first, in pages', async () => {
    for (let n = 0; n < 5; n += 1)
      await http()
        .put(`/api/cooks/${uuid(40 + n)}`)
        .send(begin(1000 + n))
        .expect(200);
    const first = (await http().get('/api/cooks?limit=2').expect(200)).body;
    expect(first.map((c: { id: string }) => c.id)).toEqual([uuid(44), uuid(43)]);
    const next = (await http().get(`/api/cooks?limit=2&beforeMs=${first[1].startedAtMs}`)).body;
    expect(next.map((c: { id: string }) => c.id)).toEqual([uuid(42), uuid(41)]);
    await http().get('/api/cooks?limit=0').expect(400);
    await http().get('/api/cooks?limit=many').expect(400);
  });

  it('keeps every write when many come at once, and undoes only the one that fails', async () => {
    const path = `/api/cooks/${uuid(20)}`;
    const stageId = (await http().get(path)).body.answer.stages[0].id;
    const sends = Array.from({ length: 40 }, (_, n) =>
      http()
        .put(`${path}/events/${uuid(500 + n)}`)
        .send({
          kind: 'extend',
          stageId: n % 4 === 3 ? 'nowhere' : stageId,
          atMs: 1_760_000_001_000 + n,
          minutes: 1,
        }),
    );
    const statuses = (await Promise.all(sends)).map((r) => r.status);
    expect(statuses.filter((s) => s === 200)).toHaveLength(30);
    expect((await http().get(path)).body.events).toHaveLength(33);
  });
});

describe('the server as a whole', () => {
  it('finds everything again after a restart', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'hammock-again-'));
    const first = await temporaryServer({ folder });
    await request(first.url)
      .put(`/api/bags/${uuid(3)}`)
      .send({ grainId: 'millet', label: 'Kept', note: '' })
      .expect(200);
    await first.close();
    const second = await temporaryServer({ folder });
    expect(
      (await request(second.url).get('/api/bags')).body.map((b: { label: string }) => b.label),
    ).toContain('Kept');
    await second.close();
    rmSync(folder, { recursive: true });
  });

  it('slows a runaway down, with a problem', async () => {
    const slow = await temporaryServer({ rate: { limit: 5, windowMs: 60_000 } });
    const statuses = [];
    for (let n = 0; n < 7; n += 1) statuses.push((await request(slow.url).get('/api/health')).status);
    expect(statuses).toEqual([200, 200, 200, 200, 200, 429, 429]);
    await slow.close();
  });

  it('serves the web: page for screens, hashed assets for a year, 404 for unknown assets', async () => {
    const webFolder = mkdtempSync(join(tmpdir(), 'hammock-web-'));
    mkdirSync(join(webFolder, 'assets'));
    writeFileSync(join(webFolder, 'index.html'), '<!doctype html><meta nonce="__HAMMOCK_NONCE__">');
    writeFileSync(join(webFolder, 'assets', 'a-1234.js'), `/* ${'x'.repeat(4000)} */`);
    const web = await temporaryServer({ webFolder });
    const page = await request(web.url).get('/notebook').set('accept', 'text/html').expect(200);
    const policy = page.headers['content-security-policy'];
    expect(policy).toContain("default-src 'none'");
    const [, nonce] = /'nonce-([\w-]+)'/u.exec(policy!) ?? [];
    expect(page.text).toContain(`<meta nonce="${nonce}">`);
    // Another number for every page: one that was seen is of no use.
    expect((await request(web.url).get('/notebook').set('accept', 'text/html')).text).not.toContain(nonce);
    expect(page.headers['cache-control']).toBe('no-cache');
    const asset = await request(web.url).get('/assets/a-1234.js').expect(200);
    expect(asset.headers).toMatchObject({
      'content-encoding': 'gzip',
      'cache-control': expect.stringContaining('immutable'),
    });
    await request(web.url).get('/assets/gone.js').expect(404);
    await request(web.url).get('/api/nowhere').expect(404);
    await web.close();
    rmSync(webFolder, { recursive: true });
  });
});
