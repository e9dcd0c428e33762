import SqliteFile from 'better-sqlite3';
import { FORMAT, toTravel, VERSION, type Columns, type Tables } from './archiveTables.js';

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
    yield `{"format":${JSON.stringify(FORMAT)},"version":${VERSION.toString()},\n"household":${JSON.stringify(toTravel(household, tables.household, ['id']))}`;
    for (const [key, columns] of tables.kept) {
      yield `,\n${JSON.stringify(key)}:[`;
      yield* lines(all(columns).iterate(), (row) => toTravel(row, columns));
      yield ']';
    }
    const taps = all(tables.tap, 'WHERE "cookId" = ?', '"seq"');
    const outcome = all(tables.outcome, 'WHERE "cookId" = ?', '"cookId"');
    yield ',\n"cooks":[';
    yield* lines(all(tables.cook).iterate(), (row) => {
      const judged = outcome.get(row['id']);
      return {
        ...toTravel(row, tables.cook),
        taps: taps.all(row['id']).map((tap) => toTravel(tap, tables.tap, ['cookId'])),
        outcome: judged ? toTravel(judged, tables.outcome, ['cookId']) : null,
      };
    });
    yield ']}\n';
  } finally {
    opened.close();
  }
}

function* lines(rows: Iterable<Values>, travel: (row: Values) => unknown): Generator<string> {
  let first = true;
  for (const row of rows) {
    yield `${first ? '' : ','}\n${JSON.stringify(travel(row))}`;
    first = false;
  }
}
