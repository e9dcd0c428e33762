import { Injectable } from '@nestjs/common';
import {
  answer,
  cautionsOf,
  plannedMin,
  type Course,
  type PlanInput,
  type PlanProblem,
  type Stage,
} from '@hammock/core';
import { problemText } from '@hammock/core/words';
import type { AnswerReply } from '@hammock/core/records';
import { plain } from '../common/plain.js';
import { ProblemException } from '../common/problems.js';
import { ComputePool } from '../compute/pool.js';
import type { Ask, CourseAsk } from './ask.dto.js';
import type { PlanDto } from './plan.dto.js';

/** Samples that are drawn when the request names no number. */
const USUAL = { draws: 200, seed: 1 } as const;
/** Kitchens times minutes of the pot: one and a half seconds of one thread, whatever the plan (docs/reliability.md). */
const MOST_POT_MINUTES = 108_000;
/** What a kitchen costs before its first minute, in minutes of the pot. */
const KITCHEN_MIN = 19;

/** Asks the core, and turns its reasons into a problem when it refuses. */
@Injectable()
export class AnswerService {
  constructor(private readonly pool: ComputePool) {}

  /** The answer to a plan with the cautions that apply to it. */
  answer(plan: PlanDto, at = ''): AnswerReply {
    // The DTO has been checked field by field; fields left out are undefined, which the core reads as left out.
    const input: PlanInput = plan;
    const result = answer(input);
    if (!result.ok) throw refused(result.error, at);
    const cautions = cautionsOf(input, result.value.stages);
    return { ...result.value, cautions };
  }

  /** The answer, with its odds where they are asked for. `leaves` is aborted when nobody waits any more. */
  async ask({ odds, ...plan }: Ask, leaves?: AbortSignal): Promise<AnswerReply> {
    const reply = this.answer(plan);
    if (!odds) return reply;
    const input = plain(plan) as PlanInput;
    const draws = drawsWithin(odds.draws, reply.stages);
    const seed = Math.round(odds.seed ?? USUAL.seed);
    const made = await this.pool.run({ kind: 'odds', input, draws, seed }, leaves);
    if (!made.ok) throw refused(made.error);
    return { ...reply, odds: made.value };
  }

  /** The pot over time. */
  async course({ pourMl, ...plan }: CourseAsk, leaves?: AbortSignal): Promise<Course> {
    const result = await this.pool.run({ kind: 'course', input: plain(plan) as PlanInput, pourMl }, leaves);
    if (!result.ok) throw refused(result.error);
    return result.value;
  }
}

/** How many kitchens to simulate, given how long one pot takes. */
function drawsWithin(asked: number | undefined, stages: readonly Stage[]): number {
  const minutes = Math.max(1, Math.ceil(stages.reduce((sum, stage) => sum + plannedMin(stage), 0)));
  const most = Math.max(1, Math.floor(MOST_POT_MINUTES / (minutes + KITCHEN_MIN)));
  if (asked === undefined) return Math.min(USUAL.draws, most);
  const draws = Math.round(asked);
  if (draws <= most) return draws;
  const message = `At most ${most.toString()} kitchens of a pot of ${minutes.toString()} min.`;
  throw new ProblemException(422, 'plan', 'The plan cannot be answered', [
    { field: 'odds.draws', code: 'tooMuch', message },
  ]);
}

function refused(problems: readonly PlanProblem[], at = ''): ProblemException {
  const errors = problems.map((p) => ({ field: `${at}${p.field}`, code: p.code, message: problemText(p) }));
  return new ProblemException(422, 'plan', 'The plan cannot be answered', errors);
}
