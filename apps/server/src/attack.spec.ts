import 'reflect-metadata';
import { readdirSync } from 'node:fs';
import { Agent, request as ask } from 'node:http';
import { connect, type Socket } from 'node:net';
import { gzipSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import request from 'supertest';
import { ANSWER_EXAMPLE } from './answer/answer.example.js';
import { runs } from './testing/budget.js';
import { temporaryServer, type TemporaryServer } from './testing/temporaryServer.js';

let server: TemporaryServer;
let port: number;
const agent = new Agent({ keepAlive: true, maxSockets: 6 });
beforeAll(async () => {
  server = await temporaryServer({ rate: { limit: 1e9, windowMs: 10_000 } });
  port = Number(new URL(server.url).port);
});
afterAll(async () => {
  agent.destroy();
  await server.close();
});

interface Sent {
  readonly method: string;
  readonly path: string;
  readonly body: string | Buffer;
  readonly headers?: Record<string, string>;
}
/** What comes back, and after how long, ms. */
const send = ({
  method,
  path,
  body,
  headers = {},
}: Sent): Promise<{ status: number; text: string; ms: number }> =>
  new Promise((done, failed) => {
    const began = performance.now();
    const all = {
      'content-type': 'application/json',
      'content-length': Buffer.byteLength(body).toString(),
      ...headers,
    };
    const sent = ask({ host: '127.0.0.1', port, method, path, agent, headers: all }, (reply) => {
      let text = '';
      reply.on('data', (piece) => (text += String(piece)));
      reply.on('end', () => {
        done({ status: reply.statusCode ?? 0, text, ms: performance.now() - began });
      });
    });
    sent.on('error', failed);
    sent.end(body);
  });

const UUID = '00000000-0000-4000-8000-00000000000';
/** Copies fill the disk by being asked for, and taking everything away is meant to take everything away. */
const LEFT_OUT = /copies|everything/u;

/** Every way to change something that the API says it has. */
async function doors(): Promise<readonly { readonly method: string; readonly path: string }[]> {
  const { body } = await request(server.url).get('/api/docs-json').expect(200);
  return Object.entries(body.paths as Record<string, Record<string, unknown>>).flatMap(([path, ways]) =>
    Object.keys(ways)
      .filter((method) => ['post', 'put', 'patch'].includes(method) && !LEFT_OUT.test(path))
      .map((method) => ({
        method: method.toUpperCase(),
        path: path.replaceAll(/\{[^}]+\}/gu, (_m, at: number) => `${UUID}${(at % 7).toString()}`),
      })),
  );
}

const WORDS = [
  ...[
    '',
    ' ',
    '\u0000',
    '=cmd|x',
    '<img src=x onerror=alert(1)>',
    "'; DROP TABLE cook; --",
    '../../etc/passwd',
  ],
  ...['__proto__', 'constructor', 'toString', '%00', '\ud800', 'NaN', '1e999', '-0', 'x'.repeat(9000)],
];
const NUMBERS = [0, -0, -1, 1e308, -1e308, 5e-324, 2 ** 53, 0.1 + 0.2, 1e21];
const odd = fc.oneof(
  fc.constantFrom<unknown>(...WORDS, ...NUMBERS, null, true, false, [], {}, [[[]]], { a: { b: { c: [] } } }),
  fc.jsonValue({ maxDepth: 5 }),
);

/** A body of which something is not as it should be: a field, a key, the text itself. */
const hostile = fc.oneof(
  { weight: 5, arbitrary: fc.tuple(fc.nat(), odd).map(([n, value]) => changed(ANSWER_EXAMPLE, n, value)) },
  { weight: 3, arbitrary: odd.map((value) => JSON.stringify(value)) },
  {
    weight: 2,
    arbitrary: fc
      .dictionary(
        fc.constantFrom('label', 'input', 'outcome', 'spec', 'grain', 'code', 'how', '__proto__'),
        odd,
      )
      .map((body) => JSON.stringify(body)),
  },
  {
    weight: 1,
    arbitrary: fc.nat(400).map((n) => JSON.stringify(ANSWER_EXAMPLE).slice(0, n)),
  },
  { weight: 1, arbitrary: fc.integer({ min: 5, max: 4000 }).map((n) => '['.repeat(n) + ']'.repeat(n)) },
  {
    weight: 1,
    arbitrary: fc.integer({ min: 5, max: 4000 }).map((n) => `{"a":${'{"a":'.repeat(n)}1${'}'.repeat(n)}}`),
  },
  { weight: 1, arbitrary: fc.string({ unit: 'binary', maxLength: 300 }) },
);

/** The n-th value of a body, counted through all of it, made something else. */
function changed(body: unknown, n: number, value: unknown): string {
  const places: [Record<string, unknown>, string][] = [];
  const copy = structuredClone(body) as Record<string, unknown>;
  const walk = (at: Record<string, unknown>): void => {
    for (const [key, inner] of Object.entries(at)) {
      places.push([at, key]);
      if (typeof inner === 'object' && inner !== null) walk(inner as Record<string, unknown>);
    }
  };
  walk(copy);
  const [at, key] = places[n % places.length] ?? [copy, 'x'];
  at[key] = value;
  return JSON.stringify(copy);
}

const HANG_MS = 2000;

describe('ten thousand hostile bodies', () => {
  it('are each answered within two seconds, none with an error of ours, and nothing they say is stored but words', async () => {
    const all = await doors();
    expect(all.length).toBeGreaterThan(20);
    const bodies = fc.sample(hostile, { seed: 6, numRuns: runs(10_000) });
    const wrong: unknown[] = [];
    const kinds = new Map<number, number>();
    const work = async (from: number): Promise<void> => {
      for (let n = from; n < bodies.length; n += 6) {
        const door = all[n % all.length]!;
        const { status, text, ms } = await send({ ...door, body: bodies[n]! });
        kinds.set(status, (kinds.get(status) ?? 0) + 1);
        if (status >= 500 || ms > HANG_MS || /node_modules|\.ts:\d|at async|SQLITE_/u.test(text))
          wrong.push({
            ...door,
            status,
            ms: Math.round(ms),
            body: bodies[n]!.slice(0, 200),
            text: text.slice(0, 200),
          });
      }
    };
    await Promise.all([0, 1, 2, 3, 4, 5].map(work));
    expect(wrong.slice(0, 5)).toEqual([]);
    // They were looked at, and not all turned away at the door for one reason.
    expect(kinds.get(400)).toBeGreaterThan(bodies.length / 10);
    expect([...kinds.keys()].length).toBeGreaterThan(3);
    await request(server.url).get('/api/household').expect(200);
    // The server runs in this process: nothing that was said is on every object now.
    expect(Object.keys(Object.prototype)).toEqual([]);
  }, 240_000);
});

describe('a bomb', () => {
  it('of packed nothing is unpacked to the limit of a body and no further', async () => {
    const body = gzipSync(Buffer.from(`{"label":"${'a'.repeat(60_000_000)}"}`));
    expect(body.length).toBeLessThan(70_000);
    const before = process.memoryUsage().rss;
    const { status, ms } = await send({
      method: 'PUT',
      path: `/api/bags/${UUID}1`,
      body,
      headers: { 'content-encoding': 'gzip' },
    });
    expect(status).toBe(413);
    expect(ms).toBeLessThan(HANG_MS);
    expect(process.memoryUsage().rss - before).toBeLessThan(40e6);
    for (const encoding of ['br', 'deflate', 'x-nonsense', 'gzip, gzip'])
      expect(
        (
          await send({
            method: 'PUT',
            path: `/api/bags/${UUID}1`,
            body,
            headers: { 'content-encoding': encoding },
          })
        ).status,
      ).toBeLessThan(500);
  });

  it('of nothing but brackets is refused as an archive, and leaves no file', async () => {
    const { status } = await send({
      method: 'POST',
      path: '/api/archive/incoming',
      body: '['.repeat(3_000_000),
    });
    expect(status).toBe(422);
    expect(readdirSync(server.folder).filter((name) => name.startsWith('incoming'))).toEqual([]);
  });
});

describe('two hundred slow sockets', () => {
  it('do not keep anybody waiting', async () => {
    const sockets: Socket[] = [];
    for (let n = 0; n < 200; n += 1) {
      const socket = connect(port, '127.0.0.1');
      socket.on('error', () => undefined);
      socket.write('PUT /api/bags/x HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: 90000\r\nX-Slow: ');
      sockets.push(socket);
    }
    const drip = setInterval(() => {
      for (const socket of sockets) if (!socket.destroyed) socket.write('a');
    }, 50);
    try {
      await new Promise((later) => setTimeout(later, 400));
      for (let n = 0; n < 30; n += 1) {
        const { status, ms } = await send({
          method: 'POST',
          path: '/api/answer',
          body: JSON.stringify(ANSWER_EXAMPLE),
        });
        expect(status).toBe(200);
        expect(ms).toBeLessThan(HANG_MS);
      }
    } finally {
      clearInterval(drip);
      for (const socket of sockets) socket.destroy();
    }
  });
});
