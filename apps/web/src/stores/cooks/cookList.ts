import type { CookLine } from '@hammock/core/records';

/** Pots on one page of the notebook. */
export const PAGE = 100;

/**
 * The notebook's newest pages with one more, at its place. One older than all of them comes with its own page, where there are
 * further ones: put at the end it would be where the next page begins.
 */
export function withLine(recent: readonly CookLine[], line: CookLine): readonly CookLine[] {
  const last = recent.at(-1);
  if (recent.length >= PAGE && last && line.startedAtMs < last.startedAtMs) return recent;
  return [line, ...recent].sort((a, b) => b.startedAtMs - a.startedAtMs);
}
