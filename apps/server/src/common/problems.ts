import { HttpException } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';

/** One thing wrong, at its field. */
export class FieldProblem {
  @ApiProperty({ description: 'Path of the field in the request body', example: 'ingredients[0].state' })
  field: string;

  @ApiProperty({ description: 'Reason code', example: 'noSuchState' })
  code: string;

  @ApiProperty({ description: 'The reason in one sentence', example: 'This is needed.' })
  message: string;
}

/** An error reply as RFC 9457 describes it. */
export class Problem {
  @ApiProperty({ example: 'urn:hammock:problem:plan' })
  type: string;

  @ApiProperty({ example: 'The plan cannot be answered' })
  title: string;

  @ApiProperty({ example: 422 })
  status: number;

  @ApiProperty({ example: 'vessel.diameterCm: This is needed.' })
  detail: string;

  @ApiProperty({ type: () => FieldProblem, isArray: true, required: false })
  errors?: FieldProblem[];

  @ApiProperty({ required: false, description: 'Of a clash: what is there now', type: Object })
  current?: unknown;

  @ApiProperty({ required: false, description: 'Of a clash: what was sent', type: Object })
  sent?: unknown;
}

/** Expected failure on its way to the filter: a status, a kind, and what is wrong where. */
export class ProblemException extends HttpException {
  constructor(
    status: number,
    readonly kind: string,
    readonly heading: string,
    readonly errors: readonly FieldProblem[] = [],
  ) {
    super(heading, status);
  }
}

/** Nothing is stored under this id. */
export const notFound = (what: string): ProblemException =>
  new ProblemException(404, 'notFound', `No such ${what}`, []);
