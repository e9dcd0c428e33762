import { useEffect, useState } from 'react';
import { hearScale, lookForScale, useScale, zeroScale, type ScaleReading } from '../stores/scale.js';

/** Steady readings in a row before a weight is offered as one: a door that slams is none. */
const STEADY = 2;

/** Where the kitchen has a scale that answers: what it reads, taken by a press. Without one there is nothing. */
export function UseScale({ onTake }: { readonly onTake: (g: number) => void }) {
  const scale = useScale((s) => s.scale);
  const [open, setOpen] = useState(false);
  useEffect(() => void lookForScale(), []);
  if (!scale) return null;
  if (!open)
    return (
      <button
        type="button"
        className="min-h-12 px-1 font-semibold underline decoration-husk decoration-2 underline-offset-4"
        onClick={() => setOpen(true)}
      >
        Use the scale
      </button>
    );
  return (
    <Reading
      n={scale.n}
      onTake={(g) => {
        onTake(g);
        setOpen(false);
      }}
    />
  );
}

function Reading({ n, onTake }: { readonly n: number; readonly onTake: (g: number) => void }) {
  const [now, setNow] = useState<ScaleReading & { readonly row: number }>();
  useEffect(
    () =>
      hearScale(n, (reading) =>
        setNow((before) => ({
          ...reading,
          row:
            reading.steady && Math.abs(reading.value - (before?.value ?? NaN)) <= 2
              ? (before?.row ?? 0) + 1
              : 0,
        })),
      ),
    [n],
  );
  const steady = now !== undefined && now.row >= STEADY;
  return (
    <span className="inline-flex flex-wrap items-center gap-2" data-testid="scale">
      <strong className={`tabular-nums ${steady ? '' : 'text-faint'}`}>
        {now === undefined ? 'the scale …' : `${Math.round(now.value).toString()} g`}
      </strong>
      <button
        type="button"
        className="min-h-12 rounded-b-2xl border-2 border-ink px-4 font-semibold disabled:opacity-45"
        disabled={!steady}
        onClick={() => now && onTake(now.value)}
      >
        Take it
      </button>
      <button
        type="button"
        className="min-h-12 px-1 underline decoration-husk decoration-2 underline-offset-4"
        onClick={() => zeroScale(n)}
      >
        Zero
      </button>
    </span>
  );
}
