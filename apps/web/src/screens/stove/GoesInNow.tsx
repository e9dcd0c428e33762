import { grainById, type RunState } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { rowOf } from '../../stores/kitchen/ownLarder.js';
import { useMeasures, useMetric } from '../../stores/kitchen/units.js';
import { showAmountInput } from '../../words/measures/amounts.js';
import { goesInAt, type GoesIn } from '../../words/plan/goesIn.js';
import { named } from '../../words/plan/planText.js';
import * as w from '../../words/screens/stove.js';

const thing = (id: string) => grainById(id) ?? rowOf(id);

/** What goes in at this act with its amounts, what is in already, and what is still to come. */
export function GoesInNow({ cook, run }: { readonly cook: CookRecord; readonly run: RunState }) {
  const measures = useMeasures(cook.cupId);
  const metric = useMetric();
  const all = goesInAt(
    cook.input,
    run.stages.map((r) => r.stage),
  );
  const text = ({ ingredientId, amount, note }: GoesIn): string => {
    const row = thing(ingredientId);
    if (!row) return ingredientId;
    const shown = named(showAmountInput(amount, row, measures, metric), row.name.toLowerCase());
    return note === '' ? shown : `${shown}, ${note}`;
  };
  const now = all.filter((i) => i.at === run.current);
  const name = ({ ingredientId }: GoesIn): string => thing(ingredientId)?.name.toLowerCase() ?? ingredientId;
  const are = all.filter((i) => i.at < run.current);
  const come = all.filter((i) => i.at > run.current);
  if (all.length === 0) return null;
  return (
    <section aria-label={w.whatGoesIn} className="text-[1.15rem]">
      {now.length > 0 && (
        <ul className="m-0 grid list-none gap-x-6 p-0 sm:grid-cols-2" aria-label={w.inNow}>
          {now.map((i) => (
            <li key={i.ingredientId + JSON.stringify(i.amount)} className="py-0.5 font-semibold">
              {text(i)}
            </li>
          ))}
        </ul>
      )}
      {are.length > 0 && (
        <p className="m-0 text-faint" data-testid="in-already">
          {w.inWord(are.map((i) => `✓ ${name(i)}`).join(', '))}
        </p>
      )}
      {come.length > 0 && (
        <p className="m-0 text-faint" data-testid="to-come">
          {w.stillToCome(come.map(text).join(', '))}
        </p>
      )}
    </section>
  );
}
