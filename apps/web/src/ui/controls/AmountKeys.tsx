import { FRACTIONS, UNIT_KEYS, withFraction, withUnit } from './amountTyping.js';
import * as w from '../../words/ui/controls.js';

export interface AmountKeysProps {
  readonly text: string;
  readonly onText: (text: string) => void;
  /** Whether the device's keyboard shows letters, and what changes it. */
  readonly letters: boolean;
  readonly onLetters: () => void;
}

/** What a keyboard of digits lacks: fractions, units, and the way to the letters. Not in the way of the Tab key. */
export function AmountKeys({ text, onText, letters, onLetters }: AmountKeysProps) {
  return (
    <span
      role="group"
      aria-label={w.keysForTheAmount}
      className="absolute top-full left-(--shift) z-30 grid w-[min(21rem,calc(100vw-1rem))] grid-cols-5 gap-1 rounded-b-2xl border-2 border-ink bg-raised p-1 text-[1.0625rem] leading-none"
      // The field keeps the keys: its keyboard stays open.
      onPointerDown={(e) => e.preventDefault()}
      onMouseDown={(e) => e.preventDefault()}
    >
      {FRACTIONS.map((sign) => (
        <Key key={sign} words={sign} onTap={() => onText(withFraction(text, sign))} />
      ))}
      {UNIT_KEYS.map((unit) => (
        <Key key={unit} words={unit} onTap={() => onText(withUnit(text, unit))} />
      ))}
      <Key words={letters ? '123' : 'abc'} onTap={onLetters} />
    </span>
  );
}

function Key({ words, onTap }: { readonly words: string; readonly onTap: () => void }) {
  return (
    <button
      type="button"
      tabIndex={-1}
      className="min-h-11 min-w-11 rounded-md border border-line px-1 font-semibold"
      onClick={onTap}
    >
      {words}
    </button>
  );
}
