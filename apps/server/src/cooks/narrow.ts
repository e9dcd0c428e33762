import type { SelectQueryBuilder } from 'typeorm';
import type { Verdict } from '@hammock/core/records';
import type { Cook } from './cook.entity.js';

/** What a list of cooks is narrowed to. */
export interface Only {
  readonly words?: string;
  readonly dishId?: string;
  readonly bagId?: string;
  readonly vesselId?: string;
  readonly by?: string;
  readonly texture?: Verdict;
}

/** Signs that stand for others in a pattern stand for themselves in what is looked for. */
const plainly = (words: string): string => words.replace(/[\\%_]/gu, '\\$&');

/** Keeps of a list of cooks joined with their outcomes what is asked for. */
export function narrow(page: SelectQueryBuilder<Cook>, only: Only): void {
  const { words, dishId, bagId, vesselId, by, texture } = only;
  // Names are looked through in their index and notes in their small rows: not in the rows with plans and answers. With the plus the
  // list goes by time, and stops after a page.
  if (words !== undefined)
    page.andWhere(
      String.raw`+cook.id IN (SELECT "id" FROM "cook" WHERE "label" LIKE :words ESCAPE '\' UNION ALL SELECT "cookId" FROM "outcome" WHERE "note" LIKE :words ESCAPE '\')`,
      { words: `%${plainly(words)}%` },
    );
  if (dishId !== undefined) page.andWhere('cook.dishId = :dishId', { dishId });
  if (bagId !== undefined) page.andWhere('cook.bagId = :bagId', { bagId });
  if (vesselId !== undefined) page.andWhere('cook.vesselId = :vesselId', { vesselId });
  if (by !== undefined) page.andWhere('outcome.by = :by', { by });
  // With the plus no index of verdicts is taken: the list goes by time, and stops after a page.
  if (texture !== undefined) page.andWhere('+outcome.texture = :texture', { texture });
}
