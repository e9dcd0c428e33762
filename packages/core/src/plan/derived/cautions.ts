import type { Allergen } from '../../basics/larder/composition.js';
import { grainById } from '../../basics/larder/grainById.js';
import { ingredientById } from '../../basics/larder/larder.js';
import { ownRows, type OwnIngredient } from '../../basics/larder/own.js';
import { isWet, type Stage } from '../../basics/method/stage.js';
import type { PlanInput } from '../input/planInput.js';

export type CautionCode =
  | 'leftovers'
  | 'steamBurn'
  | 'hotFat'
  | 'wetGrainInFat'
  | 'rawMeat'
  | 'allergens'
  | 'lowSodiumSalt'
  | 'hotChilli'
  | 'wholeSpices'
  | 'pressure'
  | 'coverAtFlame'
  | 'turningOut'
  | 'coals'
  | 'nonStickHot';

/** A usual caution that applies to this pot. */
export interface Caution {
  readonly code: CautionCode;
  /** For `allergens`: which. */
  readonly allergens?: readonly Allergen[];
}

export interface CautionInput {
  readonly grainId: string;
  readonly ingredientIds: readonly string[];
  readonly washed: boolean;
  readonly stages: readonly (Pick<Stage, 'act' | 'lid'> & Partial<Pick<Stage, 'heat' | 'fromAbove'>>)[];
  readonly nonStick?: boolean;
  /** The household's own ingredients, where the plan has any. */
  readonly own?: readonly OwnIngredient[];
  readonly crust?: boolean;
}

/** Lids that hang cloth, foil or paper over a flame. */
const OVER_FLAME: ReadonlySet<string> = new Set(['cloth', 'foil', 'parchment']);

/** A coating is spoilt by a hot pan with no water in it. */
const isHotAndDry = ({ act, heat }: CautionInput['stages'][number]): boolean =>
  (heat === 'high' || heat === 'mediumHigh') && !isWet(act);

/**
 * The usual kitchen cautions that apply, most pressing first. All common practice; local rules come first.
 * @example cautionsFor({ grainId: 'basmati', ingredientIds: ['butter'], washed: true, stages }).some((c) => c.code === 'leftovers') // true
 */
export function cautionsFor(input: CautionInput): readonly Caution[] {
  const own = ownRows(input.own ?? []);
  const ownById = new Map((own.ok ? own.value : []).map((r) => [r.id, r]));
  const rows = input.ingredientIds.flatMap((id) => ownById.get(id) ?? ingredientById(id) ?? []);
  const lids = input.stages.map((s) => s.lid);
  const acts = new Set(input.stages.map((s) => s.act));
  const allergens = [
    ...new Set([...rows.flatMap((r) => r.allergens), ...(grainById(input.grainId)?.allergens ?? [])]),
  ].sort();
  const found: (Caution | false)[] = [
    allergens.length > 0 && { code: 'allergens', allergens },
    rows.some((r) => r.rawMeat) && { code: 'rawMeat' },
    lids.includes('pressure') && { code: 'pressure' },
    (acts.has('warmFat') || acts.has('toast')) && { code: 'hotFat' },
    acts.has('toast') && input.washed && { code: 'wetGrainInFat' },
    input.ingredientIds.includes('chilli') && { code: 'hotChilli' },
    input.ingredientIds.includes('spicesWhole') && { code: 'wholeSpices' },
    rows.some((r) => r.lowSodium) && { code: 'lowSodiumSalt' },
    lids.some((lid) => OVER_FLAME.has(lid)) && { code: 'coverAtFlame' },
    input.stages.some((s) => s.fromAbove === true) && { code: 'coals' },
    input.nonStick === true && input.stages.some(isHotAndDry) && { code: 'nonStickHot' },
    input.crust === true && { code: 'turningOut' },
    { code: 'steamBurn' },
    { code: 'leftovers' },
  ];
  return found.filter((c): c is Caution => c !== false);
}

/**
 * The cautions that apply to a plan, made as these stages.
 * @example cautionsOf(input, stages).at(-1)?.code // 'leftovers'
 */
export const cautionsOf = (input: PlanInput, stages: CautionInput['stages']): readonly Caution[] =>
  cautionsFor({
    grainId: input.grainId,
    ingredientIds: (input.ingredients ?? []).map((i) => i.ingredientId),
    washed: (input.wash ?? 'unwashed') !== 'unwashed' || (input.soakMin ?? 0) > 0,
    stages,
    ...(input.vessel.nonStick === true ? { nonStick: true } : {}),
    ...(input.own === undefined ? {} : { own: input.own }),
    ...(input.crust === undefined ? {} : { crust: input.crust }),
  });
