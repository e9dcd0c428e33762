import { useState } from 'react';
import { useNavigate } from 'react-router';
import { newId } from '../../storage/newId.js';
import { useSharedIn } from '../../stores/plan/sharedIn.js';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { OWN_MEANINGS, ownRowsIn, type OwnMeaning } from '../../stores/transfer/ownTable.js';
import type { Table } from '../../stores/transfer/tables.js';
import { Button } from '../../ui/controls/Button.js';
import { Columns } from './Columns.js';
import { Leave } from './Leave.js';

const MEANS: Readonly<Record<OwnMeaning, string>> = {
  name: 'name',
  water: 'water, g of 100',
  fat: 'fat, g of 100',
  salt: 'salt, g of 100',
  densityGPerMl: 'g per ml',
  like: 'what it is like',
};

/** A table of ingredients: its columns matched and its rows shown before anything is kept. */
export function OwnIn({ table }: { readonly table: Table<OwnMeaning> }) {
  const [means, setMeans] = useState(table.means);
  const navigate = useNavigate();
  const keep = useKitchen((s) => s.keep);
  const read = ownRowsIn({ ...table, means });
  const good = read.flatMap((r) => r.fields ?? []);
  return (
    <>
      <Columns
        table={{ ...table, means }}
        meanings={OWN_MEANINGS}
        words={MEANS}
        wrongAt={(i) => read[i]?.wrong}
        onMeans={setMeans}
      />
      <p className="m-0 mt-2">
        {good.length === read.length
          ? 'Every row can be kept.'
          : `${(read.length - good.length).toString()} of ${read.length.toString()} rows cannot be read and would be left out.`}
      </p>
      <div className="mt-3 flex flex-wrap gap-3">
        <Button
          weight="act"
          disabled={good.length === 0}
          onClick={() => {
            for (const fields of good) keep('ingredients', newId(), fields);
            useSharedIn.setState({ came: null });
            void navigate('/kitchen');
          }}
        >
          Keep {good.length === 1 ? 'one ingredient' : `${good.length.toString()} ingredients`}
        </Button>
        <Leave />
      </div>
    </>
  );
}
