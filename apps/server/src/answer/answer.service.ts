import { Injectable } from '@nestjs/common';
import { answer, cautionsFor, problemText, type AnswerReply, type PlanInput } from '@hammock/core';
import { ProblemException } from '../common/problems.js';
import type { PlanDto } from './plan.dto.js';

/** Asks the core, and turns its reasons into a problem when it refuses. */
@Injectable()
export class AnswerService {
  /** The answer to a plan with the cautions that apply to it. */
  answer(plan: PlanDto, at = ''): AnswerReply {
    // The DTO has been checked field by field; fields left out are undefined, which the core reads as left out.
    const input = plan as PlanInput;
    const result = answer(input);
    if (!result.ok) {
      const errors = result.error.map((p) => ({
        field: `${at}${p.field}`,
        code: p.code,
        message: problemText(p),
      }));
      throw new ProblemException(422, 'plan', 'The plan cannot be answered', errors);
    }
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
}
