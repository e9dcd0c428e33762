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
import { everything } from './larderChoices.js';
import { MarkedText, unheardOf } from './MarkedText.js';
import * as w from '../../../words/screens/pourGoesIn.js';

export interface ActRowProps {
  readonly act: ToldAct;
  /** The things of the telling: what of the words was understood. */
  readonly lines: readonly SaidLine[];
  /** What it names, as it is shown: one that asks stands last. */
  readonly things: ReactNode | undefined;
  readonly asks: boolean;
  /** Names of what was listed before and is spoken of again. */
  readonly again: readonly string[];
  readonly onFix: (fix: ActFix) => void;
  /** A word nothing was made of is this. */
  readonly onName: (word: string, id: string) => void;
}

const NONE = 'none';

/** One act of the telling: its words, what it became, and a press that puts it right. */
export function ActRow({ act, lines, things, asks, again, onFix, onName }: ActRowProps) {
  const [open, setOpen] = useState(false);
  const [word, setWord] = useState<string>();
  const isWords = act.verb === 'words' && things === undefined;
  const change = !asks && (
    <Button weight="plain" aria-expanded={open} onClick={() => setOpen(!open)}>
      {open ? w.done : w.change}
    </Button>
  );
  return (
    <li className="grid grid-cols-[1fr_auto] gap-x-4 border-b border-line py-1 md:grid-cols-[2fr_3fr_4.5rem]">
      <p className="m-0 flex gap-2 pt-3">
        <span className="w-4 shrink-0 text-center font-bold" aria-hidden>
          {asks ? '?' : isWords ? '' : '✓'}
        </span>
        <span className={isWords ? 'text-faint' : ''}>
          {/* A line that asks is settled first: its one question is the first press in it. */}
          <MarkedText act={act} lines={lines} onWord={asks ? undefined : setWord} />
        </span>
      </p>
      <div className={`col-span-2 pb-2 pl-6 ${asks ? 'md:col-span-3' : 'md:col-span-1 md:pt-3 md:pl-0'}`}>
        <p className="m-0 flex flex-wrap items-center gap-x-2 empty:hidden">
          {isWords ? (
            <span className="text-faint">{w.keptAsWords}</span>
          ) : (
            <>
              {act.verb !== 'list' && act.verb !== 'words' && (
                <strong>{act.negated ? w.not(VERB[act.verb].toLowerCase()) : VERB[act.verb]}</strong>
              )}
              {again.length > 0 && <span>{again.join(', ')}</span>}
              {actWords(act).map((w) => (
                <span key={w} className="border-l-2 border-line pl-2 first:border-l-0 first:pl-0">
                  {w}
                </span>
              ))}
            </>
          )}
        </p>
        {things}
        {open && !asks && <Correct act={act} onFix={onFix} words={unheardOf(act, lines)} onWord={setWord} />}
        {word !== undefined && (
          <p className="m-0 flex flex-wrap items-center gap-x-3 pb-2" data-testid="word">
            {w.thisWordIs(word)}
            <Pick
              label={w.whatIs2(word)}
              value={undefined}
              placeholder={w.pickWhatItIs}
              options={everything([])}
              onChange={(id) => {
                setWord(undefined);
                onName(word, id);
              }}
            />
            <Button weight="plain" onClick={() => setWord(undefined)}>
              {w.justWords2}
            </Button>
          </p>
        )}
      </div>
      <div className="col-start-2 row-start-1 md:col-start-3">{change}</div>
    </li>
  );
}

/** What an act is, each piece changed where it stands. */
function Correct({
  act,
  onFix,
  words,
  onWord,
}: {
  readonly act: ToldAct;
  readonly onFix: ActRowProps['onFix'];
  /** Words that nothing was made of. */
  readonly words: readonly string[];
  readonly onWord: (word: string) => void;
}) {
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
      {words.map((word) => (
        <Button key={word} weight="plain" onClick={() => onWord(word)}>
          {w.whatIs(word)}
        </Button>
      ))}
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
