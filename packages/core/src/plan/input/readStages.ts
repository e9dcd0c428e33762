import type { Behaviour } from '../../basics/larder/composition.js';
import { HEATS, LID_STATES, type VesselKind } from '../../basics/heat/equipment.js';
import type { Grain } from '../../basics/larder/grains.js';
import type { Drain, Method, Toast, Wash } from '../../basics/method/methods.js';
import { stagesFor } from '../../basics/method/templates.js';
import type { Timing } from '../../basics/method/timing.js';
import { orderProblems } from '../../basics/method/order.js';
import { ACTS, plannedMin, SIGNS, STAGE_ENDS, type Stage } from '../../basics/method/stage.js';
import { fieldsOf, type Checker } from './checker.js';
import { TIMING } from './planFields.js';
import type { PlanInput, PlannedIngredient } from './planInput.js';
import { MOST_MINUTES, MOST_STAGES, RANGES } from './ranges.js';

/** Minutes a base usually takes by its most cooked-down part †. */
const BASE_MIN: Readonly<Record<string, number>> = {
  translucent: 5,
  softened: 6,
  mushy: 8,
  golden: 10,
  browned: 6,
  brown: 18,
  oilSeparated: 20,
};

/** Noodles, nuts and garlic are fried in the fat, which takes no time beside onions †. */
const NOODLE_MIN: Readonly<Record<string, number>> = { golden: 3, browned: 3, brown: 5 };

const QUICK: ReadonlySet<Behaviour> = new Set<Behaviour>(['noodle', 'browning']);
const baseMinutes = ({ ingredient, release }: PlannedIngredient): number =>
  (QUICK.has(ingredient.behaves) ? NOODLE_MIN : BASE_MIN)[release.state] ?? 0;

/** Whether something besides noodles is cooked in the fat before the liquid. */
export const hasCookedBase = (ingredients: readonly PlannedIngredient[]): boolean =>
  ingredients.some((i) => i.ingredient.behaves !== 'noodle' && baseMinutes(i) > 0);

interface Choices {
  readonly grain: Grain;
  readonly method: Method;
  readonly wash: Wash;
  readonly drain: Drain;
  readonly sieveMin: number;
  readonly toast: Toast;
  readonly soakMin: number;
  readonly crust: boolean;
}

/** The plan's own stages, checked, or the method's. */
export function stagesOf(
  c: Checker,
  input: Partial<PlanInput>,
  choices: Choices,
  ingredients: readonly PlannedIngredient[],
  kind: VesselKind | undefined,
): readonly Stage[] {
  const stages = input.stages
    ? checkedStages(c, input.stages)
    : templateOf(c, input.timing, choices, ingredients);
  // Order only means something once every stage can be read.
  if (stages === undefined) return [];
  for (const p of orderProblems(stages, kind))
    c.add(`stages[${p.index.toString()}].act`, `order.${p.code}`, { act: p.act });
  return stages;
}

function templateOf(
  c: Checker,
  given: Timing | undefined,
  choices: Choices,
  ingredients: readonly PlannedIngredient[],
): readonly Stage[] {
  return stagesFor(choices.method, {
    ...choices,
    hasFat: ingredients.some((i) => i.ingredient.behaves === 'fat'),
    baseMin: Math.max(0, ...ingredients.map(baseMinutes)),
    timing: c.given('timing', TIMING, given),
  });
}

function checkedStages(c: Checker, stages: readonly Stage[]): readonly Stage[] | undefined {
  if (!Array.isArray(stages))
    return c.refuse(undefined, 'stages', 'notAChoice', { found: typeof stages, choices: 'a list' });
  if (stages.length > MOST_STAGES) return c.refuse(undefined, 'stages', 'tooMany', { most: MOST_STAGES });
  const list = stages as readonly Stage[];
  const before = c.problems.length;
  list.forEach((given, i) => {
    checkStage(c, given, `stages[${i.toString()}]`);
  });
  if (c.problems.length > before) return undefined;
  const minutes = list.reduce((sum, stage) => sum + plannedMin(stage), 0);
  return minutes > MOST_MINUTES
    ? c.refuse(undefined, 'stages', 'stagesTooLong', { minutes: Math.round(minutes), most: MOST_MINUTES })
    : list;
}

function checkStage(c: Checker, given: Stage, field: string): void {
  const s = fieldsOf(given);
  if (typeof s.id !== 'string' || s.id === '') c.add(`${field}.id`, 'missing');
  c.choice(`${field}.act`, s.act, 'rest', ACTS);
  c.choice(`${field}.heat`, s.heat, 'off', HEATS);
  c.choice(`${field}.lid`, s.lid, 'off', LID_STATES);
  c.flag(`${field}.spreader`, s.spreader, false);
  c.flag(`${field}.insulated`, s.insulated, false);
  c.flag(`${field}.fromAbove`, s.fromAbove, false);
  const end = fieldsOf(s.end) as Partial<Record<string, unknown>>;
  const kind = c.choice(`${field}.end.kind`, end['kind'] ?? null, 'minutes', STAGE_ENDS);
  if (end['kind'] !== kind) return;
  if (kind === 'minutes') {
    c.required(`${field}.end.minutes`, end['minutes'], RANGES.stageMin);
    return;
  }
  c.required(`${field}.end.expectMin`, end['expectMin'], RANGES.stageMin);
  if (kind === 'count') c.required(`${field}.end.count`, end['count'], RANGES.stageCount);
  if (
    kind === 'sign' &&
    c.choice(`${field}.end.sign`, end['sign'], 'boilAllOver', SIGNS) !== end['sign'] &&
    end['sign'] === undefined
  )
    c.add(`${field}.end.sign`, 'missing');
}
