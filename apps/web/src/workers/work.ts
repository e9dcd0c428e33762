import {
  beliefOf,
  completePlan,
  courseFor,
  frameOf,
  missingAct,
  oddsFrom,
  pouredOtherwise,
  sampleRows,
  type Frame,
  type PlanInput,
} from '@hammock/core';
import { learnMore, NOTHING_LEARNT, evidenceFromPot } from '@hammock/core/learning';
import type { Done, Job } from './jobs.js';

let framed: { readonly key: string; readonly frame: Frame | undefined } | undefined;

/** The frame of a plan, kept while pieces of the same plan are asked for. */
function frame(input: PlanInput): Frame | undefined {
  const key = JSON.stringify(input);
  if (framed?.key !== key) {
    const plan = completePlan(input);
    framed = { key, frame: plan.ok ? frameOf(plan.value) : undefined };
  }
  return framed.frame;
}

/** Does one job; what a worker's messages call, and a test without workers too. */
export function work(job: Job): Done[keyof Done] {
  if (job.kind === 'course') {
    const course = courseFor(job.input, job.pourMl);
    return course.ok ? course.value : undefined;
  }
  if (job.kind === 'poured') return pouredOtherwise(job.input, job.pouredMl, job.keepByMl);
  if (job.kind === 'says') return evidenceFromPot(job.pot)?.evidence;
  if (job.kind === 'learn') return learnMore(job.heard ?? NOTHING_LEARNT, job.here);
  if (job.kind === 'belief') return beliefOf(job.pot);
  const at = frame(job.input);
  if (!at) return undefined;
  if (job.kind === 'rows') return sampleRows(at, job.seed, job.from, job.count);
  const samples = { frame: at, rows: job.rows };
  return job.kind === 'odds' ? oddsFrom(samples, job.seed) : missingAct(samples, job.seed);
}
