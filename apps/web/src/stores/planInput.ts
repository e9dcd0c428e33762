import { readWaterTest, withMeasured, type OwnIngredient, type PlanInput } from '@hammock/core';
import type { DishSpec, IngredientRecord } from '@hammock/core/records';
import type { Draft } from './draftOf.js';
import type { KitchenLists } from './kitchenKept.js';

/** The plan the core is asked about: the draft in this household's pot, on its hob, at its altitude, by its cup. */
export function planInputOf(
  draft: Pick<Draft, 'spec' | 'vesselId' | 'hobId'>,
  kitchen: KitchenLists & { household: { altitudeM: number; roomC: number } },
): PlanInput {
  const cup = kitchen.cups.find((c) => c.kind === 'cup');
  const own = ownIn(draft.spec, kitchen.ingredients);
  return {
    ...draft.spec,
    ...equipmentOf(draft, kitchen),
    altitudeM: kitchen.household.altitudeM,
    roomC: kitchen.household.roomC,
    ...(own.length === 0 ? {} : { own }),
    ...(cup ? { cupMl: cup.ml } : {}),
  };
}

/** Pot and hob with what a water test has measured on the two together. */
function equipmentOf(
  { vesselId, hobId }: Pick<Draft, 'vesselId' | 'hobId'>,
  kitchen: KitchenLists & { household: { altitudeM: number; roomC: number } },
): Pick<PlanInput, 'vessel'> & Partial<Pick<PlanInput, 'hob'>> {
  const vessel = kitchen.vessels.find((v) => v.id === vesselId);
  const hob = kitchen.hobs.find((h) => h.id === hobId);
  // Without a pot the core says so at the field; the type only knows plans that have one.
  if (!vessel) return {} as Pick<PlanInput, 'vessel'>;
  const { diameterCm, volumeMl, lid, wall, kind } = vessel;
  const pot = { diameterCm, volumeMl, lid, wall, kind };
  if (!hob) return { vessel: pot };
  const ring = { kind: hob.kind, powerW: hob.powerW };
  const tests = kitchen.steamTests.filter((t) => t.vesselId === vesselId && t.hobId === hobId);
  const measured = tests.flatMap((test) => {
    const found = readWaterTest(test, pot, ring, kitchen.household);
    return 'problem' in found ? [] : [{ ...found, heat: test.heat }];
  });
  return withMeasured(pot, ring, measured);
}

/** The own ingredients this dish names, with all they are like. */
function ownIn(spec: DishSpec, kept: readonly IngredientRecord[]): readonly OwnIngredient[] {
  const found = new Map<string, OwnIngredient>();
  const take = (id: string | undefined): void => {
    const record = kept.find((r) => r.id === id);
    if (!record || found.has(record.id)) return;
    found.set(record.id, { ...record.figures, id: record.id, name: record.label });
    take(record.figures.like);
  };
  for (const { ingredientId } of spec.ingredients ?? []) take(ingredientId);
  take(spec.pourWith);
  take(spec.thenWith);
  return [...found.values()];
}
