import { isWet, type Caution, type CautionCode, type Stage } from '@hammock/core';

const FRIES: ReadonlySet<Stage['act']> = new Set<Stage['act']>(['warmFat', 'base', 'toast', 'fryDry']);
const LOCKED: ReadonlySet<Stage['act']> = new Set<Stage['act']>(['pressureUp', 'pressure', 'release']);
const OPENS: ReadonlySet<Stage['act']> = new Set<Stage['act']>(['turn', 'release', 'fork', 'taste']);
const HANGS: ReadonlySet<Stage['lid']> = new Set<Stage['lid']>(['cloth', 'foil', 'parchment']);

/** A stage, and whether it is the first of its kind in the pot. */
interface Place {
  readonly stage: Stage;
  readonly isFirst: boolean;
  readonly isPour: boolean;
}

/** The act at which each caution is said; those without one are said when the pot is opened. */
const AT: Readonly<Partial<Record<CautionCode, (place: Place) => boolean>>> = {
  // Where it is handled.
  rawMeat: ({ stage, isFirst }) => isFirst || stage.act === 'marinate',
  pressure: ({ stage }) => LOCKED.has(stage.act),
  coverAtFlame: ({ stage }) => HANGS.has(stage.lid) && stage.heat !== 'off',
  coals: ({ stage }) => stage.fromAbove === true,
  nonStickHot: ({ stage }) => FRIES.has(stage.act),
  hotFat: ({ stage }) => FRIES.has(stage.act),
  wetGrainInFat: ({ stage }) => stage.act === 'toast',
  hotChilli: ({ isFirst }) => isFirst,
  lowSodiumSalt: ({ isPour }) => isPour,
  steamBurn: ({ stage }) => OPENS.has(stage.act),
};
/** Said when the pot is opened: at the table, and for what is left over. */
const AT_TABLE: ReadonlySet<CautionCode> = new Set<CautionCode>([
  'allergens',
  'leftovers',
  'rawMeat',
  'wholeSpices',
  'turningOut',
]);

/** The cautions that apply at a stage; of a pot that is done, those of its opening and of what is left. */
export function cautionsAt(
  cautions: readonly Caution[],
  stages: readonly Stage[],
  index: number,
): readonly Caution[] {
  const stage = stages[index];
  if (!stage) return cautions.filter((c) => AT_TABLE.has(c.code));
  const isPour = stages.findIndex((s) => isWet(s.act)) === index;
  return cautions.filter((c) => AT[c.code]?.({ stage, isFirst: index === 0, isPour }) === true);
}
