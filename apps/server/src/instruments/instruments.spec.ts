import 'reflect-metadata';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import request from 'supertest';
import { configFromEnvironment } from '../config.js';
import { temporaryServer, type TemporaryServer } from '../testing/temporaryServer.js';
import { readingIn } from './readings.js';

let scale: Server;
let server: TemporaryServer;
let says = '';
let zeroed = 0;
let told: string[] = [];
let connections = 0;
beforeEach(async () => {
  connections = 0;
  zeroed = 0;
  told = [];
  says = JSON.stringify({
    protocol: 'hammock.instrument',
    version: 1,
    kind: 'scale',
    name: 'S'.repeat(90),
    unit: 'g',
  });
  scale = createServer((asked, reply) => {
    if (asked.url === '/readings') {
      connections += 1;
      reply.writeHead(200, { 'content-type': 'text/event-stream' });
      reply.write(`data: {"value":${(800 + connections).toString()},"steady":true}\n\ndata: nonsense\n\n`);
      // It loses the line after each reading.
      reply.end();
    } else if (asked.method === 'POST') {
      zeroed += 1;
      told.push(asked.url ?? '');
      reply.writeHead(204).end();
    } else reply.end(says);
  });
  await new Promise<void>((ready) => scale.listen(0, '127.0.0.1', ready));
  const { port } = scale.address() as AddressInfo;
  server = await temporaryServer({
    instruments: [`http://127.0.0.1:${port.toString()}`, 'http://127.0.0.1:1'],
  });
});
afterEach(async () => {
  await server.close();
  scale.closeAllConnections();
  scale.close();
});

describe('an instrument of the kitchen', () => {
  it('is listed while it answers, with a name that fits; one that is off or is something else is not', async () => {
    const { body } = await request(server.url).get('/api/instruments').expect(200);
    expect(body).toEqual([{ n: 0, kind: 'scale', name: 'S'.repeat(40), unit: 'g' }]);
    for (const other of [
      '{"protocol":"another"}',
      '<html>',
      'null',
      '{"protocol":"hammock.instrument","kind":"kettle"}',
    ]) {
      says = other;
      expect((await request(server.url).get('/api/instruments').expect(200)).body).toEqual([]);
    }
  });

  it('is heard through a line that is lost, and what is no reading is not passed on', async () => {
    const ended = new AbortController();
    const reply = await fetch(`${server.url}/api/instruments/0/readings`, { signal: ended.signal });
    let heard = '';
    for await (const piece of reply.body ?? []) {
      heard += new TextDecoder().decode(piece);
      if (heard.includes('802')) break;
    }
    ended.abort();
    expect(heard).toContain('{"value":801,"steady":true}');
    expect(heard).not.toContain('nonsense');
  });

  it('is set to nothing when it is told; one that is off says so, and one that is not there is not found', async () => {
    await request(server.url).post('/api/instruments/0/zero').expect(204);
    expect(zeroed).toBe(1);
    await request(server.url).post('/api/instruments/1/zero').expect(503);
    await request(server.url).post('/api/instruments/7/zero').expect(404);
    await request(server.url).get('/api/instruments/x/readings').expect(400);
  });

  it('has its ring set to a setting there is, and to nothing else', async () => {
    await request(server.url).post('/api/instruments/0/set/veryLow').expect(204);
    for (const wrong of ['hotter', '..%2Fzero', 'low%3Fx', 'LOW'])
      expect((await request(server.url).post(`/api/instruments/0/set/${wrong}`)).status).toBe(400);
    expect(told).toEqual(['/set/veryLow']);
    await request(server.url).post('/api/instruments/1/set/low').expect(503);
  });

  it('that says more of itself than there is to say is none', async () => {
    says = JSON.stringify({ ...JSON.parse(says), more: 'x'.repeat(5000) });
    expect((await request(server.url).get('/api/instruments').expect(200)).body).toEqual([]);
    says = '{'.repeat(20_000_000);
    expect((await request(server.url).get('/api/instruments').expect(200)).body).toEqual([]);
  });

  it('that floods is passed on five times a second, and a line without end is no line', async () => {
    let pieces = 0;
    scale.removeAllListeners('request');
    scale.on('request', (_asked, reply) => {
      connections += 1;
      reply.writeHead(200, { 'content-type': 'text/event-stream' });
      if (connections === 1) reply.write(`data: ${'1'.repeat(100_000)}`);
      const timer = setInterval(() => {
        for (let n = 0; n < 200 && connections > 1; n += 1)
          reply.write(`data: {"value":${(pieces += 1).toString()}}\n\n`);
      }, 5);
      reply.on('close', () => clearInterval(timer));
    });
    const ended = new AbortController();
    const reply = await fetch(`${server.url}/api/instruments/0/readings`, { signal: ended.signal });
    let heard = 0;
    const beganMs = performance.now();
    for await (const piece of reply.body ?? []) {
      heard += new TextDecoder().decode(piece).split('"value"').length - 1;
      if (performance.now() - beganMs > 3200) break;
    }
    ended.abort();
    // The first line was dropped and asked for again; of the second two seconds were heard.
    expect(connections).toBeGreaterThan(1);
    expect(heard).toBeGreaterThan(4);
    expect(heard).toBeLessThanOrEqual(17);
  });

  it('reads numbers a kitchen can have', () => {
    expect(readingIn('{"value":1.5,"steady":"yes","more":1}')).toEqual({ value: 1.5, steady: false });
    for (const text of ['', '{}', '{"value":"9"}', '{"value":1e9}', '[1]', 'null'])
      expect(readingIn(text)).toBeUndefined();
  });

  it('is asked for in this house alone', () => {
    const of = (list: string) => configFromEnvironment({ HAMMOCK_INSTRUMENTS: list }).instruments;
    expect(of(' http://192.168.1.20:4181,http://127.0.0.1:4182 ')).toEqual([
      'http://192.168.1.20:4181',
      'http://127.0.0.1:4182',
    ]);
    expect(of('')).toEqual([]);
    for (const wrong of [
      'http://evil.test',
      'https://127.0.0.1',
      'http://127.0.0.1:1/path',
      'file:///etc',
      'http://8.8.8.8',
      'http://u:p@127.0.0.1',
      'x',
    ])
      expect(() => of(wrong)).toThrow(/no address of an instrument/u);
  });
});
