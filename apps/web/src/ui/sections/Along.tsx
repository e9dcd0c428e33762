import type { Answer, PlanInput } from '@hammock/core';
import { grainById } from '@hammock/core';
import { rowOf } from '../../stores/kitchen/ownLarder.js';
import { useMeasures, useUnit } from '../../stores/kitchen/units.js';
import { planSheet } from '../../words/plan/planText.js';
import { TakeAlong } from './TakeAlong.js';

/** A plan with its answer, to be taken along as this kitchen measures it. */
export function Along({
  label,
  input,
  answer,
  cupId,
}: {
  readonly label: string;
  readonly input: PlanInput;
  readonly answer: Answer;
  readonly cupId: string | null | undefined;
}) {
  const measures = useMeasures(cupId);
  const unit = useUnit();
  return (
    <TakeAlong
      plan={{ label, input }}
      stages={answer.stages}
      sheet={planSheet({
        label,
        input,
        answer,
        measures,
        unit,
        rowOf: (id) => grainById(id) ?? rowOf(id),
      })}
    />
  );
}
