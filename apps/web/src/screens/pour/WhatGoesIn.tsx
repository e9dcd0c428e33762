import { INGREDIENTS, ingredientById, statesOf, type IngredientInput, type State } from '@hammock/core';
import { memo, useMemo } from 'react';
import { useDraft } from '../../stores/draft.js';
import { measuresOf, useKitchen } from '../../stores/kitchen.js';
import { AmountField } from '../../ui/AmountField.js';
import { Pick } from '../../ui/Pick.js';
import { showAmountInput } from '../../words/amounts.js';
import { STATE } from '../../words/words.js';

const CHOICES = [...INGREDIENTS]
  .sort((a, b) => a.name.localeCompare(b.name))
  .map((i) => ({ value: i.id, label: i.name }));
const POURABLE = INGREDIENTS.filter((i) => i.behaves === 'liquid' || i.behaves === 'coconutMilk').map(
  (i) => ({ value: i.id, label: i.name.toLowerCase() }),
);

export interface WhatGoesInProps {
  readonly ingredients: readonly IngredientInput[] | undefined;
  readonly pourWith: string | undefined;
  /** What is wrong with each, one line per ingredient; empty when nothing is. */
  readonly problems: string;
}

function PlainWhatGoesIn({ ingredients, pourWith, problems }: WhatGoesInProps) {
  const cups = useKitchen((s) => s.cups);
  const measures = useMemo(() => measuresOf(cups), [cups]);
  const metric = useKitchen((s) => s.household.metric);
  // Actions never change; listening to the whole draft would draw this list at every keystroke anywhere.
  const { setIngredient, addIngredient, removeIngredient, setSpec } = useDraft.getState();
  const list = ingredients ?? [];
  const wrong = problems.split('\n');
  return (
    <section className="hung" aria-labelledby="goes-in">
      <h2 id="goes-in" className="m-0 text-[1.35rem] font-bold">
        What goes in
      </h2>
      <ul className="m-0 mt-1 list-none p-0">
        {list.map((item, i) => {
          const row = ingredientById(item.ingredientId);
          if (!row) return null;
          const states = statesOf(row);
          return (
            <li
              key={`${item.ingredientId}-${i.toString()}`}
              className="grid grid-cols-[minmax(0,1fr)_3rem] items-center gap-x-2 border-b border-line py-1 sm:grid-cols-[minmax(6rem,1fr)_auto_3rem]"
            >
              <span className="leading-tight">{row.name}</span>
              <span className="order-3 col-span-2 flex flex-wrap items-start gap-x-4 sm:order-2 sm:col-span-1 sm:justify-end">
                <AmountField
                  label={`Amount of ${row.name}`}
                  shown={showAmountInput(item.amount, row, measures, metric)}
                  onChange={(amount) => setIngredient(i, { amount })}
                  problem={wrong[i] === '' ? undefined : wrong[i]}
                />
                {states.length > 1 && (
                  <Pick<State>
                    label={`How far ${row.name} is cooked`}
                    value={item.state ?? states[0]}
                    options={states.map((s) => ({ value: s, label: STATE[s] }))}
                    onChange={(state) => setIngredient(i, { state })}
                  />
                )}
              </span>
              <button
                type="button"
                className="order-2 size-12 text-xl sm:order-3"
                aria-label={`Leave out ${row.name}`}
                onClick={() => removeIngredient(i)}
              >
                ×
              </button>
            </li>
          );
        })}
      </ul>
      <p className="mt-2 mb-0">
        <Pick
          key={list.length}
          label="Add something"
          value={undefined}
          placeholder="add something"
          options={CHOICES}
          onChange={(ingredientId) => addIngredient({ ingredientId, amount: usualAmount(ingredientId) })}
        />{' '}
        and pour{' '}
        <Pick
          label="What is poured"
          value={pourWith ?? 'water'}
          options={POURABLE}
          onChange={(pourWith) => setSpec({ pourWith })}
        />
      </p>
    </section>
  );
}

/**
 * Everything but the grain: how much and how far it is cooked; and what is poured. Problems come as one text so
 * that typing an amount elsewhere does not draw the list again.
 */
export const WhatGoesIn = memo(PlainWhatGoesIn);

/** One of it where it comes in ones, else a hundred grams, to be changed at once. */
function usualAmount(id: string): { count: number } | { g: number } {
  const row = ingredientById(id);
  if (row?.units[0]) return { count: 1 };
  return { g: row?.behaves === 'dry' ? 5 : 100 };
}
