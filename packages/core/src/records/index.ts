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
export type { Told } from '../learning/belief.js';
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
  PacketSize,
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
  sayingProblem,
  SAYINGS,
  TASTED,
  type SayingProblem,
} from '../compute/stove/saying.js';
export { addedBy, INSERTED } from '../compute/stove/edits.js';
export { isSaying, type SayingKind } from '../compute/stove/tap.js';
