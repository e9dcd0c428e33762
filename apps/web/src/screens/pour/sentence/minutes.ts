/** Options for a number of minutes; none at all has a word of its own. */
export const minutes = (list: readonly number[], none: string) =>
  list.map((m) => ({ value: m.toString(), label: m === 0 ? none : `${m.toString()} min` }));
/** The usual choices with the one that is made. */
export const withOwn = (list: readonly number[], own: number): number[] =>
  [...new Set([...list, own])].sort((a, b) => a - b);
