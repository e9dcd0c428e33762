import { learntInto } from '@hammock/core/learning';
import { useState } from 'react';
import { knowPot } from '../../../stores/notebook/knownPot.js';
import { useCore } from '../../../stores/plan/core.js';
import { useLearnt } from '../../../stores/kitchen/learnt.js';
import { learntOfPlan } from '../../../stores/plan/learntPlan.js';
import { useMe, usePeople } from '../../../stores/kitchen/people.js';
import type { PlanView } from '../../../stores/plan/usePlan.js';
import { useMeasures, useMetric } from '../../../stores/kitchen/units.js';
import { rowOf } from '../../../stores/kitchen/ownLarder.js';
import { AmountField } from '../../../ui/controls/AmountField.js';
import { Button } from '../../../ui/controls/Button.js';
import { Segments } from '../../../ui/controls/Segments.js';
import { readMl } from '../../../words/measures/readMl.js';
import { showPour } from '../../../words/measures/amounts.js';
import { Habit, WhatToTry } from './Habit.js';
import { standsText } from '../../../words/notebook/learntWords.js';

/** A shift that nobody could pour, ml. */
const LEAST_ML = 4;

/** What the number stands on: what cooks usually pour, or this household's own pots and what they moved. */
export function StandsOn({ plan: { draft, input, answer, stale } }: { readonly plan: PlanView }) {
  const learnt = useLearnt((s) => s.learnt);
  const engine = useCore();
  const measures = useMeasures(draft.cupId);
  const metric = useMetric();
  const me = useMe((s) => s.name);
  const found = learntOfPlan(learnt, input, { ...draft, by: me });
  if (!answer || stale || answer.verdict !== 'pour') return null;
  const before = found && engine?.answer(learntInto(input));
  const byMl = before?.ok ? answer.pour.ml - before.value.pour.ml : 0;
  const by =
    Math.abs(byMl) < LEAST_ML
      ? ''
      : `: ${showPour(Math.abs(byMl), measures, metric).main} ${byMl > 0 ? 'more' : 'less'} than is usual`;
  return (
    <div className="flex flex-wrap items-center gap-x-5">
      <p className="m-0 text-faint" data-testid="stands-on">
        It stands on {standsText(found?.pots)}
        {by}.
      </p>
      <ToTasteOf />
      <Habit draft={draft} answer={answer} />
      <WhatToTry draft={draft} input={input} />
      <KnownPot
        draft={draft}
        input={input}
        pourMl={answer.usual?.ml ?? answer.pour.ml}
        liquidId={answer.pour.ingredientId}
      />
    </div>
  );
}

/** Whose taste it is cooked to, where the household has names. */
function ToTasteOf() {
  const people = usePeople();
  const me = useMe((s) => s.name);
  if (people.length === 0) return null;
  return (
    <Segments
      label="To whose taste"
      value={me ?? 'everybody'}
      options={[['everybody', 'everybody’s taste'] as const, ...people.map((p) => [p, p] as const)]}
      onChange={(name) => useMe.setState({ name: name === 'everybody' ? null : name })}
    />
  );
}

/** One pot that always comes out right: what is poured into it is believed. */
function KnownPot({
  draft,
  input,
  pourMl,
  liquidId,
}: Pick<PlanView, 'draft' | 'input'> & { readonly pourMl: number; readonly liquidId: string }) {
  const measures = useMeasures(draft.cupId);
  const metric = useMetric();
  const [open, setOpen] = useState(false);
  const [ml, setMl] = useState<number>();
  const [wrong, setWrong] = useState(false);
  if (!open)
    return (
      <Button weight="plain" onClick={() => setOpen(true)}>
        I know this pot
      </Button>
    );
  const shown = showPour(ml ?? pourMl, measures, metric).main;
  return (
    <form
      className="flex flex-wrap items-start gap-x-3"
      aria-label="A pot you know"
      onSubmit={(e) => {
        e.preventDefault();
        if (knowPot(draft, input, ml ?? pourMl)) setOpen(false);
      }}
    >
      <span className="leading-[3rem]">It always comes out right when I pour</span>
      <AmountField
        label="What you always pour"
        shown={shown}
        problem={wrong ? 'An amount, such as 3 cups or 700 ml.' : undefined}
        onChange={({ text = '' }) => {
          const read = readMl(text, input.cupMl ?? 240, rowOf(liquidId)?.densityGPerMl ?? 1);
          setWrong(read === undefined);
          if (read !== undefined) setMl(read);
        }}
        onLeave={() => setWrong(false)}
      />
      <Button type="submit" disabled={wrong}>
        Believe it
      </Button>
      <Button weight="plain" onClick={() => setOpen(false)}>
        Not now
      </Button>
    </form>
  );
}
