/** The whole of every property is tried by `PROPERTY_RUNS=full`, at night; a commit is given a part of it. */
const SHARE = process.env['PROPERTY_RUNS'] === 'full' ? 1 : 1 / 8;

/** How many cases of a property to try of so many. */
export const runs = (full: number): number => Math.max(1, Math.ceil(full * SHARE));
