import { Injectable } from '@nestjs/common';
import {
  answer,
  cautionsFor,
  completePlan,
  courseFor,
  Gathering,
  problemText,
  type AnswerReply,
  type Course,
  type PlanInput,
  type PlanProblem,
} from '@hammock/core';
import { ProblemException } from '../common/problems.js';
import type { AskDto, CourseAskDto } from './ask.dto.js';
import type { PlanDto } from './plan.dto.js';

/** Kitchens between two breaths of the server: a tenth of a second would keep every other request waiting. */
const PIECE = 20;
const USUAL = { draws: 200, seed: 1 } as const;

/** Asks the core, and turns its reasons into a problem when it refuses. */
@Injectable()
export class AnswerService {
  /** The answer to a plan with the cautions that apply to it. */
  answer(plan: PlanDto, at = ''): AnswerReply {
    // The DTO has been checked field by field; fields left out are undefined, which the core reads as left out.
    const input = plan as PlanInput;
    const result = answer(input);
    if (!result.ok) throw refused(result.error, at);
    const cautions = cautionsFor({
      grainId: input.grainId,
      ingredientIds: (input.ingredients ?? []).map((i) => i.ingredientId),
      washed: (input.wash ?? 'unwashed') !== 'unwashed' || (input.soakMin ?? 0) > 0,
      stages: result.value.stages,
      ...(input.own === undefined ? {} : { own: input.own }),
      ...(input.crust === undefined ? {} : { crust: input.crust }),
    });
    return { ...result.value, cautions };
  }

  /** The answer, with its odds where they are asked for. */
  async ask({ odds, ...plan }: AskDto): Promise<AnswerReply> {
    const reply = this.answer(plan);
    if (!odds) return reply;
    const made = completePlan(plan as PlanInput);
    if (!made.ok) throw refused(made.error);
    const gathering = new Gathering(made.value, {
      draws: Math.round(odds.draws ?? USUAL.draws),
      seed: Math.round(odds.seed ?? USUAL.seed),
    });
    for (const [from, count] of gathering.pieces(PIECE)) {
      gathering.sample(from, count);
      await new Promise(setImmediate);
    }
    return { ...reply, odds: gathering.odds() };
  }

  /** The pot over time. */
  course({ pourMl, ...plan }: CourseAskDto): Course {
    const result = courseFor(plan as PlanInput, pourMl);
    if (!result.ok) throw refused(result.error);
    return result.value;
  }
}

function refused(problems: readonly PlanProblem[], at = ''): ProblemException {
  const errors = problems.map((p) => ({ field: `${at}${p.field}`, code: p.code, message: problemText(p) }));
  return new ProblemException(422, 'plan', 'The plan cannot be answered', errors);
}
