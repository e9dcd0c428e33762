import type { Answer, PlanInput } from '@hammock/core';
import { potOf, whatToTry } from '@hammock/core/learning';
import { useState } from 'react';
import { useCooks } from '../../../stores/cooks/cooks.js';
import { useDraft } from '../../../stores/plan/draft.js';
import type { Draft } from '../../../stores/plan/draftOf.js';
import { habitOf } from '../../../stores/notebook/habit.js';
import { useLearnt } from '../../../stores/kitchen/learnt.js';
import { useMe } from '../../../stores/kitchen/people.js';
import { useMeasures, useMetric } from '../../../stores/kitchen/units.js';
import { Button } from '../../../ui/controls/Button.js';
import { showPour } from '../../../words/measures/amounts.js';
import { triesText } from '../../../words/notebook/learntWords.js';
import * as w from '../../../words/screens/pourNumber.js';
import { Emphasis } from '../../../ui/controls/Emphasis.js';

/** Where this household pours otherwise than it is advised, again and again: by how much, and holding to its own. */
export function Habit({ draft, answer }: { readonly draft: Draft; readonly answer: Answer }) {
  const recent = useCooks((s) => s.recent);
  const measures = useMeasures(draft.cupId);
  const metric = useMetric();
  const { setSpec } = useDraft.getState();
  // A pour of one's own stands at the number already, with what comes of it.
  if (draft.spec.usualPour !== undefined) return null;
  const habit = habitOf(recent, draft.dishId);
  if (habit === undefined) return null;
  const ml = answer.pour.ml * habit.times;
  const by = Math.abs(ml - answer.pour.ml);
  const amount = (n: number): string => showPour(n, measures, metric).main;
  return (
    <p className="m-0 flex flex-wrap items-center gap-x-3" data-testid="habit">
      <span>
        <Emphasis
          text={w.youPouredThanAdvisedTimes(
            habit.times > 1 ? w.more : w.less,
            habit.pots,
            amount(ml),
            amount(by),
            habit.times > 1 ? w.over : w.under,
          )}
        />
      </span>
      <Button weight="plain" onClick={() => setSpec({ usualPour: { ml: Math.round(ml) }, holdTo: 'usual' })}>
        {w.holdToMine}
      </Button>
    </p>
  );
}

/** What would teach most at the next pot: only when it is asked. */
export function WhatToTry({ draft, input }: { readonly draft: Draft; readonly input: PlanInput }) {
  const learnt = useLearnt((s) => s.learnt);
  const by = useMe((s) => s.name);
  const [open, setOpen] = useState(false);
  if (!learnt || learnt.ids.length === 0) return null;
  if (!open)
    return (
      <Button weight="plain" onClick={() => setOpen(true)}>
        {w.whatWouldTeachMost}
      </Button>
    );
  const { bagId, vesselId, hobId, dishId } = draft;
  const tells = whatToTry(learnt, potOf(input, { bagId, vesselId, hobId, dishId, by }));
  return (
    <p className="m-0 basis-full" role="status" data-testid="what-to-try">
      {triesText(tells)}
    </p>
  );
}
