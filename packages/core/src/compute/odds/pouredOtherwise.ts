import { completePlan } from '../../plan/input/completePlan.js';
import type { CompletePlan, PlanInput } from '../../plan/input/planInput.js';
import { solvePour } from '../account/solvePour.js';
import { isUnderLid, isWet, type Stage } from '../../basics/method/stage.js';
import { cookPot } from '../pot/cook.js';
import { pouredWaterG } from '../course/courseFor.js';
import { judge } from '../course/judge.js';
import { deepFreeze } from '../../basics/result.js';
import { looksFor, type Look } from './looks.js';

/** The first thing to do about a pour that was another than the advised one. */
export type PourMend =
  | { readonly kind: 'none' }
  /** Hot liquid to pour besides, ml. */
  | { readonly kind: 'pourMore'; readonly ml: number }
  /** Minutes to boil it open, before it is covered; or at the end where it cannot be opened before. */
  | { readonly kind: 'boilOpen' | 'steamOff'; readonly minutes: number }
  /** More than any boiling-off mends without catching. */
  | { readonly kind: 'tooWet' };

/** What comes of what was really poured. */
export interface PouredOtherwise {
  /** How much more (or less) than advised, ml. */
  readonly byMl: number;
  /** Place on the five-step scale as it was poured, and with the mend. */
  readonly texture: number;
  readonly mended: number;
  /** True where liquid is left over in the pot when it is served, if it is left alone. */
  readonly wet: boolean;
  readonly mend: PourMend;
  /** When to look into this pot, and what is to be seen there. */
  readonly looks: readonly Look[];
}

/** Half a step of the scale is as wanted; a mend aims for its inner half. */
const AS_WANTED = 0.5;
const MENDED = 0.25;
/** Longest boiling-off that is worth it, min: beyond it a pot breaks or catches. */
const LONGEST_MIN = 25;
/** A jug is read to this, ml. */
const JUG_ML = 5;

/**
 * What a pot becomes that was poured otherwise than advised, the first thing to do about it, and when to look; every mend is
 * cooked before it is said.
 * @param pouredMl liquid poured, ml of what the plan pours
 * @param keepByMl hot liquid that stands by, ml
 * @returns undefined where the plan cannot be cooked
 * @example pouredOtherwise(input, 100, 100)?.mend.kind // 'pourMore'
 */
export function pouredOtherwise(
  input: PlanInput,
  pouredMl: number,
  keepByMl: number,
): PouredOtherwise | undefined {
  const made = completePlan(input);
  if (!made.ok) return undefined;
  const plan = made.value;
  const perMl = (plan.pourWith.water / 100) * plan.pourWith.densityGPerMl;
  const [poured, advised] = [pouredMl * perMl, pouredWaterG(plan)];
  // What was advised may be a rule the cook holds to; what mends a pot is what the account would have poured.
  const solvedG = Math.max(0, solvePour(plan).pourWaterG);
  const { texture, wet } = comesOut(plan, poured);
  const mend = mendOf(plan, { poured, solvedG, texture, wet, perMl });
  return deepFreeze({
    byMl: (poured - advised) / perMl,
    texture,
    wet,
    mended: mended(plan, poured, mend, perMl),
    mend,
    looks: looksFor(plan, poured, keepByMl),
  });
}

function comesOut(plan: CompletePlan, waterG: number): { readonly texture: number; readonly wet: boolean } {
  const { texture, flags } = judge(cookPot(plan, waterG));
  return { texture, wet: flags.wetPot };
}

interface Poured {
  readonly poured: number;
  readonly solvedG: number;
  readonly texture: number;
  readonly wet: boolean;
  readonly perMl: number;
}

function mendOf(plan: CompletePlan, { poured, solvedG, texture, wet, perMl }: Poured): PourMend {
  const off = texture - plan.texture;
  if (Math.abs(off) <= AS_WANTED && !wet) return { kind: 'none' };
  if (off < -AS_WANTED && !wet) {
    const ml = JUG_ML * Math.round((solvedG - poured) / perMl / JUG_ML);
    return ml > 0 ? { kind: 'pourMore', ml } : { kind: 'none' };
  }
  const kind = coverIndex(plan.stages) < 0 ? 'steamOff' : 'boilOpen';
  for (let minutes = 1; minutes <= LONGEST_MIN; minutes += 1) {
    const then = comesOut(opened(plan, kind, minutes), poured);
    if (then.texture - plan.texture <= MENDED && !then.wet) return { kind, minutes };
  }
  return { kind: 'tooWet' };
}

function mended(plan: CompletePlan, poured: number, mend: PourMend, perMl: number): number {
  if (mend.kind === 'pourMore') return comesOut(plan, poured + mend.ml * perMl).texture;
  return mend.kind === 'boilOpen' || mend.kind === 'steamOff'
    ? comesOut(opened(plan, mend.kind, mend.minutes), poured).texture
    : comesOut(plan, poured).texture;
}

/** The first stage that covers a pot which was open with its liquid in; −1 where it is shut from the pour on. */
function coverIndex(stages: readonly Stage[]): number {
  const pour = stages.findIndex((s) => isWet(s.act) && s.lid === 'off');
  const cover = stages.findIndex((s) => isUnderLid(s.act) && s.lid !== 'off');
  return pour >= 0 && cover > pour && !stages.some((s) => s.lid === 'pressure') ? cover : -1;
}

/** The plan with some minutes open: lively before it is covered, gentle at its end. */
function opened(plan: CompletePlan, kind: 'boilOpen' | 'steamOff', minutes: number): CompletePlan {
  const end = { kind: 'minutes', minutes } as const;
  const cover = coverIndex(plan.stages);
  if (kind === 'boilOpen') {
    const open: Stage = { id: 'openBoil+', act: 'openBoil', heat: 'mediumHigh', lid: 'off', end };
    return { ...plan, stages: [...plan.stages.slice(0, cover), open, ...plan.stages.slice(cover)] };
  }
  const open: Stage = { id: 'openBoil+', act: 'openBoil', heat: 'low', lid: 'off', end };
  return { ...plan, stages: [...plan.stages, open] };
}
