import { useDraft } from '../../stores/plan/draft.js';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { useOutbox } from '../../stores/session/pendingWrites.js';

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
        <h1 className="text-3xl font-bold">Nothing to hang yet.</h1>
        <p>
          This device has not met the server before, and it is not answering. As soon as it does, your kitchen
          is here.
        </p>
      </section>
    );
  }
  if (state === 'empty' || dish) {
    return (
      <section aria-busy>
        <h1 className="text-3xl font-bold">Looking into the kitchen …</h1>
        {dish && (
          <button type="button" className="changeable" onClick={() => chooseDish(dish)}>
            Start with {dish.label}
          </button>
        )}
      </section>
    );
  }
  return (
    <section>
      <h1 className="text-3xl font-bold">No dish yet.</h1>
      <p>Every dish has been removed. Put one back under Dishes.</p>
    </section>
  );
}
