import { stagesWith, type MissingAct, type Stage } from '@hammock/core';
import { useDraft } from '../../../stores/plan/draft.js';
import { Button } from '../../../ui/controls/Button.js';
import { changeText, inAHundred } from '../../../words/stove/potWords.js';
import * as w from '../../../words/screens/pourNumber.js';

/** The one act this plan lacks: said before any other pour, with what it gains, and taken with a press. */
export function Missing({
  missing: { change, now, then },
  stages,
}: {
  readonly missing: MissingAct;
  readonly stages: readonly Stage[];
}) {
  const next = stagesWith(change, stages);
  return (
    <div data-testid="missing-act">
      <h3 className="m-0 text-[1.05rem] font-bold">{w.first(changeText(change, stages, () => ''))}</h3>
      <p className="m-0">{w.thenTheBestPourComes(inAHundred(then), inAHundred(now))}</p>
      {next && (
        <Button weight="quiet" className="mt-1" onClick={() => useDraft.getState().setSpec({ stages: next })}>
          {w.putItIntoTheStages}
        </Button>
      )}
    </div>
  );
}
