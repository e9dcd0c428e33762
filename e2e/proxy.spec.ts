import { afterAll, beforeAll, describe, expect, it, jest } from '@jest/globals';
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { request } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort, root } from '../scripts/run/lib.mjs';

jest.setTimeout(60_000);

const nginx = process.env['HAMMOCK_NGINX'] ?? '';
const where = nginx === '' ? describe.skip : describe;

const NAME = 'kitchen.example';
let folder: string;
let children: ChildProcess[] = [];
let said = '';
let port: number;
let behind: number;

/** The configuration that docs/security.md shows, with this test's ports and certificate. */
function configuration(): string {
  const [, block = ''] =
    /```nginx\n([\s\S]*?)```/u.exec(readFileSync(join(root, 'docs/security.md'), 'utf8')) ?? [];
  const server = block
    .replaceAll(/^ {2}/gmu, '')
    .replace('listen 443 ssl', `listen 127.0.0.1:${port.toString()} ssl`)
    .replace('/etc/ssl/kitchen.pem', join(folder, 'kitchen.pem'))
    .replace('/etc/ssl/kitchen.key', join(folder, 'kitchen.key'))
    .replace('http://127.0.0.1:4170', `http://127.0.0.1:${behind.toString()}`);
  const temporary = ['client_body', 'proxy', 'fastcgi', 'uwsgi', 'scgi']
    .map((name) => `${name}_temp_path ${join(folder, name)};`)
    .join('\n');
  return `daemon off; pid ${join(folder, 'nginx.pid')}; error_log ${join(folder, 'error.log')};\nevents {}\nhttp { access_log off;\n${temporary}\n${server}\n}`;
}

where('behind a proxy on the same machine', () => {
  beforeAll(async () => {
    folder = mkdtempSync(join(tmpdir(), 'hammock-proxy-'));
    mkdirSync(join(folder, 'data'));
    port = await freePort();
    behind = await freePort();
    const certificate = spawnSync('openssl', [
      ...['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '2', '-subj', `/CN=${NAME}`],
      ...['-keyout', join(folder, 'kitchen.key'), '-out', join(folder, 'kitchen.pem')],
    ]);
    expect(certificate.status).toBe(0);
    writeFileSync(join(folder, 'nginx.conf'), configuration());
    // Started as whoever follows the document would, with its output read: the first code is said on the terminal.
    const server = spawn(process.execPath, [join(root, 'apps/server/dist/bundle/main.js')], {
      env: {
        PATH: process.env['PATH'],
        HAMMOCK_DATA: join(folder, 'data'),
        HAMMOCK_PORT: behind.toString(),
        HAMMOCK_WEB: join(root, 'apps/web/dist'),
        HAMMOCK_ORIGIN: `https://${NAME}:${port.toString()}`,
        HAMMOCK_LAN: '1',
      },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    for (const stream of [server.stdout, server.stderr])
      stream.on('data', (piece) => (said += String(piece)));
    children = [server, spawn(nginx, ['-p', folder, '-c', join(folder, 'nginx.conf')], { stdio: 'inherit' })];
    for (let tries = 0; tries < 100; tries += 1) {
      const there = await ask('GET', '/api/devices/me').catch(() => undefined);
      if (there?.status === 200 && /\d{4}-\d{4}/u.test(said)) return;
      await new Promise((later) => setTimeout(later, 100));
    }
    throw new Error(`the proxy or the server never answered: ${said}`);
  });
  afterAll(async () => {
    for (const child of children) {
      const gone = new Promise((done) => child.once('exit', done));
      child.kill('SIGTERM');
      await gone;
    }
    rmSync(folder, { recursive: true, force: true });
  });

  interface Said {
    readonly host?: string;
    readonly body?: object;
    readonly cookie?: string;
    readonly headers?: Readonly<Record<string, string>>;
  }
  /** Through the proxy, as a phone would. */
  const ask = (
    method: string,
    path: string,
    { host = `${NAME}:${port.toString()}`, body, cookie, headers = {} }: Said = {},
  ): Promise<{ status: number; text: string; cookie: string }> =>
    new Promise((done, failed) => {
      const text = body === undefined ? '' : JSON.stringify(body);
      const sent = request(
        {
          ...{ host: '127.0.0.1', port, method, path, rejectUnauthorized: false, setHost: false },
          headers: {
            host,
            ...(text === ''
              ? {}
              : { 'content-type': 'application/json', 'content-length': Buffer.byteLength(text) }),
            ...(cookie === undefined ? {} : { cookie }),
            ...headers,
          },
        },
        (reply) => {
          let heard = '';
          reply.on('data', (piece) => (heard += String(piece)));
          reply.on('end', () =>
            done({
              status: reply.statusCode ?? 0,
              text: heard,
              cookie: reply.headers['set-cookie']?.[0] ?? '',
            }),
          );
        },
      );
      sent.on('error', failed);
      sent.end(text);
    });

  it('nobody is taken for the one at the keyboard, whatever is said', async () => {
    expect((await ask('GET', '/')).text).toContain('<title>Hammock');
    const claims = [
      {},
      { 'x-forwarded-for': '127.0.0.1' },
      { forwarded: 'for=127.0.0.1;host=localhost' },
      { 'x-forwarded-host': `127.0.0.1:${behind.toString()}` },
      { 'x-real-ip': '127.0.0.1' },
    ];
    for (const headers of claims)
      for (const path of [
        '/api/household',
        '/API/archive',
        '/api/cooks',
        '//api/devices',
        '/api/docs-json',
      ]) {
        const { status, text } = await ask('GET', path, { headers });
        expect([path, [400, 401, 404].includes(status), text.includes('altitudeM')]).toEqual([
          path,
          true,
          false,
        ]);
      }
    const body = { role: 'cook' };
    expect((await ask('POST', '/api/devices/code', { body })).status).toBe(401);
    expect((await ask('POST', '/api/everything', { body: { takeAway: 'everything' } })).status).toBe(401);
  });

  it('a wrong name is nobody’s, and who goes round the proxy is not answered', async () => {
    for (const host of ['evil.example', `127.0.0.1:${behind.toString()}`, `localhost:${behind.toString()}`])
      expect([host, (await ask('GET', '/api/household', { host })).status]).toEqual([host, 403]);
    const direct = await fetch(`http://127.0.0.1:${behind.toString()}/api/household`);
    expect(direct.status).toBe(403);
    // Who is refused is written down where the program runs, without what it brought.
    expect(said).toContain('403 foreign: GET /api/household');
    expect(said).not.toMatch(/hammock_device|203\.0\.113/u);
  });

  it('the right name lets in by the code that the terminal says, and a cookie for TLS alone', async () => {
    const code = /\d{4}-\d{4}/u.exec(said)?.[0] ?? '';
    const joined = await ask('POST', '/api/devices/join', { body: { code, name: 'Blue phone' } });
    expect([joined.status, joined.cookie]).toEqual([
      200,
      expect.stringMatching(/HttpOnly; Secure; SameSite=Strict/u),
    ]);
    const cookie = joined.cookie.split(';')[0] ?? '';
    expect((await ask('GET', '/api/household', { cookie })).text).toContain('altitudeM');
    expect((await ask('POST', '/api/devices/code', { cookie, body: { role: 'guest' } })).status).toBe(200);
    // Guessing through the proxy counts by the address the proxy saw; another address is not shut out by it.
    const wrong = () => ask('POST', '/api/devices/join', { body: { code: '0000-0000', name: 'x' } });
    const statuses = [];
    for (let n = 0; n < 6; n += 1) statuses.push((await wrong()).status);
    expect(statuses).toEqual([403, 403, 403, 403, 403, 429]);
  });
});
