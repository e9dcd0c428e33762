import { soakedFor, statesOf, type Ingredient, type IngredientInput } from '@hammock/core';
import { useDraft } from '../../../stores/plan/draft.js';
import { rowOf } from '../../../stores/kitchen/ownLarder.js';
import { AmountField } from '../../../ui/controls/AmountField.js';
import { NumberField } from '../../../ui/controls/NumberField.js';
import { Pick } from '../../../ui/controls/Pick.js';
import { earlyOptions, placed, placeOf, placeOptions, type Place } from '../places.js';
import * as w from '../../../words/screens/pourGoesIn.js';

/** One thing that goes in: how much, how far it is cooked or where it joins, and how long a pulse was soaked. */
export function GoesInRow({
  item,
  i,
  places,
  shown,
  problem,
}: {
  readonly item: IngredientInput;
  readonly i: number;
  readonly places: readonly Place[];
  readonly shown: (row: Ingredient) => string;
  readonly problem: string;
}) {
  // Actions never change; listening to the whole draft would draw this list at every keystroke anywhere.
  const { setIngredient, removeIngredient } = useDraft.getState();
  const row = rowOf(item.ingredientId);
  if (!row) return null;
  const states = statesOf(row);
  const early = earlyOptions(places);
  const isEarly = early.some((o) => o.value === item.joins);
  const isSoaked = item.soakMin !== undefined || item.state === 'soaked';
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_3rem] items-center gap-x-2 border-b border-line py-1 sm:grid-cols-[minmax(6rem,1fr)_auto_3rem]">
      <span className="leading-tight">
        {row.name}
        {(item.note ?? '') !== '' && <span className="text-faint">, {item.note}</span>}
      </span>
      <span className="order-3 col-span-2 flex flex-wrap items-start gap-x-4 sm:order-2 sm:col-span-1 sm:justify-end">
        <AmountField
          label={w.amountOf(row.name)}
          shown={shown(row)}
          onChange={(amount) => setIngredient(i, { amount })}
          problem={problem === '' ? undefined : problem}
        />
        <Pick
          label={w.howGoesIn(row.name)}
          value={placeOf(item.soakMin === undefined ? item : { ...item, state: 'soaked' }, states, places)}
          options={placeOptions(row, states, places)}
          onChange={(place) => {
            const [change, drop] = placed(place, isEarly);
            // Dry is dry, however long it was said to soak.
            setIngredient(i, change, 'state' in change ? [...drop, 'soakMin'] : drop);
          }}
        />
        {isEarly && early.length > 1 && (
          <Pick
            label={w.whenGoesIn(row.name)}
            value={item.joins}
            options={early}
            onChange={(joins) => setIngredient(i, { joins })}
          />
        )}
        {isSoaked && soakedFor(row, 0) !== undefined && (
          <NumberField
            place="unseen"
            label={w.soakOf(row.name)}
            unit="min"
            className="w-16 text-right"
            value={item.soakMin}
            onChange={(soakMin) => Number.isFinite(soakMin) && setIngredient(i, { soakMin })}
            onEmpty={() => setIngredient(i, { state: 'soaked' }, ['soakMin'])}
          />
        )}
      </span>
      <button
        type="button"
        className="order-2 size-12 text-xl sm:order-3"
        aria-label={w.leaveOut(row.name)}
        onClick={() => removeIngredient(i)}
      >
        ×
      </button>
    </li>
  );
}
