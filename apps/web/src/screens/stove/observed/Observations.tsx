import type { RunState } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { useInstruments } from '../../../instruments/instruments.js';
import { useCooks } from '../../../stores/cooks/cooks.js';
import { useMeasures, useMetric } from '../../../stores/kitchen/units.js';
import { Fence } from '../../../ui/shell/Fence.js';
import { showPour } from '../../../words/measures/amounts.js';
import { observationText } from '../../../words/stove/observationWords.js';
import { Advice } from './Advice.js';
import { ObservationForm } from './ObservationForm.js';
import { useBelief } from './useBelief.js';

/** As much of what was said as is read at a glance. */
const LAST = 4;

/** What was said of the pot, what is to be done about it, and what else can be said. */
export function Observations({
  cook,
  run,
  nowMs,
  keepMl,
}: {
  readonly cook: CookRecord;
  readonly run: RunState;
  readonly nowMs: number;
  readonly keepMl: number;
}) {
  const tap = useCooks((s) => s.tap);
  const { primeAlarm } = useInstruments();
  const measures = useMeasures(cook.cupId);
  const metric = useMetric();
  const belief = useBelief(cook, run, nowMs, keepMl);
  const amount = (ml: number): string => showPour(ml, measures, metric).main;
  const stageId = (run.stages[run.current] ?? run.stages.at(-1))?.stage.id ?? '';
  return (
    <>
      {belief && (
        <Fence what="The advice" of={belief}>
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
