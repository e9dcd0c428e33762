/** Fields of a kept thing. */
export type Fields = Readonly<Record<string, unknown>>;

/** Two changes of one thing as one, and the fields in which they cannot be: each to be asked. */
export interface Merged {
  readonly merged: Fields;
  readonly conflicts: readonly string[];
}

/** Fields that hold a whole plan: two people may change two things of it. Everything else is one value. */
const OPEN: ReadonlySet<string> = new Set(['input', 'spec']);

/** What is merged: all in the fields of one thing. */
export interface MergeInput {
  /** What both stood on; undefined when nobody knows, and then every difference is a clash. */
  readonly base: Fields | undefined;
  readonly mine: Fields;
  readonly theirs: Fields;
  /** What was said here before `mine` and may have arrived: not somebody else's word. */
  readonly own?: readonly Fields[];
}

/**
 * Merges what was changed here with what was changed elsewhere, field by field, against what both stood on. A field
 * changed on one side only is that side's; changed alike it is what both say; changed differently it is a clash, and
 * `merged` holds what was said here. A plan (`input`, `spec`) is merged by its own fields; amounts, lists and
 * everything deeper is one value, since half of one and half of another would be neither.
 * @returns the merged fields, and the paths of those to be asked
 * @example mergeFields({
 *   base: { label: 'a', note: '' }, mine: { label: 'b', note: '' }, theirs: { label: 'a', note: 'x' },
 * }).merged // { label: 'b', note: 'x' }
 */
export function mergeFields(input: MergeInput): Merged {
  return merge(input, '');
}

function merge({ base, mine, theirs, own = [] }: MergeInput, at: string): Merged {
  const merged: Record<string, unknown> = {};
  const conflicts: string[] = [];
  for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
    const [b, m, t] = [base?.[key], mine[key], theirs[key]];
    if (OPEN.has(key) && isFields(m) && isFields(t)) {
      const before = own.map((o) => o[key]).filter(isFields);
      const inner = merge(
        { base: isFields(b) ? b : undefined, mine: m, theirs: t, own: before },
        `${at}${key}.`,
      );
      merged[key] = inner.merged;
      conflicts.push(...inner.conflicts);
      continue;
    }
    const isOwnWord = own.some((o) => sameValue(o[key], t));
    const untouchedHere = base !== undefined && sameValue(b, m) && !isOwnWord;
    const untouchedThere = isOwnWord || (base !== undefined && sameValue(b, t));
    if (!untouchedHere && !untouchedThere && !sameValue(m, t)) conflicts.push(at + key);
    const chosen = untouchedHere ? t : m;
    if (chosen !== undefined) merged[key] = chosen;
  }
  return { merged, conflicts };
}

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * Whether two plain values say the same; a field left out and one that is undefined do.
 * @example sameValue({ a: [1] }, { a: [1] }) // true
 */
export function sameValue(a: unknown, b: unknown): boolean {
  // Not Object.is: a minus zero does not survive the journey.
  if (a === b || (Number.isNaN(a) && Number.isNaN(b))) return true;
  if (Array.isArray(a) && Array.isArray(b))
    return a.length === b.length && a.every((v, i) => sameValue(v, b[i]));
  if (!isFields(a) || !isFields(b)) return false;
  const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...keys].every((key) => sameValue(a[key], b[key]));
}
