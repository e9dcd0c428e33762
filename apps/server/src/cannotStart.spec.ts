import 'reflect-metadata';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { request as ask } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { EXIT } from './database/startProblem.js';
import { lockFolder } from './database/folderLock.js';

const MAIN = join(import.meta.dirname, '../dist/main.js');
const PORT = 4700 + (process.pid % 200);
let folder: string;
let child: ChildProcess | undefined;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hammock-cannot-'));
});
afterEach(() => {
  child?.kill('SIGKILL');
  child = undefined;
  rmSync(folder, { recursive: true, force: true });
});
const environment = () => ({
  PATH: process.env['PATH'],
  HAMMOCK_DATA: folder,
  HAMMOCK_PORT: PORT.toString(),
});

/** Starts it so that it says in the page what keeps it from starting; resolves when the page is there. */
async function start(): Promise<ChildProcess> {
  const started = spawn(process.execPath, [MAIN], { env: { ...environment(), HAMMOCK_SAYS_IN_PAGE: '1' } });
  child = started;
  for (let tries = 0; tries < 400; tries += 1) {
    try {
      await fetch(`http://127.0.0.1:${PORT.toString()}/api/health`);
      return started;
    } catch {
      await new Promise((later) => setTimeout(later, 50));
    }
  }
  throw new Error('nothing ever answered');
}

/** What comes back; a browser's own headers cannot be said with fetch. */
const said = (
  method: string,
  path: string,
  headers: Record<string, string> = {},
  body = '',
): Promise<{ status: number; text: string }> =>
  new Promise((done, failed) => {
    const sent = ask({ host: '127.0.0.1', port: PORT, method, path, headers }, (reply) => {
      let text = '';
      reply.on('data', (piece) => (text += String(piece)));
      reply.on('end', () => {
        done({ status: reply.statusCode ?? 0, text });
      });
    });
    sent.on('error', failed);
    sent.end(body);
  });

describe('what keeps it from starting', () => {
  it.each<[keyof typeof EXIT, () => () => void]>([
    [
      'damaged',
      () => {
        writeFileSync(join(folder, 'hammock.sqlite'), 'soup'.repeat(3000));
        return () => undefined;
      },
    ],
    ['inUse', () => lockFolder(folder)],
    [
      'folder',
      () => {
        mkdirSync(join(folder, 'hammock.sqlite'));
        return () => undefined;
      },
    ],
  ])('%s: the terminal has one sentence, and the program its own number (sysexits.h)', (code, prepare) => {
    const release = prepare();
    const { status, stderr } = spawnSync(process.execPath, [MAIN], {
      env: environment(),
      encoding: 'utf8',
      timeout: 30_000,
    });
    release();
    // From memory of BSD's sysexits.h: EX_DATAERR, EX_TEMPFAIL, EX_CANTCREAT.
    expect(status).toBe({ damaged: 65, inUse: 75, folder: 73 }[code as 'damaged' | 'inUse' | 'folder']);
    expect(stderr.trim().split('\n')).toHaveLength(1);
    expect(stderr).not.toMatch(/ at .*:\d+:\d+/u);
  });

  it('has a number of its own for each, none of them 0 or the 1 of anything else', () => {
    const codes = Object.values(EXIT);
    expect(new Set(codes).size).toBe(codes.length);
    for (const code of codes) expect(code).toBeGreaterThanOrEqual(64);
  });

  it('is said in the page too, to this machine alone, and goes on when it is mended', async () => {
    const release = lockFolder(folder);
    const started = await start();
    const told = await said('GET', '/api/plans');
    expect(told.status).toBe(503);
    expect(JSON.parse(told.text)).toEqual({
      ...{ type: 'urn:hammock:problem:start', title: 'Hammock cannot start', status: 503, code: 'inUse' },
    });
    const json = { 'content-type': 'application/json' };
    expect((await said('POST', '/api/start/again', { ...json, host: 'evil.test' }, '{}')).status).toBe(403);
    expect(
      (await said('POST', '/api/start/again', { ...json, origin: 'http://evil.test' }, '{}')).status,
    ).toBe(403);
    expect(
      (await said('POST', '/api/start/again', { 'content-type': 'text/plain', 'content-length': '2' }, '{}'))
        .status,
    ).toBe(415);
    // Still in use: it says so again.
    expect((await said('POST', '/api/start/again', json, '{}')).status).toBe(202);
    const isUp = async (status: number): Promise<void> => {
      for (let tries = 0; tries < 400; tries += 1) {
        const is = await said('GET', '/api/health').catch(() => ({ status: 0 }));
        if (is.status === status) return;
        await new Promise((later) => setTimeout(later, 50));
      }
      throw new Error(`it never answered with ${status.toString()}`);
    };
    await isUp(503);
    release();
    expect((await said('POST', '/api/start/again', json, '{}')).status).toBe(202);
    await isUp(200);
    const ended = new Promise((done) => started.once('exit', done));
    started.kill('SIGTERM');
    expect(await ended).not.toBe(EXIT.inUse);
  });

  it('ends with its number when it is ended there', async () => {
    writeFileSync(join(folder, 'hammock.sqlite'), 'soup'.repeat(3000));
    const started = await start();
    expect(JSON.parse((await said('GET', '/api/plans')).text)).not.toHaveProperty('copy');
    // There is none to put back: that is said, and what is there stays.
    const json = { 'content-type': 'application/json' };
    expect((await said('POST', '/api/start/restore', json, '{}')).status).toBe(404);
    expect(readFileSync(join(folder, 'hammock.sqlite'), 'utf8')).toMatch(/^soup/u);
    const ended = new Promise((done) => started.once('exit', done));
    started.kill('SIGTERM');
    expect(await ended).toBe(65);
  });
});
