import { stringify } from 'csv-stringify/sync';
import type { Cook } from '../cooks/cook.entity.js';

/** Names of what pots were cooked with, by id; what the household has no more is left empty. */
export type Names = ReadonlyMap<string, string>;

/** Columns of the table, in their order, each with how it is read from a pot. */
const COLUMNS: Readonly<Record<string, (cook: Cook, names: Names) => string | number>> = {
  started: ({ startedAtMs }) => new Date(startedAtMs).toISOString(),
  dish: ({ label }) => label,
  bag: ({ bagId }, names) => names.get(bagId ?? '') ?? '',
  pot: ({ vesselId }, names) => names.get(vesselId ?? '') ?? '',
  burner: ({ hobId }, names) => names.get(hobId ?? '') ?? '',
  advised_ml: ({ advisedMl }) => Math.round(advisedMl),
  poured_ml: ({ pouredMl, advisedMl }) => Math.round(pouredMl ?? advisedMl),
  texture_1_hard_5_mushy: ({ outcome }) => outcome?.texture ?? '',
  base: ({ outcome }) => outcome?.base ?? '',
  note: ({ outcome }) => outcome?.note ?? '',
  judged_by: ({ outcome }) => outcome?.by ?? '',
  ate: ({ outcome }) => outcome?.ate?.join(', ') ?? '',
  learnt_from: ({ outcome }) => outcome?.counts ?? '',
  given_up: ({ abandoned }) => (abandoned ? 'yes' : ''),
};

/**
 * The notebook as a table by RFC 4180: a header, lines that end in CRLF, quotes where they are needed. What a spreadsheet would
 * take for a formula begins with an apostrophe.
 */
export const notebookCsv = (cooks: readonly Cook[], names: Names): string =>
  stringify(
    cooks.map((cook) => Object.values(COLUMNS).map((read) => read(cook, names))),
    { header: true, columns: Object.keys(COLUMNS), record_delimiter: 'windows', escape_formulas: true },
  );
