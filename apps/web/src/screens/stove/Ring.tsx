import type { HeatSetting } from '@hammock/core';
import { useState } from 'react';
import { heatOf, setRing, useReader, useReading } from '../../stores/kitchen/readings.js';
import { Button } from '../../ui/controls/Button.js';
import { HEAT } from '../../words/words.js';
import * as w from '../../words/screens/stove.js';
import { Emphasis } from '../../ui/controls/Emphasis.js';

/**
 * Where the kitchen has a hob that answers: what its ring is on, set by a press to what this stage wants, or noted as it is. Nothing
 * sets it by itself.
 */
export function Ring({
  wanted,
  onNote,
}: {
  readonly wanted: HeatSetting;
  readonly onNote: (heat: HeatSetting) => void;
}) {
  const hob = useReader('hob');
  const now = useReading(hob);
  const [failed, setFailed] = useState(false);
  if (!hob || !now) return null;
  const is = heatOf(now.value);
  if (is === undefined) return null;
  return (
    <p className="m-0 mt-1 flex flex-wrap items-center gap-x-4" data-testid="ring">
      <span>
        <Emphasis text={w.theRingIsOn(HEAT[is])} />
      </span>
      {is !== wanted && (
        <>
          <Button onClick={() => void setRing(hob.n, wanted).then((hasHeard) => setFailed(!hasHeard))}>
            {w.setItTo(HEAT[wanted])}
          </Button>
          <Button weight="plain" onClick={() => onNote(is)}>
            {w.itStaysSoNoteIt}
          </Button>
        </>
      )}
      {failed && (
        <span role="alert" className="text-ember">
          {w.theRingDidNotHear}
        </span>
      )}
    </p>
  );
}
