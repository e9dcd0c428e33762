/** What the bench leaves on a page to read it back. */
interface Window {
  /** Longest task since it was set to 0, ms. */
  longest: number;
  /** Milliseconds of each of the last frames. */
  frames60: number[];
  /** From the first script to the number, ms. */
  numberMs: number;
  /** Tasks over 50 ms, ms each. */
  tasks: number[];
}
