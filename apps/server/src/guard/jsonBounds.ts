import { ProblemException } from '../common/problems.js';

/** Deeper than any body here, by far. */
const MOST_DEEP = 16;
/** The largest plan there can be (60 ingredients, 60 of its own, 40 stages) has some two thousand. */
const MOST_VALUES = 4000;

/**
 * Why a parsed body is nested or long beyond anything meant; undefined when it is not. Looks at it without recursion, before anything
 * else walks through it.
 */
export function boundsProblem(body: unknown): ProblemException | undefined {
  const left: { readonly value: unknown; readonly deep: number }[] = [{ value: body, deep: 0 }];
  let values = 0;
  for (let at = left.pop(); at; at = left.pop()) {
    values += 1;
    if (values > MOST_VALUES)
      return outOf('tooMany', `At most ${MOST_VALUES.toString()} values in one request.`);
    if (typeof at.value !== 'object' || at.value === null) continue;
    if (at.deep >= MOST_DEEP) return outOf('tooDeep', `Nested more than ${MOST_DEEP.toString()} deep.`);
    for (const value of Object.values(at.value)) left.push({ value, deep: at.deep + 1 });
  }
  return undefined;
}

const outOf = (code: string, message: string): ProblemException =>
  new ProblemException(400, 'bounds', 'The request is not a plan of any kitchen', [
    { field: 'body', code, message },
  ]);
