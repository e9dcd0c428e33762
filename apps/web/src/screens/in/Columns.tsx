import { NOTHING, type Table } from '../../stores/transfer/tables.js';
import * as w from '../../words/screens/in.js';

/** Rows that are shown; all are kept. */
const SHOWN = 8;

/** A table as it came: what each column is, to be said otherwise, and its first rows; what cannot be read is marked. */
export function Columns<Meaning extends string>({
  table: { heads, rows, means, leftOut },
  meanings,
  words,
  wrongAt,
  isThere = () => false,
  onMeans,
}: {
  readonly table: Table<Meaning>;
  readonly meanings: readonly Meaning[];
  readonly words: Readonly<Record<Meaning, string>>;
  /** The column at which a row cannot be read. */
  readonly wrongAt: (row: number) => Meaning | undefined;
  /** Rows that are here already. */
  readonly isThere?: (row: number) => boolean;
  readonly onMeans: (means: Table<Meaning>['means']) => void;
}) {
  return (
    <>
      <div className="mt-2 overflow-x-auto" tabIndex={0} role="region" aria-label={w.theTable}>
        <table className="border-collapse text-left">
          <thead>
            <tr>
              {heads.map((head, i) => (
                <th key={`${head}-${i.toString()}`} scope="col" className="p-2 align-top">
                  <span className="block">{head}</span>
                  <select
                    className="min-h-12 border-2 border-line bg-raised font-normal"
                    aria-label={w.is(head)}
                    value={means[i]}
                    onChange={(e) => {
                      const meant = e.currentTarget.value as Meaning;
                      // A thing is said by one column.
                      onMeans(means.map((m, j) => (j === i ? meant : m === meant ? NOTHING : m)));
                    }}
                  >
                    {meanings.map((m) => (
                      <option key={m} value={m}>
                        {words[m]}
                      </option>
                    ))}
                    <option value={NOTHING}>{w.leaveIt2}</option>
                  </select>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.slice(0, SHOWN).map((row, i) => (
              <tr key={i} className={`border-t border-line ${isThere(i) ? 'text-faint' : ''}`}>
                {row.map((cell, j) => (
                  <td
                    key={j}
                    className={`p-2 ${means[j] !== NOTHING && wrongAt(i) === means[j] ? 'font-bold text-ember underline' : ''}`}
                  >
                    {cell}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {rows.length > SHOWN && (
        <p className="m-0 mt-2">{w.andMoreRows((rows.length - SHOWN).toLocaleString('en'))}</p>
      )}
      {leftOut > 0 && <p className="m-0">{w.rowsAfterThemAreToo(leftOut.toLocaleString('en'))}</p>}
    </>
  );
}
