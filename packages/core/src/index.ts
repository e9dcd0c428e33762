export { deepFreeze, fail, ok, type Result } from './basics/result.js';

export { UNITS, unitById, unitSize, type Unit, type UnitId, type UnitKind } from './basics/measures/units.js';
export {
  LARGEST_AMOUNT,
  parseAmount,
  type AmountPart,
  type ParsedAmount,
  type ParseOptions,
} from './basics/measures/parseAmount.js';
export type { AmountError, AmountErrorCode } from './basics/measures/amountError.js';
export { CUP_PARTS, type CupPart } from './basics/measures/cupParts.js';
export {
  measurable,
  SHOWN_ERROR,
  type Measurable,
  type Measure,
  type Scoop,
} from './basics/measures/measurable.js';
export { quarter, showCount, showMeasurable, showMetric } from './basics/measures/show.js';

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
} from './basics/larder/composition.js';
export { BODIES, ownRows, type Body, type OwnIngredient, type OwnProblem } from './basics/larder/own.js';
export {
  MOST_LINES,
  parseLine,
  parseLines,
  type LineAmount,
  type LineOptions,
  type CanSizes,
  type ParsedLine,
} from './parse/line/parseLine.js';
export { millilitresOf } from './parse/line/lineAmount.js';
export type { Soak } from './parse/line/saidBesides.js';
export { readTelling, type Telling } from './parse/telling/readTelling.js';
export { VERBS, type SaidLine, type ToldAct, type Verb } from './parse/words/told.js';
export type { PourRule } from './parse/words/pourRule.js';
export { actKeys, corrected, type ActFix } from './parse/telling/corrected.js';
export { openQuestion, type OpenWay } from './compute/odds/openQuestion.js';
export { markedWords, type MarkedWord } from './parse/telling/unheard.js';
export { toldPlan, type ToldPlan } from './parse/telling/toldPlan.js';
export { isSaltToTaste, SALTS } from './parse/line/saltToTaste.js';
export { HOT_C } from './basics/heat/constants.js';
export { laidInto, levelMl, toldFields, type ToldFields } from './parse/telling/toldInput.js';
export { GRAINS, type Grain } from './basics/larder/grains.js';
export { INGREDIENTS } from './basics/larder/ingredients.js';
export { withAmylose } from './basics/larder/amylose.js';
export { AMYLOSE, type Amylose } from './basics/larder/grain.js';
export { grainById } from './basics/larder/grainById.js';
export { ingredientById, releaseOf, statesOf } from './basics/larder/larder.js';
export { SALT_PER_SODIUM, WHO_SALT_G_PER_DAY } from './basics/larder/constants.js';

export { airPressure, boilAt, type Boil } from './basics/heat/atmosphere.js';
export { boilingPoint, latentHeat, vapourPressure } from './basics/heat/saturation.js';
export { HOB_POWER_W } from './basics/heat/equipment.js';
export { calibrated, withCalibration, type Calibration } from './basics/calibration/calibrated.js';
export { CALIBRATED_NAMES, PRIORS, type Calibrated, type Prior } from './basics/calibration/priors.js';
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
} from './basics/heat/equipment.js';
export {
  boilingSteamRate,
  comeUp,
  leakRate,
  standingSteam,
  type ComeUp,
  type Surroundings,
} from './basics/heat/steam.js';

export {
  readWaterTest,
  withMeasured,
  type Measured,
  type WaterTest,
  type WaterTestProblem,
} from './basics/heat/waterTest.js';
export {
  ACTS,
  isHandsOn,
  cooksClosed,
  isUnderLid,
  isWet,
  plannedMin,
  SIGNS,
  STAGE_ENDS,
  type Act,
  type Sign,
  type Stage,
  type StageEnd,
} from './basics/method/stage.js';
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
} from './basics/method/methods.js';
export { stagesFor, type TemplateInput } from './basics/method/templates.js';
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
} from './basics/method/timing.js';
export { orderProblems, type OrderCode, type OrderProblem } from './basics/method/order.js';
export { cues, CUE_KINDS, type Cue } from './compute/stove/cue.js';
export { clockMs, MOST_EXTENDED_MIN, runFromTaps, type RunState } from './compute/stove/runFromTaps.js';
export { fireNow, lastsMin, secondsLeft, type StageRun } from './compute/stove/sheet.js';
export { TAP_KINDS, type Tap } from './compute/stove/tap.js';
export { effectiveTaps } from './compute/stove/effective.js';
export { inOrder } from './compute/stove/tapOrder.js';
export { beliefOf, type PotBelief, type PotNow } from './compute/stove/belief.js';
export { rescueTaps, type Rescue, type TapToMake } from './compute/stove/rescues.js';

export { answer, answerPlan, type Answer } from './compute/account/answer.js';
export { lidCosts, type LidCost } from './compute/account/lidCosts.js';
export type { Pour, Window } from './compute/account/pours.js';
export { completePlan } from './plan/input/completePlan.js';
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
} from './plan/input/planInput.js';
export type { AmountInput } from './plan/input/amountInput.js';
export type { Beside } from './plan/input/beside.js';
export { householdPlan, type HouseholdThings } from './plan/derived/householdPlan.js';
export { fits, ONE_LINE, LONGEST_TEXT, shape, type Field, type Shape } from './plan/input/fields.js';
export {
  AMOUNT,
  BASE,
  HOB,
  INGREDIENT,
  LONGEST_TOLD,
  OWN,
  PLAN,
  POWERS,
  STAGE,
  STAGE_END,
  TIMING,
  VESSEL,
} from './plan/input/planFields.js';
export type { PlanProblem, PlanProblemCode } from './plan/input/problem.js';
export {
  MOST_INGREDIENTS,
  MOST_MINUTES,
  MOST_OWN,
  MOST_STAGES,
  RANGES,
  type Range,
} from './plan/input/ranges.js';
export { scaleAmount, scalePlan } from './plan/input/scalePlan.js';
export { FINE_SALT_G_PER_TSP, type SaltAccount, type SaltSource } from './compute/account/salt.js';
export { dryBasis } from './basics/grain/moisture.js';
export { TEXTURE_BANDS, targetMoisture, TEXTURES, type Texture } from './basics/grain/texture.js';
export {
  HALF_INCH_MM,
  JOINT_MM,
  pourAtLevel,
  TWO_FINGERS_MM,
  type Levels,
} from './compute/account/levels.js';
export type { BaseAccount } from './plan/input/base.js';
export type { RuleAnswer } from './compute/account/rules.js';
export type { WaysOut } from './compute/account/waysOut.js';
export type { Doubt, DoubtPart } from './compute/account/doubt.js';
export type { StageSteam } from './compute/account/steamWalk.js';
export type { Term, TermKind } from './compute/account/term.js';
export type { Warning, WarningCode } from './compute/account/warnings.js';

export { cookPot, STEP_MIN, type Cooked, type CookOptions } from './compute/pot/cook.js';
export {
  advancePot,
  endStage,
  finishPot,
  readPot,
  startPot,
  type Going,
  type LivePot,
  type LiveReading,
} from './compute/pot/live.js';
export { courseOf, MOST_ROWS, type Course, type CourseSeries } from './compute/course/course.js';
export { type Trouble, type TroubleWhy } from './compute/course/troubles.js';
export { stretchesOf, type Stretch } from './compute/pot/stretches.js';
export { courseFor, pouredWaterG } from './compute/course/courseFor.js';
export { stagesWith, withChange, type Change, type TroubleCode } from './compute/course/changes.js';
export {
  bandOf,
  judge,
  type BaseBand,
  type BedOutcome,
  type PotFlags,
  type PotOutcome,
} from './compute/course/judge.js';
export { type BeforeStage } from './compute/acts/beforeLiquid.js';
export { type Colour } from './compute/acts/colour.js';
export { soakIn, withSoak } from './basics/method/soakStage.js';
export { pouredOtherwise, type PouredOtherwise, type PourMend } from './compute/odds/pouredOtherwise.js';
export { missingAct, type MissingAct } from './compute/odds/missing.js';
export { cookInspected } from './compute/odds/cookInspected.js';
export { mendingOf, TASTES_TO, type Mending } from './compute/odds/inspection.js';
export { BASE_BANDS } from './compute/pot/constants.js';
export { AS_PLANNED, setupOf, type Setup, type TrueValues } from './compute/pot/setup.js';
export type { CookedStage, Ended, Seen } from './compute/pot/walk.js';

export { chancesAt, COSTS, worth, type Chances, type Samples, type Where } from './compute/odds/chances.js';
export {
  DOUBTS,
  spreadsOf,
  truthOf,
  type DoubtCode,
  type Means,
  type Spreads,
} from './compute/odds/doubts.js';
export { Gathering } from './compute/odds/gather.js';
export { drawZ } from './compute/odds/draw.js';
export type { Look } from './compute/odds/looks.js';
export type { MeasureAct, WorthMeasuring } from './compute/odds/measure.js';
export { oddsAtPour } from './compute/odds/oddsAtPour.js';
export { oddsFrom, oddsOf, type Odds, type OddsPoint } from './compute/odds/odds.js';
export { coveredStage, frameOf, ROW, sampleRows, type Frame } from './compute/odds/sample.js';

export { soakedFor } from './basics/larder/pulseSoak.js';
export {
  cautionsFor,
  cautionsOf,
  type Caution,
  type CautionCode,
  type CautionInput,
} from './plan/derived/cautions.js';
