import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { newId } from '../../keeping/newId.js';
import { useCameIn } from '../../stores/cameIn.js';
import { useKitchen } from '../../stores/kitchen.js';
import { MEANINGS, ownRowsIn, tableIn, type Meaning } from '../../stores/ownTable.js';
import { Button } from '../../ui/Button.js';
import { Notice } from '../../ui/Notice.js';

const MEANS: Readonly<Record<Meaning, string>> = {
  name: 'name',
  water: 'water, g of 100',
  fat: 'fat, g of 100',
  salt: 'salt, g of 100',
  densityGPerMl: 'g per ml',
  like: 'what it is like',
  nothing: 'leave it',
};
/** Rows that are shown; all are kept. */
const SHOWN = 8;

/** A table of ingredients: its columns matched and its rows shown before anything is kept. */
export function TableIn({ text }: { readonly text: string }) {
  const table = useMemo(() => tableIn(text), [text]);
  const [means, setMeans] = useState<readonly Meaning[]>(table?.means ?? []);
  const navigate = useNavigate();
  const keep = useKitchen((s) => s.keep);
  if (!table) return <Notice urgent>There is no row in this table. Nothing was changed.</Notice>;
  const read = ownRowsIn({ ...table, means });
  const good = read.flatMap((r) => r.fields ?? []);
  return (
    <div className="hung">
      <h2 className="m-0 text-[1.35rem] font-bold">Ingredients of your own</h2>
      <div className="mt-2 overflow-x-auto">
        <table className="border-collapse text-left">
          <thead>
            <tr>
              {table.heads.map((head, i) => (
                <th key={`${head}-${i.toString()}`} scope="col" className="p-2 align-top">
                  <span className="block">{head}</span>
                  <select
                    className="min-h-12 border-2 border-line bg-raised font-normal"
                    aria-label={`${head} is`}
                    value={means[i]}
                    onChange={(e) => {
                      const meant = e.currentTarget.value as Meaning;
                      setMeans(means.map((m, j) => (j === i ? meant : m === meant ? 'nothing' : m)));
                    }}
                  >
                    {MEANINGS.map((m) => (
                      <option key={m} value={m}>
                        {MEANS[m]}
                      </option>
                    ))}
                  </select>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {table.rows.slice(0, SHOWN).map((row, i) => (
              <tr key={i} className="border-t border-line">
                {row.map((cell, j) => (
                  <td
                    key={j}
                    className={`p-2 ${read[i]?.wrong !== undefined && read[i].wrong === means[j] ? 'font-bold text-ember' : ''}`}
                  >
                    {cell}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="m-0 mt-2">
        {table.rows.length > SHOWN && `And ${(table.rows.length - SHOWN).toString()} more. `}
        {good.length === read.length
          ? 'Every row can be kept.'
          : `${(read.length - good.length).toString()} of ${read.length.toString()} rows cannot be read and would be left out.`}
      </p>
      <div className="mt-3">
        <Button
          weight="act"
          disabled={good.length === 0}
          onClick={() => {
            for (const fields of good) keep('ingredients', newId(), fields);
            useCameIn.setState({ came: null });
            void navigate('/kitchen');
          }}
        >
          Keep {good.length === 1 ? 'one ingredient' : `${good.length.toString()} ingredients`}
        </Button>
      </div>
    </div>
  );
}
