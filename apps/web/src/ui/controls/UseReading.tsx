import { useState } from 'react';
import { useReader, useReading, zeroScale } from '../../stores/kitchen/readings.js';
import * as w from '../../words/ui/controls.js';

/** What an instrument is asked by, and how what it reads is shown. */
const OF = {
  scale: {
    use: w.useTheScale,
    silent: w.theScale,
    show: (g: number) => `${Math.round(g).toString()} g`,
  },
  thermometer: {
    use: w.useTheProbe,
    silent: w.theProbe,
    show: (c: number) => `${c.toFixed(1)} °C`,
  },
} as const;

/** Where the kitchen has such an instrument that answers: what it reads, taken by a press. Without one there is nothing. */
export function UseReading({
  from,
  onTake,
}: {
  readonly from: keyof typeof OF;
  readonly onTake: (value: number) => void;
}) {
  const reader = useReader(from);
  const [open, setOpen] = useState(false);
  if (!reader) return null;
  if (!open)
    return (
      <button
        type="button"
        className="min-h-12 px-1 font-semibold underline decoration-husk decoration-2 underline-offset-4"
        onClick={() => setOpen(true)}
      >
        {OF[from].use}
      </button>
    );
  return (
    <Now
      from={from}
      reader={reader}
      onTake={(value) => {
        onTake(value);
        setOpen(false);
      }}
    />
  );
}

function Now({
  from,
  reader,
  onTake,
}: {
  readonly from: keyof typeof OF;
  readonly reader: NonNullable<ReturnType<typeof useReader>>;
  readonly onTake: (value: number) => void;
}) {
  const now = useReading(reader);
  const { silent, show } = OF[from];
  return (
    <span className="inline-flex flex-wrap items-center gap-2" data-testid={from}>
      <strong className={`tabular-nums ${now?.steady === true ? '' : 'text-faint'}`}>
        {now === undefined ? silent : show(now.value)}
      </strong>
      <button
        type="button"
        className="min-h-12 rounded-b-2xl border-2 border-ink px-4 font-semibold disabled:opacity-45"
        disabled={now?.steady !== true}
        onClick={() => now && onTake(now.value)}
      >
        {w.takeIt}
      </button>
      {from === 'scale' && (
        <button
          type="button"
          className="min-h-12 px-1 underline decoration-husk decoration-2 underline-offset-4"
          onClick={() => zeroScale(reader.n)}
        >
          {w.zero}
        </button>
      )}
    </span>
  );
}
