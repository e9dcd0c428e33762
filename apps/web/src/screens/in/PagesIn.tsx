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
import * as w from '../../words/screens/in.js';

const MEANS: Readonly<Record<PageMeaning, string>> = {
  id: w.itsOwnNumber,
  started: 'when',
  dish: 'dish',
  bag: 'bag',
  pot: 'pot',
  burner: 'ring',
  grain: w.howMuchGrain,
  poured: w.whatWasPoured,
  texture: w.howItCameOut,
  base: w.baseOfThePot,
  note: 'note',
  by: w.whoJudgedIt,
  ate: w.whoAte,
  counts: w.learntFrom,
  givenUp: w.givenUp,
};

const WHY: Readonly<Record<PageProblem, string>> = {
  noDate: w.noDayThatCanBe,
  future: w.aDayThatIsStill,
  noDish: w.aDishThatIsNone,
  unknownBag: w.aBagThatIsNot,
  unknownPot: w.aPotThatIsNot,
  unknownBurner: w.aRingThatIsNot,
  noAmount: w.anAmountThatCannotBe,
  noTexture: w.noWordForHowIt,
  noBase: w.aBottomThatIsNeither,
  noAnswer: w.aDishThatHasNo,
  already: w.inTheNotebookAlready,
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
        {w.eachPotIsYourDish(countOf(good.length, 'page'))}
        {judged > 0 && w.andOfThemTeach(judged)}.
      </p>
      {wrong.size > 0 && (
        <ul className="m-0 mt-1 list-none p-0">
          {[...wrong].map(([why, rows]) => (
            <li key={why}>{w.leftOut(countOf(rows, 'row'), WHY[why])}</li>
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
          {w.writeDown(good.length === 1 ? w.onePage : w.pages(good.length))}
        </Button>
        <Leave />
      </div>
    </>
  );
}

const countOf = (n: number, what: string): string => `${n.toString()} ${what}${n === 1 ? '' : 's'}`;
