import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { format, resolveConfig } from 'prettier';
import { root } from './lib.mjs';

/** The picture of the rooms in CONTRIBUTING.md, drawn from the imports themselves: `npm run rooms`; a test compares. */
const FILE = join(root, 'CONTRIBUTING.md');
const [BEGIN, END] = ['<!-- rooms: npm run rooms -->', '<!-- end of rooms -->'];
const HOUSES = { core: 'packages/core/src', web: 'apps/web/src' };

const codeUnder = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return entry.name === 'testing' ? [] : codeUnder(path);
    return /\.tsx?$/.test(entry.name) && !/\.spec\.|\.generated\./.test(entry.name) ? [path] : [];
  });

/** The rooms of a house, and how many times which of them imports from which. */
export function rooms(house) {
  const base = join(root, HOUSES[house]);
  const names = new Set();
  const arrows = new Map();
  for (const path of codeUnder(base)) {
    const [room, ...rest] = relative(base, path).split('/');
    if (rest.length === 0) continue;
    const text = readFileSync(path, 'utf8');
    names.add(room);
    for (const [, spec] of text.matchAll(/(?:from|import\() ?'(\.{1,2}\/[^']+)'/g)) {
      const other = relative(base, join(dirname(path), spec)).split('/')[0];
      if (other === room || other.includes('.') || other === 'testing') continue;
      const key = `${other} --> ${room}`;
      arrows.set(key, (arrows.get(key) ?? 0) + 1);
    }
  }
  return { names, arrows };
}

/** Left out of the picture: arrows that another way through the rooms says already. */
function needed(arrows) {
  const next = new Map();
  for (const key of arrows.keys()) {
    const [from, to] = key.split(' --> ');
    next.set(from, [...(next.get(from) ?? []), to]);
  }
  const reaches = (from, to, seen = new Set()) =>
    (next.get(from) ?? []).some((n) => !seen.has(n) && seen.add(n) && (n === to || reaches(n, to, seen)));
  return [...arrows.keys()].filter((key) => {
    const [from, to] = key.split(' --> ');
    return !(next.get(from) ?? []).some((n) => n !== to && reaches(n, to));
  });
}

function picture(house) {
  const { names, arrows } = rooms(house);
  const boxes = [...names].sort().map((room) => `  ${room}`);
  return [
    '```mermaid',
    'flowchart LR',
    ...boxes,
    ...needed(arrows)
      .sort()
      .map((a) => `  ${a}`),
    '```',
  ].join('\n');
}

/** CONTRIBUTING.md as it should be. */
export async function contributing() {
  const text = readFileSync(FILE, 'utf8');
  const [before, after] = [text.slice(0, text.indexOf(BEGIN)), text.slice(text.indexOf(END))];
  const drawn = Object.keys(HOUSES).map(
    (house) => `**${house}** (\`${HOUSES[house]}\`)\n\n${picture(house)}`,
  );
  return format(`${before}${BEGIN}\n\n${drawn.join('\n\n')}\n\n${after}`, {
    ...(await resolveConfig(FILE)),
    parser: 'markdown',
  });
}

if (process.argv[1] === import.meta.filename) writeFileSync(FILE, await contributing());
