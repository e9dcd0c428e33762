import { beforeAll, describe, expect, it } from '@jest/globals';
import { execFile, execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';

const root = join(__dirname, '../..');
const run = promisify(execFile);

/** Files that know each other because the database's rows do. */
const ENTITIES = [
  'apps/server/src/cooks/cook.entity.ts',
  'apps/server/src/cooks/outcome.entity.ts',
  'apps/server/src/cooks/tap.entity.ts',
];

interface Found {
  readonly documents: readonly (readonly [string, string])[];
  readonly arrows: readonly (readonly string[])[];
  readonly circles: readonly (readonly string[])[];
  readonly sizes: readonly (readonly [string, number])[];
  readonly questions: readonly (readonly [string, string, readonly string[]])[];
}
let found: Found;

beforeAll(async () => {
  const script = `import { circles, documents, ONE_WAY, rooms, sizes } from './scripts/make/rooms.mjs';
    import { grepOf, QUESTIONS } from './scripts/make/glossary.mjs';
    process.stdout.write(JSON.stringify({
      documents: await documents(),
      arrows: ONE_WAY.map((part) => [...rooms(part).arrows]),
      circles: ['core', 'web', 'server'].flatMap(circles),
      sizes: [...sizes()],
      questions: QUESTIONS.map(([question, word, file]) => [question, file, grepOf(word)]),
    }))`;
  const args = ['--input-type=module', '-e', script];
  const { stdout } = await run(process.execPath, args, { cwd: root, maxBuffer: 1e8 });
  found = JSON.parse(stdout) as Found;
}, 60_000);

describe('the rooms', () => {
  it('are drawn and listed as they are: npm run rooms', () => {
    for (const [path, text] of found.documents) expect(readFileSync(path, 'utf8')).toBe(text);
  });

  it('import each other one way only', () => {
    for (const arrows of found.arrows) {
      expect(arrows.length).toBeGreaterThan(20);
      expect(arrows.filter((a) => arrows.includes(a.split(' --> ').reverse().join(' --> ')))).toEqual([]);
    }
  });

  it('have no circle of files in them', () => {
    expect(found.circles).toEqual([ENTITIES]);
  });

  it('hold 25 files at most', () => {
    expect(found.sizes.length).toBeGreaterThan(50);
    expect(found.sizes.filter(([, files]) => files > 25)).toEqual([]);
  });

  it('answer what somebody new asks in the first three files with the word in an exported name', () => {
    expect(found.questions).toHaveLength(20);
    for (const [question, file, words] of found.questions) {
      const hits = execFileSync('git', words, { cwd: root, encoding: 'utf8' }).trim().split('\n');
      expect([question, hits.slice(0, 3)]).toEqual([question, expect.arrayContaining([file])]);
    }
  });
});
