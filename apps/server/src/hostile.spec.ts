import 'reflect-metadata';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import request from 'supertest';
import { ANSWER_EXAMPLE } from './answer/answer.example.js';
import { temporaryServer, type TemporaryServer } from './testing/temporaryServer.js';

/** Everything that can be sent, sent wrong: bounded, to a server of its own on this machine. */
let server: TemporaryServer;
const uuid = (n: number): string => `00000000-0000-4000-8000-${n.toString().padStart(12, '0')}`;

beforeAll(async () => {
  server = await temporaryServer({ rate: { limit: 1e6, windowMs: 10_000 } });
});
afterAll(() => server.close());

const POWER = { high: 1100, mediumHigh: 850, medium: 520, low: 210, veryLow: 140, off: 0 };
const STAGE = { id: 'a', act: 'simmer', heat: 'low', lid: 'on', end: { kind: 'minutes', minutes: 12 } };
const {
  vessel: _vessel,
  hob: _hob,
  altitudeM: _altitude,
  ...SPEC
} = ANSWER_EXAMPLE as Record<string, unknown>;

/** A good body for each place that can be written to. */
const GOOD: Readonly<
  Record<string, { readonly method: 'post' | 'put'; readonly body: Record<string, unknown> }>
> = {
  '/api/answer': { method: 'post', body: { ...ANSWER_EXAMPLE } },
  '/api/course': { method: 'post', body: { ...ANSWER_EXAMPLE, pourMl: 500 } },
  [`/api/bags/${uuid(1)}`]: { method: 'put', body: { grainId: 'millet', label: 'Seed', note: '' } },
  [`/api/vessels/${uuid(1)}`]: {
    method: 'put',
    body: { label: 'Pot', diameterCm: 20, volumeMl: 3000, lid: 'tight', wall: 'thin' },
  },
  [`/api/hobs/${uuid(1)}`]: { method: 'put', body: { label: 'Ring', kind: 'gas', powerW: POWER } },
  [`/api/cups/${uuid(1)}`]: { method: 'put', body: { label: 'Cup', kind: 'cup', ml: 200, parts: ['1'] } },
  [`/api/dishes/${uuid(1)}`]: { method: 'put', body: { label: 'Dish', blurb: '', spec: SPEC } },
  [`/api/methods/${uuid(1)}`]: {
    method: 'put',
    body: { label: 'Way', method: 'coveredAbsorption', stages: [STAGE] },
  },
  [`/api/ingredients/${uuid(1)}`]: {
    method: 'put',
    body: { label: 'Jar', figures: { like: 'tomatoPuree', body: 'thicker' } },
  },
  [`/api/plans/${uuid(1)}`]: {
    method: 'put',
    body: { label: 'Plan', dishId: null, bagId: null, vesselId: null, hobId: null, input: ANSWER_EXAMPLE },
  },
};
const PLACES = Object.keys(GOOD);

/** What nobody means: wrong kinds, extremes, deep nests, names of an object's own workings. */
const hostile = fc.oneof(
  fc.constantFrom<unknown>(
    null,
    true,
    '',
    ' ',
    '1e999',
    -1,
    1e308,
    Number.MIN_VALUE,
    [],
    {},
    [[[[]]]],
    '__proto__',
    'constructor',
    'toString',
    "'; DROP TABLE cook; --",
    '<script>alert(1)</script>',
    '\u0000',
    '\u202E',
    'x'.repeat(5000),
    Array.from({ length: 300 }, () => 0),
  ),
  fc.jsonValue({ maxDepth: 3 }),
);

type Path = readonly (string | number)[];
/** Every place inside a body that holds something. */
function pathsOf(value: unknown, at: Path = []): readonly Path[] {
  if (typeof value !== 'object' || value === null) return [at];
  return [at, ...Object.entries(value).flatMap(([k, v]) => pathsOf(v, [...at, k]))].filter(
    (p) => p.length > 0,
  );
}
function withAt(body: unknown, path: Path, value: unknown): unknown {
  const copy = structuredClone(body) as Record<string | number, unknown>;
  const last = path.at(-1)!;
  let holder = copy;
  for (const key of path.slice(0, -1)) holder = holder[key] as Record<string | number, unknown>;
  holder[last] = value;
  return copy;
}

const send = (place: string, body: unknown) => {
  const { method } = GOOD[place]!;
  return request(server.url)
    [method](place)
    .set('content-type', 'application/json')
    .send(JSON.stringify(body));
};

/** A refusal says what is wrong, where, in a sentence, and nothing about its own insides. */
function expectClear({ status, body, headers, text }: request.Response): void {
  expect(status).toBeLessThan(500);
  expect(text).not.toMatch(/sqlite|typeorm|node_modules|\bat \/|Error:|stack/iu);
  if (status < 400) return;
  expect(headers['content-type']).toContain('application/problem+json');
  expect(body).toMatchObject({
    status,
    type: expect.stringMatching(/^urn:hammock:/u),
    title: expect.any(String),
  });
  for (const e of body.errors ?? []) {
    expect(e.code).toMatch(/^[a-zA-Z.]+$/u);
    expect(e.message).toMatch(/\.$/u);
  }
}

describe('what is sent wrong', () => {
  it.each(PLACES)('%s takes its own good example', async (place) => {
    expect((await send(place, GOOD[place]!.body)).status).toBe(200);
  });

  it.each(PLACES.filter((place) => GOOD[place]!.method === 'put'))(
    '%s sent twice as it is, as after a reply that was lost, is stored once and no clash',
    async (place) => {
      const again = place.replace(/\d$/u, '7');
      const put = () => request(server.url).put(again).send(GOOD[place]!.body);
      const first = await put();
      const second = await put();
      expect([first.status, second.status]).toEqual([200, 200]);
      expect(second.body.revision).toBe(first.body.revision);
    },
  );

  it.each(PLACES)('%s refuses anything at all with a reason', async (place) => {
    await fc.assert(
      fc.asyncProperty(fc.jsonValue({ maxDepth: 3 }), async (body) => {
        const reply = await send(place, body);
        expectClear(reply);
        expect(reply.status).toBeGreaterThanOrEqual(400);
      }),
      { numRuns: 15, seed: 11 },
    );
  });

  it.each(PLACES)('%s with one field gone wrong never breaks', async (place) => {
    const { body } = GOOD[place]!;
    const paths = pathsOf(body);
    await fc.assert(
      fc.asyncProperty(fc.nat({ max: paths.length - 1 }), hostile, async (i, value) => {
        expectClear(await send(place, withAt(body, paths[i]!, value)));
      }),
      { numRuns: 60, seed: 12 },
    );
  });

  it.each([
    ['soakMin', { soakMin: null }],
    ['timing', { timing: null }],
    ['timing.coveredMin', { timing: { coveredMin: null } }],
    ['ingredients', { ingredients: null }],
    ['ingredients[0].state', { ingredients: [{ ingredientId: 'onion', amount: { count: 1 }, state: null }] }],
    ['hob.powerW', { hob: { powerW: null } }],
    ['stages', { stages: null }],
    ['odds', { odds: null }],
    ['texture', { texture: null }],
  ])('null is not left out: it is refused at %s', async (field, over) => {
    const reply = await send('/api/answer', { ...ANSWER_EXAMPLE, ...over });
    expect(reply.status).toBe(400);
    expect(reply.body.errors.map((e: { field: string }) => e.field)).toEqual([field]);
  });

  it.each(['a\r\nX: y', 'a\nb', 'a\u2028b', '\u0000'])(
    'a stage is not called %p: other things are called by it',
    async (id) => {
      const reply = await send('/api/answer', {
        ...ANSWER_EXAMPLE,
        timing: undefined,
        stages: [{ ...STAGE, id }],
      });
      expect([reply.status, reply.body.errors[0].field]).toEqual([400, 'stages[0].id']);
    },
  );

  it('leaves what was there as it was when it refuses', async () => {
    const lists = PLACES.filter((p) => !/answer|course/u.test(p)).map((p) =>
      p.split('/').slice(0, 3).join('/'),
    );
    const all = async (): Promise<unknown[]> => {
      const made = [];
      for (const list of lists) made.push((await request(server.url).get(list).expect(200)).body);
      return made;
    };
    for (const place of PLACES) await send(place, GOOD[place]!.body);
    const before = await all();
    for (const place of PLACES) {
      if (/answer|course/u.test(place)) continue;
      const reply = await send(place, { ...GOOD[place]!.body, label: 7 });
      expect([place, reply.status]).toEqual([place, 400]);
      const extra = await send(place, { ...GOOD[place]!.body, isAdmin: true });
      expect([place, extra.status]).toEqual([place, 400]);
    }
    expect(await all()).toEqual(before);
  });

  it('refuses an id that is none, and another way of asking', async () => {
    for (const place of PLACES) {
      if (GOOD[place]!.method === 'post') {
        expectClear(await request(server.url).get(place).expect(405));
        continue;
      }
      const list = place.split('/').slice(0, 3).join('/');
      for (const id of ['1', '%00', '..%2f..%2fetc', "' or 1=1 --"])
        expectClear(
          await request(server.url)
            .put(`${list}/${encodeURIComponent(id)}`)
            .send(GOOD[place]!.body),
        );
      expectClear(await request(server.url).post(list).send({}).expect(405));
    }
  });

  it('cannot be taught a new property by a body', async () => {
    await request(server.url)
      .post('/api/answer')
      .set('content-type', 'application/json')
      .send(`{"__proto__":{"polluted":1},"constructor":{"prototype":{"polluted":1}},"grainId":"basmati"}`);
    expect(({} as Record<string, unknown>)['polluted']).toBeUndefined();
  });
});
