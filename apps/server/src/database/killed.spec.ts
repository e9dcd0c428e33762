import 'reflect-metadata';
import { spawnSync } from 'node:child_process';
import { cpSync, existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import SqliteFile from 'better-sqlite3';
import { copiesOf, copyDatabase } from './copyFile.js';
import { Database } from './database.js';
import { restoreCopy } from './restore.js';
import { runs } from '../testing/budget.js';

const DIST = join(import.meta.dirname, '../../dist');
const ROOT = join(import.meta.dirname, '../../../..');
const NOW_MS = 1_780_000_000_000;

/** A whole server takes a second or two to begin: by day it is cut at every third step, at night at each. */
const STRIDE = runs(3) === 3 ? 1 : 3;

let folder: string;
const kept: string[] = [];
const file = (): string => join(folder, 'hammock.sqlite');
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hammock-killed-'));
});
afterEach(() => {
  for (const path of [folder, ...kept.splice(0)]) rmSync(path, { recursive: true, force: true });
});

/** A household of that name, in the newest schema. */
async function household(name: string): Promise<void> {
  const database = await Database.open(file(), NOW_MS);
  database.raw.prepare('UPDATE "household" SET "name" = ?').run(name);
  await database.onApplicationShutdown();
}
const inIt = (path = file()): { name: string; epoch: string } => {
  const opened = new SqliteFile(path, { readonly: true, fileMustExist: true });
  try {
    return opened.prepare('SELECT household."name", sequence."epoch" FROM household, sequence').get() as {
      name: string;
      epoch: string;
    };
  } finally {
    opened.close();
  }
};

/** Makes the folder once and gives back how to have it again as it was made. */
async function prepared(make: () => Promise<void>): Promise<() => void> {
  await make();
  const as = mkdtempSync(join(tmpdir(), 'hammock-prepared-'));
  cpSync(folder, as, { recursive: true });
  kept.push(as);
  return () => {
    rmSync(folder, { recursive: true, force: true });
    folder = mkdtempSync(join(tmpdir(), 'hammock-killed-'));
    cpSync(as, folder, { recursive: true });
  };
}

/**
 * Ends the process before its n-th change of the folder: a rename, a removal, a file made, a statement that changes something.
 * Counted from the beginning, or from `globalThis.begins = true`: what the program does as it starts is tried elsewhere.
 */
const cut = (n: number): string => `
  const fs = require('node:fs');
  const Sqlite = require('better-sqlite3');
  let left = ${n.toString()};
  const die = () => { if (globalThis.begins !== false && left-- === 0) process.kill(process.pid, 'SIGKILL'); };
  const inFolder = (path) => String(path).startsWith(${JSON.stringify(folder)});
  for (const name of ['renameSync', 'rmSync', 'copyFileSync', 'writeFileSync']) {
    const real = fs[name];
    fs[name] = function (path) { if (inFolder(path)) die(); return real.apply(this, arguments); };
  }
  require('node:module').syncBuiltinESMExports();
  for (const name of ['exec', 'pragma']) {
    const real = Sqlite.prototype[name];
    Sqlite.prototype[name] = function (sql) { if (/DELETE|UPDATE|COMMIT|VACUUM|INSERT|checkpoint|user_version =/.test(sql)) die(); return real.apply(this, arguments); };
  }
`;
/** Runs a few lines in a process that is killed before its n-th step; true when it came to its end. */
function run(n: number, lines: string): boolean {
  const hook = join(tmpdir(), `hammock-cut-${process.pid.toString()}.cjs`);
  writeFileSync(hook, cut(n));
  const { signal, status, stderr } = spawnSync(
    process.execPath,
    ['--require', hook, '--input-type=module', '-e', lines],
    {
      cwd: ROOT,
      env: { PATH: process.env['PATH'], NODE_PATH: join(ROOT, 'node_modules') },
      encoding: 'utf8',
    },
  );
  rmSync(hook, { force: true });
  if (signal !== 'SIGKILL') expect([status, stderr]).toEqual([0, '']);
  return signal !== 'SIGKILL';
}

describe('putting a copy back', () => {
  it('killed at any moment leaves the old data or the copy, never between, and nothing of either is lost', async () => {
    const again = await prepared(async () => {
      await household('Copied');
      copyDatabase(file(), 'kept', NOW_MS);
      await household('Later');
    });
    const ends: string[] = [];
    for (let n = 0, isOver = false; !isOver && n < 60; n += 1) {
      again();
      const { epoch } = inIt();
      isOver = run(
        n,
        `import { restoreCopy } from ${JSON.stringify(join(DIST, 'database/restore.js'))}; restoreCopy(${JSON.stringify(file())}, ${NOW_MS.toString()});`,
      );
      // The next start finishes what was begun.
      const database = await Database.open(file(), NOW_MS);
      await database.onApplicationShutdown();
      const found = inIt();
      expect(['Copied', 'Later']).toContain(found.name);
      // What was put back is another epoch; what stayed is the same one.
      expect(found.epoch === epoch).toBe(found.name === 'Later');
      const aside = join(folder, 'set-aside');
      const asides = existsSync(aside) ? readdirSync(aside).filter((name) => name.endsWith('.sqlite')) : [];
      expect(asides.map((name) => inIt(join(aside, name)).name)).toEqual(
        found.name === 'Copied' ? ['Later'] : [],
      );
      expect(readdirSync(folder).filter((name) => /part|restoring/u.test(name))).toEqual([]);
      ends.push(found.name);
    }
    expect(ends[0]).toBe('Later');
    expect(ends.at(-1)).toBe('Copied');
    // Once it is the copy it stays the copy: there is one moment that counts.
    expect(ends.lastIndexOf('Later')).toBeLessThan(ends.indexOf('Copied'));
    expect(ends.length).toBeGreaterThan(6);
  }, 120_000);

  it('takes only what this program made, with nothing in it that runs by itself', async () => {
    await household('Copied');
    const { name } = copyDatabase(file(), 'kept', NOW_MS);
    await household('Later');
    const copy = join(folder, 'copies', name);
    const change = (sql: string): void => {
      const opened = new SqliteFile(copy);
      opened.exec(sql);
      opened.close();
    };
    const refused = (): void => {
      expect(() => restoreCopy(file(), NOW_MS, name)).toThrow(/no whole copy/u);
      expect(inIt().name).toBe('Later');
    };
    change('CREATE TRIGGER theirs AFTER INSERT ON bag BEGIN DELETE FROM cook; END');
    refused();
    change('DROP TRIGGER theirs; CREATE VIEW theirs AS SELECT 1');
    refused();
    change('DROP VIEW theirs; DELETE FROM migrations WHERE id = 1');
    refused();
    change('DELETE FROM migrations');
    refused();
    writeFileSync(copy, 'no database');
    refused();
  });

  it('lets no device in that was let go since the copy was made, and keeps who was let in since', async () => {
    await household('Copied');
    const devices = (ids: readonly string[]): void => {
      const opened = new SqliteFile(file());
      opened.exec('DELETE FROM device');
      for (const id of ids) opened.prepare(`INSERT INTO device VALUES (?, 'x', 'cook', 'h', 1, 1)`).run(id);
      opened.close();
    };
    devices(['old', 'both']);
    copyDatabase(file(), 'kept', NOW_MS);
    devices(['both', 'new']);
    restoreCopy(file(), NOW_MS);
    const opened = new SqliteFile(file(), { readonly: true });
    const ids = opened.prepare('SELECT id FROM device ORDER BY id').pluck().all();
    opened.close();
    expect(ids).toEqual(['both', 'new']);
  });
});

describe('a copy', () => {
  it('killed at any moment while it is made is there whole or not at all, and the next one is made', async () => {
    const ends: number[] = [];
    await household('Marrowfat');
    for (let n = 0, isOver = false; !isOver && n < 30; n += 1) {
      rmSync(join(folder, 'copies'), { recursive: true, force: true });
      isOver = run(
        n,
        `import { copyDatabase } from ${JSON.stringify(join(DIST, 'database/copyFile.js'))}; copyDatabase(${JSON.stringify(file())}, 'kept', ${NOW_MS.toString()});`,
      );
      const made = copiesOf(file());
      for (const { name } of made) expect(inIt(join(folder, 'copies', name)).name).toBe('Marrowfat');
      ends.push(made.length);
      copyDatabase(file(), 'kept', NOW_MS);
      expect(copiesOf(file())).toHaveLength(1);
      expect(readdirSync(join(folder, 'copies')).filter((name) => name.endsWith('.part'))).toEqual([]);
    }
    expect([ends[0], ends.at(-1)]).toEqual([0, 1]);
  }, 120_000);
});

describe('putting an archive in', () => {
  it('killed at any moment leaves all of it or nothing, in place of what is here and beside it', async () => {
    const id = '00000000-0000-4000-8000-000000000001';
    const bag = {
      id,
      createdAtMs: 1,
      updatedAtMs: 2,
      deletedAtMs: null,
      grainId: 'millet',
      label: 'Harbour sack',
      note: '',
      openedOn: null,
      amylose: null,
    };
    const text = JSON.stringify({
      format: 'hammock.archive',
      version: 1,
      bags: [bag, { ...bag, id: id.replace('1', '2') }],
    });
    const again = await prepared(() => household('Marrowfat'));
    for (const how of ['merge', 'instead']) {
      const ends: number[] = [];
      for (let n = 0, isOver = false; !isOver && n < 60; n += STRIDE) {
        again();
        isOver = run(
          n,
          `import 'reflect-metadata';
           import { writeFileSync as writes } from 'fs';
           import { createApp } from ${JSON.stringify(join(DIST, 'createApp.js'))};
           import { ArchiveService } from ${JSON.stringify(join(DIST, 'archive/archive.service.js'))};
           import { configFromEnvironment } from ${JSON.stringify(join(DIST, 'config.js'))};
           globalThis.begins = false;
           const app = await createApp(configFromEnvironment({ HAMMOCK_DATA: ${JSON.stringify(folder)} }));
           await app.init();
           globalThis.begins = true;
           writes(${JSON.stringify(join(folder, `incoming-${id}.json`))}, ${JSON.stringify(text)});
           await app.get(ArchiveService, { strict: false }).put('${id}', '${how}');
           await app.close();`,
        );
        const database = await Database.open(file(), NOW_MS);
        const bags = database.raw
          .prepare('SELECT count(*) FROM bag WHERE "deletedAtMs" IS NULL')
          .pluck()
          .get() as number;
        const ours = database.raw
          .prepare(`SELECT count(*) FROM bag WHERE label = 'Harbour sack'`)
          .pluck()
          .get() as number;
        await database.onApplicationShutdown();
        expect([n, [0, 2].includes(ours)]).toEqual([n, true]);
        if (how === 'instead') expect([n, ours === 0 || bags === 2]).toEqual([n, true]);
        ends.push(ours);
      }
      expect([ends[0], ends.at(-1)]).toEqual([0, 2]);
      expect(ends.lastIndexOf(0)).toBeLessThan(ends.indexOf(2));
    }
  }, 180_000);
});

describe('erasing everything', () => {
  it('killed at any moment leaves the household as it was, or nothing of it anywhere', async () => {
    const again = await prepared(async () => {
      await household('Marrowfat');
      copyDatabase(file(), 'kept', NOW_MS);
      restoreCopy(file(), NOW_MS);
      copyDatabase(file(), 'daily', NOW_MS + 1);
    });
    const ends: boolean[] = [];
    for (let n = 0, isOver = false; !isOver && n < 60; n += STRIDE) {
      again();
      isOver = run(
        n,
        `import 'reflect-metadata';
         import { createApp } from ${JSON.stringify(join(DIST, 'createApp.js'))};
         import { ArchiveService } from ${JSON.stringify(join(DIST, 'archive/archive.service.js'))};
         import { configFromEnvironment } from ${JSON.stringify(join(DIST, 'config.js'))};
         globalThis.begins = false;
         const app = await createApp(configFromEnvironment({ HAMMOCK_DATA: ${JSON.stringify(folder)} }));
         await app.init();
         globalThis.begins = true;
         await app.get(ArchiveService, { strict: false }).takeAllAway('everything');
         await app.close();`,
      );
      const database = await Database.open(file(), NOW_MS);
      await database.onApplicationShutdown();
      const isErased = inIt().name !== 'Marrowfat';
      const names = readdirSync(folder, { recursive: true })
        .map(String)
        .filter((name) => name.includes('.sqlite'));
      const holding = names.filter((name) => readFileSync(join(folder, name)).includes('Marrowfat'));
      if (isErased) expect([n, holding]).toEqual([n, []]);
      else expect([n, copiesOf(file()).length]).toEqual([n, 2]);
      ends.push(isErased);
    }
    expect(ends[0]).toBe(false);
    expect(ends.at(-1)).toBe(true);
    expect(ends.lastIndexOf(false)).toBeLessThan(ends.indexOf(true));
  }, 120_000);
});
