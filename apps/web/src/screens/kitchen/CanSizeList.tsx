import type { CanSize } from '@hammock/core/records';
import { useState } from 'react';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { rowOf } from '../../stores/kitchen/ownLarder.js';
import { forgetCanSize, rememberCanSize } from '../../stores/kitchen/canSizes.js';
import { Button } from '../../ui/controls/Button.js';
import { TakenAway } from '../../ui/sections/TakenAway.js';
import { whole } from '../../words/measures/numbers.js';
import * as w from '../../words/screens/kitchen.js';
import { Emphasis } from '../../ui/controls/Emphasis.js';

const nameOf = ({ ingredientId, packet }: CanSize): string =>
  w.oneOf(packet, (rowOf(ingredientId)?.name ?? ingredientId).toLowerCase());

/** What jars, tins and packets hold here, as it was asked once. */
export function CanSizeList() {
  const packets = useKitchen((s) => s.household.packets) ?? [];
  const [gone, setGone] = useState<CanSize>();
  if (packets.length === 0 && !gone) return null;
  return (
    <section className="hung" aria-labelledby="packets">
      <h2 id="packets" className="m-0 text-[1.35rem] font-bold">
        {w.jarsAndPackets}
      </h2>
      <ul className="m-0 list-none p-0">
        {packets.map((p) => (
          <li
            key={`${p.ingredientId}-${p.packet}`}
            className="flex items-center justify-between gap-4 border-b border-line py-1"
          >
            <span>
              <Emphasis text={w.holdsG(nameOf(p), whole(p.g))} />
            </span>
            <Button
              weight="plain"
              aria-label={w.forget(nameOf(p))}
              onClick={() => {
                forgetCanSize(p);
                setGone(p);
              }}
            >
              {w.forget2}
            </Button>
          </li>
        ))}
      </ul>
      {gone && (
        <TakenAway
          label={nameOf(gone)}
          onPutBack={() => {
            rememberCanSize(gone.ingredientId, gone.packet, gone.g);
            setGone(undefined);
          }}
        />
      )}
    </section>
  );
}
