import { HOT_C } from '../../basics/heat/constants.js';
import { grainById } from '../../basics/larder/grainById.js';
import { boiledPulse } from '../../basics/larder/boiledPulse.js';
import { ingredientById } from '../../basics/larder/larder.js';
import type { Ingredient } from '../../basics/larder/composition.js';
import type { Stage } from '../../basics/method/stage.js';
import type { IngredientInput, PlanInput } from '../../plan/input/planInput.js';
import { HALF_INCH_MM, TWO_FINGERS_MM } from '../../compute/account/levels.js';
import { millilitresOf } from '../line/lineAmount.js';
import { isSaltToTaste } from '../line/saltToTaste.js';
import type { RuleAnswer } from '../../compute/account/rules.js';
import { layStages } from './layStages.js';
import type { PourRule } from '../words/pourRule.js';
import type { Telling } from './readTelling.js';
import type { SaidLine } from '../words/told.js';
import type { ToldPlan } from './toldPlan.js';

const NOTE = 200;

/** What is understood of a telling, as fields of a plan: everything but the vessel and the stages. */
export type ToldFields = Partial<
  Pick<
    PlanInput,
    | 'grainId'
    | 'grain'
    | 'wash'
    | 'soakMin'
    | 'soakWater'
    | 'drain'
    | 'sieveMin'
    | 'toast'
    | 'crust'
    | 'method'
    | 'timing'
    | 'pourWith'
    | 'saltWith'
    | 'usualPour'
    | 'liquidTempC'
    | 'holdTo'
    | 'portions'
  >
> & { readonly ingredients: readonly IngredientInput[] };

/**
 * The fields of a plan that a telling comes to.
 * @param ready whether a line needs nothing more
 * @param own rows of the household's own
 * @example toldFields(readTelling('2 cups basmati'), toldPlan(readTelling('2 cups basmati')), () => true).grainId // 'basmati'
 */
export function toldFields(
  telling: Telling,
  told: ToldPlan,
  ready: (line: number) => boolean,
  own: (id: string) => Ingredient | undefined = () => undefined,
): ToldFields {
  const lineOf = (n: number | undefined): SaidLine | undefined =>
    n !== undefined && ready(n) ? telling.lines[n] : undefined;
  const grain = lineOf(told.grain);
  const pours = told.pours.map(lineOf).filter((l) => l !== undefined);
  const things = told.things.filter(({ line }) => {
    const l = lineOf(line);
    return l !== undefined && !isSaltToTaste(l) && l.amount !== undefined;
  });
  const salt = telling.lines.find((l, n) => ready(n) && isSaltToTaste(l));
  const fields: { -readonly [K in keyof ToldFields]: ToldFields[K] } = {
    ingredients: things.flatMap((t) => {
      const line = telling.lines[t.line];
      return line ? [ingredientOf(line, t)] : [];
    }),
  };
  if (grain?.id !== undefined && grain.amount)
    Object.assign(fields, { grainId: grain.id, grain: grain.amount });
  const set = <K extends keyof ToldFields>(key: K, value: ToldFields[K] | undefined): void => {
    if (value !== undefined) fields[key] = value;
  };
  set('portions', telling.portions);
  set('wash', told.wash);
  set('soakMin', told.soakMin);
  set('soakWater', told.soakWater);
  set('drain', told.drain);
  set('sieveMin', told.sieveMin);
  set('toast', told.toast);
  set('crust', told.crust);
  set('method', told.method);
  if (Object.keys(told.timing).length > 0) set('timing', told.timing);
  set('pourWith', pours.find((l) => l.id !== undefined)?.id);
  set('saltWith', salt?.id);
  const row = (l: SaidLine): Ingredient | undefined => own(l.id ?? '') ?? ingredientById(l.id ?? '');
  set('usualPour', usualPour(pours, grain, told.rule, row));
  if (told.hot) set('liquidTempC', HOT_C);
  if (told.baseOnly) set('holdTo', 'baseOnly');
  return fields;
}

function ingredientOf(
  line: SaidLine,
  { state, apart, soakMin: soaked, boiled }: ToldPlan['things'][number],
): IngredientInput {
  const row = ingredientById(line.id ?? '');
  const amount = line.amount ?? { g: 0 };
  const made =
    boiled && row ? boiledPulse(row.id, millilitresOf(amount, row) * row.densityGPerMl) : undefined;
  const how = made ? undefined : (state ?? line.state);
  const soakMin = made ? undefined : soaked;
  return {
    ingredientId: made?.id ?? line.id ?? '',
    amount: made ? { g: made.g } : amount,
    ...(how === undefined ? {} : { state: how }),
    ...(soakMin !== undefined
      ? { soakMin }
      : line.soak?.said === true && !made
        ? { soakMin: line.soak.minutes }
        : {}),
    ...(line.spread === undefined ? {} : { spread: line.spread }),
    ...(apart ? { apart } : {}),
    ...(line.note === '' ? {} : { note: line.note.slice(0, NOTE) }),
  };
}

/** The cook's own pour: what the telling measures out, less what it takes off, or its ratio to the grain as it is measured dry. */
function usualPour(
  pours: readonly SaidLine[],
  grain: SaidLine | undefined,
  rule: PourRule | undefined,
  rowOf: (l: SaidLine) => Ingredient | undefined,
): PlanInput['usualPour'] {
  if (rule?.kind === 'ml') return { ml: rule.ml };
  const grainRow = grainById(grain?.id ?? '');
  const grainMl = grain?.amount && grainRow ? millilitresOf(grain.amount, grainRow) : undefined;
  if (rule?.kind === 'ratio' && grainMl !== undefined)
    return { ml: rule.ratio * grainMl + (rule.moreMl ?? 0) };
  const ml = pours.reduce((sum, l) => {
    const row = rowOf(l);
    return sum + (l.amount && row ? millilitresOf(l.amount, row) : 0);
  }, 0);
  const less = rule?.kind === 'less' ? rule.ml : 0;
  return ml > less ? { ml: ml - less } : undefined;
}

/**
 * What a level over the grain pours in this pot, ml; undefined for a rule that is no level.
 * @param rules what the rules of thumb pour in it
 * @example levelMl({ kind: 'mm', mm: 20 }, []) // undefined
 */
export function levelMl(rule: PourRule | undefined, rules: readonly RuleAnswer[]): number | undefined {
  const by = (r: RuleAnswer['rule']): number | undefined => rules.find((x) => x.rule === r)?.ml;
  const [low, high] = [by('halfInch'), by('twoFingers')];
  if (low === undefined || high === undefined) return undefined;
  // Over the grain the pot is as wide at every height.
  const atMm = (mm: number): number =>
    Math.max(0, low + ((high - low) * (mm - HALF_INCH_MM)) / (TWO_FINGERS_MM - HALF_INCH_MM));
  if (rule?.kind === 'mm') return atMm(rule.mm);
  if (rule?.kind !== 'level') return undefined;
  if (rule.by === 'halfInch') return low;
  if (rule.by === 'corners') return atMm(0);
  if (rule.by === 'joint' || rule.times === 1) return by('firstJoint');
  return rule.times === 2 ? high : atMm((TWO_FINGERS_MM * rule.times) / 2);
}

/**
 * Stages laid as they were told, and each thing with the stage at which it goes in.
 * @param template the method's stages in this pot
 * @param ingredients as `toldFields` gave them
 * @param whole true to keep the method's own stages and write what was told at them
 * @example laidInto(readTelling('rice'), toldPlan(readTelling('rice')), () => true, [], []).stages.length // 0
 */
export function laidInto(
  telling: Telling,
  told: ToldPlan,
  ready: (line: number) => boolean,
  template: readonly Stage[],
  ingredients: readonly IngredientInput[],
  whole?: boolean,
): {
  readonly stages: readonly Stage[];
  readonly ingredients: readonly IngredientInput[];
  readonly ids: readonly (string | undefined)[];
} {
  const { stages, ids } = layStages(told, template, whole);
  const things = told.things.filter(({ line }) => {
    const l = telling.lines[line];
    return l !== undefined && ready(line) && !isSaltToTaste(l) && l.amount !== undefined;
  });
  return {
    stages,
    ids,
    ingredients: ingredients.map((item, i) => {
      const at = things[i]?.stage;
      const joins = at === undefined || item.apart ? undefined : ids[at];
      return joins === undefined ? item : { ...item, joins };
    }),
  };
}
