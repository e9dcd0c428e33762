import { heatsItself, type HeatSetting } from '../../basics/heat/equipment.js';
import { isUnderLid, lastOf, plannedMin } from '../../basics/method/stage.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { withChange, type Change } from '../course/changes.js';
import { deepFreeze } from '../../basics/result.js';
import { oddsFrom, oddsOf } from './odds.js';
import { countOf, type Samples } from './chances.js';

/** One act that this plan lacks, and what it would gain. */
export interface MissingAct {
  readonly change: Change;
  /** Share of pots as wanted now and with it, each with the pour that is best then. */
  readonly now: number;
  readonly then: number;
}

/** An act is only said first when at least this share more of all pots comes out right. */
const WORTH_SAYING = 0.08;
/** A plan with this share of right pots lacks nothing. */
const GOOD_ENOUGH = 0.85;
/** Kitchens an act is tried in: enough for a gain of a twelfth. */
const MOST_DRAWS = 200;
/** The rest that cooks give a pot that had none, min (common practice). */
const REST_MIN = 5;

const COOLER: Readonly<Partial<Record<HeatSetting, HeatSetting>>> = {
  high: 'mediumHigh',
  mediumHigh: 'medium',
  medium: 'low',
  low: 'veryLow',
};

/** Minutes that are tried under the lid besides (common practice: five more, or ten where it is whole grain or high up). */
const LONGER_MIN = [5, 10] as const;

/** A rest, a lid, a cloth, more minutes, the ring turned down, the pot not turned: what this plan does not do yet. */
function candidates({ stages, vessel }: CompletePlan): readonly Change[] {
  const made: Change[] = [];
  const last = lastOf(stages);
  // Falling pressure is a rest already.
  const rests = last?.act === 'release' ? REST_MIN : last?.act === 'rest' ? plannedMin(last) : 0;
  if (rests < REST_MIN) made.push({ code: 'rest', minutes: REST_MIN });
  const covered = stages.filter((s) => isUnderLid(s.act) && s.lid !== 'pressure').at(-1);
  if (covered?.lid === 'off') made.push({ code: 'lidOn', stageId: covered.id });
  if (covered?.lid === 'on') made.push({ code: 'cloth', stageId: covered.id });
  if (covered?.end.kind === 'minutes')
    for (const minutes of LONGER_MIN) made.push({ code: 'longer', stageId: covered.id, minutes });
  const cooler = covered && !heatsItself(vessel.kind) ? COOLER[covered.heat] : undefined;
  if (covered && cooler) made.push({ code: 'heat', stageId: covered.id, heat: cooler });
  for (const s of stages) if (s.act === 'turn') made.push({ code: 'noTurn', stageId: s.id });
  return made;
}

/**
 * The one act that would mend most pots of a plan (a rest, a lid, a cloth under it, more minutes, a lower ring, no turning), each tried
 * in the same kitchens with its own best pour; undefined where none gains 8 in a hundred, or 85 come out right already.
 * @param samples of the plan as it is
 * @param seed what those were drawn with
 * @example missingAct({ frame, rows: sampleRows(frame, 1, 0, 40) }, 1) // undefined
 */
export function missingAct(samples: Samples, seed: number): MissingAct | undefined {
  const { plan, waterG } = samples.frame;
  const draws = Math.min(MOST_DRAWS, countOf(samples));
  const now = oddsFrom(samples, seed).best.chances.asWanted;
  if (now >= GOOD_ENOUGH) return undefined;
  const tried = candidates(plan).map((change) => {
    const other = withChange(plan, waterG, change).plan;
    return { change, now, then: oddsOf(other, { draws, seed }).best.chances.asWanted };
  });
  const best = tried.reduce<MissingAct | undefined>((a, b) => (a && a.then >= b.then ? a : b), undefined);
  return best && best.then - now >= WORTH_SAYING ? deepFreeze(best) : undefined;
}
