import type {
  BagFields,
  BagRecord,
  CupFields,
  CupRecord,
  DishFields,
  DishRecord,
  HobFields,
  HobRecord,
  HouseholdRecord,
  IngredientFields,
  IngredientRecord,
  MethodFields,
  MethodRecord,
  SteamTestFields,
  SteamTestRecord,
  VesselFields,
  VesselRecord,
} from '@hammock/core/records';
import { array, looseObject, number, picklist, string } from 'valibot';

/** The kinds of thing a kitchen keeps, by the name of their list. */
export interface KitchenLists {
  readonly bags: readonly BagRecord[];
  readonly vessels: readonly VesselRecord[];
  readonly hobs: readonly HobRecord[];
  readonly cups: readonly CupRecord[];
  readonly dishes: readonly DishRecord[];
  readonly ingredients: readonly IngredientRecord[];
  readonly methods: readonly MethodRecord[];
  readonly steamTests: readonly SteamTestRecord[];
}
export type KitchenKind = keyof KitchenLists;

export interface KitchenFields {
  readonly bags: BagFields;
  readonly vessels: VesselFields;
  readonly hobs: HobFields;
  readonly cups: CupFields;
  readonly dishes: DishFields;
  readonly ingredients: IngredientFields;
  readonly methods: MethodFields;
  readonly steamTests: SteamTestFields;
}

export const KINDS: readonly KitchenKind[] = [
  'bags',
  'vessels',
  'hobs',
  'cups',
  'dishes',
  'ingredients',
  'methods',
  'steamTests',
];
/** Where each list lives at the server, where that is not its name. */
const PATHS: Partial<Record<KitchenKind, string>> = { steamTests: 'steam-tests' };
export const pathOf = (kind: KitchenKind): string => PATHS[kind] ?? kind;

export const NO_HOUSEHOLD: HouseholdRecord = {
  revision: 0,
  name: '',
  altitudeM: 0,
  roomC: 20,
  texture: 2,
  served: 'plain',
  metric: false,
};

const LIST = array(looseObject({ id: string(), label: string(), revision: number() }));
/** What this browser keeps of a kitchen; anything else is begun anew. */
export const KITCHEN_SHAPE = looseObject({
  household: looseObject({ altitudeM: number(), roomC: number(), texture: number(), revision: number() }),
  state: picklist(['empty', 'remembered', 'loaded']),
  ...Object.fromEntries(KINDS.map((kind) => [kind, LIST])),
});

/** What was kept before rows had revisions. */
export function kitchenWithRevisions(kept: Record<string, unknown>): unknown {
  const lists = KINDS.map((kind) => [
    kind,
    ((kept[kind] ?? []) as object[]).map((row) => ({ revision: 0, ...row })),
  ]);
  return {
    ...kept,
    household: { revision: 0, ...(kept['household'] as object) },
    ...Object.fromEntries(lists),
  };
}
