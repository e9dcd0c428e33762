import { isUnderLid, type Stage } from '@hammock/core';
import { Tick } from '../../ui/controls/Tick.js';
import * as w from '../../words/screens/method.js';

/** What stands under the pot, around it or on it. */
export function Extras({
  stage,
  onChange,
}: {
  readonly stage: Stage;
  readonly onChange: (change: Partial<Stage>) => void;
}) {
  const covered = isUnderLid(stage.act) || stage.act === 'rest';
  if (!covered) return null;
  return (
    <>
      {stage.act === 'rest' ? (
        <Tick words="wrapped up" on={stage.insulated} onChange={(insulated) => onChange({ insulated })} />
      ) : (
        <Tick words="over a spreader" on={stage.spreader} onChange={(spreader) => onChange({ spreader })} />
      )}
      {stage.lid !== 'off' && (
        <Tick
          words="coals or grill above"
          on={stage.fromAbove}
          onChange={(fromAbove) => onChange({ fromAbove })}
        />
      )}
      {stage.fromAbove === true && <span className="basis-full text-faint">{w.howMuchOfThatHeat}</span>}
    </>
  );
}
