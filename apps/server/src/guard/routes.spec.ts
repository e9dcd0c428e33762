import 'reflect-metadata';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { Controller, Get } from '@nestjs/common';
import { ModulesContainer, Reflector } from '@nestjs/core';
import { ANSWER_EXAMPLE } from '../answer/answer.example.js';
import { ApiDocument } from '../docs.module.js';
import { Pairing } from '../devices/pairing.js';
import { temporaryServer, type TemporaryServer } from '../testing/temporaryServer.js';
import { RightsGuard } from './allow.js';

/** A phone's address in the house: another name than this machine's own. */
const PHONE = '127.0.0.2';
const UUID = '00000000-0000-4000-8000-000000000001';
/** What is in the household, and must not be in any reply to somebody who may not read it. */
const SECRET = 'Marrowfat secret';

let server: TemporaryServer;
let port: number;
let web: string;
const cookies = new Map<string, string>();
beforeAll(async () => {
  web = mkdtempSync(join(tmpdir(), 'hammock-web-'));
  mkdirSync(join(web, 'assets'));
  writeFileSync(join(web, 'index.html'), '<!doctype html><title>Hammock</title>');
  server = await temporaryServer({
    house: { hosts: [PHONE] },
    webFolder: web,
    rate: { limit: 1e9, windowMs: 10_000 },
  });
  port = Number(new URL(server.url).port);
  const pairing = server.app.get(Pairing);
  for (const role of ['cook', 'guest', 'revoked'] as const) {
    const { code } = pairing.newCode(role === 'guest' ? 'guest' : 'cook');
    const { device, secret } = await pairing.join(code, role, PHONE);
    cookies.set(role, `hammock_device=${device.id}.${secret}`);
    if (role === 'revoked') await pairing.letGo(device.id);
  }
  const bag = { grainId: 'millet', label: SECRET, note: '', openedOn: null };
  expect(status(await ask('PUT', `/api/bags/${UUID}`, 'cook', { body: bag }))).toBe(200);
  const cook = { label: SECRET, input: ANSWER_EXAMPLE };
  const begun = await ask('PUT', `/api/cooks/${UUID}`, 'cook', { body: cook });
  const revision = /"revision":(\d+)/u.exec(begun)?.[1] ?? '';
  const outcome = { texture: 3, base: 'clean', note: SECRET };
  const judged = await ask('PUT', `/api/cooks/${UUID}/outcome?standsOn=${revision}`, 'cook', {
    body: outcome,
  });
  expect([status(begun), status(judged)]).toEqual([200, 200]);
});
afterAll(async () => {
  await server.close();
  rmSync(web, { recursive: true, force: true });
});

interface How {
  readonly body?: object;
  readonly version?: '1.0' | '1.1';
  readonly more?: string;
}
/** The whole reply to a request written letter by letter: no library in between that would mend its path. */
const ask = (
  method: string,
  path: string,
  who: string,
  { body, version = '1.1', more = '' }: How = {},
): Promise<string> =>
  new Promise((done, failed) => {
    const socket = connect(port, '127.0.0.1');
    const text = body === undefined ? '' : JSON.stringify(body);
    const cookie = cookies.get(who);
    socket.write(
      `${method} ${path} HTTP/${version}\r\nHost: ${PHONE}:${port.toString()}\r\nConnection: close\r\n${more}` +
        (cookie === undefined ? '' : `Cookie: ${cookie}\r\n`) +
        (text === ''
          ? ''
          : `Content-Type: application/json\r\nContent-Length: ${Buffer.byteLength(text).toString()}\r\n`) +
        `\r\n${text}`,
    );
    let reply = '';
    socket.on('data', (piece) => {
      reply += String(piece);
      // A stream does not end by itself.
      if (reply.includes('text/event-stream')) socket.destroy();
    });
    socket.on('close', () => done(reply));
    socket.on('error', failed);
  });
const status = (reply: string): number => Number(/^HTTP\/1\.[01] (\d{3})/u.exec(reply)?.[1]);

interface Route {
  readonly method: string;
  readonly path: string;
}
const routes = (): readonly Route[] => [
  ...Object.entries(server.app.get(ApiDocument).read().paths).flatMap(([path, ways]) =>
    Object.keys(ways).map((method) => ({
      method: method.toUpperCase(),
      path: path.replaceAll(/\{(\w+)\}/gu, (_m, name: string) =>
        name === 'n' ? '0' : name === 'heat' ? 'low' : UUID,
      ),
    })),
  ),
  { method: 'GET', path: '/api/docs-json' },
];
const OPEN = new Set(['GET /api/devices/me', 'POST /api/devices/join']);
const GUESTS =
  /^GET \/api\/(?:health|household|cooks|cooks\/[\da-f-]{36}|changes|changes\/stream|devices\/me)$/u;

/** Ways to write one path. */
const SPELLINGS: Readonly<Record<string, (path: string) => string>> = {
  'as it is': (p) => p,
  capitals: (p) => p.toUpperCase(),
  'one capital': (p) => p.replace('/api', '/Api'),
  'a slash at the end': (p) => `${p}/`,
  'two slashes': (p) => `/${p}`,
  'two slashes inside': (p) => p.replace('/api/', '/api//'),
  'an encoded letter': (p) => p.replace('/a', '/%61'),
  'a letter encoded twice': (p) => p.replace('/a', '/%2561'),
  'an encoded dot segment': (p) => p.replace('/api', '/api/%2e'),
  'dot segments': (p) => `/x/..${p}`,
  'an encoded slash': (p) => p.replace('/api/', '/api%2f'),
  'a parameter of a segment': (p) => p.replace('/api', '/api;v=1'),
  'a back slash': (p) => p.replace('/api/', '/api\\'),
  'absolute form': (p) => `http://${PHONE}:${port.toString()}${p}`,
  'a query': (p) => `${p}?as=${UUID}&x=/api/devices/join`,
};

describe('every route, for whoever may not use it', () => {
  it('is closed to nobody, to one that was let go and to guests, however it is spelled', async () => {
    const all = routes();
    expect(all.length).toBeGreaterThan(45);
    const opened: string[] = [];
    let tried = 0;
    const tryOne = async (who: string, { method, path }: Route, spelled: string, how: How): Promise<void> => {
      const named = `${method === 'HEAD' ? 'GET' : method} ${path}`;
      const may = OPEN.has(named) || (who === 'guest' && GUESTS.test(named));
      if (may) return;
      const body = ['POST', 'PUT', 'PATCH'].includes(method)
        ? { body: { takeAway: 'everything', role: 'cook' } }
        : {};
      const reply = await ask(method, spelled, who, { ...body, ...how });
      tried += 1;
      const code = status(reply);
      // A page that is served in its place holds nothing: what is not refused is the page itself.
      const isPage = code === 200 && reply.includes('<title>Hammock</title>') && method === 'GET';
      if (!([400, 401, 403, 404, 405].includes(code) || isPage) || reply.includes(SECRET))
        opened.push(`${who} ${method} ${spelled} → ${code.toString()}`);
      // As it is written it is told for what it is: not let in, or not for guests.
      if (spelled === path && code !== (who === 'guest' ? 403 : 401))
        opened.push(`${who} ${named} → ${code.toString()}`);
    };
    for (const who of ['nobody', 'revoked', 'guest']) {
      const tries = all.flatMap((route) => [
        ...Object.values(SPELLINGS).map((spell) => tryOne.bind(undefined, who, route, spell(route.path), {})),
        tryOne.bind(undefined, who, route, route.path, { version: '1.0' }),
        tryOne.bind(undefined, who, route, route.path, {
          more: 'X-HTTP-Method-Override: GET\r\nX-Original-URL: /api/devices/me\r\nX-Rewrite-URL: /api/devices/me\r\n',
        }),
        tryOne.bind(
          undefined,
          who,
          { ...route, method: route.method === 'GET' ? 'HEAD' : route.method },
          route.path,
          {},
        ),
      ]);
      for (let i = 0; i < tries.length; i += 8) await Promise.all(tries.slice(i, i + 8).map((t) => t()));
    }
    expect(opened).toEqual([]);
    expect(tried).toBeGreaterThan(2000);
    // Nothing of it was done: what was there is there.
    expect(await ask('GET', '/api/bags', 'cook')).toContain(SECRET);
  }, 120_000);

  it('serves the built pages and nothing that lies beside them', async () => {
    for (const path of [
      '/.git/config',
      '/package.json',
      '/../package.json',
      '/%2e%2e/package.json',
      '/index.html/..',
      '/assets/../../package.json',
      '/hammock.sqlite',
    ]) {
      const reply = await ask('GET', path, 'cook');
      expect([path, [200, 400, 404].includes(status(reply)), /"name"|\[core\]|SQLite/u.test(reply)]).toEqual([
        path,
        true,
        false,
      ]);
    }
  });

  it('has one spelling for a cook too', async () => {
    expect(await ask('GET', '/api/bags', 'cook')).toContain(SECRET);
    for (const [what, spell] of Object.entries(SPELLINGS)) {
      const reply = await ask('GET', spell('/api/bags'), 'cook');
      const isSame = ['as it is', 'a query', 'absolute form'].includes(what);
      expect([what, status(reply) === 200 && reply.includes(SECRET)]).toEqual([what, isSame]);
    }
  });

  it('says itself who may use it, and is closed to everybody where it does not', () => {
    const container = server.app.get(ModulesContainer, { strict: false });
    const handlers = [...container.values()].flatMap((m) =>
      [...m.controllers.values()].flatMap(({ metatype }) => {
        const { prototype } = metatype as { prototype: Record<string, unknown> };
        return Object.getOwnPropertyNames(prototype)
          .filter((name) => name !== 'constructor')
          .map((name) => prototype[name])
          .filter((f): f is () => void => typeof f === 'function' && Reflect.hasMetadata('path', f));
      }),
    );
    expect(handlers.length).toBeGreaterThan(45);
    expect(handlers.filter((f) => !Reflect.hasMetadata('right', f)).map((f) => f.name)).toEqual([]);

    @Controller('api/forgotten')
    class Forgotten {
      @Get()
      read(): string {
        return SECRET;
      }
    }
    const guard = new RightsGuard(new Reflector());
    const context = {
      getHandler: () => Object.getOwnPropertyDescriptor(Forgotten.prototype, 'read')?.value as () => string,
      switchToHttp: () => ({ getRequest: () => ({ who: 'here' }) }),
    };
    expect(() => guard.canActivate(context as never)).toThrow('not opened');
  });
});
