import { useDraft } from '../../stores/plan/draft.js';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { useOutbox } from '../../stores/session/pendingWrites.js';
import * as w from '../../words/screens/pour.js';

/** Before anything is known: loading, an empty kitchen, or nobody there. */
export function NoPlan() {
  const reachable = useOutbox((s) => s.reachable);
  const state = useKitchen((s) => s.state);
  const dishes = useKitchen((s) => s.dishes);
  const chooseDish = useDraft((s) => s.chooseDish);
  const [dish] = dishes;
  if (state === 'empty' && !reachable) {
    return (
      <section>
        <h1 className="text-3xl font-bold">{w.nothingToHangYet}</h1>
        <p>{w.thisDeviceHasNotMet}</p>
      </section>
    );
  }
  if (state === 'empty' || dish) {
    return (
      <section aria-busy>
        <h1 className="text-3xl font-bold">{w.lookingIntoTheKitchen}</h1>
        {dish && (
          <button type="button" className="changeable" onClick={() => chooseDish(dish)}>
            {w.startWith(dish.label)}
          </button>
        )}
      </section>
    );
  }
  return (
    <section>
      <h1 className="text-3xl font-bold">{w.noDishYet}</h1>
      <p>{w.everyDishHasBeenRemoved}</p>
    </section>
  );
}
