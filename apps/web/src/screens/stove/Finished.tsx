import type { RunState } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { useStove } from '../../stores/cooks/stove.js';
import { Button } from '../../ui/controls/Button.js';
import { OutcomeForm } from '../../ui/sections/OutcomeForm.js';
import { showPour } from '../../words/measures/amounts.js';
import { useNowMs } from '../../stores/cooks/run.js';
import { BesideClocks } from './BesideClocks.js';
import { PotTabs } from './PotTabs.js';
import { StageCautions } from './StageCautions.js';
import { Observations, ToDoNow } from './observed/Observations.js';
import { useBelief } from './observed/useBelief.js';
import { useStoveOdds } from './useStoveOdds.js';
import { useMeasures, useMetric } from '../../stores/kitchen/units.js';
import * as w from '../../words/screens/stove.js';

/** The button that ended the last stage is gone: who pressed it goes on here. */
const focusFound = (heading: HTMLElement | null): void => {
  if (document.activeElement === document.body) heading?.focus();
};

/** The pot is done: open it, and say how it came out. */
export function Finished({ cook, run }: { readonly cook: CookRecord; readonly run: RunState }) {
  const tap = useStove((s) => s.tap);
  const measures = useMeasures(cook.cupId);
  const metric = useMetric();
  const { keepMl } = useStoveOdds(cook);
  const now = useNowMs();
  const keep = showPour(keepMl, measures, metric);
  const belief = useBelief(cook, run, now, keepMl);
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-5">
      <section>
        <h1
          ref={focusFound}
          tabIndex={-1}
          className="m-0 text-[2.6rem] leading-none font-bold sm:text-[3.5rem]"
        >
          {w.openForkTaste}
        </h1>
        <p className="mt-3 mb-0 text-[1.2rem]">{w.openTheLidAwayFrom(keep.main)}</p>
      </section>
      <PotTabs />
      <ToDoNow cook={cook} run={run} nowMs={now} belief={belief} />
      <OutcomeForm cook={cook} />
      <Observations cook={cook} run={run} nowMs={now} belief={belief} />
      <BesideClocks cook={cook} nowMs={now} />
      <StageCautions cook={cook} run={run} />
      {run.undoable && (
        <p className="m-0">
          <Button weight="plain" onClick={() => tap('undo', run.undoable?.stageId ?? '')}>
            {w.undoBackToTheLastStage}
          </Button>
        </p>
      )}
    </div>
  );
}
