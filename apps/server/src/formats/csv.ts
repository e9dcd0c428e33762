import { stringify } from 'csv-stringify/sync';

/**
 * Rows as a table by RFC 4180: a header, lines that end in CRLF, quotes where they are needed. What a spreadsheet would take for a
 * formula begins with an apostrophe.
 */
export const csvOf = <T>(
  rows: readonly T[],
  columns: Readonly<Record<string, (row: T) => string | number>>,
): string =>
  stringify(
    rows.map((row) => Object.values(columns).map((read) => harmless(read(row)))),
    { header: true, columns: Object.keys(columns), record_delimiter: 'windows', escape_formulas: true },
  );

/** Blanks before a formula do not make it text: some programs cut them off first. */
const harmless = (cell: string | number): string | number =>
  typeof cell === 'string' && /^\s+[=+\-@]/u.test(cell) ? `'${cell}` : cell;
