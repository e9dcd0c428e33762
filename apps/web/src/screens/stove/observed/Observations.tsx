import type { PotBelief, RunState } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { useInstruments } from '../../../instruments/instruments.js';
import { useStove } from '../../../stores/cooks/stove.js';
import { useMeasures, useMetric } from '../../../stores/kitchen/units.js';
import { Fence } from '../../../ui/shell/Fence.js';
import { showPour } from '../../../words/measures/amounts.js';
import { observationText } from '../../../words/stove/observationWords.js';
import { Advice, isUrgent } from './Advice.js';
import { ObservationForm } from './ObservationForm.js';
import * as w from '../../../words/screens/stoveObserved.js';

/** As much of what was said as is read at a glance. */
const LAST = 4;

interface Observed {
  readonly cook: CookRecord;
  readonly run: RunState;
  readonly nowMs: number;
  /** What is thought of the pot; undefined until something was said of it. */
  readonly belief: PotBelief | undefined;
}

/** What is to be done now, for the top of the screen; nothing while the pot is left as it is. */
export function ToDoNow({ cook, run, nowMs, belief }: Observed) {
  const amount = useAmount(cook);
  if (!belief || !isUrgent(belief)) return null;
  return (
    <Fence what={w.theAdvice} of={belief}>
      <Advice belief={belief} run={run} amount={amount} nowMs={nowMs} />
    </Fence>
  );
}

/** Amounts of liquid in this cook's cups and spoons. */
function useAmount(cook: CookRecord): (ml: number) => string {
  const measures = useMeasures(cook.cupId);
  const metric = useMetric();
  return (ml) => showPour(ml, measures, metric).main;
}

/** What was said of the pot, that it is well where it is, and what else can be said. */
export function Observations({ cook, run, nowMs, belief }: Observed) {
  const tap = useStove((s) => s.tap);
  const { primeAlarm } = useInstruments();
  const amount = useAmount(cook);
  const stageId = (run.stages[run.current] ?? run.stages.at(-1))?.stage.id ?? '';
  return (
    <>
      {belief && !isUrgent(belief) && (
        <Fence what={w.theAdvice} of={belief}>
          <Advice belief={belief} run={run} amount={amount} nowMs={nowMs} />
        </Fence>
      )}
      <ObservationForm
        run={run}
        amount={amount}
        onMinutes={(minutes) => {
          primeAlarm();
          tap('extend', stageId, { minutes });
        }}
        onSay={(kind, more) => {
          primeAlarm();
          tap(kind, stageId, more);
        }}
      />
      {run.said.length > 0 && (
        <p className="m-0 text-faint" data-testid="said">
          {run.said
            .slice(-LAST)
            .map((s) => observationText(s, amount))
            .join(' · ')}
        </p>
      )}
    </>
  );
}
