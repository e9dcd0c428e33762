import {
  answer,
  coveredStage,
  courseFor,
  completePlan,
  cookPot,
  frameOf,
  pouredWaterG,
  oddsFrom,
  sampleRows,
} from '../index.js';
import type { PlanInput } from '../index.js';

/** Kitchens drawn for each plan: the first cooks all five pots, so one passes through every line. */
const DRAWS = 1;

/** What is kept of a plan that was answered, cooked and drawn: numbers under names, or the codes of its problems. */
export interface Digest {
  readonly problems?: readonly string[];
  readonly answer?: readonly number[];
  readonly course?: readonly number[];
  readonly stages?: string;
  readonly rested?: readonly number[];
  readonly served?: readonly number[];
  readonly drawn?: readonly number[];
}

/** A plan's numbers, for comparing the same plan before and after the code was moved about. */
export function digestOf(input: PlanInput): Digest {
  const complete = completePlan(input);
  if (!complete.ok) return { problems: complete.error.map((p) => `${p.field} ${p.code}`) };
  const plan = complete.value;
  const answered = answer(input);
  const waterG = pouredWaterG(plan);
  const cooked = cookPot(plan, waterG);
  const course = courseFor(input);
  const frame = frameOf(plan);
  const rows = sampleRows(frame, 1, 0, DRAWS);
  const odds = oddsFrom({ frame, rows }, 1);
  return {
    ...(answered.ok ? {} : { problems: answered.error.map((p) => `${p.field} ${p.code}`) }),
    ...(answered.ok
      ? {
          answer: [
            ...answered.value.pours.flatMap((p) => [p.g, p.ml]),
            answered.value.keepBy.ml,
            ...answered.value.account.terms.map((t) => t.g),
            ...answered.value.account.steam.flatMap((s) => [s.g, s.minutes]),
            answered.value.salt.addG,
            answered.value.levels.needsMl,
            answered.value.comesOut.moisture,
            answered.value.doubled.pourMl,
            ...answered.value.rules.map((r) => r.ml),
          ],
        }
      : {}),
    ...(course.ok
      ? {
          course: [
            course.value.minutes,
            ...course.value.before.flatMap((b) => [b.fromMin, b.tempC]),
            ...course.value.troubles.map((t) => t.atMin),
          ],
        }
      : {}),
    stages: cooked.stages.map((s) => `${s.act} ${s.ended}`).join(', '),
    rested: [...cooked.rested, ...cooked.stages.flatMap((s) => [s.toMin, s.steamG])],
    served: [...cooked.served],
    drawn: [...rows, odds.best.waterG, odds.best.keepByMl, coveredStage(plan) ? frame.spanMin : 0],
  };
}
