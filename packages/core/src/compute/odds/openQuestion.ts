import { HEATS, heatsItself, type HeatSetting } from '../../basics/heat/equipment.js';
import { plannedMin, type Stage } from '../../basics/method/stage.js';
import { completePlan } from '../../plan/input/completePlan.js';
import type { CompletePlan, PlanInput } from '../../plan/input/planInput.js';
import { advisedMl } from '../account/answer.js';

/** One way an open boil may be that nobody told of, and what would be poured then, ml. */
export interface OpenWay {
  readonly heat: HeatSetting;
  readonly minutes: number;
  readonly ml: number;
}

/** What nobody said of a plan and its pour hangs on: how hot, or how long, a pot boils that stands open. */
export interface OpenQuestion {
  readonly stageId: string;
  readonly of: 'heat' | 'minutes';
  /** As it is counted until somebody says. */
  readonly counted: OpenWay;
  /** As it may be, the least pour first. */
  readonly ways: readonly OpenWay[];
}

/** A pour that moves by more than this share of itself is not called good before it is asked (of the work's own figures). */
const WORTH_ASKING = 0.1;
/** Heats that cooks boil on with the lid off (common practice). */
const OPEN_HEATS: readonly HeatSetting[] = HEATS.filter(
  (h) => h === 'medium' || h === 'mediumHigh' || h === 'high',
);

/** How long an open boil may be that was told without minutes, as shares of what is usual (common practice). */
const SHORTER_LONGER = [0.5, 1, 1.5] as const;

/** True for a stage in which a pot with its liquid stands open. */
const isOpen = ({ act, lid }: Stage): boolean => lid === 'off' && (act === 'openBoil' || act === 'boilDown');

/**
 * The one thing to ask before the pour of a plan is called good: the heat or the minutes of its open boil, where they were not said and
 * the pour hangs on them by more than a tenth. A cooker keeps its own heat; stages that the cook has set say theirs.
 * @returns undefined where it was said, or does not matter
 * @example openQuestion({ grainId: 'basmati', grain: { g: 300 }, vessel: { diameterCm: 24, volumeMl: 5000 } }) // undefined
 */
export function openQuestion(input: PlanInput): OpenQuestion | undefined {
  if (input.stages !== undefined && input.told === undefined) return undefined;
  const made = completePlan(input);
  if (!made.ok || heatsItself(made.value.vessel.kind)) return undefined;
  const plan = made.value;
  const stage = plan.stages.find(isOpen);
  if (!stage) return undefined;
  const usual = plannedMin(stage);
  const way = (heat: HeatSetting, minutes: number): OpenWay[] => {
    const ml = advisedMl(openedOtherwise(plan, stage, heat, minutes));
    return ml === undefined ? [] : [{ heat, minutes, ml }];
  };
  const [counted] = way(stage.heat, usual);
  if (!counted) return undefined;
  const { openBoilHeat, openBoilMin } = input.timing ?? {};
  const heats = openBoilHeat === undefined ? OPEN_HEATS.flatMap((heat) => way(heat, usual)) : [];
  const isTimed = stage.end.kind === 'minutes' && openBoilMin === undefined;
  const minutes = isTimed ? SHORTER_LONGER.flatMap((x) => way(stage.heat, Math.round(x * usual))) : [];
  const [of, ways] =
    spanOf(minutes) > spanOf(heats) ? (['minutes', minutes] as const) : (['heat', heats] as const);
  return spanOf(ways) > WORTH_ASKING
    ? { stageId: stage.id, of, counted, ways: [...ways].sort((a, b) => a.ml - b.ml) }
    : undefined;
}

/** How far pours lie apart, as a share of the least. */
const spanOf = (ways: readonly OpenWay[]): number => {
  const all = ways.map(({ ml }) => ml);
  return all.length < 2 ? 0 : Math.max(...all) / Math.min(...all) - 1;
};

const openedOtherwise = (
  plan: CompletePlan,
  open: Stage,
  heat: HeatSetting,
  minutes: number,
): CompletePlan => ({
  ...plan,
  stages: plan.stages.map((s) =>
    s.id === open.id
      ? { ...s, heat, ...(s.end.kind === 'minutes' ? { end: { kind: 'minutes', minutes } } : {}) }
      : s,
  ),
});
