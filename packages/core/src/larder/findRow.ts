import { distance } from 'fastest-levenshtein';
import type { Ingredient } from './composition.js';
import { GRAINS, type Grain } from './grains.js';
import { INGREDIENTS } from './ingredients.js';

export type Row = Ingredient | Grain;
interface Name {
  readonly key: string;
  readonly words: readonly string[];
  readonly row: Row;
}

/** Words that say nothing about which ingredient it is. */
const FILLERS = new Set(
  'of the a an and fresh freshly large medium small big extra ripe chopped sliced diced minced grated peeled crushed finely roughly thinly coarsely cut into pieces piece cubed cleaned deveined washed rinsed drained whole raw dried dry boneless skinless about heaped level good each plus more to taste optional hot cold warm room temperature unsalted plain halved quartered deseeded trimmed ground handful pinch some little splash drizzle few knob dash'.split(
    ' ',
  ),
);
export interface Found {
  readonly row: Row | undefined;
  readonly how: 'exact' | 'spelling' | 'severalMatch';
  readonly choices: readonly string[];
}

/** Most rows offered for a line that fits several. */
const MOST_CHOICES = 5;

/** The row of the larder that words mean, how sure that is, and what else it could be. */
export function findRow(text: string, own: readonly Ingredient[]): Found {
  const said = wordsOf(text);
  const all = own.length === 0 ? larderNames() : [...own.flatMap(namesOf), ...larderNames()];
  const plain = said.filter((w) => !FILLERS.has(w));
  for (const words of [said, plain]) {
    const key = keyOf(words);
    const hit = key === '' ? undefined : all.find((n) => n.key === key);
    if (hit) return { row: hit.row, how: 'exact', choices: others(hit.row, plain, all) };
  }
  const contained = longest(all.filter((n) => n.words.length > 0 && n.words.every((w) => said.includes(w))));
  const [first] = contained;
  if (first) {
    // "red onion rings" holds "red onion"; what is left over is only a cut or a colour when it is short.
    const choices = [...new Set([...contained.map((n) => n.row.id), ...others(first.row, plain, all)])];
    return { row: first.row, how: 'severalMatch', choices: choices.slice(0, MOST_CHOICES) };
  }
  const near = all.filter((n) => nearly(n.words, plain));
  const choices = [...new Set(near.map((n) => n.row.id))].slice(0, MOST_CHOICES);
  return near[0]
    ? { row: near[0].row, how: 'spelling', choices }
    : { row: undefined, how: 'exact', choices: others(undefined, plain, all) };
}

/** Names that hold the most of what was said. */
function longest(names: readonly Name[]): readonly Name[] {
  const most = Math.max(0, ...names.map((n) => n.words.length));
  return names.filter((n) => n.words.length === most);
}

/** Every word the same but for one letter in all, in words long enough for that to mean something. */
function nearly(a: readonly string[], b: readonly string[]): boolean {
  if (a.length !== b.length || a.length === 0) return false;
  let off = 0;
  for (const [i, word] of a.entries()) {
    const other = b[i] ?? '';
    if (word === other) continue;
    if (Math.abs(word.length - other.length) > 1 || word.length < 4) return false;
    off += distance(word, other);
    if (off > 1) return false;
  }
  return true;
}

/** Other rows that share a word with what was said, for the cook to pick from. */
function others(row: Row | undefined, words: readonly string[], all: readonly Name[]): readonly string[] {
  const ids = all
    .filter((n) => n.row !== row && n.words.some((w) => w.length > 3 && words.includes(w)))
    .map((n) => n.row.id);
  return [...new Set(ids)].filter((id) => id !== row?.id).slice(0, MOST_CHOICES);
}

let kept: readonly Name[] | undefined;
/** Every name of the larder, worked out the first time a line is read. */
const larderNames = (): readonly Name[] => (kept ??= [...INGREDIENTS, ...GRAINS].flatMap(namesOf));

function namesOf(row: Row): Name[] {
  const full = row.name;
  const [head = full, ...tail] = full.split(',');
  const spoken = [full, `${tail.join(' ')} ${head}`, ...row.also];
  if ('family' in row) spoken.push(full.replace(/\s+rice$/iu, ''));
  return spoken.map((name) => {
    const words = wordsOf(name);
    return { key: keyOf(words), words, row };
  });
}

const keyOf = (words: readonly string[]): string => [...words].sort().join(' ');

/** The words of a text as they are compared: lower case, without accents, singular. */
export const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .split(/[^\p{L}]+/u)
    .filter((w) => w.length > 1)
    .map(singular);

/** Good enough for a shopping list: tomatoes, leaves, berries, onions. */
export function singular(word: string): string {
  if (word.length < 4 || word.endsWith('ss') || word.endsWith('us')) return word;
  if (word.endsWith('ies')) return `${word.slice(0, -3)}y`;
  if (/(?:lea|hal|loa)ves$/u.test(word)) return `${word.slice(0, -3)}f`;
  if (/(?:oes|shes|ches|xes)$/u.test(word)) return word.slice(0, -2);
  return word.endsWith('s') ? word.slice(0, -1) : word;
}
