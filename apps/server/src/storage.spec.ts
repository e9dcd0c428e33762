import 'reflect-metadata';
import { spawn, spawnSync } from 'node:child_process';
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import SqliteFile from 'better-sqlite3';
import request from 'supertest';
import { WriteQueue } from './common/writeQueue.js';
import { Database } from './database/database.js';
import { temporaryServer, type TemporaryServer } from './testing/temporaryServer.js';

const uuid = (n: number): string => `00000000-0000-4000-8000-${n.toString().padStart(12, '0')}`;
const bag = (label: string) => ({ grainId: 'millet', label, note: 'x'.repeat(200) });

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hammock-storage-'));
});
afterEach(() => {
  rmSync(folder, { recursive: true, force: true });
});
const file = () => join(folder, 'hammock.sqlite');
const labelsIn = (path: string): string[] => {
  const opened = new SqliteFile(path, { readonly: true });
  const rows = opened.prepare('SELECT label FROM bag').all() as { label: string }[];
  opened.close();
  return rows.map((r) => r.label);
};

describe('what was acknowledged is stored', () => {
  let server: TemporaryServer;
  beforeEach(async () => {
    server = await temporaryServer({ folder });
  });
  const put = (n: number) =>
    request(server.url)
      .put(`/api/bags/${uuid(n)}`)
      .send(bag(`Bag ${n.toString()}`));

  it('survives a disk that fills up in the middle: 507 while it is full, and every 200 before and after it is there', async () => {
    const { raw } = server.database;
    const [{ page_count: pages }] = raw.pragma('page_count') as [{ page_count: number }];
    const stored: string[] = [];
    let refused = 0;
    for (let round = 0; round < 4; round += 1) {
      raw.pragma(`max_page_count = ${(round % 2 === 0 ? pages + 2 : pages * 50).toString()}`);
      for (let n = 0; n < 40; n += 1) {
        const reply = await put(round * 100 + n);
        if (reply.status === 200) stored.push(reply.body.label);
        else expect(reply.body).toMatchObject({ status: 507, type: 'urn:hammock:problem:full' });
        if (reply.status === 507) refused += 1;
        expect(raw.inTransaction).toBe(false);
      }
    }
    expect(refused).toBeGreaterThan(30);
    expect(stored.length).toBeGreaterThan(80);
    // As another process would read it, while the server is still running: nothing is held back in a transaction.
    expect(labelsIn(file())).toEqual(expect.arrayContaining(stored));
    await server.close();
    expect(labelsIn(file())).toEqual(expect.arrayContaining(stored));
  });

  it('opens the connection anew when it is in doubt, and goes on', async () => {
    const queue = server.app.get(WriteQueue);
    await expect(
      queue.run(() => {
        server.database.raw.close();
        return Promise.resolve();
      }),
    ).rejects.toThrow();
    expect((await put(1)).status).toBe(200);
    await server.close();
    expect(labelsIn(file())).toContain('Bag 1');
  });

  it('shows nobody a row before it is committed, nor one that is taken back', async () => {
    const queue = server.app.get(WriteQueue);
    const seen: number[] = [];
    const look = async () => (await request(server.url).get('/api/bags')).body.length as number;
    const before = await look();
    const failed = queue.run(async ({ manager, nextRevision }) => {
      const row = { id: uuid(1), ...bag('Ghost'), openedOn: null, createdAtMs: 1, updatedAtMs: 1 };
      await manager.save('Bag', { ...row, revision: nextRevision(), deletedAtMs: null });
      seen.push(await look());
      throw new Error('no');
    });
    await expect(failed).rejects.toThrow('no');
    expect([...seen, await look()]).toEqual([before, before]);
    await server.close();
  });

  it('waits for the disk at every commit, and closes folder and file to others', async () => {
    expect(server.database.raw.pragma('synchronous', { simple: true })).toBe(2);
    expect(statSync(file()).mode & 0o777).toBe(0o600);
    await server.close();
    const deep = join(folder, 'deep', 'er');
    const other = await temporaryServer({ folder: deep });
    expect(statSync(deep).mode & 0o777).toBe(0o700);
    await other.close();
  });

  it('leaves everything in the one file when it ends', async () => {
    await put(1);
    await server.close();
    expect(
      readdirSync(folder).filter((n) => n.endsWith('-wal') && statSync(join(folder, n)).size > 0),
    ).toEqual([]);
    copyFileSync(file(), join(folder, 'alone.sqlite'));
    expect(labelsIn(join(folder, 'alone.sqlite'))).toContain('Bag 1');
  });

  it('copies everything on demand, verified, and keeps the ten newest', async () => {
    await put(1);
    const made = await request(server.url).post('/api/copies').expect(201);
    expect(made.body.name).toMatch(/^hammock-\d{4}-.*-kept\.sqlite$/u);
    expect(labelsIn(join(folder, 'copies', made.body.name))).toContain('Bag 1');
    for (let n = 0; n < 10; n += 1) await request(server.url).post('/api/copies').expect(201);
    const list = (await request(server.url).get('/api/copies').expect(200)).body;
    expect(list).toHaveLength(10);
    expect(list.map((c: { name: string }) => c.name)).not.toContain(made.body.name);
    await server.close();
  });
});

describe('starting', () => {
  const open = () => Database.open(file(), 1_760_000_000_000);

  it('copies the data before it brings it up to date', async () => {
    copyFileSync(join(import.meta.dirname, 'testing/firstSchema.sqlite'), file());
    const before = labelsIn(file());
    const server = await temporaryServer({ folder });
    await server.close();
    const [copy, ...others] = readdirSync(join(folder, 'copies'));
    expect(others).toEqual([]);
    expect(copy).toContain('before-update');
    expect(labelsIn(join(folder, 'copies', copy!))).toEqual(before);
    // Up to date now: the next start has nothing to copy.
    await (await temporaryServer({ folder })).close();
    expect(readdirSync(join(folder, 'copies'))).toHaveLength(1);
  });

  it.each<[string, () => void, RegExp]>([
    [
      'a folder that cannot be made',
      () => {
        rmSync(folder, { recursive: true });
        writeFileSync(folder, 'a file');
      },
      /cannot be made: choose another with HAMMOCK_DATA/u,
    ],
    [
      'a file that is no database',
      () => writeFileSync(file(), 'not a database at all'.repeat(100)),
      /is damaged: put back a copy/u,
    ],
    ['a folder in place of the file', () => mkdirSync(file()), /cannot open .*: mend its permissions/u],
  ])('says %s in one sentence', async (_what, prepare, words) => {
    prepare();
    await expect(open()).rejects.toThrow(words);
  });

  it('refuses a database of a newer Hammock, and leaves it as it is', async () => {
    await (await temporaryServer({ folder })).close();
    const newer = new SqliteFile(file());
    newer
      .prepare("INSERT INTO migrations (timestamp, name) VALUES (9999999999999, 'Tomorrow9999999999999')")
      .run();
    newer.close();
    const bytes = statSync(file()).size;
    await expect(open()).rejects.toThrow(/was made by a newer Hammock/u);
    expect(statSync(file()).size).toBe(bytes);
    expect(existsSync(join(folder, 'copies'))).toBe(false);
  });

  it('finds a damaged file before anything is written to it', async () => {
    await (await temporaryServer({ folder })).close();
    const { page_size: size } = { page_size: 4096 };
    const damaged = new SqliteFile(file());
    damaged.pragma('wal_checkpoint(TRUNCATE)');
    damaged.close();
    const { openSync, writeSync, closeSync } = await import('node:fs');
    const handle = openSync(file(), 'r+');
    for (let page = 2; page < 12; page += 1)
      writeSync(handle, Buffer.alloc(size, 0xa5), 0, size, page * size);
    closeSync(handle);
    await expect(open()).rejects.toThrow(/is damaged: put back a copy/u);
  });

  it('takes the folder for one process, and lets go of it', async () => {
    const first = await open();
    await expect(open()).rejects.toThrow(/Another Hammock is already using/u);
    await first.onApplicationShutdown();
    await (await open()).onApplicationShutdown();
  });

  it('says in one line that a port is taken', async () => {
    const other = createServer().listen(0, '127.0.0.1');
    await new Promise((done) => other.once('listening', done));
    const { port } = other.address() as AddressInfo;
    const main = join(import.meta.dirname, '../dist/main.js');
    const child = spawn(process.execPath, [main], {
      env: { PATH: process.env['PATH'], HAMMOCK_DATA: folder, HAMMOCK_PORT: port.toString() },
    });
    let said = '';
    child.stderr.on('data', (piece) => (said += String(piece)));
    const code = await new Promise((done) => child.once('exit', done));
    other.close();
    expect(said).toBe(`Port ${port.toString()} is taken; set HAMMOCK_PORT to a free one.\n`);
    expect(code).toBe(69);
  });

  it('says in one line that SQLite was built for another Node', () => {
    const broken = join(folder, 'otherNode.cjs');
    writeFileSync(
      broken,
      "process.dlopen = () => { throw Object.assign(new Error('compiled against a different Node.js version using NODE_MODULE_VERSION 999'), { code: 'ERR_DLOPEN_FAILED' }); };",
    );
    const { status, stderr } = spawnSync(
      process.execPath,
      ['--require', broken, join(import.meta.dirname, '../dist/main.js')],
      { env: { PATH: process.env['PATH'], HAMMOCK_DATA: folder }, encoding: 'utf8', timeout: 30_000 },
    );
    expect(stderr).toMatch(
      /^SQLite here was built for another Node than .*: type {2}npm rebuild better-sqlite3 {2}and start again\.\n$/u,
    );
    expect(status).toBe(71);
  });

  it.each<[string, Record<string, string>, RegExp, number]>([
    [
      'a port that is none',
      { HAMMOCK_PORT: 'soup' },
      /^"soup" is not a port: set HAMMOCK_PORT to a number from 1 to 65535\.\n$/u,
      78,
    ],
    [
      'a folder that is a file',
      { HAMMOCK_DATA: '/dev/null/deep' },
      /^The folder \/dev\/null\/deep cannot be made.*\n$/u,
      73,
    ],
  ])('the program says %s in one line and ends with its own number', (_what, env, words, code) => {
    const main = join(import.meta.dirname, '../dist/main.js');
    const { status, stderr } = spawnSync(process.execPath, [main], {
      env: { PATH: process.env['PATH'], HAMMOCK_DATA: folder, HAMMOCK_PORT: '4999', ...env },
      encoding: 'utf8',
      timeout: 30_000,
    });
    expect(stderr).toMatch(words);
    expect(status).toBe(code);
  });
});
