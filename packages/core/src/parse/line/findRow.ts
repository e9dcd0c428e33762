import { distance } from 'fastest-levenshtein';
import { ASKED, type AskedName } from './askedNames.js';
import type { Ingredient } from '../../basics/larder/composition.js';
import { GRAINS, type Grain } from '../../basics/larder/grains.js';
import { INGREDIENTS } from '../../basics/larder/ingredients.js';
import { CUTS, OF_GRAIN, SHAPES, withoutFillers } from './fillers.js';
import { keyOf, wordsOf } from './words.js';

export type Row = Ingredient | Grain;
interface Name {
  readonly key: string;
  readonly words: readonly string[];
  readonly row: Row;
}

export interface Found {
  readonly row: Row | undefined;
  readonly how: 'exact' | 'spelling' | 'severalMatch';
  readonly choices: readonly string[];
}

/** How a thing is measured, where that says which of several it is. */
export interface MeasuredBy {
  readonly spoon?: boolean;
  readonly tin?: boolean;
}

/** Most rows offered for a line that fits several. */
const MOST_CHOICES = 5;

/** Where a further thought begins: "sardines in oil", "chicken on the bone", "water for the base". */
const BESIDES = /\s(?:in|with|on|for|from|until|without|such|like|or|per|at|to|into|as|if|then)\s/iu;

/** The row of the larder that words mean, how sure that is, and what else it could be. */
export function findRow(text: string, own: readonly Ingredient[], by: MeasuredBy = {}): Found {
  const names = namesWith(own);
  // A line is read several times over while it is taken apart.
  const key = `${by.spoon === true ? 's' : ''}${by.tin === true ? 't' : ''}|${text}`;
  const before = names.found.get(key);
  if (before) return before;
  const made = lookUp(text, names, by);
  if (names.found.size >= MOST_KEPT) names.found.clear();
  names.found.set(key, made);
  return made;
}

/** Readings kept; a paste has some hundreds of pieces. */
const MOST_KEPT = 4000;

function lookUp(text: string, names: Names, by: MeasuredBy): Found {
  const said = wordsOf(text);
  const first = named(said, names, by) ?? named(wordsOf(text.split(BESIDES)[0] ?? ''), names, by);
  if (first) return first;
  const plain = withoutFillers(said);
  const bare = plain.filter((w) => !SHAPES.has(w));
  const found = named(plain, names, by) ?? withoutShapes(plain, names, by);
  if (found) return found;
  const begun = withoutFillers(wordsOf(text.split(BESIDES)[0] ?? '')).filter((w) => !SHAPES.has(w));
  const short = begun.length > 0 ? named(begun, names, by) : undefined;
  return short ?? within(begun.length > 0 ? begun : bare, plain, names);
}

/**
 * The same without shapes and units, "a sprig of curry leaves", "red onion rings". What is said last may be more than a cut:
 * soy chunks are no soy.
 */
function withoutShapes(plain: readonly string[], names: Names, by: MeasuredBy): Found | undefined {
  const head = plain.at(-1) ?? '';
  const begun = plain.filter((w, i) => i === plain.length - 1 || !SHAPES.has(w));
  const whole = begun.length < plain.length ? named(begun, names, by) : undefined;
  if (whole) return whole;
  const bare = plain.filter((w) => !SHAPES.has(w));
  const found = bare.length < plain.length ? named(bare, names, by) : undefined;
  if (!found?.row || !SHAPES.has(head) || CUTS.has(head)) return found;
  const isUnit = 'units' in found.row && found.row.units.some((u) => u.name === head);
  return isUnit ? found : { ...found, how: 'severalMatch' };
}

/** Exactly these words: a name that is asked about, or a row's own. */
function named(
  words: readonly string[],
  names: Names,
  { spoon = false, tin = false }: MeasuredBy,
): Found | undefined {
  const key = keyOf(words);
  if (key === '') return undefined;
  const asked = names.isOwn(key) ? undefined : ASKED_BY_KEY.get(key);
  if (asked && tin && asked.tin !== undefined) {
    const row = names.byId(asked.tin);
    return { row, how: 'exact', choices: asked.ids };
  }
  if (asked && !asked.onlyTin && (spoon || !asked.onlySpoon)) {
    const ids =
      spoon && asked.spoon !== undefined
        ? [asked.spoon, ...asked.ids.filter((i) => i !== asked.spoon)]
        : asked.ids;
    return { row: names.byId(ids[0] ?? ''), how: 'severalMatch', choices: ids };
  }
  const row = names.byKey(key);
  return row && { row, how: 'exact', choices: others(row, words, names) };
}

/** A name that is held by what was said, or nearly is it. */
function within(bare: readonly string[], plain: readonly string[], names: Names): Found {
  const head = bare.at(-1) ?? '';
  const contained = longest(names.heldBy(plain));
  // What is said last is what it is: chicken seasoning is no chicken.
  const [first] = contained.filter((n) => n.words.includes(head));
  const choices = [...new Set([...contained.map((n) => n.row.id), ...others(first?.row, plain, names)])];
  if (first) {
    // "Red onion rings" holds "red onion"; what is left over is only a cut or a colour when it is short.
    return { row: first.row, how: 'severalMatch', choices: choices.slice(0, MOST_CHOICES) };
  }
  const near = names.all.filter((n) => nearly(n.words, bare));
  const nearIds = [...new Set([...near.map((n) => n.row.id), ...choices])].slice(0, MOST_CHOICES);
  return { row: near[0]?.row, how: near[0] ? 'spelling' : 'exact', choices: nearIds };
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

/** Other rows that share a word with what was said, for the cook to pick from; grain only where grain is spoken of. */
function others(row: Row | undefined, words: readonly string[], names: Names): readonly string[] {
  const grainToo = row ? 'family' in row : words.some((w) => OF_GRAIN.has(w));
  const shared = words.filter((w) => w.length > 3);
  const found = new Set<string>();
  for (const n of names.sharing(shared))
    if (n.row !== row && (grainToo || !('family' in n.row))) found.add(n.row.id);
  if (row) found.delete(row.id);
  return [...found].slice(0, MOST_CHOICES);
}

/** Every name there is, found by all of its words or by one. */
interface Names {
  readonly all: readonly Name[];
  readonly byKey: (key: string) => Row | undefined;
  readonly byId: (id: string) => Row | undefined;
  readonly isOwn: (key: string) => boolean;
  /** Names all of whose words were said. */
  readonly heldBy: (said: readonly string[]) => readonly Name[];
  readonly sharing: (words: readonly string[]) => readonly Name[];
  /** What was looked up before. */
  readonly found: Map<string, Found>;
}

function namesOf(rows: readonly Row[], before: readonly Row[]): Names {
  const all = [...before, ...rows].flatMap(spokenOf);
  const keys = new Map<string, Row>();
  const byWord = new Map<string, Name[]>();
  for (const name of all) {
    if (!keys.has(name.key)) keys.set(name.key, name.row);
    for (const word of new Set(name.words)) {
      const list = byWord.get(word);
      if (list) list.push(name);
      else byWord.set(word, [name]);
    }
  }
  for (const [key, row] of plainKeys(all)) if (!keys.has(key)) keys.set(key, row);
  const ids = new Map([...rows, ...before].map((r) => [r.id, r]));
  const ownKeys = new Set(before.flatMap(spokenOf).map((n) => n.key));
  const sharing = (words: readonly string[]): readonly Name[] => [
    ...new Set(words.flatMap((w) => byWord.get(w) ?? [])),
  ];
  return {
    all,
    byKey: (key) => keys.get(key),
    byId: (id) => ids.get(id),
    isOwn: (key) => ownKeys.has(key),
    heldBy: (said) => sharing(said).filter((n) => n.words.every((w) => said.includes(w))),
    sharing,
    found: new Map(),
  };
}

/** Names without the words that say nothing, as what was said is compared; those that then mean several rows are left out. */
function plainKeys(all: readonly Name[]): ReadonlyMap<string, Row> {
  const found = new Map<string, Row | undefined>();
  for (const { words, row } of all) {
    const plain = withoutFillers(words);
    if (plain.length === words.length || plain.length < 2) continue;
    const key = keyOf(plain);
    found.set(key, found.has(key) && found.get(key) !== row ? undefined : row);
  }
  return new Map([...found].flatMap(([key, row]) => (row ? [[key, row] as const] : [])));
}

const LARDER: readonly Row[] = [...INGREDIENTS, ...GRAINS];
let kept: Names | undefined;
let keptOwn: { readonly own: readonly Ingredient[]; readonly names: Names } | undefined;

/** Every name of the larder, worked out the first time a line is read; a household's own before them. */
function namesWith(own: readonly Ingredient[]): Names {
  if (own.length === 0) return (kept ??= namesOf(LARDER, []));
  const same = keptOwn?.own.length === own.length && keptOwn.own.every((row, i) => row === own[i]);
  if (!keptOwn || !same) keptOwn = { own, names: namesOf(LARDER, own) };
  return keptOwn.names;
}

/** A row of the larder by its id. */
export const rowById = (id: string): Row | undefined => namesWith([]).byId(id);

const ASKED_BY_KEY: ReadonlyMap<string, AskedName> = new Map(
  Object.entries(ASKED).map(([name, asked]) => [keyOf(wordsOf(name)), asked]),
);

function spokenOf(row: Row): Name[] {
  const full = row.name;
  const [head = full, ...tail] = full.split(',');
  const spoken = [full, `${tail.join(' ')} ${head}`, ...row.also];
  if ('family' in row) {
    spoken.push(full.replace(/\s+rice$/iu, ''));
    // "Matta" and "matta rice", "kodo" and "kodo rice".
    spoken.push(...row.also.filter((a) => !wordsOf(a).some((w) => OF_GRAIN.has(w))).map((a) => `${a} rice`));
  }
  return spoken.map((name) => {
    const words = wordsOf(name);
    return { key: keyOf(words), words, row };
  });
}
