import type { Cook } from '../cooks/cook.entity.js';
import { csvOf } from './csv.js';

/** Names of what pots were cooked with, by id; what the household has no more is left empty. */
export type Names = ReadonlyMap<string, string>;

/** A pot as the table reads it: its line, and how much grain went in as it was said. */
export type CookOfTable = Omit<Cook, 'input' | 'answer' | 'events'> & { readonly grain: string };

/** Columns of the table, in their order, each with how it is read from a pot. */
const COLUMNS: Readonly<Record<string, (cook: CookOfTable, names: Names) => string | number>> = {
  id: ({ id }) => id,
  started: ({ startedAtMs }) => new Date(startedAtMs).toISOString(),
  dish: ({ label }) => label,
  bag: ({ bagId }, names) => names.get(bagId ?? '') ?? '',
  pot: ({ vesselId }, names) => names.get(vesselId ?? '') ?? '',
  burner: ({ hobId }, names) => names.get(hobId ?? '') ?? '',
  grain: ({ grain }) => grain,
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

/** The notebook as a table. */
export const notebookCsv = (cooks: readonly CookOfTable[], names: Names): string =>
  csvOf(
    cooks,
    Object.fromEntries(
      Object.entries(COLUMNS).map(([column, read]) => [column, (cook: CookOfTable) => read(cook, names)]),
    ),
  );
