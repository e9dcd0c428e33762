import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { basename, dirname, join, relative } from 'node:path';
import { format, resolveConfig } from 'prettier';
import ts from 'typescript';
import { root } from '../run/lib.mjs';
import { glossary } from './glossary.mjs';

/**
 * The rooms (folders) of each part of the program, from the imports themselves: their picture in CONTRIBUTING.md and the
 * list of every file in docs/rooms.md. `npm run rooms` writes both; a test compares.
 */
const PICTURE = join(root, 'CONTRIBUTING.md');
const LIST = join(root, 'docs/rooms.md');
const [BEGIN, END] = ['<!-- rooms: npm run rooms -->', '<!-- end of rooms -->'];
const [WORDS_BEGIN, WORDS_END] = ['<!-- words: npm run rooms -->', '<!-- end of words -->'];
const PARTS = { core: 'packages/core/src', web: 'apps/web/src', server: 'apps/server/src' };
const ALL = { ...PARTS, scripts: 'scripts', e2e: 'e2e' };
/** Parts whose rooms may not import each other; the server's features use each other's entities. */
export const ONE_WAY = ['core', 'web'];

const isCode = (name) => /\.(tsx?|mjs)$/.test(name);
const isSource = (path) => !/\.spec\.|\.generated\.|\/testing\//.test(path);

/** Every file of code under a folder of the repository, as paths from the root. */
function codeUnder(folder) {
  return readdirSync(join(root, folder), { withFileTypes: true }).flatMap((entry) => {
    const path = `${folder}/${entry.name}`;
    if (entry.isDirectory()) return codeUnder(path);
    return isCode(entry.name) ? [path] : [];
  });
}

/** The files that one file imports, itself excluded. */
function importsOf(path) {
  const { importedFiles } = ts.preProcessFile(readFileSync(join(root, path), 'utf8'), true, true);
  return importedFiles.flatMap(({ fileName }) => {
    if (!fileName.startsWith('.')) return [];
    const at = join(dirname(path), fileName).replace(/\.js$/, '');
    const found = ['.ts', '.tsx', '.mjs', ''].map((end) => at + end).find((f) => existsSync(join(root, f)));
    return found && isCode(found) ? [found] : [];
  });
}

/** @returns for each part its files with what each imports: Map of path to paths */
export function graphOf(part) {
  return new Map(
    codeUnder(PARTS[part])
      .filter(isSource)
      .map((path) => [path, importsOf(path)]),
  );
}

/** The room of a file: its folder, two names deep at most; undefined at the top. */
function roomOf(part, path) {
  const folder = relative(PARTS[part], dirname(path));
  return folder === '' ? undefined : folder.split('/').slice(0, 2).join('/');
}

/** The rooms of a part, and which imports from which, as "from --> to". */
export function rooms(part) {
  const names = new Set();
  const arrows = new Set();
  for (const [path, imported] of graphOf(part)) {
    const room = roomOf(part, path);
    if (room === undefined) continue;
    names.add(room);
    for (const file of imported) {
      const other = roomOf(part, file);
      if (other !== undefined && other !== room && isSource(file)) arrows.add(`${other} --> ${room}`);
    }
  }
  return { names, arrows };
}

/** Files that import each other in a circle (Tarjan's strongly connected components). */
export function circles(part) {
  const graph = graphOf(part);
  const order = new Map();
  const lowest = new Map();
  const stack = [];
  const found = [];
  const visit = (path) => {
    order.set(path, order.size);
    lowest.set(path, order.get(path));
    stack.push(path);
    for (const next of graph.get(path) ?? []) {
      if (!graph.has(next)) continue;
      if (!order.has(next)) visit(next);
      if (stack.includes(next)) lowest.set(path, Math.min(lowest.get(path), lowest.get(next)));
    }
    if (lowest.get(path) !== order.get(path)) return;
    const circle = stack.splice(stack.indexOf(path));
    if (circle.length > 1) found.push(circle.sort());
  };
  for (const path of graph.keys()) if (!order.has(path)) visit(path);
  return found;
}

/** How many files each folder of the repository's code holds itself, tests too. */
export function sizes() {
  const counts = new Map();
  for (const part of Object.keys(ALL))
    for (const path of codeUnder(ALL[part])) counts.set(dirname(path), (counts.get(dirname(path)) ?? 0) + 1);
  return counts;
}

/** Left out of the picture: arrows that another way through the rooms says already. */
function needed(arrows) {
  const next = new Map();
  for (const key of arrows) {
    const [from, to] = key.split(' --> ');
    next.set(from, [...(next.get(from) ?? []), to]);
  }
  const reaches = (from, to, seen = new Set()) =>
    (next.get(from) ?? []).some((n) => !seen.has(n) && seen.add(n) && (n === to || reaches(n, to, seen)));
  return [...arrows].filter((key) => {
    const [from, to] = key.split(' --> ');
    return !(next.get(from) ?? []).some((n) => n !== to && reaches(n, to));
  });
}

const idOf = (room) => room.replaceAll('/', '.');

function picture(part) {
  const { names, arrows } = rooms(part);
  const shelves = Map.groupBy
    ? Map.groupBy([...names].sort(), (room) => room.split('/')[0])
    : [...names].sort().reduce((all, room) => {
        const shelf = room.split('/')[0];
        return all.set(shelf, [...(all.get(shelf) ?? []), room]);
      }, new Map());
  const boxes = [...shelves].flatMap(([shelf, inIt]) =>
    inIt.length === 1 && inIt[0] === shelf
      ? [`  ${shelf}`]
      : [
          `  subgraph ${shelf}_ [${shelf}]`,
          ...inIt.map((room) => `    ${idOf(room)}[${basename(room)}]`),
          '  end',
        ],
  );
  const lines = needed(arrows).sort();
  return [
    '```mermaid',
    'flowchart LR',
    ...boxes,
    ...lines.map((a) => `  ${a.split(' --> ').map(idOf).join(' --> ')}`),
    '```',
  ].join('\n');
}

/** The first sentence of a file's first doc comment. */
function firstSentence(path) {
  const text = readFileSync(join(root, path), 'utf8');
  const [, doc] = /\/\*\*([\s\S]*?)\*\//.exec(text) ?? [];
  if (doc === undefined) return '';
  const plain = doc
    .replaceAll(/^\s*\* ?/gm, '')
    .replaceAll(/\s+/g, ' ')
    .trim();
  const [sentence] = plain.split(/ @\w+|(?<=[.;:])\s/u);
  return (sentence ?? '').replace(/[.;:]$/u, '').replaceAll('|', '\\|');
}

/** docs/rooms.md as it should be: every room, every file, what it is. */
async function list() {
  const parts = Object.entries(ALL).map(([part, base]) => {
    const files = codeUnder(base).filter(isSource);
    const folders = [...new Set(files.map((f) => dirname(f)))].sort();
    const sections = folders.map((folder) => {
      const rows = files
        .filter((f) => dirname(f) === folder)
        .sort()
        .map((f) => `- \`${basename(f)}\` ${firstSentence(f)}`);
      return `### ${folder}\n\n${rows.join('\n')}`;
    });
    return `## ${part}\n\n${sections.join('\n\n')}`;
  });
  const head =
    '# Every file, room by room\n\nMade by `npm run rooms` from the first sentence of each file; not to be changed by hand.';
  return format(`${head}\n\n${parts.join('\n\n')}\n`, { ...(await resolveConfig(LIST)), parser: 'markdown' });
}

/** CONTRIBUTING.md as it should be. */
async function contributing() {
  const between = (text, begin, end, made) =>
    `${text.slice(0, text.indexOf(begin))}${begin}\n\n${made}\n\n${text.slice(text.indexOf(end))}`;
  const drawn = ONE_WAY.map((part) => `**${part}** (\`${PARTS[part]}\`)\n\n${picture(part)}`);
  const withRooms = between(readFileSync(PICTURE, 'utf8'), BEGIN, END, drawn.join('\n\n'));
  return format(between(withRooms, WORDS_BEGIN, WORDS_END, glossary()), {
    ...(await resolveConfig(PICTURE)),
    parser: 'markdown',
  });
}

/** Both documents as they should be, by their paths. */
export const documents = async () => [
  [PICTURE, await contributing()],
  [LIST, await list()],
];

if (process.argv[1] === import.meta.filename)
  for (const [path, text] of await documents()) writeFileSync(path, text);
