export type AmountErrorCode =
  | 'empty'
  | 'notANumber'
  | 'dividedByZero'
  | 'missingUnit'
  | 'unknownUnit'
  | 'mixedKinds'
  | 'notPositive'
  | 'tooLarge';

/** What was not understood, and where: `at` and `length` mark the characters in the typed text. */
export interface AmountError {
  readonly code: AmountErrorCode;
  readonly at: number;
  readonly length: number;
  readonly found: string;
}
