/** One thing that can be picked from a list. */
export interface Option<T extends string> {
  readonly value: T;
  readonly label: string;
  readonly hint?: string;
  /** Other names it is found by, with commas between them. */
  readonly also?: string;
  /** What most pots have: it stands before the rest. */
  readonly usual?: boolean;
}

export interface PickProps<T extends string> {
  readonly label: string;
  readonly value: T | undefined;
  readonly options: readonly Option<T>[];
  readonly onChange: (value: T) => void;
  readonly placeholder?: string;
  readonly className?: string;
  /** Id of the sentence that says what is wrong, where this choice is what is wrong with the plan. */
  readonly wrongId?: string | undefined;
  readonly make?: Making<T>;
}

/** What a list makes of what is typed, besides what it has. */
type Making<T extends string> = (typed: string) => Option<T> | undefined;

/** What a list that is wrong tells the eye and the ear. */
export const markWrong = (wrongId: string | undefined) =>
  wrongId === undefined
    ? { 'data-wrong': false }
    : { 'data-wrong': true, 'aria-invalid': true, 'aria-describedby': wrongId };

/** The mark of a word that opens a list. */
export const Chevron = () => (
  <svg viewBox="0 0 12 8" className="h-2 w-3 shrink-0" aria-hidden>
    <path d="M1 1q5 9 10 0" fill="none" stroke="currentColor" strokeWidth="2.2" strokeLinecap="round" />
  </svg>
);

/** Options from a table of words. */
export const optionsOf = <T extends string>(words: Readonly<Record<T, string>>): Option<T>[] =>
  (Object.entries(words) as [T, string][]).map(([value, label]) => ({ value, label }));
