import { useCooks } from '../../stores/cooks/cooks.js';
import { draftOf } from '../../stores/plan/draftOf.js';
import { useCore } from '../../stores/plan/core.js';
import { useKeptState } from '../../stores/session/persisted.js';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { useKitchenThings } from '../../stores/kitchen/kitchenThings.js';
import { potsOn } from '../../stores/cooks/onStove.js';
import { planInputOf } from '../../stores/plan/learntPlan.js';
import { usePlan } from '../../stores/plan/usePlan.js';
import type { Planned } from './meal.js';

/** Pots that are on and not judged yet. */
export function useOn() {
  const active = useCooks((s) => s.active);
  const others = useCooks((s) => s.others);
  return potsOn({ active, others }).filter((c) => c.outcome === null);
}

/** Dishes chosen to be made with it, besides the plan; none of them has a place in the plan itself. */
export const useAlso = () => useKeptState<readonly string[]>('meal.also', []);

/** What is still to be begun: the plan, unless a pot is on, and the dishes that are made with it. */
export function usePlanned(isOn: boolean) {
  const plan = usePlan();
  const [also] = useAlso();
  const dishes = useKitchen((s) => s.dishes);
  const kitchen = useKitchenThings();
  const engine = useCore();
  const planned: Planned[] = [];
  const counts = plan?.answer !== undefined && !isOn;
  if (plan?.answer && counts)
    planned.push({
      id: plan.draft.planId,
      label: plan.draft.label,
      answer: plan.answer,
      kind: plan.input.vessel.kind ?? 'pot',
      beside: plan.draft.spec.beside ?? [],
    });
  for (const dish of dishes.filter((d) => also.includes(d.id))) {
    const draft = draftOf(dish, null);
    const input = planInputOf(draft, kitchen);
    const found = engine?.answer(input);
    if (found?.ok)
      planned.push({
        id: dish.id,
        label: dish.label,
        answer: found.value,
        kind: input.vessel.kind ?? 'pot',
        beside: draft.spec.beside ?? [],
      });
  }
  return { planned, plan: counts ? plan : undefined };
}
