import { type Type, ValidationPipe, type ValidationError } from '@nestjs/common';
import { type FieldProblem, ProblemException } from './problems.js';

/** Every body is checked against its DTO class; a property nobody asked for is refused, at its field. */
export const validation = (expectedType?: Type): ValidationPipe =>
  new ValidationPipe({
    ...(expectedType ? { expectedType } : {}),
    whitelist: true,
    forbidNonWhitelisted: true,
    forbidUnknownValues: true,
    transform: true,
    stopAtFirstError: true,
    exceptionFactory: (errors) =>
      new ProblemException(
        400,
        'validation',
        'Some fields cannot be read',
        errors.flatMap((e) => fieldProblems(e, '')),
      ),
  });

/** Flattens the tree of class-validator into paths such as `ingredients[0].amount.g`. */
function fieldProblems(error: ValidationError, parent: string): FieldProblem[] {
  const index = /^\d+$/u.test(error.property);
  const path = index
    ? `${parent}[${error.property}]`
    : parent === ''
      ? error.property
      : `${parent}.${error.property}`;
  const here = Object.entries(error.constraints ?? {}).map(([code, message]) => ({
    field: path,
    code: code === 'whitelistValidation' ? 'unknownProperty' : code,
    message: code === 'whitelistValidation' ? 'There is no such field.' : message,
  }));
  return [...here, ...(error.children ?? []).flatMap((child) => fieldProblems(child, path))];
}
