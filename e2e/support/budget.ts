/** By day a sample of what is the same in many places; all of it with `PROPERTY_RUNS=full`, at night. */
export const isFull = process.env['PROPERTY_RUNS'] === 'full';

/** All of them at night; by day only those at these places of the list. */
export const some = <T>(all: readonly T[], ...byDay: readonly number[]): readonly T[] =>
  isFull ? all : all.filter((_, i) => byDay.includes(i));
