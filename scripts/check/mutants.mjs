import { spawn, spawnSync } from 'node:child_process';
import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import { parseArgs } from 'node:util';
import { install, root, say } from '../run/lib.mjs';

/**
 * Would a test notice? Makes small wrong changes, one at a time, in a copy of this checkout, and runs the tests that
 * reach the changed file: npm run mutants -- [--area core|server|web] [--count 40] [--seed 1] [--changed] [--file F]
 * [--kind structural|constant].
 * The fixture of the same answers and the ledger notice any change of any number, right or wrong: what only they
 * notice is counted apart.
 */
install();
const { mutantsOf, randomFrom } = await import('./mutate.mjs');
const { values: asked } = parseArgs({
  options: {
    area: { type: 'string' },
    count: { type: 'string', default: '40' },
    seed: { type: 'string', default: '1' },
    changed: { type: 'boolean', default: false },
    file: { type: 'string' },
    kind: { type: 'string' },
  },
});

const AREAS = { core: 'packages/core/src', server: 'apps/server/src', web: 'apps/web/src' };
/** Tests whose only word is "as it was": they know no right from wrong. */
const AS_IT_WAS = 'sameAnswers|ledger|replySchemas';
/** A change that never ends was noticed too. */
const MOST_MS = 150_000;

const isCode = (file) =>
  /\.tsx?$/.test(file) &&
  !/\.spec\.|\.generated\.|\/testing\/|\/index\.ts$|\/migrations\/|main\.tsx?$/.test(file);

function filesUnder(folder) {
  return readdirSync(join(root, folder), { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    return entry.isDirectory() ? filesUnder(path) : isCode(path) ? [path] : [];
  });
}

function changedFiles() {
  const { stdout } = spawnSync('git', ['diff', '--name-only', 'HEAD~1'], { cwd: root, encoding: 'utf8' });
  return new Set(stdout.split('\n'));
}

/** A copy with its own sources and links to this checkout's packages. */
function copyOf() {
  const copy = mkdtempSync(join(tmpdir(), 'hammock-mutants-'));
  spawnSync('git', ['clone', '--quiet', '--local', root, copy]);
  const dirty = spawnSync('git', ['diff', 'HEAD', '--binary'], { cwd: root }).stdout;
  if (dirty.length > 0) spawnSync('git', ['apply'], { cwd: copy, input: dirty });
  mkdirSync(join(copy, 'node_modules/@hammock'), { recursive: true });
  for (const name of readdirSync(join(root, 'node_modules')))
    if (name !== '@hammock' && !name.startsWith('.hammock'))
      symlinkSync(join(root, 'node_modules', name), join(copy, 'node_modules', name));
  for (const [name, folder] of [
    ['core', 'packages/core'],
    ['server', 'apps/server'],
    ['web', 'apps/web'],
  ])
    symlinkSync(join(copy, folder), join(copy, 'node_modules/@hammock', name));
  for (const nested of ['apps/web/node_modules', 'apps/server/node_modules', 'packages/core/node_modules'])
    if (existsSync(join(root, nested))) symlinkSync(join(root, nested), join(copy, nested));
  // The server's threads run what was built.
  spawnSync('npx', ['tsc', '-b', 'packages/core', 'apps/server'], { cwd: copy });
  return copy;
}

/** Runs the tests that reach a file; true when one of them failed. */
function fails(copy, area, file, which) {
  const args = [
    'jest',
    '--selectProjects',
    area,
    '--findRelatedTests',
    file,
    '--bail',
    '--maxWorkers=1',
    '--silent',
    '--coverage=false',
    '--passWithNoTests',
    ...which,
  ];
  return new Promise((done) => {
    const child = spawn('npx', args, { cwd: copy, stdio: 'ignore', detached: true });
    const late = setTimeout(() => process.kill(-child.pid, 'SIGKILL'), MOST_MS);
    child.on('exit', (code) => {
      clearTimeout(late);
      done(code !== 0);
    });
  });
}

/** Whether the document says another figure than the code. */
async function isOffTheLedger(copy, { area, kind }) {
  if (area !== 'core' || kind !== 'constant') return false;
  return new Promise((done) => {
    const args = ['jest', '--selectProjects', 'scripts', '--testPathPatterns', 'ledger', '--silent'];
    spawn('npx', args, { cwd: copy, stdio: 'ignore' }).on('exit', (code) => done(code !== 0));
  });
}

const random = randomFrom(Number(asked.seed));
const changed = asked.changed ? changedFiles() : undefined;
const tasks = Object.entries(AREAS)
  .filter(([area]) => asked.area === undefined || asked.area === area)
  .flatMap(([area, folder]) => {
    const all = filesUnder(folder)
      .filter(
        (file) => (changed?.has(file) ?? true) && (asked.file === undefined || file.includes(asked.file)),
      )
      .flatMap((file) =>
        mutantsOf(file, readFileSync(join(root, file), 'utf8')).map((mutant) => ({ area, file, ...mutant })),
      );
    const pick = (kind, count) => {
      const of = all.filter((m) => m.kind === kind);
      return Array.from(
        { length: Math.min(count, of.length) },
        () => of.splice(Math.floor(random() * of.length), 1)[0],
      );
    };
    const count = Number(asked.count);
    if (asked.kind) return pick(asked.kind, count);
    return area === 'core'
      ? [...pick('structural', Math.ceil(count / 2)), ...pick('constant', Math.floor(count / 2))]
      : pick('structural', count);
  });
say(`${tasks.length} wrong changes`);

const left = [...tasks];
const results = [];
async function lane() {
  const copy = copyOf();
  for (let task = left.shift(); task; task = left.shift()) {
    const path = join(copy, task.file);
    const right = readFileSync(path, 'utf8');
    writeFileSync(path, task.text);
    const noticed = await fails(copy, task.area, task.file, ['--testPathIgnorePatterns', AS_IT_WAS]);
    const onlyAsWas =
      !noticed &&
      ((await fails(copy, task.area, task.file, ['--testPathPatterns', AS_IT_WAS])) ||
        (await isOffTheLedger(copy, task)));
    writeFileSync(path, right);
    const by = noticed ? 'noticed' : onlyAsWas ? 'only as it was' : 'SURVIVED';
    results.push({ ...task, by });
    say(`${by}: ${relative('.', task.file)}:${task.line} ${task.kind}: ${task.what}`);
  }
  rmSync(copy, { recursive: true, force: true });
}
await Promise.all(Array.from({ length: Math.min(2, availableParallelism(), tasks.length) }, lane));

/** The score as it is kept: one line for each area and kind, with the day's sample. */
const FILE = join(root, 'docs/mutants.part.md');
const HEAD = `## Would a test notice?

Small wrong changes, one at a time, from a seeded sample (\`npm run mutants\`). "Noticed" is by a test that knows what is right;
the fixture of the same answers and the ledger of constants notice any change, right or wrong, and are counted in the last column.

| what | seed | changes | noticed | with those |
| ---- | ---: | ------: | ------: | ---------: |
`;
const kept = existsSync(FILE)
  ? readFileSync(FILE, 'utf8')
      .split('\n')
      .filter((l) => /^\| (core|server|web) /.test(l))
  : [];
const lines = new Map(kept.map((l) => [l.split('|')[1].trim(), l]));
for (const area of Object.keys(AREAS))
  for (const kind of ['structural', 'constant']) {
    const of = results.filter((r) => r.area === area && r.kind === kind);
    if (of.length === 0) continue;
    const noticed = of.filter((r) => r.by === 'noticed').length;
    const asWas = of.filter((r) => r.by === 'only as it was').length;
    const percent = (n) => `${Math.round((100 * n) / of.length)} %`;
    const name = `${area}, ${kind}`;
    lines.set(
      name,
      `| ${name} | ${asked.seed} | ${of.length} | ${percent(noticed)} | ${percent(noticed + asWas)} |`,
    );
    say(
      `${name}: ${noticed} of ${of.length} noticed (${percent(noticed)}), with "as it was" ${percent(noticed + asWas)}`,
    );
  }
// Only a sample of everything is a score.
if (asked.file === undefined && !asked.changed) {
  const { format, resolveConfig } = await import('prettier');
  const text = HEAD + [...lines.values()].sort().join('\n');
  writeFileSync(FILE, await format(text, { ...(await resolveConfig(FILE)), parser: 'markdown' }));
}
