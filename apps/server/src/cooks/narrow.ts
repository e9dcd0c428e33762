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
  /** Only what is on the stove now. */
  readonly onStove?: boolean;
}

/** A pot that nobody judged or gave up counts as on the stove for this time, ms; after it, as forgotten. */
const ON_STOVE_MS = 24 * 3600 * 1000;

/** Whether a pot is on the stove: begun within a day, not given up, not judged. */
export const isOnStove = (
  { abandoned, outcome, startedAtMs }: Pick<Cook, 'abandoned' | 'outcome' | 'startedAtMs'>,
  nowMs: number,
): boolean => !abandoned && (outcome ?? null) === null && nowMs - startedAtMs < ON_STOVE_MS;

/** Signs that stand for others in a pattern stand for themselves in what is looked for. */
const plainly = (words: string): string => words.replace(/[\\%_]/gu, '\\$&');

/** Keeps of a list of cooks joined with their outcomes what is asked for. */
export function narrow(page: SelectQueryBuilder<Cook>, only: Only, nowMs: number): void {
  const { words, dishId, bagId, vesselId, by, texture, onStove } = only;
  if (onStove === true)
    page.andWhere('cook.abandoned = 0 AND outcome.cookId IS NULL AND cook.startedAtMs > :stoveMs', {
      stoveMs: nowMs - ON_STOVE_MS,
    });
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
