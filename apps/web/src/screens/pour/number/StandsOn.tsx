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
import * as w from '../../../words/screens/pourNumber.js';

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
      : w.thanIsUsual(showPour(Math.abs(byMl), measures, metric).main, byMl > 0 ? 'more' : 'less');
  return (
    <div className="flex flex-wrap items-center gap-x-5">
      <p className="m-0 text-faint" data-testid="stands-on">
        {w.itStandsOn(standsText(found?.pots), by)}
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
      label={w.toWhoseTaste}
      value={me ?? 'everybody'}
      options={[['everybody', w.everybodysTaste] as const, ...people.map((p) => [p, p] as const)]}
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
        {w.iKnowThisPot}
      </Button>
    );
  const shown = showPour(ml ?? pourMl, measures, metric).main;
  return (
    <form
      className="flex flex-wrap items-start gap-x-3"
      aria-label={w.aPotYouKnow}
      onSubmit={(e) => {
        e.preventDefault();
        if (knowPot(draft, input, ml ?? pourMl)) setOpen(false);
      }}
    >
      <span className="leading-[3rem]">{w.itAlwaysComesOutRight}</span>
      <AmountField
        label={w.whatYouAlwaysPour}
        shown={shown}
        problem={wrong ? w.anAmountSuchAs3 : undefined}
        onChange={({ text = '' }) => {
          const read = readMl(text, input.cupMl ?? 240, rowOf(liquidId)?.densityGPerMl ?? 1);
          setWrong(read === undefined);
          if (read !== undefined) setMl(read);
        }}
        onLeave={() => setWrong(false)}
      />
      <Button type="submit" disabled={wrong}>
        {w.believeIt}
      </Button>
      <Button weight="plain" onClick={() => setOpen(false)}>
        {w.notNow}
      </Button>
    </form>
  );
}
