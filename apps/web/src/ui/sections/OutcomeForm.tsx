import type { BaseSeen, CookRecord, Verdict } from '@hammock/core/records';
import { RadioGroup } from 'radix-ui';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useCooks } from '../../stores/cooks/cooks.js';
import { useJustJudged } from '../../stores/notebook/justJudged.js';
import { nowMs } from '../../stores/session/time.js';
import { Button } from '../controls/Button.js';
import { OutcomeMore, type More } from './OutcomeMore.js';
import { Segments } from '../controls/Segments.js';
import { hangingPoint, ropePath } from '../drawings/sling.js';
import { Load, Posts } from '../drawings/slingParts.js';
import { shareOfVerdict } from '../drawings/SmallSling.js';
import { BASE, VERDICT } from '../../words/words.js';
import { useKeptState } from '../../stores/session/persisted.js';
import * as w from '../../words/ui/sections.js';

const VERDICTS: readonly Verdict[] = [1, 2, 3, 4, 5];
const BASES = (Object.entries(BASE) as [BaseSeen, string][]).map(([key, words]) => [key, words] as const);
const FRAME = { left: 12, right: 788, top: 14 } as const;

/** Ten seconds: where did it hang, how was the base, one line for next time. */
export function OutcomeForm({ cook }: { readonly cook: CookRecord }) {
  const judge = useCooks((s) => s.judge);
  const putAway = useCooks((s) => s.putAway);
  const navigate = useNavigate();
  const [seen] = useState(cook);
  const [texture, setTexture] = useKeptState<Verdict | undefined>(
    `${cook.id}.texture`,
    cook.outcome?.texture,
  );
  const [base, setBase] = useKeptState<BaseSeen>(`${cook.id}.base`, cook.outcome?.base ?? 'clean');
  const [note, setNote] = useKeptState(`${cook.id}.note`, cook.outcome?.note ?? '');
  const [more, setMore] = useKeptState<More>(`${cook.id}.more`, {
    by: cook.outcome?.by ?? null,
    ate: cook.outcome?.ate ?? [],
    helped: cook.outcome?.helped ?? [],
  });
  return (
    <form
      className="flex flex-col gap-5"
      aria-label={w.howItCameOut}
      onSubmit={(e) => {
        e.preventDefault();
        if (texture === undefined) return;
        const outcome = { texture, base, note: note.trim(), ...saidMore(more) };
        judge(seen, outcome);
        putAway();
        useJustJudged.setState({ cook: { ...seen, outcome: { ...outcome, atMs: nowMs() } } });
        // Where another pot is on, that is what there is to do now.
        void navigate(useCooks.getState().active ? '/stove' : '/notebook');
      }}
    >
      <TextureSling value={texture} onChange={setTexture} />
      <div className="flex flex-wrap items-center gap-4">
        <span className="text-[1.2rem]">{w.theBottomOfThePotWas}</span>
        <Segments label={w.theBottomOfThePotWas} value={base} options={BASES} onChange={setBase} />
      </div>
      <label className="flex flex-col gap-1 text-[1.2rem]">
        {w.nextTime}
        <input
          className="changeable w-full font-normal"
          value={note}
          maxLength={280}
          placeholder={w.oneLineOrNothing}
          onChange={(e) => setNote(e.currentTarget.value)}
        />
      </label>
      <OutcomeMore cook={cook} value={more} onChange={(change) => setMore({ ...more, ...change })} />
      <Button type="submit" weight="act" className="min-h-16 text-[1.4rem]" disabled={texture === undefined}>
        {texture === undefined ? w.whereDidItHang : w.writeItDown}
      </Button>
    </form>
  );
}

/** What nobody said is not said. */
const saidMore = ({ by, ate, helped }: More) => ({
  by,
  ate: ate.length > 0 ? ate : null,
  helped: helped.length > 0 ? helped : null,
});

/**
 * The arrows move the choice with the focus. The package chooses what an arrow has focused only while the key is still
 * down, and on a slow machine a quick key is up again by then.
 */
const ARROWS: Readonly<Record<string, 1 | -1>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };
const beside = (v: Verdict, by: 1 | -1): Verdict =>
  VERDICTS[(VERDICTS.indexOf(v) + by + VERDICTS.length) % VERDICTS.length] ?? v;

/** The verdict as a place between the two posts. */
function TextureSling({
  value,
  onChange,
}: {
  readonly value: Verdict | undefined;
  readonly onChange: (value: Verdict) => void;
}) {
  const load = hangingPoint(FRAME, 0.02, value === undefined ? 0.5 : shareOfVerdict(value));
  return (
    <RadioGroup.Root
      aria-label={w.texture}
      value={value?.toString() ?? ''}
      onValueChange={(next) => onChange(Number(next) as Verdict)}
      className="flex flex-col"
    >
      <svg viewBox="0 0 800 110" className="block w-full" aria-hidden>
        <Posts frame={FRAME} top={4} bottom={106} width={10} />
        {value === undefined ? (
          <line
            x1={FRAME.left}
            x2={FRAME.right}
            y1={FRAME.top}
            y2={FRAME.top}
            stroke="var(--line)"
            strokeWidth="5"
            strokeDasharray="12 10"
          />
        ) : (
          <>
            <path d={ropePath(FRAME, load)} fill="none" stroke="var(--ink)" strokeWidth="5" />
            <Load at={load} width={52} />
          </>
        )}
      </svg>
      <div className="grid grid-cols-5 gap-1">
        {VERDICTS.map((v) => (
          <RadioGroup.Item
            key={v}
            value={v.toString()}
            onKeyDown={(e) => {
              const by = ARROWS[e.key];
              if (by !== undefined) onChange(beside(v, by));
            }}
            className="min-h-16 rounded-b-2xl border-2 border-ink px-1 text-[1.05rem] leading-tight data-[state=checked]:bg-ink data-[state=checked]:font-bold data-[state=checked]:text-ground"
          >
            {VERDICT[v]}
          </RadioGroup.Item>
        ))}
      </div>
    </RadioGroup.Root>
  );
}
