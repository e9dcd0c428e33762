import { ingredientById, type CookRecord } from '@hammock/core';
import { useState } from 'react';
import { useCooks } from '../../stores/cooks.js';
import { measuresOf, useKitchen } from '../../stores/kitchen.js';
import { readMl } from '../../ui/AmountField.js';
import { showPour, showSalt } from '../../words/amounts.js';

/** The number again where it is needed, and what was really poured when it was something else. */
export function Poured({ cook }: { readonly cook: CookRecord }) {
  const setPoured = useCooks((s) => s.setPoured);
  const { cups, household } = useKitchen();
  const [typed, setTyped] = useState<string | undefined>(undefined);
  const measures = measuresOf(cups);
  const liquid = ingredientById(cook.answer.pour.ingredientId);
  const advised = showPour(cook.advisedMl, measures, household.metric);
  const salt = showSalt(cook.answer.salt.addG, measures);
  const shown = showPour(cook.pouredMl ?? cook.advisedMl, measures, household.metric).main;
  const wrong =
    typed !== undefined && readMl(typed, cook.input.cupMl ?? 240, liquid?.densityGPerMl ?? 1) === undefined;
  return (
    <div className="text-[1.3rem]">
      <p className="m-0">
        Pour <strong className="figures text-[2.4rem]">{advised.main}</strong> {liquid?.name.toLowerCase()} (
        {advised.other})
        {salt && (
          <>
            , <strong>{salt.main}</strong> fine salt{salt.other === '' ? '' : ` (${salt.other})`}
          </>
        )}
        . Stir once, taste.
      </p>
      <label className="mt-1 flex flex-wrap items-center gap-x-3">
        Poured
        <input
          className="changeable w-44"
          aria-label="What was really poured"
          aria-invalid={wrong}
          value={typed ?? shown}
          maxLength={40}
          onFocus={(e) => {
            setTyped(shown);
            e.currentTarget.select();
          }}
          onChange={(e) => {
            setTyped(e.currentTarget.value);
            const ml = readMl(e.currentTarget.value, cook.input.cupMl ?? 240, liquid?.densityGPerMl ?? 1);
            if (ml !== undefined) setPoured(cook.id, ml);
          }}
          onBlur={() => setTyped(undefined)}
        />
        {wrong && <span className="text-base text-ember">An amount, such as 3 cups or 700 ml.</span>}
      </label>
    </div>
  );
}
