import { Link } from 'react-router';
import type { CookLine } from '@hammock/core/records';
import { useState } from 'react';
import { nowMs } from '../../stores/session/time.js';
import { Filters } from './Filters.js';
import { PotRows } from './PotRows.js';
import { EVERY, isEvery, useFound, type Wanted } from './useFound.js';
import * as w from '../../words/screens/notebook.js';

/** The pots of the notebook, all or those that are looked for. */
export function Pots({ recent }: { readonly recent: readonly CookLine[] }) {
  const [wanted, setWanted] = useState<Wanted>(EVERY);
  const [today] = useState(nowMs);
  const { list, more, loadMore, away } = useFound(wanted, recent);
  return (
    <>
      <Filters wanted={wanted} onChange={setWanted} />
      {away && (
        <p className="m-0 text-faint" role="status">
          {w.theServerIsAwayOnly}
        </p>
      )}
      {list === undefined && <p aria-busy>{w.looking}</p>}
      {list?.length === 0 && !isEvery(wanted) && (
        <p className="m-0 text-lg" role="status">
          {w.noPotIsLikeThat}
        </p>
      )}
      {isEvery(wanted) && (
        <p className="m-0 flex flex-wrap gap-x-6">
          <a
            href="/api/notebook.csv"
            download
            className="inline-flex min-h-12 items-center underline decoration-husk decoration-2 underline-offset-4"
          >
            {w.allOfItAsA}
          </a>
          <Link
            to="/in"
            className="inline-flex min-h-12 items-center underline decoration-husk decoration-2 underline-offset-4"
          >
            {w.bringInPagesOfATable}
          </Link>
        </p>
      )}
      {list && list.length > 0 && <PotRows list={list} today={today} more={more} onMore={loadMore} />}
    </>
  );
}
