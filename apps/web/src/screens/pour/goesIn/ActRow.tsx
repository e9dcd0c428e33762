import {
  HEATS,
  LID_STATES,
  type ActFix,
  type HeatSetting,
  type LidState,
  type SaidLine,
  type ToldAct,
  type Verb,
} from '@hammock/core';
import { useState, type ReactNode } from 'react';
import { Button } from '../../../ui/controls/Button.js';
import { NumberField } from '../../../ui/controls/NumberField.js';
import { Pick } from '../../../ui/controls/Pick.js';
import { optionsOf } from '../../../ui/controls/pickParts.js';
import { actWords, VERB } from '../../../words/plan/actWords.js';
import { HEAT, LID } from '../../../words/words.js';
import * as w from '../../../words/screens/pourGoesIn.js';

export interface ActRowProps {
  readonly act: ToldAct;
  /** What it names, as it is shown: one that asks stands last. */
  readonly things: ReactNode | undefined;
  readonly asks: boolean;
  /** Names of what was listed before and is spoken of again. */
  readonly again: readonly string[];
  readonly onFix: (fix: ActFix) => void;
}

const NONE = 'none';

/** One act of the telling: its words, what it became, and a press that puts it right. */
export function ActRow({ act, things, asks, again, onFix }: ActRowProps) {
  const [open, setOpen] = useState(false);
  const isWords = act.verb === 'words' && things === undefined;
  // A line of a list is its things, and nothing before them.
  const isList =
    act.verb === 'list' && things !== undefined && again.length === 0 && actWords(act).length === 0;
  const change = !asks && (
    <Button weight="plain" aria-expanded={open} onClick={() => setOpen(!open)}>
      {open ? w.done : w.change}
    </Button>
  );
  return (
    <li className="border-b border-line py-2 md:grid md:grid-cols-[2fr_3fr] md:gap-x-6">
      <p className="m-0 flex gap-2 md:pt-3">
        <span className="w-4 shrink-0 text-center font-bold" aria-hidden>
          {asks ? '?' : isWords ? '' : '✓'}
        </span>
        <span className={isWords ? 'text-faint' : ''}>{act.text}</span>
      </p>
      <div className="pl-6 md:pl-0">
        <p className="m-0 flex flex-wrap items-center gap-x-2">
          {isWords ? (
            <span className="text-faint">{w.keptAsWords}</span>
          ) : (
            <>
              {act.verb !== 'list' && act.verb !== 'words' && (
                <strong>{act.negated ? w.not(VERB[act.verb].toLowerCase()) : VERB[act.verb]}</strong>
              )}
              {again.length > 0 && <span>{again.join(', ')}</span>}
              {actWords(act).map((w) => (
                <span key={w} className="border-l-2 border-line pl-2">
                  {w}
                </span>
              ))}
            </>
          )}
          {!isList && change}
        </p>
        {isList ? (
          <div className="flex flex-wrap items-baseline gap-x-4">
            {things}
            {change}
          </div>
        ) : (
          things
        )}
        {open && !asks && <Correct act={act} onFix={onFix} />}
      </div>
    </li>
  );
}

/** What an act is, each piece changed where it stands. */
function Correct({ act, onFix }: { readonly act: ToldAct; readonly onFix: ActRowProps['onFix'] }) {
  return (
    <p className="m-0 flex flex-wrap items-center gap-x-3 gap-y-1 pb-2">
      <Pick<Verb>
        label={w.whatIs(act.text)}
        value={act.verb}
        options={optionsOf(VERB)}
        onChange={(verb) => onFix({ verb })}
      />
      <Pick<HeatSetting | typeof NONE>
        label={w.onWhichHeat}
        value={act.heat ?? NONE}
        options={[
          { value: NONE, label: w.noHeatSaid },
          ...HEATS.map((value) => ({ value, label: HEAT[value] })),
        ]}
        onChange={(v) => onFix({ heat: v === NONE ? null : v })}
      />
      <Pick<LidState | typeof NONE>
        label={w.underWhichLid}
        value={act.lid ?? NONE}
        options={[
          { value: NONE, label: w.noLidSaid },
          ...LID_STATES.map((value) => ({ value, label: LID[value] })),
        ]}
        onChange={(v) => onFix({ lid: v === NONE ? null : v })}
      />
      <NumberField
        label={w.forWord}
        place="before"
        unit="min"
        className="w-16"
        value={act.minutes ?? Number.NaN}
        onChange={(minutes) => onFix({ minutes: minutes >= 0 ? minutes : null })}
      />
      <Button weight="plain" onClick={() => onFix({ beside: act.beside === undefined })}>
        {act.beside === undefined ? w.somewhereElseBeside : w.inThisPot}
      </Button>
      {act.verb !== 'words' && (
        <Button weight="plain" onClick={() => onFix({ verb: 'words' })}>
          {w.justWords}
        </Button>
      )}
    </p>
  );
}

/** Names of the things an act speaks of again. */
export const againIn = (
  act: ToldAct,
  lines: readonly SaidLine[],
  nameOf: (id: string) => string,
): readonly string[] => [
  ...new Set(
    act.things.flatMap(({ line, isNew }) => {
      const id = isNew ? undefined : lines[line]?.id;
      return id === undefined ? [] : [nameOf(id).toLowerCase()];
    }),
  ),
];
