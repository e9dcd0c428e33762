export { judgedPot, tapsOf } from './judged.js';
export { mergeFields, sameValue, type Fields, type Merged, type MergeInput } from './merge.js';
export {
  COUNTS,
  HELPED,
  outcomeSaid,
  type BaseSeen,
  type Counts,
  type Helped,
  type OutcomeRecord,
  type Verdict,
} from './outcome.js';
export { GUESTS } from '../learning/hidden.js';
export type { Override } from '../learning/belief.js';
export type {
  AnswerReply,
  BagFields,
  BagRecord,
  Changed,
  ChangesReply,
  Choices,
  CookLine,
  CookRecord,
  CookSaid,
  CourseReply,
  CupFields,
  CupRecord,
  DishFields,
  DishRecord,
  DishSpec,
  DishUseRecord,
  HobFields,
  HobRecord,
  HouseholdFields,
  HouseholdRecord,
  CanSize,
  IngredientFields,
  IngredientRecord,
  KeptRecord,
  MethodFields,
  MethodRecord,
  PlanFields,
  PlanRecord,
  SteamTestFields,
  SteamTestRecord,
  TapRecord,
  VesselFields,
  VesselRecord,
} from './records.js';
export {
  LONGEST_NOTE,
  LOOKED,
  observationProblem,
  OBSERVATIONS,
  type ObservationProblem,
} from '../compute/stove/observation.js';
export { addedBy, INSERTED } from '../compute/stove/edits.js';
export { isObservation, type ObservationKind } from '../compute/stove/tapEffects.js';
export { TASTED } from '../basics/grain/texture.js';
