import type { WorthMeasuring } from '@hammock/core';
import type { DishSpec } from '@hammock/core/records';
import { memo, useState } from 'react';
import { Link } from 'react-router';
import { useDraft } from '../../../stores/plan/draft.js';
import { Button } from '../../../ui/controls/Button.js';
import { NumberField } from '../../../ui/controls/NumberField.js';
import { inAHundred } from '../../../words/stove/potWords.js';
import * as w from '../../../words/screens/pourNumber.js';

/** The measurement that would gain most, done here; the others in a line. */
export const Measures = memo(function Measures({
  measures,
  base,
}: {
  readonly measures: readonly WorthMeasuring[];
  readonly base: DishSpec['base'];
}) {
  const [first, ...others] = measures.filter((m) => m.then - m.now >= 0.01);
  if (!first) return measures.length === 0 ? <p className="m-0">{w.whatCanBeMeasuredHas}</p> : null;
  return (
    <div>
      <h3 className="m-0 text-[1.05rem] font-bold">
        {w.in100ComeOutRightNot(MEASURE[first.act], inAHundred(first.then), inAHundred(first.now))}
      </h3>
      <Act measure={first} base={base} />
      {others.length > 0 && (
        <p className="m-0 text-faint">
          {w.then2(others.map((m) => `${MEASURE[m.act].toLowerCase()} (${inAHundred(m.then)})`).join(', '))}
        </p>
      )}
    </div>
  );
});

const MEASURE: Readonly<Record<WorthMeasuring['act'], string>> = {
  weighGrain: w.weighTheGrain,
  weighBase: w.weighTheBase,
  waterTest: w.measureTheBurnerWithWater,
};

function Act({ measure, base }: { readonly measure: WorthMeasuring; readonly base: DishSpec['base'] }) {
  const [g, setG] = useState(Number.NaN);
  if (measure.act === 'waterTest')
    return (
      <Link
        to="/kitchen/water-test"
        className="inline-flex min-h-12 items-center font-semibold underline decoration-husk decoration-2 underline-offset-4"
      >
        {w.weighAPotOfWaterTwice}
      </Link>
    );
  const good = g > 0;
  return (
    <form
      className="flex flex-wrap items-center gap-x-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (!good) return;
        const { setSpec, setGrain } = useDraft.getState();
        if (measure.act === 'weighGrain') setGrain({ g });
        else setSpec({ base: { ...base, weighsG: g } });
      }}
    >
      <NumberField label={w.onTheScale} place="before" unit="g" className="w-24" value={g} onChange={setG} />
      <Button type="submit" weight="plain" disabled={!good}>
        {w.useIt3}
      </Button>
    </form>
  );
}
