import 'reflect-metadata';
import { request as send } from 'node:http';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import request from 'supertest';
import { temporaryServer, type TemporaryServer } from '../testing/temporaryServer.js';
import { boundsProblem } from './jsonBounds.js';

let server: TemporaryServer;
let port: string;
beforeAll(async () => {
  server = await temporaryServer();
  ({ port } = new URL(server.url));
});
afterAll(() => server.close());

/** A request with exactly these headers: no library in between that would mend them. */
const status = (path: string, headers: Record<string, string>, method = 'GET'): Promise<number> =>
  new Promise((done, failed) => {
    const sent = send({ host: '127.0.0.1', port, path, method, headers, setHost: false }, (reply) => {
      reply.resume();
      done(reply.statusCode ?? 0);
    });
    sent.on('error', failed);
    sent.end();
  });

describe('who is let in', () => {
  it.each(['127.0.0.1', 'localhost', '[::1]', 'LOCALHOST'])('%s at our port', async (name) => {
    expect(await status('/api/health', { host: `${name}:${port}` })).toBe(200);
  });

  it.each([
    'evil.test',
    'evil.test:PORT',
    '127.0.0.1',
    '127.0.0.1:1',
    '127.0.0.1.evil.test:PORT',
    'localhost:PORT.evil.test',
    '10.0.0.1:PORT',
    '0.0.0.0:PORT',
    '',
  ])('but not Host %p', async (host) => {
    for (const path of ['/api/health', '/', '/api/docs-json'])
      expect(await status(path, { host: host.replace('PORT', port) })).toBe(403);
  });

  const here = () => ({ host: `127.0.0.1:${port}` });

  it.each<[string, Record<string, string>]>([
    ['another Origin', { origin: 'https://evil.test' }],
    ['another port’s Origin', { origin: 'http://127.0.0.1:1' }],
    ['an Origin that is hidden', { origin: 'null' }],
    ['a fetch from another site', { 'sec-fetch-site': 'cross-site' }],
    ['a fetch from another port', { 'sec-fetch-site': 'same-site' }],
    [
      'a frame in another site’s page',
      { 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'navigate', 'sec-fetch-dest': 'iframe' },
    ],
    [
      'a form sent by another site',
      {
        'sec-fetch-site': 'cross-site',
        'sec-fetch-mode': 'navigate',
        'sec-fetch-dest': 'document',
        method: 'POST',
      },
    ],
  ])('nor %s, whatever it asks', async (_what, { method = 'GET', ...headers }) => {
    expect(await status('/api/household', { ...here(), ...headers }, method)).toBe(403);
  });

  it('but its own pages, a program on this machine, and somebody who follows a link to it', async () => {
    const own = { origin: `http://127.0.0.1:${port}`, 'sec-fetch-site': 'same-origin' };
    expect(await status('/api/household', { ...here(), ...own })).toBe(200);
    expect(await status('/api/household', { ...here(), 'sec-fetch-site': 'none' })).toBe(200);
    expect(await status('/api/household', here())).toBe(200);
    const visit = {
      'sec-fetch-site': 'cross-site',
      'sec-fetch-mode': 'navigate',
      'sec-fetch-dest': 'document',
    };
    // No web folder here: what counts is that it gets past the door.
    expect(await status('/', { ...here(), ...visit })).toBe(404);
    expect(await status('/api/household', { ...here(), ...visit })).toBe(403);
  });

  it('says so in a problem without reading the body, and changes nothing', async () => {
    const before = (await request(server.url).get('/api/household')).body;
    const reply = await request(server.url)
      .put(`/api/household?standsOn=${before.revision}`)
      .set('origin', 'https://evil.test')
      .send({ ...before, revision: undefined, name: 'Theirs' })
      .expect(403);
    expect(reply.headers['content-type']).toContain('application/problem+json');
    expect(reply.headers['access-control-allow-origin']).toBeUndefined();
    expect((await request(server.url).get('/api/household')).body).toEqual(before);
  });
});

describe('bodies out of all bounds', () => {
  const nested = (deep: number): unknown => JSON.parse(`${'['.repeat(deep)}1${']'.repeat(deep)}`) as unknown;

  it('are told by depth and by count, without recursion', () => {
    expect(boundsProblem(nested(16))).toBeUndefined();
    expect(boundsProblem(nested(17))?.errors[0]?.code).toBe('tooDeep');
    expect(boundsProblem(nested(100_000))?.errors[0]?.code).toBe('tooDeep');
    expect(boundsProblem({ list: Array.from({ length: 3997 }, () => 0) })).toBeUndefined();
    expect(boundsProblem({ list: Array.from({ length: 4000 }, () => 0) })?.errors[0]?.code).toBe('tooMany');
    expect(boundsProblem(undefined)).toBeUndefined();
  });

  it.each([
    ['100,000 deep', '['.repeat(100_000) + ']'.repeat(100_000)],
    ['a plan that is deep', `{"grainId":${'{"a":'.repeat(5000)}1${'}'.repeat(5000)}}`],
    [
      '60,000 unknown fields',
      `{${Array.from({ length: 20_000 }, (_, i) => `"k${i.toString()}":0`).join(',')}}`,
    ],
    ['a list of 100,000', `{"ingredients":[${'{},'.repeat(50_000)}{}]}`],
  ])('%s: refused with a reason of a line or two', async (_what, text) => {
    const reply = await request(server.url)
      .post('/api/answer')
      .set('content-type', 'application/json')
      .send(text)
      .expect(400);
    expect(reply.text.length).toBeLessThan(600);
  });
});
