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
import * as w from '../../words/screens/in.js';

const MEANS: Readonly<Record<OwnMeaning, string>> = {
  name: 'name',
  water: w.waterGOf100,
  fat: w.fatGOf100,
  salt: w.saltGOf100,
  densityGPerMl: w.gPerMl,
  like: w.whatItIsLike,
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
          ? w.everyRowCanBeKept
          : w.ofRowsCannotBeRead(read.length - good.length, read.length)}
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
          {w.keep(good.length === 1 ? w.oneIngredient : w.ingredients(good.length))}
        </Button>
        <Leave />
      </div>
    </>
  );
}
