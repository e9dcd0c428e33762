import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { cpus } from 'node:os';
import { join } from 'node:path';
import { format, resolveConfig } from 'prettier';
import { root } from '../run/lib.mjs';

/** Every run of the bench so far, as data and as a table. */
const DATA = join(root, 'docs/performance.json');
const PAGE = join(root, 'docs/performance.md');
/** Runs in the table; the data keep all of them. */
const SHOWN = 6;

/**
 * Adds one run to docs/performance.json and draws docs/performance.md anew.
 * @param {{ what: string, value: number | undefined, unit: string, most: number, why?: string }[]} figures
 */
export async function writePerformance(figures) {
  const git = (...args) => execFileSync('git', args, { cwd: root, encoding: 'utf8' }).trim();
  const runs = existsSync(DATA) ? JSON.parse(readFileSync(DATA, 'utf8')) : [];
  runs.push({
    date: new Date().toISOString().slice(0, 16).replace('T', ' '),
    commit: git('rev-parse', '--short', 'HEAD'),
    cores: cpus().length,
    figures,
  });
  writeFileSync(DATA, await pretty(JSON.stringify(runs), DATA));
  writeFileSync(PAGE, await pretty(page(runs.slice(-SHOWN)), PAGE));
}

const pretty = async (text, filepath) => format(text, { ...(await resolveConfig(filepath)), filepath });

function page(runs) {
  const names = [...new Set(runs.flatMap(({ figures }) => figures.map(({ what }) => what)))];
  const cell = (run, what) => {
    const found = run.figures.find((f) => f.what === what);
    if (!found) return '';
    if (found.value === undefined) return 'broke';
    return `${Number(found.value.toPrecision(3))}${found.value <= found.most ? '' : ' !'}`;
  };
  const last = (what) => runs.flatMap(({ figures }) => figures).findLast((f) => f.what === what);
  const head = ['figure', 'unit', 'at most', ...runs.map((r) => `${r.date}, ${r.commit}`)];
  const rows = names.map((what) => [
    what,
    last(what).unit,
    String(last(what).most),
    ...runs.map((r) => cell(r, what)),
  ]);
  const table = [head, head.map(() => '---'), ...rows].map((r) => `| ${r.join(' | ')} |`).join('\n');
  return `# How fast it is

Made by \`npm run bench\` on ${runs.at(-1).cores} cores; every run stands in docs/performance.json. "!" is over what was
asked. A machine with other work to do is slower: compare columns of one machine, or ratios within a column.

${table}
`;
}
