import { useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { useSharedIn } from '../../stores/plan/sharedIn.js';
import { loadCore, useCore } from '../../stores/plan/core.js';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { pagesSince, writePages } from '../../stores/transfer/pagesIn.js';
import {
  oldestOf,
  PAGE_MEANINGS,
  pageRowsIn,
  type Against,
  type PageMeaning,
  type PageProblem,
} from '../../stores/transfer/pageTable.js';
import type { Table } from '../../stores/transfer/tables.js';
import { nowMs } from '../../stores/session/time.js';
import { Button } from '../../ui/controls/Button.js';
import { Columns } from './Columns.js';
import { Leave } from './Leave.js';

const MEANS: Readonly<Record<PageMeaning, string>> = {
  id: 'its own number',
  started: 'when',
  dish: 'dish',
  bag: 'bag',
  pot: 'pot',
  burner: 'ring',
  grain: 'how much grain',
  poured: 'what was poured',
  texture: 'how it came out',
  base: 'base of the pot',
  note: 'note',
  by: 'who judged it',
  ate: 'who ate',
  counts: 'learnt from',
  givenUp: 'given up',
};

const WHY: Readonly<Record<PageProblem, string>> = {
  noDate: 'no day that can be read; write it as 2026-01-31',
  future: 'a day that is still to come',
  noDish: 'a dish that is none of yours; keep it under Dishes first, by the same name',
  unknownBag: 'a bag that is not in your kitchen',
  unknownPot: 'a pot that is not in your kitchen',
  unknownBurner: 'a ring that is not in your kitchen',
  noAmount: 'an amount that cannot be read, or none beside a verdict',
  noTexture: 'no word for how it came out, from 1 (hard) to 5 (mushy)',
  noBase: 'a bottom that is neither clean, golden, dark nor burnt',
  noAnswer: 'a dish that has no answer as it is written now',
  already: 'in the notebook already',
};

/** A table of pots: its columns matched, its rows shown and what cannot be read said before anything is written down. */
export function PagesIn({ table }: { readonly table: Table<PageMeaning> }) {
  const [means, setMeans] = useState(table.means);
  const [has, setHas] = useState<Against['has']>();
  const navigate = useNavigate();
  const kitchen = useKitchen();
  const engine = useCore();
  const oldest = oldestOf({ ...table, means }) ?? Number.MAX_SAFE_INTEGER;
  useEffect(() => {
    let isHere = true;
    void Promise.all([pagesSince(oldest), loadCore()]).then(([found]) => {
      if (isHere) setHas(found);
    });
    return () => {
      isHere = false;
    };
  }, [oldest]);
  const read = useMemo(
    () => pageRowsIn({ ...table, means }, { kitchen, has: has ?? [], nowMs: nowMs() }),
    [table, means, kitchen, has],
  );
  const good = read.flatMap((r) => r.page ?? []);
  const judged = good.filter((p) => p.outcome && p.outcome.counts !== 'never' && !p.abandoned).length;
  const wrong = new Map<PageProblem, number>();
  for (const { wrong: row } of read) if (row) wrong.set(row.why, (wrong.get(row.why) ?? 0) + 1);
  return (
    <>
      <Columns
        table={{ ...table, means }}
        meanings={PAGE_MEANINGS}
        words={MEANS}
        wrongAt={(i) => (read[i]?.wrong?.why === 'already' ? undefined : read[i]?.wrong?.at)}
        isThere={(i) => read[i]?.wrong?.why === 'already'}
        onMeans={setMeans}
      />
      <p className="m-0 mt-2">
        Each pot is your dish as it is written now, for so much grain. {countOf(good.length, 'page')} can be
        written down{judged > 0 && `, and ${judged.toString()} of them teach`}.
      </p>
      {wrong.size > 0 && (
        <ul className="m-0 mt-1 list-none p-0">
          {[...wrong].map(([why, rows]) => (
            <li key={why}>
              {countOf(rows, 'row')} left out: {WHY[why]}.
            </li>
          ))}
        </ul>
      )}
      <div className="mt-3 flex flex-wrap gap-3">
        <Button
          weight="act"
          disabled={good.length === 0 || has === undefined || engine === undefined}
          onClick={() => {
            writePages(good);
            useSharedIn.setState({ came: null });
            void navigate('/notebook');
          }}
        >
          Write {good.length === 1 ? 'one page' : `${good.length.toString()} pages`} down
        </Button>
        <Leave />
      </div>
    </>
  );
}

const countOf = (n: number, what: string): string => `${n.toString()} ${what}${n === 1 ? '' : 's'}`;
