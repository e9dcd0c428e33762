import type { HobSpec, VesselSpec } from '../../basics/heat/equipment.js';
import { readWaterTest, withMeasured, type WaterTest } from '../../basics/heat/waterTest.js';
import type { Amylose } from '../../basics/larder/grain.js';
import type { OwnIngredient } from '../../basics/larder/own.js';
import type { PlanInput } from '../input/planInput.js';

/** A dish is a plan without a pot. */
export type DishSpec = Omit<
  PlanInput,
  | 'vessel'
  | 'hob'
  | 'altitudeM'
  | 'roomC'
  | 'cupMl'
  | 'amylose'
  | 'fingerMm'
  | 'softerSteps'
  | 'learntPoints'
  | 'learntSpread'
>;

/** What a household has that a plan is made with, each thing as it is kept. */
export interface HouseholdThings {
  /** The pot; without one the plan is refused at its field. */
  readonly vessel: (VesselSpec & { readonly id: string }) | undefined;
  readonly hob: (HobSpec & { readonly id: string }) | undefined;
  /** The bag the grain is from; an ordinary one without. */
  readonly bag?: { readonly amylose?: Amylose | null } | undefined;
  /** The cup that "cups" mean; a plan's usual one without. */
  readonly cup: { readonly ml: number } | undefined;
  /** Every water test; those of this pot on this hob are read. */
  readonly steamTests: readonly (WaterTest & { readonly vesselId: string; readonly hobId: string })[];
  /** Every own ingredient; those the dish names are taken, with all they are like. */
  readonly ingredients: readonly {
    readonly id: string;
    readonly label: string;
    readonly figures: Omit<OwnIngredient, 'id' | 'name'>;
  }[];
  readonly place: {
    readonly altitudeM: number;
    readonly roomC: number;
    readonly fingerMm?: number | null;
    readonly softerSteps?: number | null;
  };
}

/**
 * The plan that the core is asked about: a dish in a household's pot, on its hob, at its altitude, by its cup. The
 * same on every device and on the server.
 * @param spec the dish
 * @param things the household's; not changed
 * @returns a plan; whether it can be answered is for `answer` to say
 * @example householdPlan(dish, things).cupMl // 240
 */
export function householdPlan(spec: DishSpec, things: HouseholdThings): PlanInput {
  const own = ownIn(spec, things.ingredients);
  return {
    ...spec,
    ...equipmentOf(things),
    altitudeM: things.place.altitudeM,
    roomC: things.place.roomC,
    ...(things.place.fingerMm == null ? {} : { fingerMm: things.place.fingerMm }),
    ...(things.place.softerSteps ? { softerSteps: things.place.softerSteps } : {}),
    ...(things.bag?.amylose == null ? {} : { amylose: things.bag.amylose }),
    ...(own.length === 0 ? {} : { own }),
    ...(things.cup ? { cupMl: things.cup.ml } : {}),
  };
}

/** Pot and hob with what a water test has measured on the two together. */
function equipmentOf({ vessel, hob, steamTests, place }: HouseholdThings): Pick<PlanInput, 'vessel' | 'hob'> {
  // Without a pot the core says so at the field; the type only knows plans that have one.
  if (!vessel) return {} as Pick<PlanInput, 'vessel'>;
  const { diameterCm, volumeMl, lid, wall, kind, nonStick } = vessel;
  const pot = { diameterCm, volumeMl, lid, wall, kind, ...(nonStick === true ? { nonStick } : {}) };
  if (!hob) return { vessel: pot };
  const ring = { kind: hob.kind, powerW: hob.powerW };
  const tests = steamTests.filter((t) => t.vesselId === vessel.id && t.hobId === hob.id);
  const measured = tests.flatMap((test) => {
    const found = readWaterTest(test, pot, ring, place);
    return 'problem' in found ? [] : [{ ...found, heat: test.heat }];
  });
  return withMeasured(pot, ring, measured);
}

/** The own ingredients this dish names, with all they are like. */
function ownIn(spec: DishSpec, kept: HouseholdThings['ingredients']): readonly OwnIngredient[] {
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
