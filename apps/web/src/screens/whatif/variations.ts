import { completePlan, cooksClosed, plannedMin, scalePlan, type PlanInput, type Stage } from '@hammock/core';
import type { KitchenThings } from '../../stores/kitchen/kitchenThings.js';
import { planInputOf } from '../../stores/plan/learntPlan.js';
import type { Draft } from '../../stores/plan/draftOf.js';

/** One thing done otherwise. */
export interface Variation {
  readonly value: string;
  readonly label: string;
  readonly hint: string;
  /** The plan with it; undefined where this plan has nothing of the kind. */
  readonly make: () => PlanInput | undefined;
}

/** Everything the present plan can be varied by. */
export function variationsOf(input: PlanInput, draft: Draft, kitchen: KitchenThings): readonly Variation[] {
  const made = completePlan(input);
  const stages = made.ok ? made.value.stages : [];
  const soaked = (input.soakMin ?? 0) > 0;
  const edit = (
    test: (s: Stage) => boolean,
    change: (s: Stage) => Stage | undefined,
  ): PlanInput | undefined =>
    stages.some(test)
      ? { ...input, stages: stages.map((s) => (test(s) ? change(s) : s)).filter((s) => s !== undefined) }
      : undefined;
  const covered = (s: Stage): boolean => cooksClosed(s.act) && s.lid !== 'pressure';
  // Soak and toast shape the template, so the plan's own stages are left to be made anew.
  const { stages: _own, ...templated } = input;
  const one = (value: string, hint: string, label: string, make: Variation['make']): Variation => ({
    value,
    hint,
    label,
    make,
  });
  return [
    one('lid/off', 'lid', 'the lid left off', () => edit(covered, (s) => ({ ...s, lid: 'off' }))),
    one('lid/cloth', 'lid', 'a cloth under the lid', () => edit(covered, (s) => ({ ...s, lid: 'cloth' }))),
    one('heat/medium', 'heat', 'medium heat under the lid', () =>
      edit(covered, (s) => ({ ...s, heat: 'medium' })),
    ),
    one('heat/veryLow', 'heat', 'the very lowest heat under the lid', () =>
      edit(covered, (s) => ({ ...s, heat: 'veryLow' })),
    ),
    one('heat/spreader', 'heat', 'a heat-spreader under the pot', () =>
      edit(covered, (s) => ({ ...s, spreader: true })),
    ),
    one('time/longer', 'time', 'ten minutes longer under the lid', () =>
      edit(covered, (s) => lasting(s, 10)),
    ),
    one('time/shorter', 'time', 'five minutes less under the lid', () =>
      edit(covered, (s) => lasting(s, -5)),
    ),
    one('rest/none', 'time', 'no rest', () =>
      edit(
        (s) => s.act === 'rest',
        () => undefined,
      ),
    ),
    one('soak', 'grain', soaked ? 'no soak' : 'soaked half an hour', () => ({
      ...templated,
      wash: 'rinsed',
      soakMin: soaked ? 0 : 30,
    })),
    one('toast', 'grain', 'toasted to golden', () => ({ ...templated, toast: 'golden' })),
    one('altitude', 'place', 'two thousand metres up', () => ({ ...input, altitudeM: 2000 })),
    one('batch', 'amount', 'a double batch', () => (made.ok ? scalePlan(input, 2) : undefined)),
    ...kitchen.vessels
      .filter((v) => v.id !== draft.vesselId && v.kind === kindOf(input))
      .map((v) =>
        one(`vessel/${v.id}`, 'pot', `in the ${v.label}`, () =>
          planInputOf({ ...draft, vesselId: v.id }, kitchen),
        ),
      ),
  ].filter((v) => v.make() !== undefined);
}

/** A plan that was only begun has no pot yet. */
const kindOf = ({ vessel }: Partial<PlanInput>): string => vessel?.kind ?? 'pot';

const lasting = (s: Stage, by: number): Stage => ({
  ...s,
  end: { kind: 'minutes', minutes: Math.max(1, plannedMin(s) + by) },
});
