import { GRAINS, grainById, RANGES } from '@hammock/core';
import { Button } from '../../ui/controls/Button.js';
import { NumberField } from '../../ui/controls/NumberField.js';
import { ChoiceInput } from './inputs.js';
import { whole } from '../../words/measures/numbers.js';
import { useKeptState } from '../../stores/session/persisted.js';
import * as w from '../../words/screens/kitchen.js';

const GRAIN_WORDS = Object.fromEntries(GRAINS.map((g) => [g.id, g.name]));

/** A cup nobody knows the size of: so many of it weigh so much of a grain. */
export function CupByWeighing({ onFound }: { readonly onFound: (ml: number) => void }) {
  const [open, setOpen] = useKeptState('cup.open', false);
  const [count, setCount] = useKeptState('cup.count', 2);
  const [grams, setGrams] = useKeptState('cup.grams', Number.NaN);
  const [grainId, setGrain] = useKeptState('cup.grain', 'longGrainWhite');
  const grain = grainById(grainId);
  const ml = grain ? grams / count / grain.densityGPerMl : Number.NaN;
  const { least, most } = RANGES.cupMl;
  const possible = ml >= least && ml <= most;
  if (!open) {
    return (
      <Button weight="plain" className="justify-start" onClick={() => setOpen(true)}>
        {w.sizeNotKnownWeighIt}
      </Button>
    );
  }
  return (
    <fieldset className="m-0 flex flex-col gap-2 border-2 border-line p-3">
      <legend>{w.weighedWithGrain}</legend>
      <NumberField label={w.soManyOfIt} unit={w.cups} value={count} onChange={setCount} />
      <NumberField
        label={w.weighTogether}
        unit="g"
        value={grams}
        onChange={setGrams}
        problem={Number.isFinite(grams) && !possible ? w.thatWouldBeACup(whole(ml)) : undefined}
      />
      <ChoiceInput label={w.of} value={grainId} words={GRAIN_WORDS} onChange={setGrain} />
      <Button
        disabled={!possible}
        onClick={() => {
          onFound(Math.round(ml * 10) / 10);
          setOpen(false);
        }}
      >
        {possible ? w.itHoldsMl(whole(ml)) : w.itHolds}
      </Button>
    </fieldset>
  );
}
