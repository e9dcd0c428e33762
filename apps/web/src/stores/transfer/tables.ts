import { parse } from 'papaparse';

/** A column that nothing is read from. */
export const NOTHING = 'nothing';

/** A table as it came: its heads, its rows, and what each column was taken for. */
export interface Table<Meaning extends string = string> {
  readonly heads: readonly string[];
  readonly rows: readonly (readonly string[])[];
  readonly means: readonly (Meaning | typeof NOTHING)[];
  /** Rows past the most that are read at once. */
  readonly leftOut: number;
}

/** What heads of columns mean, the surest first. */
export type Heads<Meaning extends string> = readonly (readonly [RegExp, Meaning])[];

/** Reads a table (RFC 4180, with commas, semicolons or tabs) and guesses what its columns are by their heads. */
export function tableOf<Meaning extends string>(
  text: string,
  known: Heads<Meaning>,
  mostRows: number,
): Table<Meaning> | undefined {
  const { data } = parse<string[]>(text.replace(/^\uFEFF/u, ''), { skipEmptyLines: 'greedy' });
  const [heads = [], ...rows] = data;
  if (heads.length === 0 || rows.length === 0) return undefined;
  const taken = new Set<Meaning>();
  const means = heads.map((head): Meaning | typeof NOTHING => {
    const found = known.find(([is, m]) => is.test(head.trim().toLowerCase()) && !taken.has(m))?.[1];
    if (found === undefined) return NOTHING;
    taken.add(found);
    return found;
  });
  return {
    heads: heads.map(plain),
    rows: rows.slice(0, mostRows).map((row) => row.map(plain)),
    means,
    leftOut: Math.max(0, rows.length - mostRows),
  };
}

/** A cell as it was meant: an apostrophe before what a spreadsheet would have taken for a formula is none of it. */
const plain = (cell: string): string => cell.trim().replace(/^'(?=[=+\-@\t\r])/u, '');

/** What a row says in the column of a meaning; nothing where there is no such column. */
export const cellsOf =
  <Meaning extends string>(row: readonly string[], means: Table<Meaning>['means']) =>
  (meaning: Meaning): string =>
    row[means.indexOf(meaning)] ?? '';
