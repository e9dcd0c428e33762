import { addedBy, type ObservationProblem } from '@hammock/core/records';
import type { EntityManager } from 'typeorm';
import { ProblemException } from '../common/problems.js';
import type { Cook } from './cook.entity.js';
import { TapRow } from './tap.entity.js';

/** A stage of its plan, something made beside it, or a stage that a tap put into its line. */
export async function hasStage(
  manager: EntityManager,
  { id, answer, input }: Cook,
  stageId: string,
): Promise<boolean> {
  if (answer.stages.some((s) => s.id === stageId)) return true;
  if (input.beside?.some((b) => b.id === stageId)) return true;
  const tapId = addedBy(stageId);
  return tapId !== undefined && manager.existsBy(TapRow, { id: tapId, cookId: id });
}

/** What is wrong with a tap, in a sentence. */
export const SAYING_WRONG: Readonly<Record<ObservationProblem['code'], string>> = {
  missing: 'This kind of tap needs it.',
  notAChoice: 'This kind of tap does not have that word.',
  outOfRange: 'That is out of the range of this kind of tap.',
  tooLong: 'That is too long.',
};

/** A tap that cannot be of this cook, at its field. */
export const noFit = (field: string, code: string, message: string): ProblemException =>
  new ProblemException(422, 'cook', 'That tap does not fit this cook', [{ field, code, message }]);
