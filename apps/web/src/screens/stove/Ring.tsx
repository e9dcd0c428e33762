import type { HeatSetting } from '@hammock/core';
import { useState } from 'react';
import { heatOf, setRing, useReader, useReading } from '../../stores/kitchen/readings.js';
import { Button } from '../../ui/controls/Button.js';
import { HEAT } from '../../words/words.js';

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
        The ring is on <strong>{HEAT[is]}</strong>.
      </span>
      {is !== wanted && (
        <>
          <Button onClick={() => void setRing(hob.n, wanted).then((hasHeard) => setFailed(!hasHeard))}>
            Set it to {HEAT[wanted]}
          </Button>
          <Button weight="plain" onClick={() => onNote(is)}>
            It stays so: note it
          </Button>
        </>
      )}
      {failed && (
        <span role="alert" className="text-ember">
          The ring did not hear: turn it by hand.
        </span>
      )}
    </p>
  );
}
