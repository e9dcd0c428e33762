import { markedWords, type MarkedWord, type SaidLine, type ToldAct } from '@hammock/core';
import * as w from '../../../words/screens/pourGoesIn.js';

export interface MarkedTextProps {
  readonly act: ToldAct;
  readonly lines: readonly SaidLine[];
  /** A word that nothing was made of is pressed: the cook says what it is. Without it the words are only shown. */
  readonly onWord: ((word: string) => void) | undefined;
}

/** The words of an act: underlined where they were understood, plain and to be pressed where nothing was made of them. */
export function MarkedText({ act, lines, onWord }: MarkedTextProps) {
  const runs = runsOf(act.text, markedWords(act, lines));
  return (
    <span>
      {runs.map(({ from, text, isHeard }) =>
        isHeard === undefined ? (
          text
        ) : isHeard ? (
          <span key={from} className="box-decoration-clone bg-raised px-0.5">
            {text}
          </span>
        ) : onWord === undefined ? (
          text
        ) : (
          // A hand reaches each word; a keyboard reaches them all under Change, without a stop at every one.
          <button
            key={from}
            type="button"
            tabIndex={-1}
            className="cursor-pointer border-0 bg-transparent p-0 font-[inherit] text-inherit"
            title={w.whatIs(text)}
            onClick={() => onWord(text)}
          >
            {text}
          </button>
        ),
      )}
    </span>
  );
}

interface Run {
  readonly from: number;
  readonly text: string;
  /** Undefined between words. */
  readonly isHeard: boolean | undefined;
}

/** The text in runs: understood words with what stands between them in one, each other word by itself. */
function runsOf(text: string, words: readonly MarkedWord[]): readonly Run[] {
  const runs: Run[] = [];
  let at = 0;
  for (const { from, to, isHeard } of words) {
    const last = runs.at(-1);
    if (last?.isHeard === true && isHeard)
      runs[runs.length - 1] = { ...last, text: text.slice(last.from, to) };
    else {
      if (from > at) runs.push({ from: at, text: text.slice(at, from), isHeard: undefined });
      runs.push({ from, text: text.slice(from, to), isHeard });
    }
    at = to;
  }
  return at < text.length ? [...runs, { from: at, text: text.slice(at), isHeard: undefined }] : runs;
}

/** Words of an act that nothing was made of, each once. */
export const unheardOf = (act: ToldAct, lines: readonly SaidLine[]): readonly string[] => [
  ...new Set(markedWords(act, lines).flatMap((word) => (word.isHeard ? [] : [word.text]))),
];
