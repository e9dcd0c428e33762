import type { JudgedPot } from '../learning/evidence.js';
import type { Pour } from '../compute/account/pours.js';
import type { Tap } from '../compute/stove/tap.js';
import type { CookRecord, TapRecord } from './records.js';

/**
 * A page of the notebook as learning reads it.
 * @param nowMs a pot is dated no later: one of the future would make every bag old
 * @returns undefined for a pot that was not judged, was given up, or is not to be learnt from
 * @example judgedPot({ id: 'a', input, answer: { stages: [] }, pouredMl: 500, advisedMl: 480, startedAtMs: 0, abandoned: true, dishId: null, bagId: null, vesselId: null, hobId: null }, 0) // undefined
 */
export function judgedPot(
  cook: Pick<
    CookRecord,
    | 'id'
    | 'input'
    | 'pouredMl'
    | 'advisedMl'
    | 'startedAtMs'
    | 'abandoned'
    | 'dishId'
    | 'bagId'
    | 'vesselId'
    | 'hobId'
  > & {
    readonly answer: Pick<CookRecord['answer'], 'stages'> & Partial<Pick<CookRecord['answer'], 'pours'>>;
    readonly outcome?: Pick<NonNullable<CookRecord['outcome']>, 'texture' | 'counts' | 'by'> | null;
    readonly events?: readonly TapRecord[];
  },
  nowMs: number,
): JudgedPot | undefined {
  const { id, input, answer, outcome, pouredMl, advisedMl, startedAtMs, events } = cook;
  if (!outcome || cook.abandoned || outcome.counts === 'never') return undefined;
  const { dishId, bagId, vesselId, hobId } = cook;
  return {
    cookId: id,
    atMs: Math.min(startedAtMs, nowMs),
    ...{ dishId, bagId, vesselId, hobId },
    by: outcome.by ?? null,
    input,
    stages: answer.stages,
    taps: tapsOf(events),
    ...pouredInAll(pouredMl ?? advisedMl, answer.pours),
    texture: outcome.texture,
    known: outcome.counts === 'always',
  };
}

/**
 * What was poured as the core reads it: a page of the notebook holds the liquid whose amount was open, the last one; what was
 * poured before it counts too.
 * @param openMl ml of the last liquid
 * @param pours all of them as they were advised
 */
function pouredInAll(openMl: number, pours: readonly Pour[] = []): Pick<JudgedPot, 'pouredMl' | 'before'> {
  const [first, open] = [pours[0], pours.at(-1)];
  if (pours.length < 2 || !first || !open || first.ml <= 0 || open.ml <= 0) return { pouredMl: openMl };
  const perMl = first.waterG / first.ml;
  const ml = pours.slice(0, -1).reduce((sum, p) => sum + p.waterG, 0) / perMl;
  const openShare = open.waterG / open.ml / perMl;
  return { pouredMl: ml + openMl * openShare, before: { ml, openShare } };
}

/**
 * Taps as the core replays them: what is null as it travels is left out, and so is whose they are.
 * @example tapsOf([{ id: 'a', kind: 'done', stageId: 's', atMs: 0, minutes: null }])[0].kind // 'done'
 */
export const tapsOf = (rows: readonly TapRecord[] = []): Tap[] =>
  rows.map(
    (tap) =>
      Object.fromEntries(
        Object.entries(tap).filter(([field, v]) => v != null && field !== 'cookId'),
      ) as unknown as Tap,
  );
