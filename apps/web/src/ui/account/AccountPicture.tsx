import { type Answer, type Measure } from '@hammock/core';
import { useRef, useState } from 'react';
import { showPour } from '../../words/measures/amounts.js';
import { DOUBT } from '../../words/words.js';
import { accountRows, type AccountRow } from './accountRows.js';
import { Figures } from './Figures.js';
import { hundredths, tenths, whole } from '../../words/measures/numbers.js';
import { useMetric } from '../../stores/kitchen/units.js';
import * as w from '../../words/ui/account.js';
import { Emphasis } from '../controls/Emphasis.js';

/** Where the water comes from and where it goes, to scale; every bar opens what it was worked out from. */
export function AccountPicture({
  answer,
  measures,
}: {
  readonly answer: Answer;
  readonly measures: readonly Measure[];
}) {
  const metric = useMetric();
  const anchor = useRef<HTMLElement>(null);
  const [openId, setOpenId] = useState<string | undefined>(undefined);
  const rows = accountRows(answer);
  const low = Math.min(0, ...rows.map((r) => Math.min(r.from, r.to)));
  const high = Math.max(1, ...rows.map((r) => Math.max(r.from, r.to)));
  const leaves = rows.findIndex((r) => r.side === 'goesTo');
  const twice = showPour(answer.doubled.pourMl, measures, metric);
  const steam = rows.find((r) => r.kind === 'steamLost');
  return (
    <section className="hung" aria-labelledby="account">
      <h2 id="account" className="m-0 text-[1.35rem] font-bold">
        {w.whereTheWaterComesFrom}
      </h2>
      <ul className="m-0 mt-2 list-none p-0" aria-label={w.waterAccount}>
        {rows.map((row, i) => (
          <li key={row.id} className={i === leaves ? 'mt-2 border-t-2 border-dashed border-line pt-2' : ''}>
            <Row
              row={row}
              low={low}
              high={high}
              open={openId === row.id}
              onOpen={(id, at) => {
                anchor.current = at;
                setOpenId(openId === id ? undefined : id);
              }}
            />
          </li>
        ))}
      </ul>
      <Figures row={rows.find((r) => r.id === openId)} anchor={anchor} onClose={() => setOpenId(undefined)} />
      <p className="mt-3 mb-0 text-faint">
        {w.touchABarForIts(
          Math.abs(answer.account.closesToG) < 0.05 ? w.equal : w.gApart(tenths(answer.account.closesToG)),
        )}
      </p>
      {answer.pour.ml > 0 && steam && (
        <p className="mt-3 mb-0">
          <Emphasis
            text={w.twiceTheDishInThis(twice.main, hundredths(answer.doubled.ratio), Math.round(steam.g))}
          />
        </p>
      )}
      {answer.doubt.parts.length > 0 && (
        <p className="mt-3 mb-0">
          {w.itMayBeMlMore(
            Math.round(answer.doubt.g / 5) * 5,
            list(answer.doubt.parts.slice(0, 2).map((p) => `${DOUBT[p.code]} (±${whole(p.g)} ml)`)),
          )}
        </p>
      )}
    </section>
  );
}

const list = (words: readonly string[]): string => words.join(' and ');

const FILL: Readonly<Record<AccountRow['colour'], string>> = {
  water: 'bg-water',
  husk: 'bg-husk',
  tomato:
    'bg-tomato [background-image:radial-gradient(var(--ground)_1.5px,transparent_1.6px)] [background-size:9px_9px]',
  coconut:
    'bg-coconut [background-image:repeating-linear-gradient(135deg,transparent_0_6px,var(--ground)_6px_7.5px)]',
  steam:
    'bg-steam [background-image:repeating-linear-gradient(90deg,transparent_0_8px,var(--ground)_8px_10px)]',
};

interface RowProps {
  readonly row: AccountRow;
  readonly low: number;
  readonly high: number;
  readonly open: boolean;
  readonly onOpen: (id: string, at: HTMLElement) => void;
}

function Row({ row, low, high, open, onOpen }: RowProps) {
  const span = high - low;
  const start = (Math.min(row.from, row.to) - low) / span;
  const width = Math.abs(row.to - row.from) / span;
  const shown = `${row.side === 'comesFrom' ? '' : '−'}${row.g < 1 ? tenths(row.g) : whole(row.g)} g`;
  return (
    <button
      type="button"
      aria-haspopup="dialog"
      aria-expanded={open}
      onClick={(e) => onOpen(row.id, e.currentTarget)}
      className="grid w-full grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 py-1 text-left sm:grid-cols-[13.5rem_minmax(0,1fr)_4.5rem]"
    >
      <span className="leading-tight">
        {row.label}
        <span className="sr-only">: </span>
      </span>
      <span className="figures order-2 text-right text-[1.5rem] sm:order-3">
        {shown}
        <span className="sr-only">
          {' '}
          {w.ofWaterShowFigures(row.side === 'comesFrom' ? w.comeIn : w.goOut)}
        </span>
      </span>
      <span className="relative order-3 col-span-2 h-5 sm:order-2 sm:col-span-1 sm:h-8" aria-hidden>
        <span className="absolute inset-y-0 left-0 w-full border-b-2 border-line" />
        <span
          className={`bar-of-water absolute inset-y-0 min-w-1 ${FILL[row.colour]} ${row.side === 'comesFrom' ? 'rounded-r-md' : 'rounded-l-md'}`}
          style={{
            left: `min(${(start * 100).toFixed(2)}%, 100% - 0.25rem)`,
            width: `${(width * 100).toFixed(2)}%`,
          }}
        />
      </span>
    </button>
  );
}
