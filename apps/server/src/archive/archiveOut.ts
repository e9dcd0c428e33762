import SqliteFile from 'better-sqlite3';
import { FORMAT, travelText, VERSION, type Columns, type Tables } from './archiveTables.js';

type Values = Record<string, unknown>;

/**
 * Everything of a household as the pieces of one JSON text: a row a line, in the order of their ids, so that the same household is
 * the same text. It is read in one snapshot; who writes meanwhile is not held up.
 */
export function* archiveText(file: string, tables: Tables): Generator<string> {
  const opened = new SqliteFile(file, { readonly: true, fileMustExist: true });
  try {
    opened.exec('BEGIN');
    const all = (columns: Columns, where = '', order = 'id') =>
      opened.prepare<unknown[], Values>(`SELECT * FROM "${columns.table}" ${where} ORDER BY ${order}`);
    const household = all(tables.household).get() ?? {};
    const head = `"format":${JSON.stringify(FORMAT)},"version":${VERSION.toString()}`;
    yield `{${head},\n"household":${travelText(household, tables.household, { without: ['id'] })}`;
    for (const [key, columns] of tables.kept) {
      yield `,\n${JSON.stringify(key)}:[`;
      yield* lines(all(columns).iterate(), (row) => travelText(row, columns));
      yield ']';
    }
    const taps = all(tables.tap, 'WHERE "cookId" = ?', '"seq"');
    const outcome = all(tables.outcome, 'WHERE "cookId" = ?', '"cookId"');
    const without = ['cookId'];
    yield ',\n"cooks":[';
    yield* lines(all(tables.cook).iterate(), (row) => {
      const judged = outcome.get(row['id']);
      const tapped = taps.all(row['id']).map((tap) => travelText(tap, tables.tap, { without }));
      const verdict = judged ? travelText(judged, tables.outcome, { without }) : 'null';
      return travelText(row, tables.cook, { more: [`"taps":[${tapped.join(',')}]`, `"outcome":${verdict}`] });
    });
    yield ']}\n';
  } finally {
    opened.close();
  }
}

/** Characters sent at a time: one piece a row would cost more than the row. */
const PIECE = 64 * 1024;

function* lines(rows: Iterable<Values>, travel: (row: Values) => string): Generator<string> {
  let piece = '';
  let first = true;
  for (const row of rows) {
    piece += `${first ? '' : ','}\n${travel(row)}`;
    first = false;
    if (piece.length < PIECE) continue;
    yield piece;
    piece = '';
  }
  yield piece;
}
