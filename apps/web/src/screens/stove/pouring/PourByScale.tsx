import { useState } from 'react';
import { useReader, useReading } from '../../../stores/kitchen/readings.js';
import { Button } from '../../../ui/controls/Button.js';
import * as w from '../../../words/screens/stovePouring.js';

/** Where the kitchen has a scale that answers and the pot stands on it: what has been poured, while it is poured. */
export function PourByScale({
  wantedMl,
  gPerMl,
  show,
  onPoured,
}: {
  readonly wantedMl: number;
  /** Density of what is poured, g/ml. */
  readonly gPerMl: number;
  readonly show: (ml: number) => string;
  readonly onPoured: (ml: number) => void;
}) {
  const scale = useReader('scale');
  const [open, setOpen] = useState(false);
  if (!scale) return null;
  if (!open)
    return (
      <Button weight="plain" className="min-h-14 text-[1.05rem]" onClick={() => setOpen(true)}>
        {w.weighItAsYouPour}
      </Button>
    );
  return (
    <Pouring
      scale={scale}
      mlOf={(g) => g / gPerMl}
      wantedMl={wantedMl}
      show={show}
      onDone={(ml) => {
        if (ml !== undefined) onPoured(ml);
        setOpen(false);
      }}
    />
  );
}

/** Lighter than it began by more than this, g: the pot was lifted off. */
const LIFTED_G = 20;

function Pouring({
  scale,
  mlOf,
  wantedMl,
  show,
  onDone,
}: {
  readonly scale: NonNullable<ReturnType<typeof useReader>>;
  readonly mlOf: (g: number) => number;
  readonly wantedMl: number;
  readonly show: (ml: number) => string;
  readonly onDone: (ml?: number) => void;
}) {
  const now = useReading(scale);
  const [fromG, setFromG] = useState<number>();
  const isSteady = now?.steady === true;
  // What stands there when it first stands still is the pot before the pour.
  if (isSteady && fromG === undefined) setFromG(now.value);
  const ml = now && fromG !== undefined ? mlOf(now.value - fromG) : undefined;
  const isLifted = now !== undefined && fromG !== undefined && now.value < fromG - LIFTED_G;
  return (
    <div className="flex w-full flex-wrap items-center gap-x-4 gap-y-2 bg-raised p-3" data-testid="pouring">
      {ml === undefined && <p className="m-0">{w.putThePotOnThe}</p>}
      {ml !== undefined && isLifted && <p className="m-0">{w.thePotIsOffThe}</p>}
      {ml !== undefined && !isLifted && (
        <p className="m-0">
          {w.poured}{' '}
          <strong className="figures text-[2.4rem]">{Math.max(0, Math.round(ml)).toString()} ml</strong>{' '}
          {w.of(Math.round(wantedMl))}
          {ml > wantedMl * 1.02 && <strong className="text-ember">{w.tooMuch(show(ml - wantedMl))}</strong>}
        </p>
      )}
      <progress
        className="h-3 min-w-40 flex-1 accent-husk"
        aria-label={w.pouredSoFar}
        max={wantedMl}
        value={Math.min(wantedMl, Math.max(0, ml ?? 0))}
      />
      <span className="flex flex-wrap gap-2">
        <Button disabled={!isSteady || ml === undefined || isLifted || ml < 1} onClick={() => onDone(ml)}>
          {w.thatIsPoured}
        </Button>
        <Button weight="plain" disabled={!isSteady} onClick={() => now && setFromG(now.value)}>
          {w.fromHere}
        </Button>
        <Button weight="plain" onClick={() => onDone()}>
          {w.leaveIt}
        </Button>
      </span>
    </div>
  );
}
