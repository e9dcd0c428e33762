import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { heavy, hostile } from './benchAttack.mjs';
import { copying, ended, fullDisk } from './benchKeeping.mjs';
import { badWires } from './benchWire.mjs';
import { say } from '../run/lib.mjs';

/**
 * What is promised about keeping and about being attacked, measured: bounded in count and time, and only to servers
 * this program started on 127.0.0.1. Each function returns rows of a table: what, figure, aim, met.
 */

const BEGIN = '<!-- attack: npm run bench -- attack -->';
const END = '<!-- end of attack -->';
const head = '| what was done | figure | aim | met |\n| --- | --- | --- | --- |\n';
const tableOf = (rows) =>
  rows
    .map(([what, figure, aim, met]) => `| ${what} | ${figure} | ${aim} | ${met ? 'yes' : '**no**'} |`)
    .join('\n');

/** What an attack measured, as it stands in the page of reliability. */
export function writeAttack(rows, root, { date, cores }) {
  const file = join(root, 'docs/reliability.md');
  const text = readFileSync(file, 'utf8');
  const said = `${BEGIN}\n\n## Attacked\n\nBy \`npm run bench -- attack\` on ${date}, ${cores} cores: somebody in the house against the built program, the owner asking from a thread of their own meanwhile.\n\n${head}${tableOf(rows)}\n\n${END}`;
  const at = text.indexOf(BEGIN);
  const before = at < 0 ? `${text.trimEnd()}\n\n` : text.slice(0, at);
  const after = at < 0 ? '\n' : text.slice(text.indexOf(END) + END.length);
  writeFileSync(file, before + said + after);
  spawnSync('npx', ['prettier', '--write', '--log-level', 'warn', file], { cwd: root });
}

/** What stands there of an attack, to be kept. */
function attackIn(file) {
  const text = existsSync(file) ? readFileSync(file, 'utf8') : '';
  const at = text.indexOf(BEGIN);
  return at < 0 ? '' : `\n${text.slice(at, text.indexOf(END) + END.length)}\n`;
}

const PAGE = (table) => `# What is kept, and who is kept out

Made by \`npm run bench -- reliability\` on a machine of two cores: the program as it is built, on real SQLite files, in real
browsers, attacked over the loopback only. Acknowledged means that the server answered 200, or that the page said
"Everything is stored."

| what was done | figure | aim | met |
| ------------- | ------ | --- | --- |
${table}

How it is done is in [decision 0010](decisions/0010-nothing-lost.md). What is not a figure is tested: any interleaving of three
devices with wrong clocks, lost replies, repeats and failures ends in one state (\`e2e/converge.spec.ts\`); two tabs, two devices
twenty minutes apart, a device without room, and pages of other sites in a real browser (\`e2e/together.spec.ts\`); a disk that
fills up in the middle of a transaction (\`storage.spec.ts\`).
`;

/** Everything, as a page of the docs. */
export async function reliability(example, root, { minutes = 10 } = {}) {
  const rows = [];
  const add = (found) => {
    for (const row of Array.isArray(found[0]) ? found : [found]) {
      rows.push(row);
      say(`${row[0]}: ${row[1]} (aim ${row[2]}) ${row[3] ? '' : 'MISSED'}`);
    }
  };
  add(await ended('SIGKILL', 50));
  add(await ended('SIGTERM', 20));
  add(await fullDisk(20));
  add(await copying());
  add(await heavy(example));
  add(await hostile(20_000));
  add(await badWires(minutes));
  const file = join(root, 'docs/reliability.md');
  writeFileSync(file, PAGE(tableOf(rows)) + attackIn(file));
  // A bench leaves nothing behind that the next check would stumble over.
  spawnSync('npx', ['prettier', '--write', '--log-level', 'warn', file], { cwd: root });
  return rows;
}
