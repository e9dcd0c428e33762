import { openQuestion, type OpenWay, type PlanInput } from '@hammock/core';
import { useMemo } from 'react';
import { useDraft } from '../../../stores/plan/draft.js';
import { Button } from '../../../ui/controls/Button.js';
import { HEAT } from '../../../words/words.js';
import * as w from '../../../words/screens/pourNumber.js';

/** What nobody said of the open boil, asked before the number is called good: one press answers it. */
export function OpenBoil({ input }: { readonly input: PlanInput }) {
  const asked = useMemo(() => openQuestion(input), [input]);
  if (!asked) return null;
  const { of, counted, ways, stageId } = asked;
  const say = ({ heat, minutes }: OpenWay): void => {
    const { draft, setSpec } = useDraft.getState();
    const spec = draft?.spec;
    if (!spec) return;
    const timing =
      of === 'heat' ? { ...spec.timing, openBoilHeat: heat } : { ...spec.timing, openBoilMin: minutes };
    const stages = spec.stages?.map((s) =>
      s.id !== stageId
        ? s
        : of === 'heat'
          ? { ...s, heat }
          : s.end.kind === 'minutes'
            ? { ...s, end: { ...s.end, minutes } }
            : s,
    );
    setSpec({ timing, ...(stages ? { stages } : {}) });
  };
  return (
    <div className="border-l-4 border-husk pl-3" data-testid="open-question">
      <p className="m-0 font-semibold">{of === 'heat' ? w.howHotOpen : w.howLongOpen}</p>
      <p className="m-0 flex flex-wrap items-center gap-x-4">
        {ways.map((way) => {
          const isCounted = way.heat === counted.heat && way.minutes === counted.minutes;
          const name = of === 'heat' ? HEAT[way.heat] : w.minutesOpen(way.minutes);
          return (
            <Button key={`${way.heat}${way.minutes.toString()}`} weight="plain" onClick={() => say(way)}>
              {w.openWay(name, Math.round(way.ml / 5) * 5, isCounted)}
            </Button>
          );
        })}
      </p>
    </div>
  );
}
