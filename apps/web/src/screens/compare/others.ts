import { METHOD_VESSEL, METHODS, RULES, scalePlan, type PlanInput } from '@hammock/core';
import type { DishSpec } from '@hammock/core/records';
import { planInputOf } from '../../stores/plan/learntPlan.js';
import type { Draft } from '../../stores/plan/draftOf.js';
import type { KitchenThings } from '../../stores/kitchen/kitchenThings.js';
import { textureName } from '../../words/plan/textureWords.js';
import { METHOD, RULE } from '../../words/words.js';

/** Another way to set beside the plan: its name in the list, and the plan it makes. */
export interface Other {
  readonly value: string;
  readonly label: string;
  readonly hint?: string;
}

/** Everything this plan can be set beside. */
export function othersFor(draft: Draft, kitchen: KitchenThings): readonly Other[] {
  const own = draft.spec.method ?? 'coveredAbsorption';
  return [
    ...METHODS.filter((m) => m !== own).map((m) => ({
      value: `method/${m}`,
      label: METHOD[m],
      hint: 'method',
    })),
    ...RULES.map((r) => ({ value: `rule/${r}`, label: RULE[r], hint: 'rule' })),
    ...kitchen.vessels
      .filter((v) => v.id !== draft.vesselId)
      .map((v) => ({ value: `vessel/${v.id}`, label: `in the ${v.label}`, hint: 'pot' })),
    ...kitchen.dishes
      .filter((d) => d.id !== draft.dishId)
      .map((d) => ({ value: `dish/${d.id}`, label: d.label, hint: 'dish' })),
    ...kitchen.methods.map((m) => ({ value: `own/${m.id}`, label: m.label, hint: 'your method' })),
    { value: 'times/2', label: 'twice as much', hint: 'scale' },
    { value: 'times/0.5', label: 'half as much', hint: 'scale' },
    { value: 'soak/30', label: 'soaked half an hour', hint: 'grain' },
    { value: 'soak/0', label: 'not soaked', hint: 'grain' },
    ...([1, 2, 3, 4, 5] as const).map((t) => ({
      value: `texture/${t.toString()}`,
      label: textureName(t),
      hint: 'texture',
    })),
  ];
}

/** The plan of one of them. */
export function inputOf(other: string, draft: Draft, kitchen: KitchenThings): PlanInput {
  const [kind = '', id = ''] = other.split('/');
  const { stages, timing, holdTo, ...plain } = draft.spec;
  const whole = (spec: DishSpec, vesselId = draft.vesselId): PlanInput =>
    planInputOf({ ...draft, spec, vesselId }, kitchen);
  const vesselFor = (method: DishSpec['method']): string | null =>
    kitchen.vessels.find((v) => v.id === draft.vesselId)?.kind ===
    METHOD_VESSEL[method ?? 'coveredAbsorption']
      ? draft.vesselId
      : (kitchen.vessels.find((v) => v.kind === METHOD_VESSEL[method ?? 'coveredAbsorption'])?.id ??
        draft.vesselId);
  switch (kind) {
    case 'method': {
      const method = METHODS.find((m) => m === id) ?? 'coveredAbsorption';
      return whole({ ...plain, method }, vesselFor(method));
    }
    case 'rule':
      return whole({ ...draft.spec, holdTo: RULES.find((r) => r === id) ?? 'oneToTwo' });
    case 'vessel':
      return whole(draft.spec, id);
    case 'dish': {
      const dish = kitchen.dishes.find((d) => d.id === id);
      return dish ? whole(dish.spec, vesselFor(dish.spec.method)) : whole(draft.spec);
    }
    case 'own': {
      const kept = kitchen.methods.find((m) => m.id === id);
      return kept
        ? whole({ ...plain, method: kept.method, stages: kept.stages }, vesselFor(kept.method))
        : whole(draft.spec);
    }
    case 'times':
      return scalePlan(whole(draft.spec), Number(id));
    case 'soak':
      return whole({ ...draft.spec, wash: 'rinsed', soakMin: Number(id) });
    default:
      return whole({ ...draft.spec, texture: Number(id) as 1 | 2 | 3 | 4 | 5 });
  }
}
