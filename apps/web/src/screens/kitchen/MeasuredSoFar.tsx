import { useState } from 'react';
import type { SteamTestRecord } from '@hammock/core/records';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { fieldsOf } from '../../stores/kitchen/kitchenRows.js';
import { Button } from '../../ui/controls/Button.js';
import { TakenAway } from '../../ui/sections/TakenAway.js';
import { whole } from '../../words/measures/numbers.js';
import * as w from '../../words/screens/kitchen.js';

/** The water tests there are; each can be taken away and put back. */
export function MeasuredSoFar() {
  const steamTests = useKitchen((s) => s.steamTests);
  const keep = useKitchen((s) => s.keep);
  const remove = useKitchen((s) => s.remove);
  const [gone, setGone] = useState<SteamTestRecord | undefined>(undefined);
  if (steamTests.length === 0 && !gone) return null;
  return (
    <section className="hung" aria-labelledby="tests">
      <h2 id="tests" className="m-0 text-[1.35rem] font-bold">
        {w.measuredSoFar}
      </h2>
      {gone && !steamTests.some((t) => t.id === gone.id) && (
        <TakenAway
          label={gone.label}
          onPutBack={() => {
            keep('steamTests', gone.id, fieldsOf(gone));
            setGone(undefined);
          }}
        />
      )}
      <ul className="m-0 list-none p-0">
        {steamTests.map((t) => (
          <li key={t.id} className="flex items-center justify-between gap-4 border-b border-line py-1">
            <span>
              {w.gCoveredInMinG(t.label, whole(t.coveredLossG), t.coveredMin, whole(t.openLossG), t.openMin)}
            </span>
            <Button
              weight="plain"
              className="shrink-0"
              aria-label={w.remove5(t.label)}
              onClick={() => {
                setGone(t);
                remove('steamTests', t.id);
              }}
            >
              {w.remove2}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
