import type { AmountErrorCode } from '../../basics/measures/amountError.js';
import type { OwnProblem } from '../../basics/larder/own.js';
import type { OrderCode } from '../../basics/method/order.js';

export type PlanProblemCode =
  | 'missing'
  | 'unknownId'
  | 'notAChoice'
  | 'notANumber'
  | 'outOfRange'
  | 'oneWay'
  | 'noNaturalUnit'
  | 'noSuchState'
  | 'notALiquid'
  | 'tooMany'
  | 'stagesTooLong'
  | 'neverBoils'
  | 'tooSmall'
  | 'overHalf'
  | 'noBase'
  | 'baseHeavier'
  | 'baseLighter'
  | 'ladleAll'
  | `amount.${AmountErrorCode}`
  | `own.${OwnProblem['code']}`
  | `order.${OrderCode}`;

/** Why a plan cannot be answered: the field by its path, a code, and the values that explain it. */
export interface PlanProblem {
  readonly field: string;
  readonly code: PlanProblemCode;
  readonly values: Readonly<Record<string, string | number>>;
}
