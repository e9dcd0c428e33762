export { deepFreeze, fail, ok, type Result } from './result.js';

export { UNITS, unitById, unitSize, type Unit, type UnitId, type UnitKind } from './measures/units.js';
export {
  LARGEST_AMOUNT,
  parseAmount,
  type AmountError,
  type AmountErrorCode,
  type AmountPart,
  type ParsedAmount,
  type ParseOptions,
} from './measures/parseAmount.js';
export { CUP_PARTS, type CupPart } from './measures/cupParts.js';
export { measurable, SHOWN_ERROR, type Measurable, type Measure, type Scoop } from './measures/measurable.js';
export { quarter, showCount, showMeasurable, showMetric } from './measures/show.js';

export {
  RELEASE,
  SOURCES,
  type Allergen,
  type Behaviour,
  type Ingredient,
  type NaturalUnit,
  type Release,
  type Source,
  type SourceId,
  type State,
} from './larder/composition.js';
export { ownRows, type Body, type OwnIngredient, type OwnProblem } from './larder/own.js';
export {
  MOST_LINES,
  parseLine,
  parseLines,
  type LineAmount,
  type LineOptions,
  type ParsedLine,
} from './larder/parseLine.js';
export { GRAINS, type Grain } from './larder/grains.js';
export { INGREDIENTS } from './larder/ingredients.js';
export { grainById, ingredientById, releaseOf, statesOf } from './larder/larder.js';
export { SALT_PER_SODIUM, WHO_SALT_G_PER_DAY } from './larder/constants.js';

export { airPressure, boilAt, type Boil } from './heat/atmosphere.js';
export { boilingPoint, latentHeat, vapourPressure } from './heat/saturation.js';
export { HOB_POWER_W } from './heat/constants.js';
export {
  heatLoss,
  heightMm,
  defaultPowers,
  heatsItself,
  netPower,
  openingM2,
  type HeatSetting,
  type HobKind,
  type HobSpec,
  type LidFit,
  type Fire,
  type LidState,
  type VesselKind,
  type VesselSpec,
  type Wall,
} from './heat/equipment.js';
export {
  boilingSteamRate,
  comeUp,
  leakRate,
  standingSteam,
  type ComeUp,
  type Surroundings,
} from './heat/steam.js';

export {
  readWaterTest,
  withMeasured,
  type Measured,
  type WaterTest,
  type WaterTestProblem,
} from './heat/waterTest.js';
export {
  ACTS,
  isHandsOn,
  isWet,
  plannedMin,
  SIGNS,
  type Act,
  type Sign,
  type Stage,
  type StageEnd,
} from './method/stage.js';
export {
  coveredMinutes,
  METHOD_SHIFT,
  METHOD_VESSEL,
  METHODS,
  pressureMinutes,
  stagesFor,
  TOAST_MIN,
  type Drain,
  type Method,
  type TemplateInput,
  type Timing,
  type Toast,
  type Wash,
} from './method/methods.js';
export { orderProblems, type OrderCode, type OrderProblem } from './method/order.js';
export {
  MOST_EXTENDED_MIN,
  replay,
  secondsLeft,
  TAP_KINDS,
  type RunState,
  type StageEvent,
  type StageRun,
} from './method/run.js';

export { inOrder } from './method/tapOrder.js';

export { answer, answerPlan, type Answer } from './account/answer.js';
export type { Pour, Window } from './account/pours.js';
export { completePlan } from './account/completePlan.js';
export {
  PLAN_DEFAULTS,
  RULES,
  type AmountInput,
  type BaseInput,
  type CompletePlan,
  type HobInput,
  type IngredientInput,
  type PlanInput,
  type Rule,
  type Served,
  type Texture,
  type VesselInput,
} from './account/planInput.js';
export { problemText, type PlanProblem, type PlanProblemCode } from './account/problem.js';
export {
  MOST_INGREDIENTS,
  MOST_MINUTES,
  MOST_OWN,
  MOST_STAGES,
  RANGES,
  type Range,
} from './account/ranges.js';
export { scaleAmount, scalePlan } from './account/scalePlan.js';
export { FINE_SALT_G_PER_TSP, type SaltAccount, type SaltSource } from './account/salt.js';
export { TEXTURE_BANDS, targetMoisture, dryBasis } from './account/grainWater.js';
export { HALF_INCH_MM, JOINT_MM, TWO_FINGERS_MM, type Levels } from './account/levels.js';
export type { BaseAccount } from './account/base.js';
export type { RuleAnswer } from './account/rules.js';
export type { WaysOut } from './account/waysOut.js';
export type { Doubt, DoubtPart } from './account/doubt.js';
export type { StageSteam } from './account/steamWalk.js';
export type { Term, TermKind } from './account/term.js';
export type { Warning, WarningCode } from './account/warnings.js';

export { cookPot, STEP_MIN, type Cooked, type CookOptions } from './pot/cook.js';
export {
  courseOf,
  MOST_ROWS,
  type Course,
  type CourseSeries,
  type Trouble,
  type TroubleWhy,
} from './pot/course.js';
export { stretchesOf, type Stretch } from './pot/stretches.js';
export { courseFor, pouredWaterG } from './pot/courseFor.js';
export { stagesWith, withChange, type Change, type TroubleCode } from './pot/changes.js';
export {
  bandOf,
  judge,
  type BaseBand,
  type BedOutcome,
  type PotFlags,
  type PotOutcome,
} from './pot/judge.js';
export { type BeforeStage, type Colour } from './account/beforeLiquid.js';
export { AS_PLANNED, setupOf, type Setup, type TrueValues } from './pot/setup.js';
export type { CookedStage, Ended, Seen } from './pot/walk.js';

export { chancesAt, COSTS, worth, type Chances, type Samples, type Where } from './odds/chances.js';
export { DOUBTS, spreadsOf, truthOf, type DoubtCode, type Spreads } from './odds/doubts.js';
export { Gathering } from './odds/gather.js';
export { drawZ } from './odds/draw.js';
export type { Look } from './odds/looks.js';
export type { MeasureAct, WorthMeasuring } from './odds/measure.js';
export { oddsFrom, oddsOf, type Odds, type OddsPoint } from './odds/odds.js';
export { coveredStage, frameOf, ROW, sampleRows, type Frame } from './odds/sample.js';

export { cautionsFor, type Caution, type CautionCode, type CautionInput } from './cautions/cautions.js';

export { mergeFields, sameValue, type Fields, type Merged, type MergeInput } from './records/merge.js';
export type {
  AnswerReply,
  BagFields,
  BagRecord,
  BaseSeen,
  Changed,
  ChangesReply,
  Choices,
  CookLine,
  CookRecord,
  CookSaid,
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
  IngredientFields,
  IngredientRecord,
  KeptRecord,
  MethodFields,
  MethodRecord,
  OutcomeRecord,
  PlanFields,
  PlanRecord,
  SteamTestFields,
  SteamTestRecord,
  TapRecord,
  Verdict,
  VesselFields,
  VesselRecord,
} from './records/records.js';
