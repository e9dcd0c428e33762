export { deepFreeze, fail, ok, type Result } from './result.js';

export { UNITS, unitById, unitSize, type Unit, type UnitId, type UnitKind } from './measures/units.js';
export {
  LARGEST_AMOUNT,
  parseAmount,
  type AmountPart,
  type ParsedAmount,
  type ParseOptions,
} from './measures/parseAmount.js';
export type { AmountError, AmountErrorCode } from './measures/amountError.js';
export { CUP_PARTS, type CupPart } from './measures/cupParts.js';
export { measurable, SHOWN_ERROR, type Measurable, type Measure, type Scoop } from './measures/measurable.js';
export { quarter, showCount, showMeasurable, showMetric } from './measures/show.js';

export {
  ALLERGENS,
  BEHAVIOURS,
  LOOK_W,
  RELEASE,
  SOURCES,
  STATES,
  type Allergen,
  type Behaviour,
  type Ingredient,
  type NaturalUnit,
  type Release,
  type Source,
  type SourceId,
  type State,
} from './larder/composition.js';
export { BODIES, ownRows, type Body, type OwnIngredient, type OwnProblem } from './larder/own.js';
export {
  MOST_LINES,
  parseLine,
  parseLines,
  type LineAmount,
  type LineOptions,
  type PacketSizes,
  type ParsedLine,
} from './larder/parseLine.js';
export { millilitresOf } from './larder/lineAmount.js';
export type { Soak } from './larder/saidBesides.js';
export { parseRecipe, type Recipe, type Step } from './recipe/parseRecipe.js';
export { GRAINS, type Grain } from './larder/grains.js';
export { INGREDIENTS } from './larder/ingredients.js';
export { AMYLOSE, withAmylose, type Amylose } from './larder/amylose.js';
export { grainById } from './larder/grainById.js';
export { ingredientById, releaseOf, statesOf } from './larder/larder.js';
export { SALT_PER_SODIUM, WHO_SALT_G_PER_DAY } from './larder/constants.js';

export { airPressure, boilAt, type Boil } from './heat/atmosphere.js';
export { boilingPoint, latentHeat, vapourPressure } from './heat/saturation.js';
export { HOB_POWER_W } from './heat/equipment.js';
export { calibrated, withCalibration, type Calibration } from './calibration/calibrated.js';
export { CALIBRATED_NAMES, PRIORS, type Calibrated, type Prior } from './calibration/priors.js';
export {
  HEATS,
  heatLoss,
  heightMm,
  defaultPowers,
  heatsItself,
  HOB_KINDS,
  LID_FITS,
  LID_STATES,
  netPower,
  openingM2,
  SEALS,
  VESSEL_KINDS,
  WALLS,
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
  STAGE_ENDS,
  type Act,
  type Sign,
  type Stage,
  type StageEnd,
} from './method/stage.js';
export {
  DRAINS,
  METHOD_SHIFT,
  METHOD_VESSEL,
  METHODS,
  SOAK_WATERS,
  TOASTS,
  WASHES,
  type Drain,
  type Method,
  type SoakWater,
  type Toast,
  type Wash,
} from './method/methods.js';
export { stagesFor, type TemplateInput } from './method/templates.js';
export {
  coveredMinutes,
  minutesOf,
  pressureMinutes,
  SLOW_MODES,
  TOAST_MIN,
  turnedMinutes,
  type Minutes,
  type TimedPot,
  type Timing,
} from './method/timing.js';
export { orderProblems, type OrderCode, type OrderProblem } from './method/order.js';
export { cues, CUE_KINDS, type Cue } from './stove/cue.js';
export { clockMs, MOST_EXTENDED_MIN, replay, type RunState } from './stove/replay.js';
export { fireNow, lastsMin, secondsLeft, type StageRun } from './stove/sheet.js';
export { TAP_KINDS, type StageEvent } from './stove/tap.js';
export { effectiveTaps } from './stove/effective.js';
export { inOrder } from './stove/tapOrder.js';
export { beliefOf, type PotBelief, type PotNow } from './stove/belief.js';
export { MENDED_RESTS_MIN, type Rescue } from './stove/rescues.js';

export { answer, answerPlan, type Answer } from './account/answer.js';
export { lidCosts, type LidCost } from './account/lidCosts.js';
export type { Pour, Window } from './account/pours.js';
export { completePlan } from './plan/completePlan.js';
export {
  PLAN_DEFAULTS,
  RULES,
  SERVED,
  type BaseInput,
  type CompletePlan,
  type HobInput,
  type IngredientInput,
  type PlanInput,
  type Rule,
  type Served,
  type VesselInput,
} from './plan/planInput.js';
export type { AmountInput } from './plan/amountInput.js';
export type { Beside } from './plan/beside.js';
export { householdPlan, type HouseholdThings } from './plan/householdPlan.js';
export { fits, ONE_LINE, LONGEST_TEXT, shape, type Field, type Shape } from './plan/fields.js';
export {
  AMOUNT,
  BASE,
  HOB,
  INGREDIENT,
  OWN,
  PLAN,
  POWERS,
  STAGE,
  STAGE_END,
  TIMING,
  VESSEL,
} from './plan/planFields.js';
export type { PlanProblem, PlanProblemCode } from './plan/problem.js';
export { MOST_INGREDIENTS, MOST_MINUTES, MOST_OWN, MOST_STAGES, RANGES, type Range } from './plan/ranges.js';
export { scaleAmount, scalePlan } from './plan/scalePlan.js';
export { FINE_SALT_G_PER_TSP, type SaltAccount, type SaltSource } from './account/salt.js';
export { dryBasis } from './grain/moisture.js';
export { TEXTURE_BANDS, targetMoisture, TEXTURES, type Texture } from './grain/texture.js';
export { HALF_INCH_MM, JOINT_MM, pourAtLevel, TWO_FINGERS_MM, type Levels } from './account/levels.js';
export type { BaseAccount } from './plan/base.js';
export type { RuleAnswer } from './account/rules.js';
export type { WaysOut } from './account/waysOut.js';
export type { Doubt, DoubtPart } from './account/doubt.js';
export type { StageSteam } from './account/steamWalk.js';
export type { Term, TermKind } from './account/term.js';
export type { Warning, WarningCode } from './account/warnings.js';

export { cookPot, STEP_MIN, type Cooked, type CookOptions } from './pot/cook.js';
export {
  advancePot,
  endStage,
  finishPot,
  readPot,
  startPot,
  type Going,
  type LivePot,
  type LiveReading,
} from './pot/live.js';
export { courseOf, MOST_ROWS, type Course, type CourseSeries } from './pot/course.js';
export { type Trouble, type TroubleWhy } from './pot/troubles.js';
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
export { type BeforeStage } from './acts/beforeLiquid.js';
export { type Colour } from './acts/colour.js';
export { soakIn, withSoak } from './method/soakStage.js';
export { pouredOtherwise, type PouredOtherwise, type PourMend } from './odds/pouredOtherwise.js';
export { missingAct, type MissingAct } from './odds/missing.js';
export { cookLooked } from './odds/cookLooked.js';
export { mendingOf, TASTES_TO, type Mending } from './odds/looked.js';
export { BASE_BANDS } from './pot/constants.js';
export { AS_PLANNED, setupOf, type Setup, type TrueValues } from './pot/setup.js';
export type { CookedStage, Ended, Seen } from './pot/walk.js';

export { chancesAt, COSTS, worth, type Chances, type Samples, type Where } from './odds/chances.js';
export { DOUBTS, spreadsOf, truthOf, type DoubtCode, type Means, type Spreads } from './odds/doubts.js';
export { Gathering } from './odds/gather.js';
export { drawZ } from './odds/draw.js';
export type { Look } from './odds/looks.js';
export type { MeasureAct, WorthMeasuring } from './odds/measure.js';
export { oddsFrom, oddsOf, type Odds, type OddsPoint } from './odds/odds.js';
export { coveredStage, frameOf, ROW, sampleRows, type Frame } from './odds/sample.js';

export { soakedFor } from './larder/pulseSoak.js';
export {
  cautionsFor,
  cautionsOf,
  type Caution,
  type CautionCode,
  type CautionInput,
} from './plan/cautions.js';
