/** An amount, given in exactly one way. */
export interface AmountInput {
  /** Mass, g. */
  readonly g?: number;
  /** Volume, ml, measured the way this ingredient is measured (levelled cup for a grain). */
  readonly ml?: number;
  /** Cups of the plan's `cupMl`. */
  readonly cups?: number;
  /** Natural units of the larder row: 2 onions, 1 can. */
  readonly count?: number;
  /** As people type it: "1 3/4 cups". */
  readonly text?: string;
}
