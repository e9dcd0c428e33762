import type { Look, Stage } from '@hammock/core';
import { Button } from '../../../ui/controls/Button.js';

import { ACT } from '../../../words/plan/acts.js';
import { inAHundred, mendWords, SEEN } from '../../../words/stove/potWords.js';
import * as w from '../../../words/screens/pourOdds.js';
import { Emphasis } from '../../../ui/controls/Emphasis.js';

/** To the nearest 5 ml: nobody pours closer. */
export const round = (ml: number): string => (Math.round(ml / 5) * 5).toString();

interface BestProps {
  readonly bestMl: number;
  readonly keepMl: number;
  readonly hereMl: number;
  readonly coveredMin: number | undefined;
  /** As wanted in this pour left alone, and tasted once and mended, where it can be. */
  readonly blind: number;
  readonly looked: number | undefined;
  /** True for a pot that must not be opened before its pressure is down. */
  readonly isShut: boolean;
  readonly onPour: () => void;
}

/** The best choice, with what is kept by drawn beside it to the same scale. */
export function Best({ bestMl, keepMl, hereMl, coveredMin, blind, looked, isShut, onPour }: BestProps) {
  const tall = 78;
  const small = Math.max(8, tall * Math.sqrt(Math.min(1, keepMl / Math.max(1, bestMl))));
  return (
    <div>
      <div className="flex items-end gap-5">
        <svg viewBox={`0 0 ${116 + small * 1.1} 100`} className="h-[84px] shrink-0" aria-hidden>
          <Jug x={6} size={tall} />
          <Jug x={112} size={small} />
        </svg>
        <p className="m-0 text-[1.15rem]">
          <Emphasis text={w.pourMl(round(bestMl))} />
          <br />
          <Emphasis text={w.haveMlMoreHotIn(round(keepMl))} />
        </p>
      </div>
      {looked !== undefined && looked > blind && (
        <p className="m-0 mt-3">
          {w.topItUpOrLeave(isShut ? w.tasteItOnceThePressure : w.tasteItOnceWhenIts)}{' '}
          <strong data-testid="odds-looked">{w.in100(inAHundred(looked))}</strong>{' '}
          {w.comeOutRightLeftAlone(inAHundred(blind))}
        </p>
      )}
      <p className="m-0 mt-3 text-faint">
        {w.theBestBalanceTooDry}
        {coveredMin !== undefined && <> {w.minUnderTheLidWould(coveredMin)}</>}
      </p>
      {Math.abs(bestMl - hereMl) >= 5 && (
        <Button weight="quiet" className="mt-2" onClick={onPour}>
          {w.pourMlInstead(round(bestMl))}
        </Button>
      )}
    </div>
  );
}

/** A jug three quarters full. */
function Jug({ x, size }: { readonly x: number; readonly size: number }) {
  const y = 94 - size;
  return (
    <g>
      <rect
        x={x + 2}
        y={y + size * 0.25}
        width={size * 0.86}
        height={size * 0.75}
        fill="var(--water)"
        opacity="0.55"
      />
      <path
        d={`M${x} ${y}V94H${x + size * 0.9}V${y}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="5"
        strokeLinejoin="round"
      />
      <path
        d={`M${x + size * 0.9} ${y + size * 0.2}q${size * 0.28} ${size * 0.2} 0 ${size * 0.42}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="5"
      />
    </g>
  );
}

/** When to look into the pot, and what to do at what is seen. */
export function Looks({
  looks,
  stages,
}: {
  readonly looks: readonly Look[];
  readonly stages: readonly Stage[];
}) {
  if (looks.length === 0) return null;
  return (
    <div>
      <h3 className="m-0 text-[1.05rem] font-bold">{w.whenToLook}</h3>
      <ul className="m-0 mt-1 flex list-none flex-col gap-1.5 p-0">
        {looks.map((l) => {
          const act = stages.find((s) => s.id === l.stageId)?.act ?? 'simmer';
          return (
            <li key={l.afterMin}>
              <Emphasis
                text={w.minInto(
                  l.afterMin,
                  ACT[act].name,
                  SEEN[l.expect],
                  mendWords(l, (ml) => `${ml.toString()} ml`),
                )}
              />
            </li>
          );
        })}
      </ul>
    </div>
  );
}
