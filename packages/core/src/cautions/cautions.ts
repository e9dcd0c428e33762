import type { Allergen } from '../larder/composition.js';
import { grainById, ingredientById } from '../larder/larder.js';
import type { Stage } from '../method/stage.js';

export type CautionCode =
  | 'leftovers'
  | 'steamBurn'
  | 'hotFat'
  | 'wetGrainInFat'
  | 'rawMeat'
  | 'allergens'
  | 'lowSodiumSalt'
  | 'hotChilli'
  | 'wholeSpices';

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
  readonly stages: readonly Pick<Stage, 'act'>[];
}

/** The usual kitchen cautions that apply, most pressing first. All common practice; local rules come first. */
export function cautionsFor(input: CautionInput): readonly Caution[] {
  const rows = input.ingredientIds.flatMap((id) => ingredientById(id) ?? []);
  const acts = new Set(input.stages.map((s) => s.act));
  const allergens = [
    ...new Set([...rows.flatMap((r) => r.allergens), ...(grainById(input.grainId)?.allergens ?? [])]),
  ].sort();
  const found: (Caution | false)[] = [
    allergens.length > 0 && { code: 'allergens', allergens },
    rows.some((r) => r.rawMeat) && { code: 'rawMeat' },
    (acts.has('warmFat') || acts.has('toast')) && { code: 'hotFat' },
    acts.has('toast') && input.washed && { code: 'wetGrainInFat' },
    input.ingredientIds.includes('chilli') && { code: 'hotChilli' },
    input.ingredientIds.includes('spicesWhole') && { code: 'wholeSpices' },
    rows.some((r) => r.lowSodium) && { code: 'lowSodiumSalt' },
    { code: 'steamBurn' },
    { code: 'leftovers' },
  ];
  return found.filter((c): c is Caution => c !== false);
}
