import { effectiveTaps, type Tap } from '@hammock/core';
import { GUESTS, OBSERVATIONS, type CookRecord, type Helped } from '@hammock/core/records';
import { useState } from 'react';
import { eventsOf } from '../../stores/cooks/cookRecord.js';
import { useCooks } from '../../stores/cooks/cooks.js';
import { HELPED_WORDS } from '../../words/stove/observationWords.js';
import { Button } from '../controls/Button.js';
import { NumberField } from '../controls/NumberField.js';
import { PersonPick } from '../controls/PersonPick.js';
import { Tick } from '../controls/Tick.js';
import * as w from '../../words/ui/sections.js';

/** What may be said of a pot besides how it came out. */
export interface More {
  readonly by: string | null;
  readonly ate: readonly string[];
  readonly helped: readonly Helped[];
}

/** What a tap did to the pot that may have helped it. */
function helpOf({ kind, said, amount, minutes = 0 }: Tap): Helped | undefined {
  if (kind === 'splash' || kind === 'ladled') return kind;
  if (kind === 'lidUp') return 'open';
  if (kind === 'extend') return minutes > 0 ? 'longer' : undefined;
  if (kind === 'heat') return amount === undefined ? 'turnedDown' : 'putBackOn';
  if (kind !== 'insert') return undefined;
  return said === 'openBoil' ? 'open' : 'putBackOn';
}

const GUEST = [[GUESTS, 'guests']] as const;

/** More of a pot, for who likes: whose word it is, who ate, what helped, what it weighs. */
export function OutcomeMore({
  cook,
  value,
  onChange,
}: {
  readonly cook: CookRecord;
  readonly value: More;
  readonly onChange: (change: Partial<More>) => void;
}) {
  const done = [...new Set(effectiveTaps(eventsOf(cook)).flatMap((tap) => helpOf(tap) ?? []))];
  const { by, ate, helped } = value;
  const toggled = <T extends string>(list: readonly T[], one: T): readonly T[] =>
    list.includes(one) ? list.filter((o) => o !== one) : [...list, one];
  return (
    <details className="text-[1.2rem]" open={by !== null || ate.length > 0 || helped.length > 0}>
      <summary className="min-h-14 cursor-pointer leading-[3.5rem] font-semibold">{w.moreIfYouLike}</summary>
      <div className="flex flex-col gap-4 pb-2">
        <div>
          {w.whoseWordIsIt} <span className="text-faint">{w.guestsWordDoesNotMove}</span>
          <PersonPick
            label={w.whoseWordItIs}
            more={GUEST}
            chosen={by === null ? [] : [by]}
            onPick={(name) => onChange({ by: by === name ? null : name })}
          />
        </div>
        <div>
          {w.whoAte}
          <PersonPick
            label={w.whoAte2}
            more={GUEST}
            chosen={ate}
            onPick={(name) => onChange({ ate: toggled(ate, name) })}
          />
        </div>
        {done.length > 0 && (
          <fieldset className="m-0 border-0 p-0">
            <legend className="p-0">{w.whatHelped}</legend>
            <div className="flex flex-wrap gap-x-6">
              {done.map((what) => (
                <Tick
                  key={what}
                  words={HELPED_WORDS[what]}
                  on={helped.includes(what)}
                  onChange={() => onChange({ helped: toggled(helped, what) })}
                />
              ))}
            </div>
          </fieldset>
        )}
        <Weight cook={cook} />
      </div>
    </details>
  );
}

/** What the pot weighs now: told like any other weight, with its time. */
function Weight({ cook }: { readonly cook: CookRecord }) {
  const tap = useCooks((s) => s.tap);
  const isOn = useCooks((s) => s.active?.id === cook.id);
  const [g, setG] = useState(Number.NaN);
  const { range } = OBSERVATIONS.weighs;
  const last = cook.answer.stages.at(-1)?.id;
  if (!isOn || !range || last === undefined) return null;
  const said = eventsOf(cook).filter((e) => e.kind === 'weighs');
  const good = g >= range.least && g <= range.most;
  return (
    <div className="flex flex-wrap items-end gap-2">
      <NumberField
        label={w.itWeighsPotAndAll}
        by="scale"
        unit={range.unit}
        value={g}
        onChange={setG}
        problem={
          Number.isFinite(g) && !good
            ? `From ${range.least.toString()} to ${range.most.toString()} ${range.unit}.`
            : undefined
        }
      />
      <Button
        className="min-h-14"
        disabled={!good}
        onClick={() => {
          tap('weighs', last, { amount: g });
          setG(Number.NaN);
        }}
      >
        {w.soMuch}
      </Button>
      <span className="text-faint">
        {said.length === 0 ? w.aFirstWeighingOnceThe : w.weighedBeforeG(said.at(-1)?.amount ?? 0)}
      </span>
    </div>
  );
}
