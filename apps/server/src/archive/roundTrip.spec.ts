import 'reflect-metadata';
import { readdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import request from 'supertest';
import { ANSWER_EXAMPLE } from '../answer/answer.example.js';
import { runs } from '../testing/budget.js';
import { temporaryServer, type TemporaryServer } from '../testing/temporaryServer.js';

type Row = Record<string, unknown> & { readonly id: string };
type Archive = Record<string, Row[]> & { household: Record<string, unknown> };

let server: TemporaryServer;
beforeAll(async () => {
  server = await temporaryServer({ rate: { limit: 1e6, windowMs: 10_000 } });
});
afterAll(() => server.close());

/** Everything there, as text. */
const out = async (): Promise<string> => (await request(server.url).get('/api/archive').expect(200)).text;
async function putIn(archive: Archive): Promise<void> {
  const looked = await request(server.url)
    .post('/api/archive/incoming')
    .set('content-type', 'application/json')
    .send(JSON.stringify(archive))
    .expect(200);
  expect(looked.body.wrong).toEqual([]);
  await request(server.url)
    .post(`/api/archive/incoming/${looked.body.id}`)
    .send({ how: 'instead' })
    .expect(200);
}

const words = fc
  .oneof(
    fc.string({ unit: 'grapheme', minLength: 1, maxLength: 40 }),
    fc.constantFrom('=1+1', '"}],"cooks":[', "'; DROP TABLE bag; --", '\u202eabc', '__proto__', '👩🏽‍🍳 rice'),
  )
  .filter((t) => t.trim() !== '' && t.trim().length <= 60)
  .map((t) => t.trim());
const ms = fc.integer({ min: 1, max: 1_780_000_000_000 });
const maybe = <T>(of: fc.Arbitrary<T>) => fc.option(of, { nil: null });
const id = fc.uuid({ version: 4 });
const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const kept = { id, createdAtMs: ms, updatedAtMs: ms, deletedAtMs: maybe(ms) };
const list = <T>(of: fc.Arbitrary<T>) => fc.array(of, { maxLength: 5 });

const { odds: _odds, ...input } = ANSWER_EXAMPLE as Record<string, unknown>;

/** Any household there can be: what it has, and what it cooked. */
const households = (answer: unknown, stageId: string) =>
  fc.record({
    household: fc.record({
      name: words,
      texture: fc.integer({ min: 1, max: 5 }),
      altitudeM: fc.integer({ min: -400, max: 6000 }),
      roomC: fc.integer({ min: 0, max: 45 }),
      metric: fc.boolean(),
    }),
    bags: list(
      fc.record({
        ...{ ...kept, label: words, note: words, grainId: fc.constantFrom('basmati', 'millet') },
        ...{ openedOn: fc.constantFrom(null, '2026-02-28', '2024-02-29'), amylose: fc.constant(null) },
      }),
    ),
    vessels: list(
      fc.record({
        ...{ ...kept, label: words, diameterCm: size(10, 40), volumeMl: size(500, 20_000) },
        lid: fc.constantFrom('loose', 'wellFitting', 'tight', 'selfBasting'),
        wall: fc.constantFrom('thin', 'heavy'),
        kind: fc.constantFrom('pot', 'pressureCooker', 'multiCooker', 'riceCooker'),
        nonStick: fc.boolean(),
      }),
    ),
    dishes: list(
      fc.record({
        ...{ ...kept, label: words, blurb: words },
        spec: fc.record({ grainId: fc.constant('basmati'), grain: fc.record({ g: size(1, 5000) }) }),
      }),
    ),
    cooks: list(
      fc.record({
        ...{ id, label: words, startedAtMs: ms, abandoned: fc.boolean(), advisedMl: size(0, 9000) },
        ...{ pouredMl: maybe(size(0, 9000)), bagId: maybe(id), vesselId: maybe(id), dishId: maybe(id) },
        taps: fc.uniqueArray(
          fc.record({
            id,
            atMs: ms,
            kind: fc.constant('extend'),
            stageId: fc.constant(stageId),
            minutes: size(1, 9),
          }),
          { maxLength: 4, selector: (t) => t.id },
        ),
        outcome: maybe(
          fc.record({
            ...{
              texture: fc.integer({ min: 1, max: 5 }),
              base: fc.constantFrom('clean', 'dark'),
              note: words,
            },
            ...{ atMs: ms, counts: fc.constantFrom('once', 'always', 'never') },
            ...{ by: maybe(fc.constantFrom('Ada', 'guests')), ate: maybe(fc.constant(['Ada'])) },
          }),
        ),
        ...{ answer: fc.constant(answer), input: fc.constant(input) },
      }),
    ),
  });

/** What an archive has of a list, by id; what was taken away to make room for it is not of it. */
const byId = (rows: readonly Row[], mine: readonly Row[]): ReadonlyMap<string, Row> =>
  new Map(rows.filter((r) => mine.some((m) => m.id === r.id)).map((r) => [r.id, r]));

describe('a thousand households', () => {
  it('each put in place of the one before, come out as they went in, and the same the second time', async () => {
    const begun = await request(server.url)
      .put('/api/cooks/00000000-0000-4000-8000-000000000001')
      .send({ label: 'P', input })
      .expect(200);
    const { answer } = begun.body;
    const arbitrary = households(answer, answer.stages[0].id);
    for (const [n, random] of fc.sample(arbitrary, { seed: 15, numRuns: runs(1000) }).entries()) {
      // Nothing of earlier ones is left over for long.
      if (n % 40 === 0)
        await request(server.url).post('/api/everything').send({ takeAway: 'everything' }).expect(204);
      const first = JSON.parse(await out()) as Archive;
      const household = { ...first.household, ...random.household };
      const archive = { ...first, ...random, household } as unknown as Archive;
      await putIn(archive);
      const text = await out();
      const found = JSON.parse(text) as Archive;
      expect(found.household).toMatchObject(random.household);
      for (const key of ['bags', 'vessels', 'dishes', 'cooks'] as const) {
        const mine = random[key] as unknown as Row[];
        const there = byId(found[key] ?? [], mine);
        // Two of one id are one thing: the last word about it counts.
        for (const [rowId, row] of new Map(mine.map((r) => [r.id, r])))
          expect({ n, key, ...there.get(rowId) }).toMatchObject({ n, key, ...row });
        expect(there.size).toBe(new Set(mine.map((r) => r.id)).size);
      }
      expect(found['cooks']).toHaveLength(new Set(random.cooks.map((c) => c.id)).size);
      if (n % 10 === 0) {
        await putIn(found);
        expect(await out()).toBe(text);
      }
    }
    // What was there before each of them is kept, and not for ever.
    const copies = readdirSync(join(dirname(server.database.file), 'copies'));
    expect(copies.length).toBeLessThanOrEqual(10);
  }, 300_000);
});
