import { INGREDIENTS } from '@hammock/core';
import type { IngredientFields } from '@hammock/core/records';
import { cellsOf, tableOf, type Heads, type Table } from './tables.js';

/** What a column of a table of ingredients may be. */
export const OWN_MEANINGS = ['name', 'water', 'fat', 'salt', 'densityGPerMl', 'like'] as const;
export type OwnMeaning = (typeof OWN_MEANINGS)[number];

/** More rows than this are no household's own ingredients. */
const MOST_ROWS = 200;
const LONGEST_NAME = 60;

const HEADS: Heads<OwnMeaning> = [
  [/^(?:name|label|ingredient|what)$/u, 'name'],
  [/water|moisture/u, 'water'],
  [/fat/u, 'fat'],
  [/salt/u, 'salt'],
  [/density|g.?per.?ml|g\/ml/u, 'densityGPerMl'],
  [/^like$/u, 'like'],
];

/** A table of ingredients, its columns guessed by their heads. */
export const ownTableIn = (text: string): Table<OwnMeaning> | undefined => tableOf(text, HEADS, MOST_ROWS);

/** One row as an ingredient of one's own; `wrong` says at which column it cannot be one. */
export interface OwnRow {
  readonly fields?: IngredientFields;
  readonly wrong?: OwnMeaning;
}

/** The rows of a table as ingredients, by what its columns are. */
export function ownRowsIn({ rows, means }: Pick<Table<OwnMeaning>, 'rows' | 'means'>): readonly OwnRow[] {
  return rows.map((row) => {
    const cell = cellsOf(row, means);
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
