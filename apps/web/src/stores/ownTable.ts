import { INGREDIENTS } from '@hammock/core';
import type { IngredientFields } from '@hammock/core/records';
import { parse } from 'papaparse';

/** What a column of a table of ingredients may be. */
export const MEANINGS = ['name', 'water', 'fat', 'salt', 'densityGPerMl', 'like', 'nothing'] as const;
export type Meaning = (typeof MEANINGS)[number];

/** A table as it came: its heads, its rows, and what each column was taken for. */
export interface Table {
  readonly heads: readonly string[];
  readonly rows: readonly (readonly string[])[];
  readonly means: readonly Meaning[];
}

/** More rows than this are no household's own ingredients. */
const MOST_ROWS = 200;
const LONGEST_NAME = 60;

const HEADS: readonly (readonly [RegExp, Meaning])[] = [
  [/^(?:name|label|ingredient|what)$/u, 'name'],
  [/water|moisture/u, 'water'],
  [/fat/u, 'fat'],
  [/salt/u, 'salt'],
  [/density|g.?per.?ml|g\/ml/u, 'densityGPerMl'],
  [/^like$/u, 'like'],
];

/** Reads a table (RFC 4180, with commas, semicolons or tabs) and guesses what its columns are by their heads. */
export function tableIn(text: string): Table | undefined {
  const { data } = parse<string[]>(text.replace(/^\uFEFF/u, ''), { skipEmptyLines: 'greedy' });
  const [heads = [], ...rows] = data.slice(0, MOST_ROWS + 1);
  if (heads.length === 0 || rows.length === 0) return undefined;
  const taken = new Set<Meaning>();
  const means = heads.map((head): Meaning => {
    const found = HEADS.find(([is]) => is.test(head.trim().toLowerCase()))?.[1];
    if (found === undefined || taken.has(found)) return 'nothing';
    taken.add(found);
    return found;
  });
  return { heads: heads.map(plain), rows: rows.map((row) => row.map(plain)), means };
}

/** A cell as it was meant: an apostrophe before what a spreadsheet would have taken for a formula is none of it. */
const plain = (cell: string): string => cell.trim().replace(/^'(?=[=+\-@\t\r])/u, '');

/** One row as an ingredient of one's own; `wrong` says at which column it cannot be one. */
export interface OwnRow {
  readonly fields?: IngredientFields;
  readonly wrong?: Meaning;
}

/** The rows of a table as ingredients, by what its columns are. */
export function ownRowsIn({ rows, means }: Table): readonly OwnRow[] {
  return rows.map((row) => {
    const cell = (meaning: Meaning): string => row[means.indexOf(meaning)] ?? '';
    const label = cell('name').slice(0, LONGEST_NAME);
    if (label === '') return { wrong: 'name' };
    const figures: Record<string, number | string> = {};
    for (const key of ['water', 'fat', 'salt', 'densityGPerMl'] as const) {
      if (cell(key) === '') continue;
      const value = Number(
        cell(key)
          .replace(',', '.')
          .replace(/\s*(?:g|%)$/u, ''),
      );
      const most = key === 'densityGPerMl' ? 2 : 100;
      if (!Number.isFinite(value) || value < (key === 'densityGPerMl' ? 0.1 : 0) || value > most)
        return { wrong: key };
      figures[key] = value;
    }
    const like = likeOf(cell('like'));
    if (cell('like') !== '' && like === undefined) return { wrong: 'like' };
    if (like !== undefined) figures['like'] = like;
    else if (figures['water'] === undefined) return { wrong: 'water' };
    if (Number(figures['water'] ?? 0) + Number(figures['fat'] ?? 0) > 100) return { wrong: 'water' };
    return { fields: { label, figures } };
  });
}

const likeOf = (said: string): string | undefined => {
  const words = said.toLowerCase();
  return INGREDIENTS.find(
    (i) => i.id.toLowerCase() === words || i.name.toLowerCase() === words || i.also.includes(words),
  )?.id;
};
